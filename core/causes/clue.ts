import type { DefectId, SurfaceKind } from '../pumps/teardown/defects';

/** Names the groups of clearances and sizes that causes speak of, by the ids that they have on the first section. */
export const GAPS = {
  bushing: /^(hub-bushing|shaft-bushing-.+|bearing-play.*)$/,
  hub: /^hub-bushing$/,
  face: /^(face-.+|end|side-.+)$/,
  total: /^(stack-.+|end-cover|end-plates)$/,
  tip: /^(tip|tip-crescent-.+|od-pocket)$/,
  crescentTip: /^tip-crescent-.+$/,
  outside: /^od-pocket$/,
  body: /^tip-body-.+$/,
  track: /^body-track-.+$/,
  cover: /^cover-wear$/,
  plate: /^plate-wear-.+$/,
  deck: /^deck-flatness$/,
  runout: /^shaft-runout-.+$/,
  engagement: /^drive-engagement$/,
  vent: /^vent-size$/,
  plunger: /^plunger-bore$/,
  springLoad: /^spring-load$/,
  springLength: /^spring-length$/,
  vaneLength: /^vane-length$/,
  vaneInSlot: /^vane-in-slot$/,
  any: /./,
} as const;
export type GapGroup = keyof typeof GAPS;

/** Says how a clearance or size stands against its limits. */
export type Standing = 'over' | 'under' | 'in' | 'close';

/** Names surfaces, by what they do or by their ids on the first section. */
export interface On {
  readonly kinds?: readonly SurfaceKind[];
  readonly ids?: RegExp;
  readonly but?: RegExp;
}

/**
 * Describes what of a job shows a sign: a clearance against its limit, a defect on a surface, the answer to a small check, how
 * a part lay when it came out, a fact of the job that has a name of its own, or what somebody said of another sign.
 */
export type Clue =
  | { readonly gap: GapGroup; readonly is: Standing; readonly least?: number }
  | { readonly on: On; readonly defects: readonly DefectId[] }
  | { readonly check: RegExp; readonly answers: readonly string[] }
  | { readonly noted: string; readonly ways: readonly string[] }
  | { readonly fact: FactId }
  | { readonly told: string };

/** Lists the facts of a job that are signs and are read off no single answer. */
export const FACTS = [
  'plain-drain',
  'against-drive',
  'mixed-parts',
  'bright',
  'only-polished',
] as const;
export type FactId = (typeof FACTS)[number];

/**
 * Describes one thing that speaks for or against causes. Any of its clues shows it; where it says so, all of them together. What no clue of
 * this pump shows is asked.
 */
export interface Sign {
  readonly id: string;
  /** Says it as a whole sentence, true where it was found. */
  readonly words: string;
  readonly clues: readonly Clue[];
  /** Says that only all of the clues together show it. */
  readonly together?: true;
  /** Asks for it; left out where only looking and measuring show it. */
  readonly ask?: string;
  /** Says of whom or what it is asked. */
  readonly asked?: 'customer' | 'bench' | 'test';
}

/** Makes a sign that looking or measuring shows by any of some clues. */
export const shown = (id: string, words: string, ...clues: readonly Clue[]): Sign => ({
  id,
  words,
  clues,
});

/** Makes a sign that only all of its clues together show. */
export const together = (id: string, words: string, ...clues: readonly Clue[]): Sign => ({
  ...shown(id, words, ...clues),
  together: true,
});

type Ask = readonly [id: string, ask: string, words: string, ...clues: readonly Clue[]];

const asking =
  (asked: NonNullable<Sign['asked']>) =>
  (...[id, ask, words, ...clues]: Ask): Sign => ({ id, words, clues, ask, asked });

/** Makes a sign that the customer is asked for: how it came on, and what was done to the machine. */
export const ofCustomer = asking('customer');
/** Makes a sign that is looked for on the bench, where no small check of the pump asks. */
export const atBench = asking('bench');
/** Makes a sign that shows while the machine or a test stand runs. */
export const inTest = asking('test');

/** Makes the clue that a clearance or a size stands so against its limits. */
export const gap = (group: GapGroup, is: Standing, least = 1): Clue => ({ gap: group, is, least });
/** Makes the clue that one of some defects was seen on surfaces. */
export const seen = (on: On, ...defects: readonly DefectId[]): Clue => ({ on, defects });
/** Makes the clue that a small check was answered so. */
export const answered = (check: RegExp, ...answers: readonly string[]): Clue => ({
  check,
  answers,
});
/** Makes the clue that a part lay so when it came out. */
export const lay = (noted: string, ...ways: readonly string[]): Clue => ({ noted, ways });
/** Makes the clue that is a fact of the job. */
export const fact = (id: FactId): Clue => ({ fact: id });
/** Makes the clue that somebody said so of another sign. */
export const told = (id: string): Clue => ({ told: id });
