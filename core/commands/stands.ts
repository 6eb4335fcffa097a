import { ledgerOf, type Ledger } from '../journal/ledger';
import type { CharacteristicId } from '../pumps/ids';
import { isAbout, sliceOf } from '../records/entry';
import type { PlaceKey } from '../records/entries/slice';
import type { Job } from '../records/job';
import { workListOf } from '../rework/decision/worklist';
import { counting } from '../schema/voiding';
import type { Stands } from './command';

/*
 * Says what commands stand on: something of the job that is the same as long as nobody changed it. Who does something sees the
 * job as it was a moment ago; where what his command stands on has changed since, in another window, he is told instead of
 * doing it twice or over what another did.
 */

const ids = (items: readonly { readonly id: string }[]): string[] => items.map(({ id }) => id);

/** Lists the ids of what counts in one list of a job, and is meant. */
const counted = <L extends keyof Ledger>(
  job: Job,
  list: L,
  isMeant: (item: Ledger[L][number]) => boolean,
): string[] => ids(counting(ledgerOf(job)[list] as readonly Ledger[L][number][]).filter(isMeant));

/** Returns the id of what was read, found or worked last, whatever was decided since: what is decided rests on it. */
const evidenceOf = ({ journal }: Job): string | undefined =>
  journal.findLast((entry) => sliceOf(entry)?.is.tells !== 'decided')?.id;

/** Stands on the work list in force, and on what is known of the pump. */
export const onPlan: Stands = (job) => [onWorkList(job), evidenceOf(job)];

/** Stands on the work list in force. */
export const onWorkList: Stands = (job) => workListOf(job)?.plan.id ?? null;

/** Stands on the work list in force, and on what was carried out of one of its steps. */
export const onStep =
  (step: string): Stands =>
  (job) => {
    const list = workListOf(job);
    const listed = list?.steps.find((s) => s.step.id === step);
    return [list?.plan.id ?? null, listed ? ids(listed.done) : null];
  };

/** Stands on the work that counts on some parts. */
export const onWorkOf =
  (parts: readonly string[]): Stands =>
  (job) =>
    counted(job, 'operations', ({ part }) => parts.includes(part));

/** Stands on what is decided of some parts, and on what is known of the pump. */
export const onDecisions =
  (parts: readonly string[]): Stands =>
  (job) => [counted(job, 'decisions', ({ part }) => parts.includes(part)), evidenceOf(job)];

/** Stands on the acceptances of some gaps, and on what is known of the pump. */
export const onAcceptances =
  (gaps: readonly CharacteristicId[]): Stands =>
  (job) => [
    counted(job, 'accepts', ({ characteristic }) => gaps.includes(characteristic)),
    evidenceOf(job),
  ];

/** Stands on how far a line of the order list is. */
export const onOrder =
  (line: string): Stands =>
  (job) =>
    counted(job, 'orders', (order) => order.line === line);

/** Stands on what is noted on some surfaces. */
export const onSurfaces =
  (surfaces: readonly string[]): Stands =>
  (job) =>
    counted(job, 'findings', ({ surface }) => surfaces.includes(surface));

/** Stands on the answers to some small checks. */
export const onChecks =
  (checks: readonly string[]): Stands =>
  (job) =>
    counted(job, 'also', ({ check }) => checks.includes(check));

/** Stands on what was noted of a step of the strip. */
export const onStripStep =
  (step: string): Stands =>
  (job) =>
    counted(job, 'strip', (note) => note.step === step);

/** Stands on what was said and drawn up at a step of the build. */
export const onBuildStep =
  (step: string): Stands =>
  (job) => [
    counted(job, 'builds', (entry) => entry.step === step),
    counted(job, 'torques', (entry) => entry.step === step),
  ];

const keyOf = (place: PlaceKey | undefined): string =>
  place ? `${place.target} ${place.station}` : '';

/** Stands on what was read or left out at some places, and on what was struck since: readings add up, but each is of what was seen. */
export const onPlaces = (places: readonly PlaceKey[]): Stands => {
  const keys = new Set(places.map(keyOf));
  return ({ journal }) =>
    ids(journal.filter((entry) => isAbout(entry) || keys.has(keyOf(sliceOf(entry)?.at?.(entry)))));
};

/** Stands on some fields of the job itself. */
export const onFields =
  (...names: readonly (keyof Job)[]): Stands =>
  (job) =>
    names.map((name) => job[name] ?? null);

/** Stands on the answer to a check of the key. */
export const onKey =
  (check: string): Stands =>
  (job) =>
    job.key.find((answer) => answer.check === check) ?? null;
