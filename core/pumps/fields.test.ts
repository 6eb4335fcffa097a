import { object } from 'yup';
import { angle, count, length, over } from './fields';
import { families } from './registry';

describe('what a geometry asks for', () => {
  it.each(families().map((f) => [f.name, f] as const))(
    '%s: every field says its name and its unit',
    (_, family) => {
      const { fields } = family.geometry.describe();
      expect(Object.keys(fields).sort()).toEqual(Object.keys(family.example).sort());
      for (const [name, field] of Object.entries(fields)) {
        const { label, meta, oneOf } = field as {
          label?: string;
          meta?: { unit?: string };
          oneOf: unknown[];
        };
        expect([name, label]).toEqual([name, expect.stringMatching(/^[A-Z]/)]);
        if (oneOf.length > 0) continue;
        const unit = name.endsWith('_mm') ? 'mm' : name.endsWith('_deg') ? 'deg' : 'count';
        expect([name, meta?.unit]).toEqual([name, unit]);
      }
    },
  );

  it.each(families().map((f) => [f.name, f] as const))(
    '%s: refuses each figure that is missing, below nothing or none',
    (_, family) => {
      const example = family.example as Record<string, unknown>;
      for (const [name, value] of Object.entries(example)) {
        if (typeof value !== 'number') continue;
        for (const broken of [undefined, -1, NaN, 1e6]) {
          const tried = () =>
            family.geometry.validateSync({ ...example, [name]: broken }, { strict: true });
          expect(tried).toThrow();
        }
      }
    },
  );

  const plate = object({
    bolts: count('Bolts', 3, 8),
    bore_mm: length('Bore'),
    rim_mm: length('Rim').test(over('bore_mm', 'Rim must be larger than the bore.')),
    lean_deg: angle('Lean', 0, 30),
  });
  const SOUND = { bolts: 4, bore_mm: 20, rim_mm: 30, lean_deg: 10 };
  it.each([
    [{ bolts: 2 }, 'Bolts must be at least 3.'],
    [{ bolts: 3.5 }, 'Bolts must be a whole number'],
    [{ bore_mm: 0 }, 'Bore must be above 0.'],
    [{ rim_mm: 3000 }, 'Rim is over 2000 mm. Check the unit.'],
    [{ rim_mm: 20 }, 'Rim must be larger than the bore.'],
    [{ lean_deg: 31 }, 'Lean must be at most 30°.'],
    [{ lean_deg: Infinity }, 'Lean must be a number'],
    [{ bore_mm: undefined }, 'Enter a value for “Bore”.'],
  ])('%j is refused in words: %s', (change, message) => {
    expect(plate.validateSync(SOUND, { strict: true })).toEqual(SOUND);
    expect(() => plate.validateSync({ ...SOUND, ...change }, { strict: true })).toThrow(message);
  });
});
