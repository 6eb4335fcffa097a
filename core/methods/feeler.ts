import type { CharacteristicId, StationId } from '../pumps/ids';
import { type StationEvidence, overStations } from './stations';
import { array, string, type InferType } from 'yup';
import {
  afterTry,
  DRAG_BAND_MM,
  FELT,
  NO_EVIDENCE,
  stackOf,
  type Bounds,
  type Felt,
  type Try,
} from '../feeler/bounds';
import { extremesOf } from '../feeler/extremes';
import type { Ladder } from '../feeler/ladder';
import type { Stack } from '../feeler/stacks';
import type { Extremes } from '../metrology/extremes';
import type { Characteristic } from '../pumps/family';
import { formatLength, formatWithUnit, unitName } from '../quantity/format';
import type { ShopUnit } from '../quantity/units';
import { exact, readingFields, idOf, leaf } from '../schema/fields';
import type { Voidable } from '../schema/voiding';
import type { Asking, Evidence, Method, StepAt } from './method';
import { nextLeaf } from './nextLeaf';
import { say } from '../wording/say';

/** A try with leaves at a station: the thicknesses that count, and what is marked on leaves that were mic'd. */
const schema = exact({
  ...readingFields,
  station: idOf<StationId>(),
  kind: string().oneOf(['leaf']).required(),
  characteristic: idOf<CharacteristicId>(),
  leaves_mm: array(leaf()).required().min(1).max(3),
  marked_mm: array(leaf()).min(1).max(3).nullable().defined(),
  felt: string().oneOf(FELT).required(),
});

export type FeelerReading = Voidable<InferType<typeof schema>>;

/**
 * Sorts the tries of one characteristic by station. Two tries that cannot
 * both be true do not spoil the rest: the later is set aside as a conflict, to
 * be shown, and does not count.
 */
export function leafEvidence(
  c: Characteristic,
  readings: readonly FeelerReading[],
  { dragBand_mm, slack_mm, softOf }: Pick<Ladder, 'dragBand_mm' | 'slack_mm' | 'softOf'>,
): StationEvidence[] {
  return c.stations.map((station) => {
    const tries: Try[] = [];
    const conflicts: FeelerReading[] = [];
    let bounds = NO_EVIDENCE;
    for (const r of readings) {
      if (r.station !== station.id) continue;
      const soft_mm = softOf(r);
      const next = afterTry(bounds, stackOf(r.leaves_mm), r.felt, dragBand_mm, {
        soft_mm,
        slack_mm,
      });
      if (next) {
        bounds = next;
        const { leaves_mm, felt } = r;
        tries.push({ leaves_mm, felt, ...(soft_mm > 0 ? { soft_mm } : {}) });
      } else conflicts.push(r);
    }
    return { station, tries, bounds, conflicts };
  });
}

/** Describes what leaves tell besides a value. */
export interface FeelerDetails {
  readonly stations: readonly StationEvidence[];
  /** Bounds the places that were tried so far; the verdict needs all of them. */
  readonly soFar: Extremes | null;
}

const wasTried = ({ tries }: StationEvidence): boolean => tries.length > 0;

/** Describes what was felt, as a rebuilder says it. */
const FELT_WORD: Readonly<Record<Felt, string>> = {
  free: 'free',
  drag: 'drags',
  'part-way': 'part way',
  'no-go': 'won’t go',
};

/** Writes leaves as they are marked: `0.05 + 0.03 mm`. */
export const markedWords = (marked_mm: readonly number[], unit: ShopUnit): string =>
  `${marked_mm.map((mm) => formatLength(mm, 'gap', unit)).join(' + ')} ${unitName('gap', unit)}`;

/** A leaf, or leaves together, to try at a station. */
export interface LeafStep extends StepAt {
  readonly stack: Stack;
  /** Gives what a sum leaves of the limit, in mm, where that chooses the leaf and not the manual's limit. */
  readonly room_mm?: number;
}

interface Types {
  readonly id: 'leaf';
  readonly reading: FeelerReading;
  readonly details: FeelerDetails;
  readonly source: 'leaves';
  readonly step: LeafStep;
  readonly answer: Felt;
}

