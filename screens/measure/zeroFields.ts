import { object, string } from 'yup';
import { tried } from '@/core/errors';
import { parseReading } from '@/core/quantity/parse';
import { bareUnit, type ShopUnit } from '@/core/quantity/units';
import { zeroCheck, type ZeroCheck } from '@/core/records/instrument';

/** A length of a form as people write it, checked where it stands; a zero may lie a little below nothing. */
const lengthText = (unit: ShopUnit) =>
  string()
    .required('Enter a length')
    .test('length', (text, context) => {
      const read = tried(() => readSigned(text ?? '', unit));
      return read.ok || context.createError({ message: read.message });
    });

/** A reading that may be below zero: an indicator or a depth mic on its standard. */
function readSigned(text: string, unit: ShopUnit): number {
  const below = /^\s*[-−–]/.test(text);
  const { mm } = parseReading(text.replace(/^\s*[-−–]/, ''), 'size', bareUnit('size', unit));
  return below ? -mm : mm;
}

export const zeroFields = (unit: ShopUnit) =>
  object({
    standard: lengthText(unit),
    read: lengthText(unit).test(
      'near',
      'More than 1 mm off. Check the standard and the unit.',
      (read, { parent }) => {
        try {
          const { standard } = parent as { standard: string };
          return Math.abs(readSigned(read ?? '', unit) - readSigned(standard, unit)) <= 1;
        } catch {
          return true;
        }
      },
    ),
  });

/** The zero check that the form describes. */
export function zeroFrom(
  fields: { standard: string; read: string },
  unit: ShopUnit,
  made: Pick<ZeroCheck, 'instrument' | 'at' | 'by'>,
): ZeroCheck {
  return zeroCheck.validateSync({
    ...made,
    standard_mm: readSigned(fields.standard, unit),
    read_mm: readSigned(fields.read, unit),
  });
}
