import { InputError } from '../errors';
import { fluidAt, type Fluid } from '../hydraulics/fluid';
import type { FlowOptions } from '../pumps/flow';
import { characteristicId, type CharacteristicId } from '../pumps/ids';
import { familyOf, problemsOf, pumpOf } from '../pumps/registry';
import { say } from '../wording/say';
import { even, runningGap, widened, type Gap } from './gap';
import {
  byLoss,
  deliveredBy,
  flowPump,
  lossesOf,
  pathsOf,
  slipOf,
  type Delivered,
  type PathFlow,
  type SectionPath,
} from './model';

/** A pump by itself, without a job: what it is, its gaps, and how it runs. */
export interface PumpState {
  readonly family: string;
  readonly geometry: object;
  /** Gaps at 20 °C in mm, wear among them: one figure, or the smallest and the largest place. */
  readonly gaps_mm: Readonly<Record<string, number | readonly [number, number]>>;
  readonly rpm: number;
  readonly pressure_bar: number;
  readonly temp_C: number;
  readonly fluid: Fluid;
  readonly options?: FlowOptions & {
    /** Says what gaps grow by with each kelvin over 20 °C, in mm. */
    readonly shift_mm_per_K?: Readonly<Record<string, number>>;
  };
}

/** Holds what comes of it. */
export interface PumpFlow extends Delivered {
  readonly cc_rev: number;
  /** Says how far the flow of one section swings within a turn, as a fraction of its mean. */
  readonly ripple: number;
  readonly paths: readonly (PathFlow & { readonly share: number })[];
}

/** Temperature at which gaps are measured, in °C. */
const MEASURED_AT_C = 20;

const NO_WEAR = even(0);

/**
 * Returns the middle of the range in which a gap usually is; null where it counts only if it is known.
 *
 * @param path of a section
 */
export const usualGap = ({ path: { usual_mm } }: SectionPath): Gap | null =>
  usual_mm && even((usual_mm[0] + usual_mm[1]) / 2);

/** Reads gaps as they were given, by the characteristics of the pump. */
function gapsIn({ family, geometry, gaps_mm }: PumpState): ReadonlyMap<string, Gap> {
  const known = new Set<string>(pumpOf({ family, geometry }).characteristics.map(({ id }) => id));
  return new Map(
    Object.entries(gaps_mm).map(([id, given]) => {
      const field = `gaps_mm.${id}`;
      if (!known.has(id)) {
        throw new InputError(field, 'unknown-gap', say('flow.noSuchGap', { id }), { id });
      }
      const [smallest_mm, largest_mm] = typeof given === 'number' ? [given, given] : given;
      if (!(smallest_mm >= 0 && largest_mm >= smallest_mm)) {
        throw new InputError(field, 'not-a-gap', say('flow.notAGap'), { id });
      }
      return [id, { smallest_mm, largest_mm }];
    }),
  );
}

/** Refuses a geometry that no pump of its family has. */
function checkGeometry(pump: Pick<PumpState, 'family' | 'geometry'>): void {
  familyOf(pump.family);
  const [first] = problemsOf(pump);
  if (!first) return;
  throw new InputError(`geometry.${first.field}`, 'not-a-pump', first.message);
}

/**
 * Returns what a pump delivers with the gaps that are given, and where it loses the rest: the model by itself. A gap
 * that is not given is the middle of its usual range, wear that is not given is none.
 *
 * @param state the pump, its gaps in mm, speed in turns a minute, pressure in bar, temperature in °C, and the oil
 * @throws InputError at what cannot be: `geometry.teeth`, `gaps_mm.tip`, `temp_C`
 * @example
 * const rotor = { vanes: 4, vaneThickness_mm: 4, vaneLength_mm: 16, rotorDiameter_mm: 48, slotDepth_mm: 16.5 };
 * const bore = { shaftDiameter_mm: 12, boreDiameter_mm: 58, eccentricity_mm: 4.7, bodyDiameter_mm: 88 };
 * const geometry = { ...rotor, ...bore, width_mm: 36, bolts: 6 };
 * const fluid = { kv40_mm2s: 46, kv100_mm2s: 6.8, density15_kgm3: 870 };
 * const state = { family: 'vacuum-vane', geometry, gaps_mm: { 'side-rotor': 0.05 } };
 * pumpFlow({ ...state, rpm: 700, pressure_bar: 8, temp_C: 90, fluid }).slip_lpm.toFixed(3); // '0.288'
 */
export function pumpFlow(state: PumpState): PumpFlow {
  checkGeometry(state);
  const { family, geometry, rpm, pressure_bar, temp_C, fluid, options = {} } = state;
  const { shift_mm_per_K = {}, ...more } = options;
  const oil = fluidAt(fluid, temp_C);
  const given = gapsIn(state);
  const paths = new Map(pathsOf(state).map((path) => [path.id, path]));
  const gapOf = (id: CharacteristicId): number => {
    const path = paths.get(id);
    const base = given.get(id) ?? (path && usualGap(path)) ?? NO_WEAR;
    const worn = (path?.wear ?? []).reduce(
      (gap, wear) => widened(gap, given.get(wear) ?? NO_WEAR),
      base,
    );
    return runningGap(worn, (shift_mm_per_K[id] ?? 0) * (temp_C - MEASURED_AT_C));
  };
  const pump = flowPump({
    ...more,
    family,
    geometryOf: () => geometry,
    knows: (id) => given.has(characteristicId(id)),
  });
  const losses = lossesOf(pump, gapOf, { rpm, pressure_bar, oil });
  return {
    cc_rev: pump.cc_rev,
    ripple: pump.sections[0]?.displacement.ripple ?? 0,
    ...deliveredBy(pump.cc_rev, rpm, slipOf(losses)),
    paths: byLoss(losses),
  };
}
