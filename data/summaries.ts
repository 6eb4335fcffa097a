import { Evaluator } from '../core/guidance/evaluator';
import type { Gaps } from '../core/guidance/shopPast';
import {
  jobSummaryFrom,
  jobSummaryOf,
  summaryKey,
  summaryOfHead,
  summaryText,
  unreadableSummary,
  type JobSummary,
} from './jobSummary';
import { writeBriefs } from './briefs';
import { pacer } from './pace';
import { idsOf, keyOf, opened, readAll, UnreadableRecord } from './opened';
import { sealFrom, sealKey } from './seal';
import { readText, readTexts, readTogether, readUnder, writeTexts } from './storage';
import { touchedJobs } from './tabs';

/**
 * The list of jobs. What it shows of each lies beside the job, a cache and nothing more: the jobs
 * themselves say which there are, and the token of each job's last write whether its summary is of
 * that. One that is missing, odd or stale is made anew, and its job is listed meanwhile.
 */

/** A job in the list. */
export interface ListedJob extends JobSummary {
  /**
   * Whether its summary is of the job as it was written last: `current`, or `stale`, which is as good
   * as could be told at once; `unchecked` before anybody has looked.
   */
  readonly state: 'unchecked' | 'current' | 'stale';
  /** The write that it is of. */
  readonly token: string | null;
}

function listedFrom(id: string, text: string | null | undefined): ListedJob | null {
  const found = jobSummaryFrom(id, text ?? null);
  // One that is of no write was made before its readings were judged.
  const state = found?.token === null ? 'stale' : 'unchecked';
  return found && { ...found.summary, token: found.token, state };
}

const listedFromHead = (id: string, head: string): ListedJob => ({
  ...summaryOfHead(id, head),
  token: null,
  state: 'stale',
});

const checkedBy = (job: ListedJob, seal: string | null | undefined): ListedJob => {
  if (job.state !== 'unchecked') return job;
  const token = sealFrom(seal)?.token;
  return { ...job, state: token !== undefined && token === job.token ? 'current' : 'stale' };
};

/** Returns every job that is in storage as a list shows it, in two reads however many there are. */
async function readList(): Promise<ListedJob[]> {
  await writeBriefs();
  const [briefs, ids] = await Promise.all([readUnder(summaryKey('')), idsOf('job')]);
  const pause = pacer();
  const found = new Map<string, ListedJob>();
  for (const id of ids) {
    const listed = listedFrom(id, briefs.get(summaryKey(id)));
    if (listed) found.set(id, listed);
    await pause();
  }
  const rest = ids.filter((id) => !found.has(id));
  const heads = await readTexts(rest.map((id) => keyOf('job', id)));
  for (const id of rest) {
    const head = heads[keyOf('job', id)];
    // A head that is null was removed while the list was read.
    if (head != null) found.set(id, listedFromHead(id, head));
  }
  return ids.flatMap((id) => found.get(id) ?? []);
}

/** Returns a list with every summary held against the last write of its job. */
export async function checkedList(list: readonly ListedJob[]): Promise<ListedJob[]> {
  const seals = await readUnder(sealKey(keyOf('job', '')));
  return list.map((job) => checkedBy(job, seals.get(sealKey(keyOf('job', job.id)))));
}

/** Returns every job as a list shows it, checked. */
export const listJobs = async (): Promise<ListedJob[]> => checkedList(await readList());

/** Returns one job as a list shows it; null where there is none. */
async function listJob(id: string): Promise<ListedJob | null> {
  await writeBriefs();
  const key = keyOf('job', id);
  const texts = await readTogether([key, sealKey(key), summaryKey(id)], null);
  const head = texts.get(key) ?? null;
  if (head === null) return null;
  const listed = listedFrom(id, texts.get(summaryKey(id)));
  return listed ? checkedBy(listed, texts.get(sealKey(key))) : listedFromHead(id, head);
}

/** Where the ids of the jobs at the head of the list lie. */
const FRONT = 'front';

/** Jobs that the head of the list has: what a screen shows at once. */
const FRONT_ROWS = 10;

/** Returns the jobs in the order of the list, the last one worked on first. */
export const inOrder = <J extends JobSummary>(jobs: readonly J[]): J[] =>
  [...jobs].sort((a, b) => (a.lastAt < b.lastAt ? 1 : a.lastAt > b.lastAt ? -1 : 0));

