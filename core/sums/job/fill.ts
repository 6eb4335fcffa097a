import { sayFrom } from '../../wording/say';
import type { Assessment } from '../../assessment/assessment';
import type { State } from '../../guidance/evaluator';
import type { Characteristic } from '../../pumps/family';
import type { Figures } from '../kinds';
import type { Page } from '../page';
import type { Sum } from '../sum';
import type { Typed } from '../workOut';
import { EXAMPLE } from './costs';
import type { Fact, Facts } from './facts';

/** Says where a figure is from that a job filled in. */
export const FACT_WORDS = {
  measured: 'Measured on {job}.',
  measuredDoubt: 'Measured on {job}, ± {u}.',
  worked: 'Since work on {job}: worked out, not measured.',
  sheet: 'By the sheet of {job}.',
  tag: 'By the tag of {job}.',
  plan: 'By the plan of {job}.',
  example: 'By the plan of {job}, at example prices.',
  shop: 'By the shop’s settings.',
  assumed: 'Assumed: {job} does not say it.',
} as const;

const say = sayFrom(FACT_WORDS);

/** Holds what a job fills in of a page: as it is typed, and where each is from. */
export interface Filled {
  readonly typed: Typed;
  readonly facts: Readonly<Record<string, Fact>>;
}

/** Returns what of a page a job fills in. */
export function filledBy(sum: Sum, facts: Facts): Filled {
  const takes = Object.entries((sum.page as Page<never, never> | undefined)?.takes ?? {});
  const known = takes.flatMap(([at, name]) => {
    const fact = facts[name];
    return fact ? [[at, fact] as const] : [];
  });
  return {
    facts: Object.fromEntries(known),
    typed: Object.fromEntries(known.map(([at, { text }]) => [at, { text, unit: 'mm' as const }])),
  };
}

/**
 * Returns a form with what a stage knows beside its job: what its plan costs.
 *
 * @param filled by the job
 * @param plan what the stage says, as the parameters of an address
 * @param fields those that the page asks
 */
export function withPlan(filled: Filled, plan: string, fields: readonly string[]): Filled {
  const parameters = new URLSearchParams(plan);
  const from = parameters.has(EXAMPLE) ? 'example' : 'plan';
  const said = [...parameters].filter(([at]) => fields.includes(at));
  const typed = said.map(([at, text]) => [at, { text, unit: 'mm' as const }] as const);
  const facts = said.map(([at, text]) => [at, { text, from } as const] as const);
  return {
    typed: { ...filled.typed, ...Object.fromEntries(typed) },
    facts: { ...filled.facts, ...Object.fromEntries(facts) },
  };
}

/** Says where a figure is from. */
export function factWords({ from, u_mm }: Fact, tag: string, f: Figures): string {
  if (from === 'measured' && u_mm) return say('measuredDoubt', { job: tag, u: f.fine(2 * u_mm) });
  return say(from, { job: tag });
}

/** Tells whether somebody measured something of a gap. */
const isKnown = ({ smallest, largest }: Assessment): boolean => (smallest ?? largest) !== null;

/** Returns the gaps of a pump that a sum can be asked about, what was measured first; none for a sum that is about the pump. */
export const gapsFor = (
  isAbout: ((c: Characteristic) => boolean) | undefined,
  { characteristics }: State,
): readonly Characteristic[] =>
  isAbout
    ? [...characteristics]
        .filter(({ characteristic }) => isAbout(characteristic))
        .sort((a, b) => Number(isKnown(b)) - Number(isKnown(a)))
        .map(({ characteristic }) => characteristic)
    : [];
