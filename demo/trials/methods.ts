import { characteristicId, dimensionId, stationId } from '../../core/pumps/ids';
import { sizedEvidence } from '../../core/methods/sizedGap';
import { tiltEvidence } from '../../core/methods/dimensional';
import { travelOf } from '../../core/methods/indicator';
import { conformityOfRange } from '../../core/metrology/conformity';
import { ends } from '../../core/metrology/estimate';
import type { Extremes } from '../../core/metrology/extremes';
import {
  judgeTries,
  ladderOf,
  nextTry,
  type FeelerSet,
  type Ladder,
} from '../../core/feeler/ladder';
import { boundsOf, type Try } from '../../core/feeler/bounds';
import { characteristicOf } from '../../core/pumps/registry';
import { normalFrom, type Even } from '../../core/random';
import { NEW_SHOP } from '../../core/records/shop';
import { feel } from '../../core/methods/feeler';
import { VELTRANE_T6 } from '../sheets';
import { drawnGauge, readBy, sizeAt, swingAt } from '../../core/practice/gauge';
import type { Trial } from './tally';

/** How a simulated part is read. */
export interface TrialPlan {
  readonly places: number;
  readonly repeats: number;
  /** Standard uncertainty of one reading. */
  readonly u_mm: number;
  /** How far the part varies from place to place, end to end. */
  readonly varies_mm: number;
  /** Its true largest less the upper limit; null for anywhere within 15 µm of that. */
  readonly over_mm: number | null;
}

const UPPER_MM = 0.2;
const NEAR_MM = 0.015;

/** Leaves are coarser than a mic, and their errors show only so near the limit. */
const LEAF_NEAR_MM = 0.008;

/** The true lengths at the places of a part whose largest is given. */
function lengths(plan: TrialPlan, largest_mm: number, even: Even): number[] {
  const below = Array.from({ length: plan.places }, () => even() * plan.varies_mm);
  const least = Math.min(...below);
  return below.map((mm) => largest_mm - (mm - least));
}

const holds = (e: Extremes['largest'], true_mm: number): boolean => {
  const [lo, hi] = ends(e);
  return lo <= true_mm && true_mm <= hi;
};

function judged(extremes: Extremes, true_mm: readonly number[]): Trial {
  const [least, most] = [Math.min(...true_mm), Math.max(...true_mm)];
  const limits = { lower_mm: null, upper_mm: UPPER_MM };
  return {
    verdict: conformityOfRange(extremes.smallest, extremes.largest, limits, 'guarded').verdict,
    sound: most <= UPPER_MM,
    held: [holds(extremes.smallest, least), holds(extremes.largest, most)],
  };
}

const drawnLargest = ({ over_mm }: TrialPlan, even: Even): number =>
  UPPER_MM + (over_mm ?? NEAR_MM * (2 * even() - 1));

const SIZE = dimensionId('size');

/** Reads one size of a part, held against an upper limit. */
export function sizeTrial(plan: TrialPlan, even: Even): Trial {
  const gauge = drawnGauge(even, plan.u_mm);
  const true_mm = lengths(plan, drawnLargest(plan, even), even);
  const readings = true_mm.flatMap((mm, place) =>
    Array.from({ length: plan.repeats }, (_, n) =>
      sizeAt(SIZE, stationId(`p${place}`), `${place}-${n}`, readBy(gauge, mm, even), gauge),
    ),
  );
  const { extremes } = sizedEvidence([[{ dimension: SIZE, factor: 1 }]], readings);
  if (!extremes) throw new Error('No size was read.');
  return judged(extremes, true_mm);
}

const BACKLASH = characteristicOf(VELTRANE_T6, characteristicId('backlash'));

/** Reads the swing of a part by an indicator, each the difference of two readings. */
export function swingTrial(plan: TrialPlan, even: Even): Trial {
  const gauge = drawnGauge(even, plan.u_mm);
  const true_mm = lengths(plan, drawnLargest(plan, even), even);
  const readings = true_mm.flatMap((mm, place) =>
    Array.from({ length: plan.repeats }, (_, n) =>
      swingAt(BACKLASH.id, stationId(`p${place}`), `${place}-${n}`, readBy(gauge, mm, even), gauge),
    ),
  );
  const extremes = travelOf(readings);
  if (!extremes) throw new Error('No swing was read.');
  return judged(extremes, true_mm);
}

