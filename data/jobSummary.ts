import type { Evaluator } from '../core/guidance/evaluator';
import type { Assessment } from '../core/assessment/assessment';
import { lookedAt } from '../core/inspect/looking';
import { stripped } from '../core/inspect/stripping';
import { isMadeUp } from '../core/history/madeUp';
import { isWaiting } from '../core/journal/signed';
import { lookedAgainOn } from '../core/journal/again';
import { wentOutOn } from '../core/journal/comebacks';
import { ledgerOf } from '../core/journal/ledger';
import { outstanding } from '../core/journal/ordered';
import { worstVerdict } from '../core/assessment/summary';
import { letGo } from '../core/guidance/next';
import { gapsOf, type Gaps } from '../core/guidance/shopPast';
import { VERDICTS, type Verdict } from '../core/metrology/verdict';
import { type Job } from '../core/records/job';
import { STAGES, type Stage } from '../core/records/stage';
import { isLoose } from '../core/records/loose';
import { sheetName, type Sheet } from '../core/records/sheet';
import { sealFrom } from './seal';

/** A job as lists show it. */
export interface JobSummary {
  readonly id: string;
  readonly tag: string;
  readonly owner: string;
  readonly unit: string;
  readonly model: string;
  readonly serial: string;
  /** The day it is wanted; null where nobody said. */
  readonly due: string | null;
  /** Whether it is of no real pump: it never counts with the shop's own. */
  readonly madeUp: boolean;
  /** Why it ended before its last stage; null for a job that goes on. */
  readonly closed: string | null;
  /** Whether it waits for what its customer says to a quote. */
  readonly waiting: boolean;
  /** The next day on which somebody looks at it again; null where nobody said. */
  readonly again: string | null;
  /** Whether something that was ordered for it has not come. */
  readonly parts: boolean;
  /** The day on which it went out; null while it did not. */
  readonly out: string | null;
  /** Entries in its journal: so much has been written down. */
  readonly entries: number;
  readonly stage: Stage;
  readonly createdAt: string;
  readonly lastAt: string;
  /** Verdicts still open of all that have a limit. */
  readonly open: number;
  readonly judged: number;
  readonly worst: Verdict;
  /** The name of what to do next; empty where nothing is left. */
  readonly nextStep: string;
  /** What was measured, for what to expect of the next pump of its model; null in a summary from before that was kept. */
  readonly gaps: Gaps | null;
  /** The pump that it is, for its outline; null in a summary from before that was kept. */
  readonly pump: Pick<Sheet, 'family' | 'geometry'> | null;
}

/** Where the summary of a job lies. */
export const summaryKey = (id: string): string => `brief/${id}`;

/** Returns the latest of some moments; empty for none. */
const latestOf = (moments: readonly (string | undefined)[]): string =>
  moments.reduce<string>((latest, at) => (at !== undefined && at > latest ? at : latest), '');

/** When something was last written down on a job. */
function lastTouched(job: Job): string {
  const { strip, findings, also, readings, operations } = ledgerOf(job);
  const lists = [strip, findings, also, job.photos, readings, operations];
  const last = job.journal.at(-1)?.at;
  return latestOf([job.createdAt, job.closed?.at, last, ...lists.map((list) => list.at(-1)?.at)]);
}

/** Returns what is to be done next, by its name: what comes before the instruments until the first reading. */
export function nextOf(job: Job, all: readonly Assessment[], evaluator: Evaluator): string {
  if (job.closed) return '';
  if (ledgerOf(job).readings.length === 0) {
    if (stripped(job).some((s) => s.note === null)) return 'Strip';
    if (lookedAt(job).some((l) => l.state === 'unseen')) return 'Look';
  }
  const next = evaluator.next(letGo(job))?.characteristic;
  return all.find((a) => a.characteristic.id === next)?.characteristic.name ?? '';
}

/** What is worked out of a job's readings for lists; as it is here before anybody has. */
const UNJUDGED = { open: 0, judged: 0, worst: 'open', nextStep: '', gaps: null } as const;

