import { SHEETS, VELTRANE_T6 } from '../testing/sheets';
import { fieldsOf } from '../records/split';
import { fieldName, fieldWords, type FieldContext } from './fieldWords';
import { shelfPart } from '../testing/shelf';
import { NEW_SHOP } from '../records/shop';
import { emptyJob } from '../practice/job';
import type { RecordKind } from '../records/kind';

const T6: FieldContext = { kind: 'sheet', pump: VELTRANE_T6, unit: 'mm' };
const NOT_SAID = /undefined|null|\[object|NaN|_mm|[{}]/;

describe('a field of a record', () => {
  it('has a name and a value in words, whatever the record', () => {
    const records: readonly (readonly [RecordKind, object])[] = [
      ...SHEETS.map((sheet) => ['sheet', sheet] as const),
      ['job', emptyJob(VELTRANE_T6, '2026-11-23T09:00:00.000Z')],
      ['part', shelfPart('GS-1', ['drive'], { 'drive-width': 20 })],
      ['shop', NEW_SHOP],
    ];
    for (const [kind, record] of records) {
      const context = {
        ...T6,
        kind,
        pump: kind === 'sheet' ? (record as typeof VELTRANE_T6) : VELTRANE_T6,
      };
      for (const [field, value] of fieldsOf(kind, record)) {
        if (field.endsWith('#')) continue;
        const name = fieldName(context, field, value);
        expect([field, name]).toEqual([field, expect.not.stringMatching(NOT_SAID) as string]);
        expect(name[0]).toMatch(/[A-Z]/);
        for (const other of [undefined, { name: 'Another' }]) {
          expect(fieldWords(context, field, value, other)).not.toMatch(NOT_SAID);
        }
      }
    }
  });
  it('says of an item only what another copy has otherwise', () => {
    const step = VELTRANE_T6.strip[0]!;
    const other = { ...step, do: 'Pull the seal' };
    expect(fieldWords(T6, `strip/${step.id}`, other, step)).toBe('do: “Pull the seal”');
    expect(fieldWords(T6, `strip/${step.id}`, step, undefined)).toBe(step.do);
    expect(fieldWords(T6, 'strip/gone', undefined, step)).toBe('nothing');
  });
  it('says limits, sizes and where a part is in the shop’s unit', () => {
    const limit = VELTRANE_T6.limits.find((l) => l.characteristic === 'od-pocket')!;
    const field = `limits/${limit.tier} ${limit.characteristic}`;
    expect(fieldName(T6, field, limit)).toMatch(/^Limit: \w+, [a-z]/);
    expect(fieldWords({ ...T6, unit: 'thou' }, field, limit, undefined)).toMatch(/thou$/);
    const part = { ...T6, kind: 'part' as const };
    const size = { dimension: 'drive-width', value_mm: 20.004, u_mm: 0.003 };
    expect(fieldWords(part, 'sizes/drive-width', size, { ...size, value_mm: 20 })).toBe(
      'size: 20.004 mm',
    );
    const where = (state: object) => fieldWords(part, 'state', state, undefined);
    expect(where({ state: 'here', takenFor: '', takenBy: null })).toBe('on the shelf');
    expect(where({ state: 'taken', takenFor: 'HM-1', takenBy: 'j' })).toBe('In HM-1');
  });
});
