import { VELTRANE_T6 } from './sheets';
import { NEW_RULES } from '../records/rules';
import type { Felt } from '../feeler/bounds';
import { withReading } from '../journal/commands';
import { characteristicId, stationId } from '../pumps/ids';
import type { Job } from '../records/job';
import type { Sheet, SheetLimit } from '../records/sheet';
import { stamp } from './findings';
import { jobWithSizes } from './worked';

/** The rules of a house that renews what was measured. */
export const RULES = { ...NEW_RULES, renew: 'measured' as const };

/** Returns a limit of a sheet, for service. */
export const limit = (
  id: string,
  lower_mm: number | null,
  upper_mm: number | null,
): SheetLimit => ({
  characteristic: characteristicId(id),
  tier: 'service',
  lower_mm,
  upper_mm,
  preferredLower_mm: null,
  preferredUpper_mm: null,
  side: 'full',
  gasket: 'bare',
  source: '',
});

/** Returns a front pump of which the manual gives only the most that its end clearances may be. */
export const mostOnly = (most_mm = 0.08): Sheet => ({
  ...VELTRANE_T6,
  limits: [limit('face-drive', null, most_mm), limit('face-driven', null, most_mm)],
});

/** Sizes in mm with which both gears have 0.12 at their ends. */
export const WIDE = {
  'pocket-depth': 20.12,
  'drive-width': 20,
  'driven-width': 20,
  'track-depth': 10,
  'face-depth': 10,
};

/** Returns a job of that house on which these sizes in mm were read. */
export const sizedJob = (
  sizes: Readonly<Record<string, number>>,
  sheet: Sheet,
  more: Partial<Job> = {},
) => jobWithSizes(sizes, { rules: RULES, ...more }, sheet);

/** Returns a job on which leaves were tried at the places of a gap, with these answers. */
export function tried(
  job: Job,
  c: string,
  tries: readonly (readonly [mm: number, felt: Felt])[],
  at: readonly string[] = ['12', '6', '3', '9'],
): Job {
  return at.reduce(
    (all, station) =>
      tries.reduce(
        (j, [mm, felt]) =>
          withReading(j, {
            ...stamp(),
            kind: 'leaf',
            instrument: '',
            marked_mm: null,
            leaves_mm: [mm],
            felt,
            characteristic: characteristicId(c),
            station: stationId(station),
          }),
        all,
      ),
    job,
  );
}
