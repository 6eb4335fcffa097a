import type { Evaluator } from '../../core/guidance/evaluator';
import { factsOf, type JobFacts } from '../../core/history/facts';
import { APP_VERSION } from '../../core/records/version';
import { opened, readAll } from '../opened';
import { sealFrom } from '../seal';

/** Describes what history keeps of a job as it lies in storage: a cache, of one write of the job and by one version of the app. */
interface Stored {
  readonly of: string | null;
  readonly by: string;
  readonly facts: JobFacts;
}

/** Holds facts as they were made, the write of the job that they are of, and their text where it is worth keeping. */
export interface KnownFacts {
  readonly token: string | null;
  readonly facts: JobFacts | null;
}

/** Reads what was kept of a job; null where it is damaged, of another job, or by another version of the app. */
export function factsFrom(id: string, text: string | null | undefined): KnownFacts | null {
  try {
    const { of, by, facts } = JSON.parse(text ?? 'null') as Stored;
    if (by !== APP_VERSION || facts.id !== id || !Array.isArray(facts.said)) return null;
    return typeof of === 'string' ? { token: of, facts } : null;
  } catch {
    return null;
  }
}

/** Makes anew what is kept of a job, and the text of it; nothing is known of one that cannot be read. */
export async function factsMade(
  id: string,
  evaluator: Evaluator,
): Promise<KnownFacts & { readonly text: string | null }> {
  try {
    const stored = opened('job', id, await readAll('job', id));
    if (!stored) return { token: null, facts: null, text: null };
    const facts = factsOf(stored.record, evaluator);
    const token = sealFrom(stored.seal)?.token ?? null;
    const text = JSON.stringify({ of: token, by: APP_VERSION, facts } satisfies Stored);
    return { token, facts, text: token === null ? null : text };
  } catch {
    // Opening the job says what is wrong with it.
    return { token: null, facts: null, text: null };
  }
}
