import type { WrenchSet } from '@/core/assembly/torquing';
import { tried } from '@/core/errors';
import type { ShopUnit } from '@/core/quantity/units';
import { decimal, length, type Written } from '@/core/schema/written';
import { setShare } from '@/core/workshop/torquePlan';

type Wrench = NonNullable<WrenchSet['wrench']>;

/** What is asked of a wrench: how it is written, and what it is called where there is little room and where there is more. */
interface Asked {
  readonly key: keyof Wrench;
  readonly as: Written<number>;
  /** Its unit; the shop's for sizes where it is left out. */
  readonly unit?: string;
  readonly label: string;
  readonly spoken: string;
}

/** Lists what is asked of a wrench, in its order. */
export const ASKED = [
  {
    key: 'length_mm',
    as: length('size'),
    label: 'Grip to square',
    spoken: 'Wrench, grip to square',
  },
  {
    key: 'extension_mm',
    as: length('size'),
    label: 'Extension',
    spoken: 'Extension, square to bolt',
  },
  {
    key: 'angle_deg',
    as: decimal(1),
    unit: '°',
    label: 'Out of line',
    spoken: 'Extension out of line, 90 across the wrench',
  },
] as const satisfies readonly Asked[];

/** Holds what was typed of a wrench. */
export type Typed = Readonly<Record<keyof Wrench, string>>;

/** Writes a wrench as people do; nothing for a bare one. */
export const wrenchText = (wrench: Wrench | null, unit: ShopUnit): Typed =>
  Object.fromEntries(
    ASKED.map(({ key, as }) => [key, wrench ? as.write(wrench[key], unit) : '']),
  ) as Typed;

const LENGTHS_FAULT =
  'Enter both lengths, the wrench above 0. Until then the figures are for the bare wrench.';
const ANGLE_FAULT =
  'Enter the angle from 0 to 180, empty for an extension in line. Until then the figures are for the bare wrench.';
const REACH_FAULT =
  'An extension turned back as far as the grip turns nothing. Until that is mended the figures are for the bare wrench.';

/** Reads what was typed of a wrench; null for a bare one, a message where it is none. */
export function wrenchIn(
  typed: Typed,
  unit: ShopUnit,
): WrenchSet['wrench'] | { readonly wrong: string } {
  if (ASKED.every(({ key }) => typed[key].trim() === '')) return null;
  const [long, extension, angle] = ASKED.map(({ key, as }) => {
    const text = key === 'angle_deg' && typed[key].trim() === '' ? '0' : typed[key];
    const read = tried(() => as.read(text, unit));
    return read.ok ? read.value : null;
  });
  if (!long || long < 0 || extension == null || extension < 0) return { wrong: LENGTHS_FAULT };
  if (angle == null || angle < 0 || angle > 180) return { wrong: ANGLE_FAULT };
  const wrench = { length_mm: long, extension_mm: extension, angle_deg: angle };
  return tried(() => setShare(wrench)).ok ? wrench : { wrong: REACH_FAULT };
}
