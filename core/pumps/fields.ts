import { number, type ValidationError } from 'yup';
import { trimmed } from '../quantity/format';
import type { DESCRIBED, STORED } from '../schema/fields';
import { say, spelled } from '../wording/say';

/** Unit of a geometry field, for the form that asks for it. */
export type GeometryUnit = 'mm' | 'deg' | 'count';

declare module 'yup' {
  interface CustomSchemaMetadata {
    unit?: GeometryUnit;
  }
}

const finite = (value: number | undefined) => value === undefined || Number.isFinite(value);

/** Nothing of a pump that is drawn is smaller, in mm. */
const LEAST = 0.05;

/** Returns a length of a pump's geometry in mm. */
export const length = (label: string, most = 2000) =>
  number()
    .label(label)
    .meta({ unit: 'mm' })
    .required(() => say('geometry.missing', { field: spelled(label) }))
    .test('finite', () => say('geometry.notANumber', { field: spelled(label) }), finite)
    .positive(() => say('geometry.notPositive', { field: spelled(label) }))
    .max(most, () => say('geometry.tooLarge', { field: spelled(label), most }))
    .test(
      fits(
        (_, mm) =>
          mm > 0 && mm < LEAST && say('geometry.tiny', { field: spelled(label), least: LEAST }),
      ),
    );

/** Returns a whole number of teeth, vanes or bolts. */
export const count = (label: string, least: number, most: number) =>
  number()
    .label(label)
    .meta({ unit: 'count' })
    .required(() => say('geometry.missing', { field: spelled(label) }))
    .integer(() => say('geometry.notWhole', { field: spelled(label) }))
    .min(least, () => say('geometry.atLeast', { field: spelled(label), least }))
    .max(most, () => say('geometry.atMost', { field: spelled(label), most }));

/** Returns an angle in degrees. */
export const angle = (label: string, least: number, most: number) =>
  number()
    .label(label)
    .meta({ unit: 'deg' })
    .required(() => say('geometry.missing', { field: spelled(label) }))
    .test('finite', () => say('geometry.notANumber', { field: spelled(label) }), finite)
    .min(least, () => say('geometry.leastAngle', { field: spelled(label), least }))
    .max(most, () => say('geometry.mostAngle', { field: spelled(label), most }));

/** Returns a test that a length is over another field of the same geometry. */
export function over(field: string, message: string) {
  return {
    name: `over-${field}`,
    message,
    test: (value: number | undefined, { parent }: { parent: unknown }): boolean => {
      const other = (parent as Record<string, number | undefined>)[field];
      return value === undefined || other === undefined || value > other;
    },
  };
}

/** Writes a length for a sentence that says it is the least there has to be: rounded up, `9.54 mm`. */
export const atLeast = (mm: number): string =>
  say('geometry.inMm', { length: trimmed(Math.ceil(mm * 100) / 100, 2) });

/**
 * Says of a length in mm that it has to stay under another, and why; false where it does. Where the
 * other figures leave nothing for it, that is said.
 */
export function under(label: string, value: number, most: number, why: string): string | false {
  if (value < most) return false;
  if (most < LEAST) return say('geometry.noRoom', { field: spelled(label), why });
  return say('geometry.under', {
    field: spelled(label),
    most: trimmed(Math.floor(most * 100) / 100, 2),
    why,
  });
}

/** Returns the other fields, and whether every figure that was read of them is there. */
function readable<G extends object>(geometry: G): { figures: G; whole: () => boolean } {
  let whole = true;
  const figures = new Proxy(geometry, {
    get(fields, name) {
      const value: unknown = Reflect.get(fields, name);
      if (typeof value === 'number' ? !(value > 0 && value < Infinity) : value == null) {
        whole = false;
      }
      return value;
    },
  });
  return { figures, whole: () => whole };
}

/**
 * Returns a test that a field goes with the others, so that a pump comes of them. It came later than
 * sheets that people have stored: it is asked of who describes a pump, not of what was described.
 *
 * @param wrong returns the sentence that says what cannot be, and from which figure on it can; false
 *   where all is well. Not heeded while a figure that it reads is missing or none.
 */
export function fits<G extends object>(wrong: (geometry: G, value: number) => string | false) {
  return {
    name: 'fits',
    test(
      this: unknown,
      value: number | undefined,
      context: {
        parent: unknown;
        options: { context?: Partial<typeof STORED & typeof DESCRIBED> };
        createError: (made: { message: string }) => ValidationError;
      },
    ): true | ValidationError {
      const { stored, described } = context.options.context ?? {};
      if (stored || described || value === undefined || !Number.isFinite(value)) return true;
      const { figures, whole } = readable(context.parent as G);
      const message = wrong(figures, value);
      return message === false || !whole() ? true : context.createError({ message });
    },
  };
}
