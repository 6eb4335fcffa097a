import type { State } from '../guidance/evaluator';
import { fluidAt, type Fluid, type FluidState } from '../hydraulics/fluid';
import type { RunningState } from '../hydraulics/chain';
import type { FlowOptions } from '../pumps/flow';
import type { CharacteristicId } from '../pumps/ids';
import type { FlowState } from '../records/flow';
import type { Job } from '../records/job';
import { type BeforeFigure, pumpSpeed } from '../records/tag';
import { runningGap, widened, type Gap } from './gap';
import {
  flowGeometry,
  gapsAtOther,
  flowOptions,
  knownGaps,
  standingNow,
  type KnownGaps,
  type Standing,
} from './known';
import { flowPump, isSound, type FlowPump } from './model';
import { middleGap } from './spread';

/** Says where it is known from what a pump moves in a turn. */
export type DisplacementFrom = 'measured' | 'sheet' | 'published' | 'test';

/** Says what a job's pump moves in a turn. */
export interface JobDisplacement {
  /** In cm³; null where nobody can say. */
  readonly cc_rev: number | null;
  readonly from: DisplacementFrom | null;
  /** Says what its geometry has it move; null where that is an example’s. */
  readonly byGeometry_cc: number | null;
  /** Says what so few vanes carry in truth, by its geometry; null where that is the same. */
  readonly carried_cc: number | null;
  /** Says how far the flow of one section swings in a turn, as a share of its mean. */
  readonly ripple: number;
  /** Lists the fields of the geometry without which nobody can say it. */
  readonly missing: readonly string[];
  /** The sizes on its sheet make no pump that moves something: nobody can say anything of its flow. */
  readonly isOdd: boolean;
}

/** The pump of a job at a moment as plain data: another thread can be handed it. */
export interface PlainPump {
  readonly family: string;
  /** Has the geometry of each section, its own sizes where they were measured. */
  readonly geometries: readonly object[];
  readonly options: FlowOptions;
  readonly known: KnownGaps;
  readonly displacement: JobDisplacement;
}

/** The pump of a job at a moment, made ready to be counted. */
export interface JobPump extends PlainPump {
  readonly pump: FlowPump;
}

/**
 * Makes a pump ready to be counted.
 *
 * @param plain what it is
 */
export const readyPump = (plain: PlainPump): JobPump => ({
  ...plain,
  pump: countable(plain),
});

/** Makes ready what of a pump is counted. */
function countable({
  family,
  geometries,
  options,
  known,
}: Omit<PlainPump, 'displacement'>): FlowPump {
  return flowPump({
    ...options,
    family,
    geometryOf: (section) => geometries[section - 1] ?? {},
    knows: (id) => known.gaps.has(id),
  });
}

/** A test is without pressure to speak of up to this, in bar: what it gave is what the pump moves. */
const NO_PRESSURE_bar = 1;

/** Returns what a pump moved in a turn in a test without pressure, in cm³; null where there was none. */
function byTest(before: readonly BeforeFigure[]): number | null {
  const free = before.find(
    ({ flow_lpm, pressure_bar }) =>
      flow_lpm !== null && pressure_bar !== null && pressure_bar <= NO_PRESSURE_bar,
  );
  return free?.flow_lpm ? (1000 * free.flow_lpm) / pumpSpeed(free) : null;
}

/**
 * Returns the pump of a job at another moment: its sizes stay, its gaps are as they are then.
 *
 * @param pump at one moment
 * @param job its sheet
 * @param state what its readings come to
 * @param standing returns what a gap is at the other moment
 */
export const pumpAtOther = (
  pump: JobPump,
  { sheet }: Pick<Job, 'sheet'>,
  { characteristics }: State,
  standing: Standing,
): JobPump => ({ ...pump, known: gapsAtOther(pump.known, sheet, characteristics, standing) });

/** Says what a pump moves: as it is published, as its geometry has it, as a test without pressure gave. */
function displacementOf(
  { sheet, before }: Pick<Job, 'sheet' | 'before'>,
  pump: FlowPump,
  { measured, missing }: Pick<ReturnType<typeof flowGeometry>, 'measured' | 'missing'>,
  needs: readonly string[],
): JobDisplacement {
  const isOdd = !isSound(pump);
  const isWhole = missing.length === 0 && !isOdd;
  const carried = pump.sections.reduce((sum, s) => sum + (s.carried_cc ?? 0), 0);
  const base = {
    byGeometry_cc: isWhole ? pump.cc_rev : null,
    carried_cc: isWhole && carried > 0 ? carried : null,
    ripple: pump.sections[0]?.displacement.ripple ?? 0,
    missing,
    isOdd,
  };
  if (isOdd && missing.length === 0) return { ...base, cc_rev: null, from: null };
  const published = sheet.flow.cc_rev;
  if (published !== null) return { ...base, cc_rev: published, from: 'published' };
  if (isWhole) {
    const isMeasured = measured.some((field) => needs.includes(field));
    return { ...base, cc_rev: pump.cc_rev, from: isMeasured ? 'measured' : 'sheet' };
  }
  const tested = byTest(before);
  return { ...base, cc_rev: tested, from: tested === null ? null : 'test' };
}

