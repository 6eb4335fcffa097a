import type { Assessment } from '../../assessment/assessment';
import type { CharacteristicId } from '../../pumps/ids';
import { costOfOffer, type Offer } from '../operations/offer';
import { cheapestPlans } from '../solver/plan';
import type { Solver } from '../solver/program';
import { sumsWith, type ReworkCase } from './case';
import { gapOfRow, problemIn, type Doubt } from './asked';
import type { RatedPlan } from './rated';

/** Names a gap that is too close to call and may be left as it is; with it the parts of it that are in the same doubt. */
export interface LeftInDoubt {
  readonly id: string;
  readonly gap: CharacteristicId;
  readonly gaps: readonly CharacteristicId[];
  /** Gives the chance that it is out: its verdict's. */
  readonly chance: number;
}

/** Names a gap that may be read once more, with what that costs and what work on it is expected to cost then. */
export interface ReadAgain {
  readonly id: string;
  readonly gap: CharacteristicId;
  /** Lists it, and the sums that it counts in and that are in doubt as well. */
  readonly gaps: readonly CharacteristicId[];
  readonly cost: number;
  readonly expected: number;
}

/** Holds what may be left in doubt on a pump, and what may be read once more. */
export interface Doubts {
  readonly left: readonly LeftInDoubt[];
  readonly again: readonly ReadAgain[];
  /** Gives the price of a comeback. */
  readonly comeback: number;
}

/** A verdict that has no probability is as likely wrong as right. */
const EVEN = 0.5;

/** Nothing that is too close to call is out for sure: a plan may leave it at nearly the cost of a comeback. */
const MOST_CHANCE = 0.999;

const chanceOf = ({ probability }: Assessment): number =>
  Math.min(MOST_CHANCE, 1 - (probability ?? EVEN));

/** Returns what the cheapest work costs that brings some gaps in, whatever becomes of the other doubts; null where none does. */
function repairOf(
  rework: ReworkCase,
  gaps: readonly CharacteristicId[],
  solve: Solver,
  allowed: (offer: Offer) => boolean,
): number | null {
  const others = rework.watched
    .filter(({ assessment: a }) => a.verdict !== 'in' && !gaps.includes(a.characteristic.id))
    .map(({ assessment: a }) => a.characteristic.id);
  // What nobody has to pay for: this asks for the price of these gaps alone.
  const alone = { ...rework, needs: [], unsized: [] };
  const problem = problemIn(alone, allowed);
  const rows = problem.rows.filter((row) => !others.includes(gapOfRow(row.id)));
  const [plan] = cheapestPlans({ ...problem, rows }, solve);
  return plan?.cost ?? null;
}

/**
 * Lists what may be left in doubt on a pump, and what may be read once more.
 *
 * @param rework what plans for the pump are made from
 * @param solve solves mixed-integer linear programs exactly
 * @param allowed tells which operations may be done
 */
export function doubtsIn(
  rework: ReworkCase,
  solve: Solver,
  allowed: (offer: Offer) => boolean,
): Doubts {
  const close = rework.watched
    .map((w) => w.assessment)
    .filter(({ verdict }) => verdict === 'close');
  const { comeback, rate } = rework.money;
  const left = close.map((a): LeftInDoubt => {
    const parts = a.parts.filter(({ verdict }) => verdict === 'close');
    const { id } = a.characteristic;
    const gaps = [id, ...parts.map((part) => part.characteristic.id)];
    return { id: `leave--${id}`.slice(0, 64), gap: id, gaps, chance: chanceOf(a) };
  });
  const again = close.flatMap((a): ReadAgain[] => {
    const { id } = a.characteristic;
    const offer = rework.offers.find((o) => o.again === id);
    if (!offer) return [];
    // A sum that it counts in is told better by the same readings.
    const sums = sumsWith(close, a);
    const gaps = [a, ...sums].map(({ characteristic }) => characteristic.id);
    const repair = repairOf(rework, gaps, solve, allowed);
    if (repair === null) return [];
    const chance = Math.max(...[a, ...sums].map(chanceOf));
    const cost = costOfOffer(offer, rate);
    return [{ id: offer.id, gap: id, gaps, cost, expected: chance * repair }];
  });
  return { left, again, comeback };
}

/** Returns how much doubt a plan leaves: −Σ ln(1 − chance), so that the chances of several gaps add up. */
const doubtLeft = ({ chance }: RatedPlan): number => -Math.log(1 - chance);

/** Returns the doubts as the solver is asked about them, where one unit of doubt costs so much. */
const priced = ({ left, again }: Doubts, perDoubt: number): Doubt[] => [
  ...left.map(({ id, gaps, chance }) => ({ id, gaps, cost: -perDoubt * Math.log(1 - chance) })),
  ...again.map(({ id, gaps, cost, expected }) => ({ id, gaps, cost: cost + expected })),
];

/** Two plans are the same but for rounding where their doubts differ by less. */
const SAME = 1e-9;

/**
 * Returns the plans that are expected to cost the least, where a comeback is paid once however many gaps are out: what
 * doubt costs grows with it, but ever less, so that no price per unit of doubt is right for all. The cheapest plan is one
 * of those that are cheapest at some price: they are found from both ends, halving what lies between two of them until
 * nothing does.
 *
 * @param plansFor returns the cheapest plans at some prices, the cheapest first
 * @param most how many plans are wanted
 */
export function cheapestOf(
  doubts: Doubts,
  plansFor: (asked: readonly Doubt[], most: number) => RatedPlan[],
  most: number,
): RatedPlan[] {
  const { comeback, left } = doubts;
  const all = left.reduce((sum, { chance }) => sum - Math.log(1 - chance), 0);
  const found: RatedPlan[] = [];
  const at = (perDoubt: number): RatedPlan | undefined => {
    const [plan] = plansFor(priced(doubts, perDoubt), 1);
    if (plan) found.push(plan);
    return plan;
  };
  const sure = (plan: RatedPlan): number => plan.expected - plan.chance * comeback;
  const between = (a: RatedPlan, b: RatedPlan): void => {
    const [x, y] = [doubtLeft(a), doubtLeft(b)];
    if (Math.abs(y - x) < SAME) return;
    const perDoubt = (sure(a) - sure(b)) / (y - x);
    const plan = perDoubt > 0 ? at(perDoubt) : undefined;
    if (!plan) return;
    const z = doubtLeft(plan);
    const below = sure(a) + perDoubt * x - (sure(plan) + perDoubt * z);
    if (below <= SAME || Math.abs(z - x) < SAME || Math.abs(z - y) < SAME) return;
    between(a, plan);
    between(plan, b);
  };
  const [few, many] = [at(comeback), at(comeback * Math.exp(-all))];
  if (few && many) between(few, many);
  const [best] = [...found].sort((a, b) => a.expected - b.expected);
  if (!best) return [];
  const price = comeback * Math.exp(-doubtLeft(best));
  return [...found, ...plansFor(priced(doubts, price), most)];
}