/** Returns the jobs that stood at the head of the list, as they are now: they are there long before all are. */
export async function loadFront(): Promise<ListedJob[]> {
  try {
    const ids = JSON.parse((await readText(FRONT)) ?? '[]') as unknown;
    if (!Array.isArray(ids)) return [];
    const jobs = await Promise.all(
      [...new Set(ids)].slice(0, FRONT_ROWS).map((id) => listJob(String(id))),
    );
    return jobs.filter((job) => job !== null);
  } catch {
    return [];
  }
}

/** Keeps which jobs stand at the head of the list. */
export async function keepFront(jobs: readonly ListedJob[]): Promise<void> {
  const text = JSON.stringify(
    inOrder(jobs)
      .slice(0, FRONT_ROWS)
      .map(({ id }) => id),
  );
  if (text !== (await readText(FRONT))) await writeTexts({ [FRONT]: text }, 'relaxed');
}

/** Returns a list with some of its jobs as they are now: new ones at its end, those that are gone left out. */
async function relisted(
  list: readonly ListedJob[],
  touched: ReadonlySet<string>,
): Promise<ListedJob[]> {
  const now = new Map<string, ListedJob | null>();
  for (const id of touched) now.set(id, await listJob(id));
  const there = new Set(list.map(({ id }) => id));
  const fresh = [...touched].filter((id) => !there.has(id));
  return [
    ...list.flatMap((job) => (now.has(job.id) ? (now.get(job.id) ?? []) : job)),
    ...fresh.flatMap((id) => now.get(id) ?? []),
  ];
}

/** Returns the list of jobs; of one that was read before only what changed since is read. */
export async function listAfter(before: readonly ListedJob[] | undefined): Promise<ListedJob[]> {
  const touched = touchedJobs.take();
  try {
    return before && touched ? await relisted(before, touched) : await readList();
  } catch (error) {
    touchedJobs.addAll();
    throw error;
  }
}

/** So many summaries are written at once. */
const AT_ONCE = 25;

/** A summary made anew, and its text where it is worth keeping. */
interface Renewed {
  readonly job: ListedJob;
  readonly text: string | null;
}

async function renewed(id: string, by: Evaluator): Promise<Renewed | null> {
  const texts = await readAll('job', id);
  const head = texts.get(keyOf('job', id));
  if (head == null) return null;
  try {
    const stored = opened('job', id, texts);
    if (!stored) return null;
    const summary = jobSummaryOf(stored.record, by);
    const token = sealFrom(stored.seal)?.token ?? null;
    const job: ListedJob = { ...summary, token, state: 'current' };
    return { job, text: summaryText(summary, stored.seal) };
  } catch (error) {
    // Whatever is wrong with it, it is listed: opening it says what.
    const unread = error instanceof UnreadableRecord;
    const told = unread ? unreadableSummary(id) : summaryOfHead(id, head);
    return { job: { ...told, token: null, state: 'current' }, text: null };
  }
}

/**
 * Makes the summaries of jobs anew and stores them, the page answering in between.
 *
 * @param onRenewed called with those that are there, a few at a time
 * @param stopped asked before each
 */
export async function renewSummaries(
  ids: readonly string[],
  onRenewed: (jobs: readonly ListedJob[]) => void,
  stopped: () => boolean = () => false,
): Promise<void> {
  const pause = pacer();
  for (let begin = 0; begin < ids.length && !stopped(); begin += AT_ONCE) {
    // Not by the evaluator of the job in hand: that would have to begin again.
    const by = new Evaluator();
    const made: Renewed[] = [];
    for (const id of ids.slice(begin, begin + AT_ONCE)) {
      if (stopped()) break;
      const one = await renewed(id, by);
      if (one) made.push(one);
      await pause();
    }
    const texts = made.flatMap(({ job, text }) => (text ? [[summaryKey(job.id), text]] : []));
    await writeTexts(Object.fromEntries(texts) as Record<string, string>, 'relaxed');
    onRenewed(made.map(({ job }) => job));
  }
}

/**
 * Returns what was measured on each of the other pumps of a model. A summary that is not of the job as
 * it is now is made anew first.
 *
 * @param except the job that asks
 */
export async function gapsOfModel(
  list: readonly ListedJob[],
  model: string,
  except: string,
): Promise<Gaps[]> {
  const others = list.filter((job) => job.id !== except && job.model === model);
  const anew = new Map<string, ListedJob>();
  const stale = others
    .filter((job) => job.state === 'stale' || job.gaps === null)
    .map(({ id }) => id);
  await renewSummaries(stale, (jobs) => jobs.forEach((job) => anew.set(job.id, job)));
  return others.map((job) => (anew.get(job.id) ?? job).gaps).filter((gaps) => gaps !== null);
}