/**
 * Returns the pump of a job made ready to be counted, with its gaps as they are known at a moment.
 *
 * @param job its sheet and its tests before the teardown
 * @param state what its readings come to
 * @param standing returns what a gap is at that moment; now where it is left out
 */
export function jobPump(
  job: Pick<Job, 'sheet' | 'before'>,
  { characteristics, dimensions }: State,
  standing: Standing = standingNow,
): JobPump {
  const { sheet } = job;
  const known = knownGaps(sheet, characteristics, standing);
  const first = flowGeometry(sheet, dimensions);
  const sections = Math.max(...known.paths.map(({ section }) => section));
  const geometries = Array.from({ length: sections }, (_, i) =>
    i === 0 ? first.geometry : flowGeometry(sheet, dimensions, i + 1).geometry,
  );
  const options = flowOptions(sheet, dimensions);
  const plain = { family: sheet.family, geometries, options, known };
  const pump = countable(plain);
  return { ...plain, pump, displacement: displacementOf(job, pump, first, first.needs) };
}

/**
 * Returns a pump of which only some sections deliver, while the others go round.
 *
 * @param pump with all its sections
 * @param sections those that deliver, counted from 1
 */
export function onlySections(pump: JobPump, sections: readonly number[]): JobPump {
  const left = pump.pump.sections.filter(({ number }) => sections.includes(number));
  const cc_rev = left.reduce((sum, { displacement }) => sum + displacement.cc_rev, 0);
  const { displacement } = pump;
  const share = cc_rev / pump.pump.cc_rev;
  return {
    ...pump,
    pump: { sections: left, cc_rev },
    displacement: {
      ...displacement,
      cc_rev: displacement.cc_rev === null ? null : displacement.cc_rev * share,
    },
  };
}

/** Temperature at which gaps are measured, in °C. */
const MEASURED_AT_C = 20;

const NO_GAP: Gap = { smallest_mm: 0, largest_mm: 0 };

/** Gives the gap of a characteristic at 20 °C, in mm. */
export type GapAt = (id: CharacteristicId) => Gap | undefined;

/**
 * Returns the gaps of a pump in the middle of what is known of them, each by its characteristic, in mm at 20 °C.
 *
 * @param known what is known of its gaps
 * @example
 * const end = { kind: 'even', lo_mm: 0.02, hi_mm: 0.04 };
 * const known = { smallest: end, largest: end, isOne: true };
 * middleGaps({ gaps: new Map([['end', { known }]]) }).get('end').largest_mm; // 0.03
 */
export const middleGaps = ({ gaps }: KnownGaps): ReadonlyMap<CharacteristicId, Gap> =>
  new Map([...gaps].map(([id, { known }]) => [id, middleGap(known)]));

/**
 * Returns the gaps of paths with what wear and a gasket add to them, in mm at 20 °C.
 *
 * @param known what is known of the pump
 * @param gapAt gives each gap by itself
 */
export function assembledGaps(known: KnownGaps, gapAt: GapAt): Map<CharacteristicId, Gap> {
  const all = new Map<CharacteristicId, Gap>();
  for (const { id, wear } of known.paths) {
    let gap = gapAt(id);
    if (!gap) continue;
    for (const one of wear) gap = widened(gap, gapAt(one) ?? NO_GAP);
    all.set(id, widened(gap, known.gaskets.get(id) ?? NO_GAP));
  }
  return all;
}

/**
 * Returns the gaps of paths as they run, each by its characteristic, in mm.
 *
 * @param known what is known of the pump
 * @param gapAt gives each gap by itself, in mm at 20 °C
 * @param temp_C temperature of the oil
 */
export function runningGaps(
  known: KnownGaps,
  gapAt: GapAt,
  temp_C: number,
): Map<CharacteristicId, number> {
  const hotter = temp_C - MEASURED_AT_C;
  const running = new Map<CharacteristicId, number>();
  for (const [id, gap] of assembledGaps(known, gapAt)) {
    running.set(id, runningGap(gap, (known.growth.get(id) ?? 0) * hotter));
  }
  return running;
}

/** Says how a pump is counted: its speed, pressure and temperature, and what it runs on. */
export interface Conditions extends FlowState {
  readonly fluid: Fluid;
}

/**
 * Returns the oil of a pump at its temperature.
 *
 * @param at how it runs, and on what
 * @throws InputError on `temp_C` where nobody knows its viscosity
 */
export const oilAt = ({ fluid, temp_C }: Conditions): FluidState => fluidAt(fluid, temp_C);

/**
 * Returns how a pump runs, as chains of seals ask for it.
 *
 * @param at how it runs, and on what
 * @throws InputError on `temp_C` where nobody knows its viscosity
 */
export const runningAt = (at: Conditions): RunningState => ({
  rpm: at.rpm,
  pressure_bar: at.pressure_bar,
  oil: oilAt(at),
});