/** Returns what lists show of a job before its readings are judged. */
export function headlineOf(job: Job): JobSummary {
  return {
    ...UNJUDGED,
    id: job.id,
    tag: job.tag,
    owner: job.owner,
    unit: job.unit,
    model: sheetName(job.sheet),
    serial: job.serial,
    due: job.due,
    madeUp: isMadeUp(job),
    closed: job.closed?.why ?? null,
    waiting: isWaiting(job),
    again: lookedAgainOn(job),
    parts: outstanding(job).length > 0,
    out: wentOutOn(job),
    entries: job.journal.length,
    stage: job.stage,
    createdAt: job.createdAt,
    lastAt: latestOf([job.createdAt, job.closed?.at, job.journal.at(-1)?.at]),
    pump: { family: job.sheet.family, geometry: job.sheet.geometry },
  };
}

/** Returns what lists show of a job. */
export function jobSummaryOf(job: Job, evaluator: Evaluator): JobSummary {
  const all = evaluator.assess(job);
  const judged = all.filter((a) => a.limits !== null);
  const open = judged.filter((a) => a.verdict === 'open');
  return {
    ...headlineOf(job),
    lastAt: lastTouched(job),
    open: open.length,
    judged: judged.length,
    worst: worstVerdict(judged),
    nextStep: nextOf(job, all, evaluator),
    gaps: gapsOf(all),
  };
}

/** What a list shows of a job that is there but cannot be read: opening it says what is wrong. */
export const unreadableSummary = (id: string): JobSummary => ({
  id,
  tag: id,
  owner: '',
  unit: '',
  model: 'cannot be read',
  serial: '',
  due: null,
  madeUp: false,
  closed: null,
  waiting: false,
  again: null,
  parts: false,
  out: null,
  entries: 0,
  stage: 'tag',
  createdAt: '',
  lastAt: '',
  ...UNJUDGED,
  pump: null,
});

/** Returns what its head tells of a job whose summary has to be made anew. */
export function summaryOfHead(id: string, head: string): JobSummary {
  const blank = unreadableSummary(id);
  try {
    const job = JSON.parse(head) as Partial<Record<string, unknown>>;
    const why = (job.closed as Job['closed'] | undefined)?.why ?? null;
    const told: Partial<Record<string, unknown>> = {
      ...job,
      id,
      closed: why,
      lastAt: job.createdAt,
    };
    const fitting = FIELDS.filter((field) => fits(field, told[field]));
    const found = Object.fromEntries(fitting.map((field) => [field, told[field]]));
    return { ...blank, model: '', ...found };
  } catch {
    return blank;
  }
}

/** Fields of which not every text will do. */
const WORDS: Partial<Record<keyof JobSummary, readonly unknown[]>> = {
  stage: STAGES,
  worst: VERDICTS,
};

/** What a summary has under each name, by an example of it. */
const LIKE = unreadableSummary('');
const FIELDS = Object.keys(LIKE) as (keyof JobSummary)[];

/** Tells whether a value can be what a summary has under a name. */
function fits(field: keyof JobSummary, value: unknown): boolean {
  const like = LIKE[field];
  if (field === 'gaps' || field === 'pump') return value === null || isLoose(value);
  if (like === null) return value === null || typeof value === 'string';
  return typeof value === typeof like && (WORDS[field]?.includes(value) ?? true);
}

/** A summary as it lies in storage, and the token of the write of the job that it tells of. */
export interface StoredSummary {
  readonly summary: JobSummary;
  readonly token: string | null;
}

/** Returns the text of a summary of what was written with a seal. */
export const summaryText = (summary: JobSummary, seal: string | null): string =>
  JSON.stringify({ ...summary, of: sealFrom(seal)?.token ?? null });

/** Reads a summary as it was stored; null where it is damaged or another job's, so that it is made anew. */
export function jobSummaryFrom(id: string, text: string | null): StoredSummary | null {
  try {
    const { of = null, ...found } = JSON.parse(text ?? 'null') as Record<string, unknown>;
    const value = {
      ...found,
      gaps: found.gaps ?? null,
      // Kept by a version that knew of neither: no job waited then.
      waiting: found.waiting ?? false,
      again: found.again ?? null,
      pump: found.pump ?? null,
    } as unknown as JobSummary;
    if (value.id !== id || !FIELDS.every((name) => fits(name, value[name]))) return null;
    return { summary: value, token: typeof of === 'string' ? of : null };
  } catch {
    return null;
  }
}
