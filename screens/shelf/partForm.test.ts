import { isTaken, labelFor } from '@/core/pairing/labels';
import { pieceKinds } from '@/core/pairing/roles';
import { gearSet } from '@/core/testing/shelf';
import { SHEETS, VELTRANE_T6 } from '@/core/testing/sheets';
import { doubtsOf, partFromForm, partToForm, sizeHint, type PartForm } from './partForm';

const SET = gearSet('GS-1', 20.0041);
const form = (change: Partial<PartForm> = {}, unit: 'mm' | 'thou' = 'mm'): PartForm => ({
  ...partToForm(SET, VELTRANE_T6, unit),
  ...change,
});
const read = (f: PartForm, unit: 'mm' | 'thou' = 'mm') => partFromForm(f, SET, VELTRANE_T6, unit);
const errorsOf = (f: PartForm) => {
  const result = read(f);
  return result.ok ? {} : result.errors;
};

describe('a loose part as a form', () => {
  it.each(['mm', 'thou'] as const)('keeps in %s what nobody touched, to the last digit', (unit) => {
    expect(read(form({}, unit), unit)).toEqual({ ok: true, record: SET });
  });
  it('reads a size in shop shorthand, with a usual doubt where none is given', () => {
    const sizes = { ...form().sizes, 'drive-width': '.7875in', 'driven-diameter': '116' };
    const result = read(form({ sizes }));
    expect(result.ok && result.record.sizes).toEqual([
      { dimension: 'drive-width', value_mm: expect.closeTo(20.0025, 6) as number, u_mm: 0.002 },
      SET.sizes[1],
      { dimension: 'driven-diameter', value_mm: 116, u_mm: 0.005 },
    ]);
  });
  it('lets a size go that is emptied', () => {
    const empty = { ...form().sizes, 'drive-width': '' };
    const result = read(form({ sizes: empty }));
    expect(result.ok && result.record.sizes.map((s) => s.dimension)).toEqual(['driven-width']);
  });
  it('says at its field what cannot be', () => {
    const { sizes, doubts } = form();
    expect(errorsOf(form({ label: ' ' }))).toHaveProperty('label');
    expect(errorsOf(form({ sizes: { ...sizes, 'drive-width': 'wide' } }))).toHaveProperty([
      'sizes.drive-width',
    ]);
    expect(errorsOf(form({ doubts: { ...doubts, 'drive-width': 'some' } }))).toHaveProperty([
      'doubts.drive-width',
    ]);
    expect(errorsOf(form({ doubts: { ...doubts, 'drive-width': '3' } }))).toHaveProperty([
      'doubts.drive-width',
    ]);
    expect(errorsOf(form({ doubts: { ...doubts, 'driven-diameter': '0.01' } }))).toHaveProperty([
      'sizes.driven-diameter',
    ]);
  });
  it('has no variant where none is chosen', () => {
    const result = read(form({ variant: '' }));
    expect(result.ok && result.record.variant).toBeNull();
  });
});

describe('a size that is typed', () => {
  const with_ = (text: string, unit: 'mm' | 'thou') => {
    const sizes = { ...form({}, unit).sizes, 'drive-width': text };
    const result = read(form({ sizes }, unit), unit);
    return result.ok ? doubtsOf(result.record, SET, VELTRANE_T6, unit) : null;
  };
  it('is echoed in both systems, in the unit in which it is read', () => {
    expect(sizeHint('.7875', '0.7876', 'thou')).toBe('0.7875 in = 20.0025 mm');
    expect(sizeHint('20.1', '20.004', 'mm')).toMatch(/= 20\.1 mm$/);
    expect(sizeHint('20.004', '20.004', 'mm')).toBeNull();
    expect(sizeHint('wide', '20.004', 'mm')).toBeNull();
  });
  it('is asked about where it is far off the sheet, and only where it was touched', () => {
    expect(with_('20.05', 'mm')).toEqual({});
    expect(with_('2.005', 'mm')).toEqual({
      'sizes.drive-width': '2.005 mm is far from the sheet’s 20.00 mm. Check the unit.',
    });
    // A thou that is read as inches.
    expect(with_('787.4', 'thou')).toBeNull();
    expect(with_('7.874', 'thou')).toHaveProperty(['sizes.drive-width']);
  });
  it('keeps its uncertainty of less than a tenth of a thou, which is no inch', () => {
    const { sizes, doubts } = form({}, 'thou');
    const changed = form(
      { sizes: { ...sizes, 'drive-width': '.7875' }, doubts: { ...doubts, 'drive-width': '0.05' } },
      'thou',
    );
    const result = read(changed, 'thou');
    expect(result.ok && result.record.sizes[0]?.u_mm).toBeCloseTo(0.00127, 9);
  });
});

describe('a new label', () => {
  it('is the first of its letters that no part has, whatever the case', () => {
    const [set, body] = pieceKinds(VELTRANE_T6) as [PieceKindOf, PieceKindOf];
    expect(labelFor(set, [])).toBe('GS-1');
    const taken = ['gs-1', 'GS-2', 'GS-4'].map((label) => gearSet(label, 20));
    expect(labelFor(set, taken)).toBe('GS-3');
    expect([
      isTaken(' GS-1', taken),
      isTaken('GS-3', taken),
      isTaken('GS-1', taken, 'gs-1'),
    ]).toEqual([...[true, false, false]]);
    expect(labelFor(body, [])).toBe('BO-1');
  });
  it('is of a set for the gears of each section of a stack, and of every part by itself', () => {
    const tandem = SHEETS.find((s) => s.model.includes('tandem'))!;
    const sets = pieceKinds(tandem).filter(({ parts }) => parts.length > 1);
    expect(sets.map(({ parts }) => parts.length)).toEqual([2, 2]);
    expect(new Set(pieceKinds(tandem).map(({ id }) => id)).size).toBe(pieceKinds(tandem).length);
  });
});

type PieceKindOf = ReturnType<typeof pieceKinds>[number];