/** Half the drag band is what a practised hand feels as a drag. */
const HAND_MM = DRAG_BAND_MM / 2;

/** Returns what an honest leaf does in a gap; all in mm. */
export function feel(stack_mm: number, [smallest, largest]: readonly [number, number]): Felt {
  if (Math.abs(smallest - stack_mm) <= HAND_MM && Math.abs(largest - stack_mm) <= HAND_MM)
    return 'drag';
  if (smallest >= stack_mm) return 'free';
  return largest < stack_mm ? 'no-go' : 'part-way';
}

/** Feeler leaves: each try bounds the gap from above or from below. */
export const feeler: Method<Types> = {
  id: 'leaf',
  schema,
  sources: { leaves: 'leaves' },
  gives: 'bracket',
  goesOn: true,
  readBy: 'leaves',
  finer: null,
  paper: ['goes', 'refused'],
  unread: { stations: [], soFar: null },
  name: () => 'Leaves',
  places: (_, c) => c.stations.map((station) => ({ station })),
  evidence: (c, readings, { ladder }) => {
    const stations = leafEvidence(c, readings, ladder);
    const seen = overStations(stations.filter(wasTried));
    const bounds = seen && overStations(stations);
    const evidence: Evidence<'leaves'>[] = bounds
      ? [{ source: 'leaves', extremes: extremesOf(bounds, ladder.soft) }]
      : [];
    return { evidence, details: { stations, soFar: seen && extremesOf(seen, ladder.soft) } };
  },
  next: ({ leafAim, ladder }: Asking) => {
    const aim = leafAim();
    return aim && nextLeaf(aim, ladder);
  },
  record: ({ characteristic, station, stack }, felt, stamp, { leafSet }) => ({
    ...stamp,
    kind: 'leaf',
    instrument: leafSet,
    characteristic,
    station: station.id,
    leaves_mm: [...stack.leaves_mm],
    marked_mm: stack.marked_mm ? [...stack.marked_mm] : null,
    felt,
    voided: null,
  }),
  simulate: ({ characteristic, station, stack }, hidden) =>
    feel(stack.total_mm, hidden.gap(characteristic, station.id)),
  figure: ({ leaves_mm }, unit) => formatWithUnit(stackOf(leaves_mm), 'gap', unit),
  detail: ({ felt, marked_mm }, unit) =>
    marked_mm
      ? say('reading.marked', { felt: FELT_WORD[felt], leaves: markedWords(marked_mm, unit) })
      : FELT_WORD[felt],
  cells: ({ leaves_mm, felt }) => ({ leaves_mm: leaves_mm.join(' + '), feel: felt }),
};

/** Returns what a leaf did of which only the tip went in: gear edges are chamfered, and that is no gap. */
export const onlyTheTip = (reading: FeelerReading): FeelerReading => ({
  ...reading,
  felt: 'no-go',
});

/**
 * Lists the tries at a station with which a new one cannot agree: each that contradicts it alone or,
 * where only all together do, all of them. Empty where the new try fits.
 *
 * @param here the tries that count at the station, in the order of the work
 */
export function conflictsAt(
  here: readonly FeelerReading[],
  fresh: Pick<FeelerReading, 'leaves_mm' | 'marked_mm' | 'felt'>,
  { dragBand_mm, slack_mm, softOf }: Pick<Ladder, 'dragBand_mm' | 'slack_mm' | 'softOf'>,
): readonly FeelerReading[] {
  const agree = (tries: readonly (typeof fresh)[]): boolean =>
    tries.reduce<Bounds | null>(
      (bounds, t) =>
        bounds &&
        afterTry(bounds, stackOf(t.leaves_mm), t.felt, dragBand_mm, {
          soft_mm: softOf(t),
          slack_mm,
        }),
      NO_EVIDENCE,
    ) !== null;
  if (agree([...here, fresh])) return [];
  const alone = here.filter((r) => !agree([r, fresh]));
  return alone.length > 0 ? alone : here;
}
