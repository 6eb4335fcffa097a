import { NEW_SHOP } from '@/core/records/shop';
import { FEELER, INSTRUMENT } from './instrumentForm';
import { zeroFields, zeroFrom } from '../measure/zeroFields';

const MIC = NEW_SHOP.instruments[1]!;
const SET = NEW_SHOP.feelers[0]!;

describe('an instrument as a form', () => {
  const read = (change: object, unit: 'mm' | 'thou' = 'mm') =>
    INSTRUMENT.fromForm({ ...INSTRUMENT.toForm(MIC, unit), ...change }, MIC, unit);

  it.each(['mm', 'thou'] as const)('is the same where nothing was touched, in %s', (unit) => {
    expect(read({}, unit)).toEqual({ ok: true, record: MIC });
  });
  it('takes shorthand', () => {
    expect(read({ u: '1 tenth', to: '6 in' }, 'thou')).toMatchObject({
      ok: true,
      record: { u_mm: 0.00254, to_mm: 152.4 },
    });
  });
  it.each([
    ['name', { name: ' ' }],
    ['to', { from: '200' }],
    ['u', { u: 'small' }],
    ['own', { own: '0.01' }],
    ['resolution', { resolution: '0' }],
    ['zeroDays', { zeroDays: 'daily' }],
    ['zeroDays', { zeroDays: '400' }],
  ])('is refused at %s', (field, change) => {
    const result = read(change);
    expect(result.ok ? [] : Object.keys(result.errors)).toEqual([field]);
  });
});

describe('a leaf set as a form', () => {
  it('is kept thinnest first, each leaf once', () => {
    const form = { ...FEELER.toForm(SET, 'thou'), name: 'B', leaves: '3 2 2-1/2 3' };
    const read = FEELER.fromForm(form, SET, 'thou');
    expect(read).toMatchObject({ ok: true, record: { leaves_mm: [0.0508, 0.0635, 0.0762] } });
    const same = FEELER.fromForm(FEELER.toForm(SET, 'thou'), SET, 'thou');
    expect(same).toEqual({ ok: true, record: SET });
  });
  it.each([
    ['1.5, 2, 3', 'thou', [0.0381, 0.0508, 0.0762]],
    ['1.5,2,3', 'thou', [0.0381, 0.0508, 0.0762]],
    ['2, 3, 4', 'thou', [0.0508, 0.0762, 0.1016]],
    ['0,05 0,06', 'mm', [0.05, 0.06]],
    ['0,05; 0,06', 'mm', [0.05, 0.06]],
  ] as const)('reads leaves from a list as people write it: %s', (leaves, unit, leaves_mm) => {
    const read = FEELER.fromForm({ ...FEELER.toForm(SET, unit), name: 'B', leaves }, SET, unit);
    expect(read).toMatchObject({ ok: true, record: { leaves_mm } });
  });
  it('keeps what leaves were mic’d at, their tolerance and the drag band', () => {
    const form = { mics: '0.05 = 0.0487\n0.1=0.102', tolerance: '3 um', dragBand: '0.004' };
    const read = FEELER.fromForm({ ...FEELER.toForm(SET, 'mm'), ...form }, SET, 'mm');
    const micd = {
      mics: [
        { leaf_mm: 0.05, mic_mm: 0.0487 },
        { leaf_mm: 0.1, mic_mm: 0.102 },
      ],
      tolerance_mm: 0.003,
      dragBand_mm: 0.004,
    };
    expect(read).toEqual({ ok: true, record: { ...SET, ...micd } });
    const set = { ...SET, ...micd };
    for (const unit of ['mm', 'thou'] as const) {
      expect(FEELER.fromForm(FEELER.toForm(set, unit), set, unit)).toEqual({
        ok: true,
        record: set,
      });
    }
    // A leaf that is taken out of the set takes its thickness with it.
    const fewer = FEELER.fromForm({ ...FEELER.toForm(set, 'mm'), leaves: '0.05 0.2' }, set, 'mm');
    expect(fewer).toMatchObject({ ok: true, record: { mics: [{ leaf_mm: 0.05 }] } });
  });
  it.each([
    ['leaves', { leaves: 'thin' }],
    ['leaves', { leaves: '0' }],
    ['leaves', { leaves: '' }],
    ['name', { name: '' }],
    ['mics', { mics: '0.05' }],
    ['mics', { mics: '0.055 = 0.05' }],
    ['mics', { mics: '0.05 = 0.05\n0.05 = 0.051' }],
    ['tolerance', { tolerance: 'fine' }],
    ['tolerance', { tolerance: '0.2' }],
    ['dragBand', { dragBand: '0' }],
  ])('is refused at %s: %j', (field, change) => {
    const form = { ...FEELER.toForm(SET, 'mm'), name: 'B', ...change };
    const read = FEELER.fromForm(form, SET, 'mm');
    expect(read.ok ? [] : Object.keys(read.errors)).toEqual([field]);
  });
});

describe('a zero check as a form', () => {
  const made = { instrument: 'outside-mic', at: '2026-11-20T09:00:00.000Z', by: 'Ivo K.' };
  it('may show a little below nothing', () => {
    expect(zeroFrom({ standard: '0', read: '−0.002' }, 'mm', made)).toEqual({
      ...made,
      standard_mm: 0,
      read_mm: -0.002,
    });
  });
  it.each([
    [{ standard: '', read: '25' }, /Enter a length/],
    [{ standard: '25', read: 'about' }, /not a number/],
    [{ standard: '25', read: '1 in' }, null],
    [{ standard: '25', read: '50' }, /More than 1 mm off/],
  ])('%j', (fields, message) => {
    const check = () => zeroFields('mm').validateSync(fields);
    if (message) expect(check).toThrow(message);
    else expect(check()).toEqual(fields);
  });
});
