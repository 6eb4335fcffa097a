import {
  chainFlow,
  chainLoss_lpm,
  ready,
  type ReadyChain,
  type RunningState,
} from '../hydraulics/chain';
import type { Displacement } from '../hydraulics/displacement';
import type { FamilyFlow, FlowOptions, LeakPath } from '../pumps/flow';
import { flowOf } from '../pumps/flows';
import { characteristicId, type CharacteristicId } from '../pumps/ids';
import { pumpOf, type PumpKind } from '../pumps/registry';
import { onSectionId } from '../pumps/sections';

/** A path of a section through which oil gets lost. */
export interface SectionPath {
  /** Its characteristic, with the section in its id. */
  readonly id: CharacteristicId;
  /** The id that its like has on the first section: what chains name their rows by. */
  readonly first: string;
  readonly section: number;
  readonly path: LeakPath<object>;
  /** Lists what wear widens it, with the section in the ids. */
  readonly wear: readonly CharacteristicId[];
}

/** One section of a pump, made ready to be counted again and again for other gaps. */
interface SectionFlow {
  readonly number: number;
  /** Returns the characteristic that a row of its chains is, by the id that this has on the first section. */
  rowId(first: string): CharacteristicId;
  readonly displacement: Displacement;
  /** The lower figure where few vanes carry less than the formula has; null where there is none. */
  readonly carried_cc: number | null;
  readonly chains: readonly ReadyChain[];
}

/** A pump made ready to be counted again and again, for other gaps, speeds and pressures. */
export interface FlowPump {
  readonly sections: readonly SectionFlow[];
  /** Says what it moves in a turn, all sections together, in cm³. */
  readonly cc_rev: number;
}

/**
 * Lists the paths that a pump has, section by section, in the order of the work.
 *
 * @param pump its family, its geometry and what its sheet adds
 */
export function pathsOf(pump: PumpKind): SectionPath[] {
  const { paths } = flowOf(pump.family);
  const { characteristics } = pumpOf(pump);
  const has = new Set(characteristics.map(({ id }) => id));
  return characteristics.flatMap(({ id, first, section }) => {
    const path = paths[first];
    if (!path) return [];
    const number = section ?? 1;
    const wear = (path.wear ?? []).map((w) => onSectionId(characteristicId(w), number));
    return [{ id, first, section: number, path, wear: wear.filter((w) => has.has(w)) }];
  });
}

/** Counts the sections of a pump from 1. */
const sectionNumbers = (flow: FamilyFlow<object>, geometry: object): number[] =>
  Array.from({ length: flow.sections?.(geometry) ?? 1 }, (_, i) => i + 1);

/** Says of a pump what its flow is counted from. */
export interface FlowCase extends FlowOptions {
  readonly family: string;
  /** Returns the geometry of a section: its own sizes where they were measured. */
  geometryOf(section: number): object;
  /** Tells whether a gap is known that counts only where it is. */
  knows(id: CharacteristicId): boolean;
}

/**
 * Makes a pump ready to be counted: what it moves, and where that leaks.
 *
 * @param pump its family, its geometry, what is known of it
 */
export function flowPump(pump: FlowCase): FlowPump {
  const flow = flowOf(pump.family);
  const { knows, ...options } = pump;
  const sections = sectionNumbers(flow, pump.geometryOf(1)).map((number): SectionFlow => {
    const geometry = pump.geometryOf(number);
    const ids = new Map<string, CharacteristicId>();
    const rowId = (first: string): CharacteristicId => {
      const known = ids.get(first) ?? onSectionId(characteristicId(first), number);
      ids.set(first, known);
      return known;
    };
    const running = { ...options, knows: (first: string) => knows(rowId(first)) };
    return {
      number,
      rowId,
      displacement: flow.displacement(geometry, options),
      carried_cc: flow.carried?.(geometry, options) ?? null,
      chains: flow.chains(geometry, running).map(ready),
    };
  });
  const cc_rev = sections.reduce((sum, { displacement }) => sum + displacement.cc_rev, 0);
  return { sections, cc_rev };
}

const isPositive = (figure: number): boolean => figure > 0 && Number.isFinite(figure);

/**
 * Tells whether the sizes of a pump make one that moves something and can leak: an old sheet may have others.
 *
 * @param pump made ready
 * @example
 * isSound({ cc_rev: NaN, sections: [] }); // false
 * isSound({ cc_rev: 20, sections: [{ chains: [{ seals: [{ film: -1, width_m: 0.02 }] }] }] }); // false
 */
