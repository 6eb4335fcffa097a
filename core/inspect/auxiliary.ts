import { clutchChecks, NOT_HERE } from './clutches';
import { fittedChecks } from './fittedChecks';
import { rotationClash, toldBy } from './rotation';
import { countCheck, missingSmall, type MissingSmall } from './smallParts';
import { ledgerOf } from '../journal/ledger';
import type { PumpKind } from '../pumps/registry';
import type { Job } from '../records/job';
import { counting } from '../schema/voiding';
import type { Sheet } from '../records/sheet';
import type { Fitted } from '../pumps/teardown/fitted';
import type { AlsoCheck } from '../pumps/teardown/teardown';
import type { AuxiliaryAnswer } from '../records/entries/also';
import { say, spelled } from '../wording/say';

/** A small check, its answer, and whether that is what the sheet expects. */
export interface AuxiliaryChecked {
  readonly check: AlsoCheck;
  readonly answer: AuxiliaryAnswer | null;
  /** Is true where the answer is another than the expected one. */
  readonly differs: boolean;
  /** Says what comes of the answer where it does harm on any pump, or contradicts the tag; null where it does neither. */
  readonly harm: string | null;
}

/** Tells whether an answer is another than the expected one, or does harm. */
export const isAmiss = ({ differs, harm }: AuxiliaryChecked): boolean => differs || harm !== null;

/** Holds what the small checks of a sheet depend on. */
export type CheckedSheet = PumpKind & Fitted & Pick<Sheet, 'also' | 'clutches' | 'small'>;

/** Returns what was answered to a check, by its id; null where nobody answered. */
type Answers = (check: string) => string | null;

const BLOWS = 'the leak past the bushing cannot get away: that blows the seal';
const TO_OUTLET = 'outlet pressure stands behind the seal: that blows it';

/** Names the answers that do harm whatever a sheet expects, and what comes of them. */
const HARM: Readonly<Record<string, Readonly<Record<string, string>>>> = {
  vent: { blocked: BLOWS, none: BLOWS },
  'drain-kind': { none: BLOWS },
  'drain-wire': { 'at the outlet': TO_OUTLET, 'at both': TO_OUTLET, 'it does not pass': BLOWS },
  'drain-valve': { 'both stick': BLOWS },
};

/** Says what comes of an answer that does harm on any pump, or contradicts the tag; null where it does neither. */
export const harmOf = (
  check: Pick<AlsoCheck, 'id'>,
  answer: string,
  { rotation }: Pick<Job, 'rotation'>,
): string | null => HARM[check.id]?.[answer] ?? rotationClash(check.id, answer, rotation);

/**
 * Lists the small checks that a sheet asks for: its own, those of what is fitted and of small parts, then those of each
 * one-way clutch.
 *
 * @param answer what was answered so far: a drain that was found asks for itself, a clutch that is not there for nothing
 */
export const smallChecks = (sheet: CheckedSheet, answer: Answers = () => null): AlsoCheck[] => [
  ...sheet.also,
  ...fittedChecks(sheet, answer),
  ...sheet.small.map((small) => countCheck(sheet, small)),
  ...sheet.clutches.flatMap((clutch) => clutchChecks(clutch, answer)),
];

/** Writes an answer with what it tells, and what comes of it: `at the outlet; outlet pressure stands behind the seal: …`. */
export function answerTells(check: AlsoCheck, answer: string, harm: string | null): string {
  const told = toldBy(check.id, spelled(answer));
  return harm ? `${told}; ${harm}` : told;
}

/** Writes an answer beside what is right, where those differ: `both; should be clockwise`. */
export function answerBeside({ check, answer, differs, harm }: AuxiliaryChecked): string {
  const said = answer?.answer ?? '';
  if (!differs) return answerTells(check, said, harm);
  const beside = say('judge.right', { found: spelled(said), right: spelled(check.expected) });
  return harm ? `${beside}; ${harm}` : beside;
}

const answersIn = (job: Pick<Job, 'journal'>) => {
  const last = new Map(counting(ledgerOf(job).also).map((a) => [a.check, a]));
  return (check: string) => last.get(check) ?? null;
};

/** Returns the small checks of the visit, in the sheet's order. */
export function auxiliaryChecks(
  job: Pick<Job, 'sheet' | 'journal' | 'rotation'>,
): AuxiliaryChecked[] {
  const answers = answersIn(job);
  return smallChecks(job.sheet, (id) => answers(id)?.answer ?? null).map((check) => {
    const answer = answers(check.id);
    const said = answer?.answer ?? '';
    const differs =
      answer !== null && check.expected !== '' && said !== check.expected && said !== NOT_HERE;
    return { check, answer, differs, harm: harmOf(check, said, job) };
  });
}

/** Lists the keys, clips, pins and washers of which some were missing. */
export function missingParts(job: Pick<Job, 'sheet' | 'journal'>): MissingSmall[] {
  const answers = answersIn(job);
  return missingSmall(job.sheet, (id) => answers(id)?.answer ?? null);
}
