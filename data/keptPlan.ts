import { lyingFor } from '../core/pairing/roles';
import type { Job } from '../core/records/job';
import { PASSING } from '../core/records/split';
import type { ShelfPart } from '../core/records/part';
import type { WorkTerms } from '../core/rework/operations/offer';
import type { Rework } from '../core/rework/decision/solve';
import { loadAll } from './opened';
import { planKey } from './texts';
import { leavePlanner, planner, takePlanner } from './rework';
import { hashOf } from './seal';
import { readText, writeTexts } from './storage';

/** The plans of a job as they were worked out last, and what they were worked out from. */
interface Kept {
  readonly of: string;
  readonly rework: Rework;
}

/** Names the build of the app: another one may plan otherwise. */
const build = (): string =>
  typeof document === 'undefined'
    ? ''
    : Array.from(document.scripts, ({ src }) => src.replace(/^.*\//, '')).join();

/** Fields of a job that no plan rests on: where one was, and what is only kept with it. */
const NO_GROUND: ReadonlySet<string> = new Set([...PASSING, 'photos', 'journal']);

/** Returns what the plans of a job are worked out from as a short text; the same for the same, by the same build. */
function basisOf(
  job: Job,
  { operations, money, unit }: WorkTerms,
  shelf: readonly ShelfPart[],
): string {
  const ground = Object.entries(job).filter(([name]) => !NO_GROUND.has(name));
  const lying = shelf.map(({ id, revision }) => [id, revision]);
  return hashOf(
    JSON.stringify([
      ...[build(), ground, job.journal.length, job.journal.at(-1)?.id ?? ''],
      ...[operations, money, unit, lying],
    ]),
  );
}

/** Returns the plans that were kept of a job; null where they were worked out from something else, or cannot be read. */
async function keptPlan(id: string, of: string): Promise<Rework | null> {
  try {
    const kept = JSON.parse((await readText(planKey(id))) ?? 'null') as Kept | null;
    return kept?.of === of ? kept.rework : null;
  } catch {
    return null;
  }
}

/** The plans that are being worked out, by what they are worked out from. */
const underWay = new Map<string, Promise<Rework>>();

/**
 * Plans the rework of a job, as nobody set anything otherwise; what was planned of it before and still holds is at hand.
 *
 * @param shelf the parts that lie on the shelf for its pump
 */
export async function planOf(
  job: Job,
  terms: WorkTerms,
  shelf: readonly ShelfPart[],
  signal?: AbortSignal,
): Promise<Rework> {
  const of = basisOf(job, terms, shelf);
  const kept = await keptPlan(job.id, of);
  if (kept) return kept;
  // What is planned ahead need not be planned once more by whoever comes to see it.
  const under = underWay.get(of);
  if (under) return under;
  const planned = planner.plan(job, terms, new Map(), { shelf }, signal);
  underWay.set(of, planned);
  try {
    const rework = await planned;
    const text = JSON.stringify({ of, rework } satisfies Kept);
    // A cache: without room for it the job is planned again.
    void writeTexts({ [planKey(job.id)]: text }, 'relaxed').catch(() => undefined);
    return rework;
  } finally {
    underWay.delete(of);
  }
}

/** Plans a job that nobody looks at yet, so that its plan is there when somebody does. */
export async function planAhead(job: Job, terms: WorkTerms): Promise<void> {
  takePlanner();
  try {
    const { records } = await loadAll('part');
    await planOf(job, terms, lyingFor(records, job.sheet));
  } finally {
    leavePlanner();
  }
}