/** How a floor is read: depths at places round it, their uncertainty, the floor's own waviness and tilt. */
export interface FloorPlan {
  readonly places: number;
  readonly u_mm: number;
  readonly wavy_mm: number;
  readonly tilt_mm: number;
}

const FLOOR = { dimension: dimensionId('pocket-depth'), diameter_mm: 80 };
const DEPTH_MM = 20;

/** Fits the plane of a floor; sound is a tilt at or under 20 µm, and what is held is the tilt itself. */
export function floorTrial({ places, u_mm, wavy_mm, tilt_mm }: FloorPlan, even: Even): Trial {
  const gauge = drawnGauge(even, u_mm);
  const towards = 2 * Math.PI * even();
  const at = (station: string) => {
    const angle = (2 * Math.PI * Number(station.slice(1))) / places;
    const radius = FLOOR.diameter_mm / 2;
    return { x: radius * Math.cos(angle), y: radius * Math.sin(angle), angle };
  };
  const readings = Array.from({ length: places }, (_, place) => {
    const station = stationId(`p${place}`);
    const slope = (tilt_mm / 2) * Math.cos(at(station).angle - towards);
    const true_mm = DEPTH_MM + slope + wavy_mm * normalFrom(even);
    return sizeAt(FLOOR.dimension, station, station, readBy(gauge, true_mm, even), gauge);
  });
  const { extremes } = tiltEvidence(FLOOR, at, readings);
  if (!extremes) throw new Error('No plane was found.');
  const limits = { upper_mm: 0.02 };
  const { verdict } = conformityOfRange(extremes.smallest, extremes.largest, limits, 'guarded');
  return { verdict, sound: tilt_mm <= 0.02, held: [holds(extremes.largest, tilt_mm)] };
}

/** How a set's leaves are, and what the app is told of it. */
export interface LeafPlan {
  /** Standard deviation of the leaves from their marking. */
  readonly off_mm: number;
  /** The tolerance that the shop said. */
  readonly said_mm: number;
  /** The leaves were mic'd, to within a micrometre. */
  readonly micd: boolean;
  readonly lower_mm: number | null;
  readonly upper_mm: number;
}

const MIC_MM = 0.001;

/** Tells whether leaves that are not what is marked on them seem to contradict each other: a hand stops there. */
function contradicts(
  tries: readonly Try[],
  fresh: Try,
  { dragBand_mm, slack_mm }: Ladder,
): boolean {
  try {
    boundsOf([...tries, fresh], dragBand_mm, slack_mm);
    return false;
  } catch {
    return true;
  }
}

/**
 * Makes the trial of a set: leaves that are not what is marked on them, tried in a gap near its upper
 * limit as the ladder leads.
 */
export function leafTrial(plan: LeafPlan): (even: Even) => Trial {
  const { leaves_mm, maxStack } = NEW_SHOP.feelers[0] as FeelerSet;
  const set = { leaves_mm, maxStack, tolerance_mm: plan.said_mm };
  const limits = { lower_mm: plan.lower_mm, upper_mm: plan.upper_mm };
  return (even) => {
    const truly = new Map(leaves_mm.map((mm) => [mm, mm + plan.off_mm * normalFrom(even)]));
    const mics = [...truly].map(([leaf_mm, mm]) => ({
      leaf_mm,
      mic_mm: Math.max(0.001, mm + MIC_MM * normalFrom(even)),
    }));
    const ladder = ladderOf(plan.micd ? { ...set, mics } : set);
    const gap_mm = plan.upper_mm + LEAF_NEAR_MM * (2 * even() - 1);
    const tries: Try[] = [];
    for (;;) {
      const next = nextTry(ladder, limits, 'verdict', tries);
      if (!next) break;
      const marked = next.marked_mm ?? next.leaves_mm;
      const thick_mm = marked.reduce((sum, mm) => sum + (truly.get(mm) ?? mm), 0);
      const felt = feel(thick_mm, [gap_mm, gap_mm]);
      const tried = { leaves_mm: next.leaves_mm, felt, soft_mm: next.soft_mm ?? 0 };
      if (contradicts(tries, tried, ladder)) break;
      tries.push(tried);
    }
    const { verdict } = judgeTries(ladder, limits, tries);
    return { verdict, sound: gap_mm <= plan.upper_mm, held: [] };
  };
}
