import { isAbout, ledgerOf } from '../journal/ledger';
import type { CharacteristicId, DimensionId } from '../pumps/ids';
import type { Reading } from '../methods/list';
import type { Entry } from '../records/entry';
import type { Job } from '../records/job';
import { workListOf } from '../rework/decision/worklist';
import { counting } from '../schema/voiding';
import type { Stands } from './command';

/**
 * What commands stand on: something of the job that is the same as long as nobody changed it. Who does something sees the
 * job as it was a moment ago; where what his command stands on has changed since, in another window, he is told instead of
 * doing it twice or over what another did.
 */

const ids = (items: readonly { readonly id: string }[]): string[] => items.map(({ id }) => id);

/** What was read, found or worked last, whatever was decided since: what is decided rests on it. */
const evidenceOf = ({ journal }: Job): string | undefined =>
  journal.findLast(({ kind }) => !DECIDED.includes(kind))?.id;

/** Entries that say what was decided, and nothing of the pump. */
const DECIDED: readonly Entry['kind'][] = ['plan', 'decision', 'order', 'accept'];

/** Which work list is in force, and what is known of the pump. */
export const onPlan: Stands = (job) => [onWorkList(job), evidenceOf(job)];

/** Which work list is in force. */
export const onWorkList: Stands = (job) => workListOf(job)?.plan.id ?? null;

/** Which work list is in force, and what was carried out of one of its steps. */
export const onStep =
  (step: string): Stands =>
  (job) => {
    const list = workListOf(job);
    const listed = list?.steps.find((s) => s.step.id === step);
    return [list?.plan.id ?? null, listed ? ids(listed.done) : null];
  };

/** What work on some parts counts. */
export const onWorkOf =
  (parts: readonly string[]): Stands =>
  (job) =>
    ids(counting(ledgerOf(job).operations).filter(({ part }) => parts.includes(part)));

/** What is decided of some parts, and what is known of the pump. */
export const onDecisions =
  (parts: readonly string[]): Stands =>
  (job) => [
    ids(counting(ledgerOf(job).decisions).filter(({ part }) => parts.includes(part))),
    evidenceOf(job),
  ];

/** Which acceptances of some gaps stand. */
export const onAcceptances =
  (characteristics: readonly CharacteristicId[]): Stands =>
  (job) =>
    ids(counting(ledgerOf(job).accepts).filter((a) => characteristics.includes(a.characteristic)));

/** How a line of the order list stands. */
export const onOrder =
  (line: string): Stands =>
  (job) =>
    ids(counting(ledgerOf(job).orders).filter((o) => o.line === line));

/** What is noted on some surfaces. */
export const onSurfaces =
  (surfaces: readonly string[]): Stands =>
  (job) =>
    ids(counting(ledgerOf(job).findings).filter(({ surface }) => surfaces.includes(surface)));

/** How some small checks were answered. */
export const onChecks =
  (checks: readonly string[]): Stands =>
  (job) =>
    ids(counting(ledgerOf(job).also).filter(({ check }) => checks.includes(check)));

/** How a step of the strip was noted. */
export const onStripStep =
  (step: string): Stands =>
  (job) =>
    ids(counting(ledgerOf(job).strip).filter((note) => note.step === step));

/** A place, by what is read there. */
export interface Place {
  readonly target: CharacteristicId | DimensionId;
  readonly station: string;
}

/** Returns where a reading was made. */
export const placeOf = (reading: Reading): Place => ({
  target: reading.kind === 'size' ? reading.dimension : reading.characteristic,
  station: reading.station,
});

const targetIn = (entry: Entry): string | null =>
  entry.kind === 'skip'
    ? entry.target
    : 'characteristic' in entry && 'station' in entry
      ? entry.characteristic
      : 'dimension' in entry
        ? entry.dimension
        : null;

const stationIn = (entry: Entry): string | null =>
  entry.kind === 'skip' ? entry.place : 'station' in entry ? entry.station : null;

/** What was read or left out at some places, and what was struck since: readings add up, but each is of what was seen. */
export const onPlaces = (places: readonly Place[]): Stands => {
  const keys = new Set(places.map(({ target, station }) => `${target} ${station}`));
  return ({ journal }) =>
    ids(
      journal.filter(
        (entry) => isAbout(entry) || keys.has(`${targetIn(entry)} ${stationIn(entry)}`),
      ),
    );
};

/** Some fields of the job itself. */
export const onFields =
  (...names: readonly (keyof Job)[]): Stands =>
  (job) =>
    names.map((name) => job[name] ?? null);

/** What was answered to a check of the key. */
export const onKey =
  (check: string): Stands =>
  (job) =>
    job.key.find((answer) => answer.check === check) ?? null;
