import { NEW_SHOP } from '@/core/records/shop';
import { feelerFromForm, instrumentFromForm, instrumentToForm, leavesText } from './instrumentForm';
import { zeroFields, zeroFrom } from '../measure/zeroFields';

const MIC = NEW_SHOP.instruments[1]!;
const SET = NEW_SHOP.feelers[0]!;

describe('an instrument as a form', () => {
  const read = (change: object, unit: 'mm' | 'thou' = 'mm') =>
    instrumentFromForm({ ...instrumentToForm(MIC, unit), ...change }, MIC, unit);

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
    const read = feelerFromForm({ name: 'B', leaves: '3 2 2-1/2 3' }, SET, 'thou');
    expect(read).toMatchObject({ ok: true, record: { leaves_mm: [0.0508, 0.0635, 0.0762] } });
    const same = feelerFromForm({ name: SET.name, leaves: leavesText(SET, 'thou') }, SET, 'thou');
    expect(same).toEqual({ ok: true, record: SET });
  });
  it.each([
    ['leaves', { leaves: 'thin' }],
    ['leaves', { leaves: '0' }],
    ['leaves', { leaves: '' }],
    ['name', { name: '' }],
  ])('is refused at %s: %j', (field, change) => {
    const read = feelerFromForm({ name: 'B', leaves: '0.05', ...change }, SET, 'mm');
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
