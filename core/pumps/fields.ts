import { number } from 'yup';

/** Unit of a geometry field, for the form that asks for it. */
export type GeometryUnit = 'mm' | 'deg' | 'count';

declare module 'yup' {
  interface CustomSchemaMetadata {
    unit?: GeometryUnit;
  }
}

const finite = (value: number | undefined) => value === undefined || Number.isFinite(value);

/** Returns a length of a pump's geometry in mm. */
export const length = (label: string) =>
  number()
    .label(label)
    .meta({ unit: 'mm' })
    .required(`${label} is missing`)
    .test('finite', `${label} must be a number`, finite)
    .positive(`${label} must be over zero`)
    .max(2000, `${label}: over 2 m is no pump`);

/** Returns a whole number of teeth, vanes or bolts. */
export const count = (label: string, least: number, most: number) =>
  number()
    .label(label)
    .meta({ unit: 'count' })
    .required(`${label} is missing`)
    .integer(`${label} must be a whole number`)
    .min(least, `${label}: at least ${least}`)
    .max(most, `${label}: at most ${most}`);

/** Returns an angle in degrees. */
export const angle = (label: string, least: number, most: number) =>
  number()
    .label(label)
    .meta({ unit: 'deg' })
    .required(`${label} is missing`)
    .test('finite', `${label} must be a number`, finite)
    .min(least, `${label}: at least ${least}°`)
    .max(most, `${label}: at most ${most}°`);

/** Returns a test that a length is over another field of the same geometry. */
export function over(field: string, message: string) {
  return {
    name: `over ${field}`,
    message,
    test: (value: number | undefined, { parent }: { parent: unknown }): boolean => {
      const other = (parent as Record<string, number | undefined>)[field];
      return value === undefined || other === undefined || value > other;
    },
  };
}
