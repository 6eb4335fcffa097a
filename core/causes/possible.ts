import { pumpOf, teardownOf, type PumpKind } from '../pumps/registry';
import type { Fitted } from '../pumps/teardown/fitted';
import type { Cause, Having } from './cause';
import { GAPS, type GapGroup } from './clue';

/** Describes what of a pump says which causes it can have; what is fitted is left out where only the family is known. */
export type CausedPump = PumpKind & Partial<Fitted>;

const hasGap = (pump: PumpKind, group: GapGroup): boolean =>
  pumpOf(pump).characteristics.some(({ first }) => GAPS[group].test(first));

const hasCheck = (pump: PumpKind, check: string): boolean =>
  teardownOf(pump).also.some(({ id }) => id === check);

const hasWay = (pump: PumpKind, way: string): boolean =>
  teardownOf(pump).strip.some((step) => step.way === way);

const hasKind = (pump: PumpKind, kind: string): boolean =>
  teardownOf(pump).surfaces.some((surface) => surface.kind === kind);

/** Returns how many seals a pump has: as its sheet says, else as its family has as a rule. */
const sealsOf = (pump: CausedPump): number =>
  pump.seals ?? teardownOf(pump).fitted.usual.seals ?? 0;

/** Tells whether oil can get out from behind the seal: by a vent, or by a drain. */
const hasDrain = (pump: CausedPump): boolean =>
  hasCheck(pump, 'vent') ||
  (pump.drain ?? teardownOf(pump).fitted.usual.drain ?? 'none') !== 'none';

/** Says what tells that a pump has something. */
const HAS: Readonly<Record<Having, (pump: CausedPump) => boolean>> = {
  seal: (pump) => sealsOf(pump) > 0,
  drain: hasDrain,
  'drain-valve': (pump) => hasDrain(pump) && !hasCheck(pump, 'vent'),
  groove: (pump) => hasWay(pump, 'groove'),
  bushing: (pump) => hasGap(pump, 'bushing'),
  vane: (pump) => hasKind(pump, 'vane'),
  'vane-edge': (pump) => hasWay(pump, 'edge'),
  crescent: (pump) => hasKind(pump, 'crescent'),
  'body-track': (pump) => hasGap(pump, 'track'),
  cover: (pump) => hasGap(pump, 'cover') || hasGap(pump, 'plate'),
  face: (pump) => hasGap(pump, 'face'),
  tip: (pump) => hasGap(pump, 'tip') || hasGap(pump, 'body'),
  relief: (pump) => hasKind(pump, 'valve'),
  drive: (pump) => hasKind(pump, 'drive'),
};

/** Lists what a model of a family may have though others of it do not, by the field that says so: found on the pump, it is there. */
const MAY_HAVE: Readonly<Partial<Record<Having, 'seals' | 'drain'>>> = {
  seal: 'seals',
  drain: 'drain',
  'drain-valve': 'drain',
};

/** Tells whether a pump may have something that its family has not as a rule: nobody said that this model has none. */
function mayHave(pump: CausedPump, having: Having): boolean {
  const field = MAY_HAVE[having];
  return (
    field !== undefined && pump[field] == null && teardownOf(pump).fitted.asked.includes(field)
  );
}

/**
 * Tells whether a pump can have failed for a cause: it has what that is about.
 *
 * @param pump its family, its build, and what is fitted on it
 * @param signs what was found on it
 */
export const possible = (
  { has = [], strong }: Cause,
  pump: CausedPump,
  signs: ReadonlySet<string>,
): boolean =>
  has.every(
    (having) => HAS[having](pump) || (mayHave(pump, having) && strong.some((id) => signs.has(id))),
  );