export const isSound = ({ cc_rev, sections }: FlowPump): boolean =>
  isPositive(cc_rev) &&
  sections.every(({ chains }) =>
    chains.every(({ seals }) =>
      seals.every(({ film, width_m }) => isPositive(film) && isPositive(width_m)),
    ),
  );

/** Says what one path of a pump loses. */
export interface PathFlow {
  readonly characteristic: CharacteristicId;
  readonly section: number;
  readonly lpm: number;
  /** The gap is too wide for the film formula: counted as an orifice. */
  readonly coarse: boolean;
}

/**
 * Returns what each path of a pump loses, in the order of the model.
 *
 * @param pump made ready
 * @param gapOf returns the gap of a characteristic as it runs, in mm
 * @param state the speed, the pressure and the oil
 */
export function lossesOf(
  { sections }: FlowPump,
  gapOf: (id: CharacteristicId) => number,
  state: RunningState,
): PathFlow[] {
  const rows = new Map<CharacteristicId, PathFlow>();
  for (const { number, rowId, chains } of sections) {
    for (const chain of chains) {
      const flows = chainFlow(chain, (first) => gapOf(rowId(first)), state);
      for (const { row, lpm, coarse } of flows) {
        const id = rowId(row);
        const had = rows.get(id);
        rows.set(id, {
          characteristic: id,
          section: number,
          lpm: (had?.lpm ?? 0) + lpm,
          coarse: coarse || (had?.coarse ?? false),
        });
      }
    }
  }
  return [...rows.values()];
}

/**
 * Returns what all paths of a pump lose together, in l/min: the sum of `lossesOf`, where nobody asks which loses what.
 *
 * @param pump made ready
 * @param gapOf returns the gap of a characteristic as it runs, in mm
 * @param state the speed, the pressure and the oil
 */
export function lossOf(
  { sections }: FlowPump,
  gapOf: (id: CharacteristicId) => number,
  state: RunningState,
): number {
  let sum = 0;
  for (const { rowId, chains } of sections) {
    for (const chain of chains) sum += chainLoss_lpm(chain, (row) => gapOf(rowId(row)), state);
  }
  return sum;
}

/** Cubic centimetres in a litre. */
const CC_PER_L = 1000;

/** Says what a pump delivers at a state. */
export interface Delivered {
  /** Says what it would deliver without any gap, in l/min. */
  readonly theoretical_lpm: number;
  readonly slip_lpm: number;
  /** Not below zero. */
  readonly delivered_lpm: number;
  /** Delivered of theoretical; null at rest. */
  readonly efficiency: number | null;
}

/**
 * Returns what a pump delivers: V·n less what slips back, and nothing where more slips than it moves.
 *
 * @param cc_rev what it moves in a turn, in cm³
 * @param rpm speed of its shaft, in turns a minute
 * @param slip_lpm what slips back, in l/min
 * @example
 * deliveredBy(20, 1000, 5); // { theoretical_lpm: 20, slip_lpm: 5, delivered_lpm: 15, efficiency: 0.75 }
 * deliveredBy(20, 0, 5).efficiency; // null
 */
export function deliveredBy(cc_rev: number, rpm: number, slip_lpm: number): Delivered {
  const theoretical_lpm = (cc_rev * rpm) / CC_PER_L;
  const delivered_lpm = Math.max(0, theoretical_lpm - slip_lpm);
  return {
    theoretical_lpm,
    slip_lpm,
    delivered_lpm,
    efficiency: theoretical_lpm === 0 ? null : delivered_lpm / theoretical_lpm,
  };
}

/**
 * Adds up what paths lose, in l/min.
 *
 * @param losses of the paths of a pump
 * @example
 * slipOf([{ lpm: 0.5 }, { lpm: 0.25 }]); // 0.75
 */
export const slipOf = (losses: readonly Pick<PathFlow, 'lpm'>[]): number =>
  losses.reduce((sum, { lpm }) => sum + lpm, 0);

/**
 * Sorts what paths lose, greatest first, each with its share of the whole; 0 of nothing.
 *
 * @param losses of the paths of a pump
 * @example
 * byLoss([{ lpm: 1 }, { lpm: 3 }]); // [{ lpm: 3, share: 0.75 }, { lpm: 1, share: 0.25 }]
 */
export function byLoss<T extends Pick<PathFlow, 'lpm'>>(
  losses: readonly T[],
): (T & { readonly share: number })[] {
  const slip = slipOf(losses);
  return losses
    .map((loss) => ({ ...loss, share: slip === 0 ? 0 : loss.lpm / slip }))
    .sort((a, b) => b.lpm - a.lpm);
}
