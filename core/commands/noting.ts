import type { Item } from '../records/entry';
import { lastStanding, record, replace, voidWhere, withVoided } from '../journal/commands';
import type { Surface } from '../pumps/teardown/teardown';
import type { Job } from '../records/job';
import type { Finding } from '../records/entries/finding';
import type { StripNote } from '../records/entries/strip';
import type { AuxiliaryAnswer } from '../records/entries/also';
import { stampOf, standing, type Command } from './command';
import { onChecks, onStripStep, onSurfaces } from './stands';

/** Describes what a person says of a thing; who and when come with the command. */
type Said<T> = Omit<T, 'id' | 'at' | 'by' | 'voided' | 'kind'>;

/** Notes a defect on a surface; where it was called sound before, that no longer counts. */
export const noteDefect = (found: Said<Finding>): Command =>
  standing(onSurfaces([found.surface]), (job, made) =>
    replace<Job, Finding>(
      job,
      { ...made, ...found, kind: 'finding' },
      (f) => f.surface === found.surface && f.defect === null,
      'a defect was found',
    ),
  );

/** Notes surfaces as sound. */
export const noteSound = (surfaces: readonly Surface[]): Command =>
  standing(onSurfaces(surfaces.map(({ id }) => id)), (job, made) =>
    record(
      job,
      ...surfaces.map((surface, i): Finding => ({
        ...stampOf(made, i),
        kind: 'finding',
        surface: surface.id,
        defect: null,
        nail: null,
        depth_mm: null,
        spot: null,
        proposed: 'pass',
        why: '',
        decided: 'pass',
        remark: '',
      })),
    ),
  );

/** Takes a surface back to not looked at: nothing that was noted on it counts any more. */
export const unlook = (surface: string): Command =>
  standing(onSurfaces([surface]), (job, { at, by }) =>
    voidWhere(job, (item) => item.kind === 'finding' && item.surface === surface, {
      at,
      by,
      why: 'not looked at after all',
    }),
  );

/** Returns what was looked at or answered last and still counts: what Undo takes back in the look. */
export const lastLooked = (job: Pick<Job, 'journal'>): Item | null => lastStanding(job, 'look');

/** Takes the last look or answer back; what was noted in one touch goes together. */
export const undoLook =
  (last: Item): Command =>
  (job, { at, by }) =>
    voidWhere(
      job,
      (item) => item.kind === last.kind && item.at === last.at && item.by === last.by,
      {
        at,
        by,
        why: 'undone',
      },
    );

/** Voids a defect that was none. */
export const withdrawDefect =
  (id: string): Command =>
  (job, { at, by }) =>
    withVoided(job, [id], { at, by, why: 'struck' });

/** Notes how a part lay, or that it was missing or a wrong one; a note takes the place of the one before. */
export const noteStrip = (note: Said<StripNote>): Command =>
  standing(onStripStep(note.step), (job, made) =>
    replace<Job, StripNote>(
      job,
      { ...made, ...note, kind: 'strip' },
      ({ step }) => step === note.step,
    ),
  );

const auxiliary = (check: string, answer: string) => ({ kind: 'also', check, answer }) as const;

/** Answers an auxiliary check; an answer takes the place of the one before. */
export const answerAuxiliary = (check: string, answer: string): Command =>
  standing(onChecks([check]), (job, made) =>
    replace<Job, AuxiliaryAnswer>(
      job,
      { ...made, ...auxiliary(check, answer) },
      (other) => other.check === check,
    ),
  );

/** Answers several auxiliary checks as expected: looked at one after another, noted once. */
export const answerAsExpected = (
  checks: readonly { readonly id: string; readonly expected: string }[],
): Command =>
  standing(onChecks(checks.map(({ id }) => id)), (job, made) =>
    record(
      job,
      ...checks.map(({ id, expected }, i): AuxiliaryAnswer => ({
        ...stampOf(made, i),
        ...auxiliary(id, expected),
      })),
    ),
  );
