import { CAUSES } from './causes';
import type { Cause } from './cause';
import type { ComplaintId } from './complaints';
import { possible, type CausedPump } from './possible';

/** Says what the check of a cause came to. */
export type Settled = 'yes' | 'no';

/** Holds what causes are ranked by. */
export interface Evidence {
  readonly complaints: readonly ComplaintId[];
  /** Names the signs that were found; what nobody looked for, measured or asked is not among them, and counts for nothing. */
  readonly signs: ReadonlySet<string>;
  /** Says what the checks of causes came to, by cause. */
  readonly settled: ReadonlyMap<string, Settled>;
}

/** Holds a cause with what speaks for and against it. */
export interface Ranked {
  readonly cause: Cause;
  readonly score: number;
  readonly strong: readonly string[];
  readonly some: readonly string[];
  readonly against: readonly string[];
  /** Lists the complaints that it gives, of those that there are. */
  readonly complaints: readonly ComplaintId[];
  readonly settled: Settled | null;
  /** Names the cause that left this one behind; null where it stands by itself. */
  readonly cameFrom: string | null;
}

/** Says what causes come to: likeliest first, and whether the first is far enough ahead to be called the cause. */
export interface Ranking {
  readonly causes: readonly Ranked[];
  readonly settled: boolean;
}

const STRONG = 3;
const MOST_SOME = 3;
const AGAINST = 2;
/** Gives the least score, and the least lead, with which a cause is settled. */
export const LEAST_SCORE = 4;
const LEAST_LEAD = 2;

const WORN = 'normal-wear';

type Weighed = Omit<Ranked, 'cameFrom'>;

/** Tells whether something stands at the beginning of a chain of damage, as far as the rules know. */
const isSource = ({ id, result }: Cause): boolean => !result && id !== WORN;

/** Weighs one cause by the signs that were found. */
function weigh(cause: Cause, { complaints, signs, settled }: Evidence): Weighed {
  const found = (ids: readonly string[]) => ids.filter((id) => signs.has(id));
  const [strong, some, against] = [cause.strong, cause.some, cause.against].map(found) as [
    string[],
    string[],
    string[],
  ];
  const fits = complaints.filter((c) => cause.gives.includes(c));
  return {
    cause,
    score:
      STRONG * strong.length +
      Math.min(MOST_SOME, some.length) +
      (fits.length > 0 ? 1 : 0) -
      AGAINST * against.length,
    strong,
    some,
    against,
    complaints: fits,
    settled: settled.get(cause.id) ?? null,
  };
}

const PLACE: Readonly<Record<Settled | 'open', number>> = { yes: 0, open: 1, no: 2 };

/** Sorts by what the check said, then by score; of equals by strong signs, a source before a result, by what destroys most. */
const byLikelihood = (a: Weighed, b: Weighed): number =>
  PLACE[a.settled ?? 'open'] - PLACE[b.settled ?? 'open'] ||
  b.score - a.score ||
  b.strong.length - a.strong.length ||
  Number(isSource(b.cause)) - Number(isSource(a.cause)) ||
  b.cause.harm - a.cause.harm;

/** Tells whether something was found that speaks for a cause, beside what is complained of. */
const isShown = ({ strong, some }: Weighed): boolean => strong.length + some.length > 0;

/** Tells whether a cause can have left others behind: a strong sign of it was found, and no check ruled it out. */
const canMake = ({ strong, settled }: Weighed): boolean =>
  settled !== 'no' && (strong.length > 0 || settled === 'yes');

/**
 * Returns the causes that a pump can have, likeliest first. A strong sign counts three, each other one, up to three of them, a
 * complaint that fits one; each sign against takes two off. What a check proved stands first, what it ruled out last.
 *
 * @param pump its family, its build, and what is fitted on it
 * @param evidence what is complained of, what was found, what checks said
 */
export function rankCauses(pump: CausedPump, evidence: Evidence): Ranking {
  const weighed = CAUSES.filter((cause) => possible(cause, pump, evidence.signs)).map((cause) =>
    weigh(cause, evidence),
  );
  const hasSource = weighed.some((w) => isSource(w.cause) && canMake(w));
  const sorted = weighed
    .map((w) => (w.cause.id === WORN && hasSource ? { ...w, score: w.score - AGAINST } : w))
    .sort(byLikelihood);
  const causes = sorted.map((w): Ranked => {
    const from = sorted.find((s) => canMake(s) && s.cause.makes?.includes(w.cause.id));
    return { ...w, cameFrom: from && isShown(w) ? from.cause.id : null };
  });
  const [first] = causes;
  const next = causes.slice(1).find(({ cameFrom, settled }) => !cameFrom && settled !== 'no');
  const lead = (first?.score ?? 0) - (next?.score ?? -Infinity);
  const settled =
    first?.settled === 'yes' ||
    (first !== undefined &&
      first.settled === null &&
      first.score >= LEAST_SCORE &&
      lead >= LEAST_LEAD);
  return { causes, settled };
}
