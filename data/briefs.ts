import { writeTexts } from './storage';
import { AT_REST_MS } from './whenIdle';

/**
 * What lists show of the jobs that were changed here, to be written once the hand rests: a tap does not wait for it, and
 * ten taps write it once. Where it never comes to that, a list makes it anew.
 */
const waiting = new Map<string, () => Readonly<Record<string, string | null>>>();
let timer: ReturnType<typeof setTimeout> | undefined;

/** Writes what lists show of all that was changed. Without room for it a list makes it anew. */
export async function writeBriefs(): Promise<void> {
  clearTimeout(timer);
  if (waiting.size === 0) return;
  const briefs = [...waiting.values()];
  waiting.clear();
  const texts = Object.assign({}, ...briefs.map((brief) => brief())) as Record<string, string>;
  await writeTexts(texts, 'relaxed').catch(() => undefined);
}

/**
 * Takes note of what lists show of a record now, in the place of what they were to show.
 *
 * @param key of the record
 * @param brief works out the texts
 */
export function keepBrief(key: string, brief: () => Readonly<Record<string, string | null>>): void {
  waiting.set(key, brief);
  clearTimeout(timer);
  timer = setTimeout(() => void writeBriefs(), AT_REST_MS);
}

/** Forgets what lists were to show of a record that is gone. */
export const dropBrief = (key: string): void => void waiting.delete(key);

if (typeof document !== 'undefined') {
  // Whoever puts the phone away may not come back to this page.
  document.addEventListener('visibilitychange', () => {
    if (document.hidden) void writeBriefs();
  });
}
