import { METHOD, type Step } from '../methods/list';
import { TWO_READINGS, type Bench } from '../methods/method';
import type { Dimension, GaugeKind } from '../pumps/family';
import { ledgerOf } from '../journal/ledger';
import { characteristicOf, pumpOf } from '../pumps/registry';
import type { Instrument, ZeroCheck } from '../records/instrument';
import type { Job } from '../records/job';
import type { ZeroState } from '../schema/fields';
import { DAY_MS } from '../schema/moments';
import { counting } from '../schema/voiding';
import { drawnOf, materialOf, nominalOf, pitchRadiusOf } from '../records/sizesSaid';
import type { Sheet } from '../records/sheet';

/** The instruments at hand and the zero checks on file: of the shop and of the job. */
export interface ToolRoom {
  readonly instruments: readonly Instrument[];
  readonly zeros: readonly ZeroCheck[];
}

/** Returns about how large a dimension is: by the sheet's nominal size, or by its drawing unless that is an example's. */
export function expectedSize(sheet: Sheet, dimension: Dimension): number | null {
  return nominalOf(sheet, dimension.id) ?? drawnOf(sheet, dimension) ?? null;
}

const reaches = (i: Instrument, size_mm: number | null): boolean =>
  size_mm === null || (size_mm >= i.from_mm && size_mm <= i.to_mm);

/**
 * Returns the instruments that read a size: the usual kind before the others, and of all of them those
 * first whose range reaches the size.
 */
export function instrumentsOf(
  room: ToolRoom,
  kind: GaugeKind,
  size_mm: number | null,
  also: readonly GaugeKind[] = [],
): readonly Instrument[] {
  const usable = [kind, ...also].flatMap((k) => room.instruments.filter((i) => i.kind === k));
  return [
    ...usable.filter((i) => reaches(i, size_mm)),
    ...usable.filter((i) => !reaches(i, size_mm)),
  ];
}

/** Returns the instrument in hand: the one chosen for the job, else the first that reaches the size. */
export function instrumentInHand(
  room: ToolRoom,
  job: Pick<Job, 'chosen'>,
  kind: GaugeKind,
  size_mm: number | null,
  also: readonly GaugeKind[] = [],
): Instrument | null {
  const usable = instrumentsOf(room, kind, size_mm, also);
  const chosen = job.chosen.find((c) => c.kind === kind)?.id;
  return usable.find((i) => i.id === chosen) ?? usable[0] ?? null;
}

/** Returns what reads a dimension: chosen by the size that is expected, never by the figure that came. */
export const gaugeFor = (
  room: ToolRoom,
  job: Pick<Job, 'chosen' | 'sheet'>,
  dimension: Dimension,
): Instrument | null =>
  instrumentInHand(
    room,
    job,
    dimension.instrument,
    expectedSize(job.sheet, dimension),
    dimension.also,
  );

/** Returns the indicator in hand. */
export const indicatorFor = (room: ToolRoom, job: Pick<Job, 'chosen'>): Instrument | null =>
  instrumentInHand(room, job, 'indicator', null);

/** An instrument that nobody described is thought no better than a caliper. */
const UNKNOWN_U_MM = 0.012;

/** Says how an instrument's zero stands at a moment, and what comes off its readings. */
export interface Zero {
  readonly state: ZeroState;
  readonly offset_mm: number;
  readonly check: ZeroCheck | null;
}

const NO_ZERO: Zero = { state: 'not-needed', offset_mm: 0, check: null };
const NEVER: Zero = { ...NO_ZERO, state: 'never' };

/**
 * Lists the zero checks that a job's readings can rest on, in the order that they were made: the
 * shop keeps the last one of each instrument, whichever job it was made for.
 */
export const zerosOf = (
  job: Pick<Job, 'journal'>,
  shop: Pick<ToolRoom, 'zeros'>,
): readonly ZeroCheck[] => [...counting(ledgerOf(job).zeros), ...shop.zeros];

/**
 * Returns the last zero check of an instrument, and whether it is still good at the moment given.
 *
 * @param zeros in the order that they were made: a clock that was wrong for a day must not make one
 *   the newest for good
 */
export function zeroAt(instrument: Instrument, zeros: readonly ZeroCheck[], at: string): Zero {
  const check = zeros.findLast((z) => z.instrument === instrument.id) ?? null;
  const offset_mm = check ? check.read_mm - check.standard_mm : 0;
  if (!check) {
    return { state: instrument.zeroDays === 0 ? 'not-needed' : 'never', offset_mm, check };
  }
  const age = (Date.parse(at) - Date.parse(check.at)) / DAY_MS;
  // The age of one that bears no date is not known.
  const overdue = instrument.zeroDays > 0 && !(age <= instrument.zeroDays);
  return { state: overdue ? 'overdue' : 'zeroed', offset_mm, check };
}

/** Returns what the readings of a job are made with. */
export const benchOf = (job: Job, room: ToolRoom): Bench => ({
  leafSet: job.feeler.name,
  part_C: job.part_C,
  shop_C: job.shop_C,
  characteristic: (id) => characteristicOf(job.sheet, id),
  alpha_per_K: (part) => materialOf(job.sheet, part)?.alpha_per_K ?? null,
  pitchRadius_mm: (c) => pitchRadiusOf(job.sheet, c),
  gauge: (dimension, source, at) => {
    const instrument = dimension ? gaugeFor(room, job, dimension) : indicatorFor(room, job);
    const { u_mm = UNKNOWN_U_MM, own_mm = UNKNOWN_U_MM } = instrument ?? {};
    // A simulated gauge has no zero of its own, and none of a real one is its.
    if (source === 'simulated') {
      return { name: 'Simulated gauge', u_mm, own_mm, zero: NO_ZERO.state, offset_mm: 0 };
    }
    const { state: zero, offset_mm } = instrument ? zeroAt(instrument, room.zeros, at) : NEVER;
    const name = instrument?.name ?? dimension?.instrument ?? 'indicator';
    return { name, u_mm, own_mm, zero, offset_mm };
  },
});

/** Returns the instrument that a step is read with; null where it is none, or the shop has none. */
export function gaugeAt(
  room: ToolRoom,
  job: Pick<Job, 'chosen' | 'sheet'>,
  step: Step,
): Instrument | null {
  if ('dimension' in step) return gaugeFor(room, job, step.dimension);
  return METHOD[step.way].gives === 'figure' ? indicatorFor(room, job) : null;
}

/** Returns how well the amount of work on a part is known, in mm: by what reads the sizes of that part. */
export function amountUncertainty(job: Job, room: ToolRoom, part: string): number {
  const size = pumpOf(job.sheet).dimensions.find((d) => d.part === part);
  const gauge = size ? gaugeFor(room, job, size) : null;
  return TWO_READINGS * (gauge?.u_mm ?? UNKNOWN_U_MM);
}
