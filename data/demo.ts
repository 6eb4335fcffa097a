import { openDesk } from './transfer/remote';
import { say } from '../core/wording/say';

/** Puts the demo that ships with the app on the bench, as an import of its file. */
export async function openDemo(): Promise<void> {
  const response = await fetch('/demo/highmoor.json');
  if (!response.ok) throw new Error(say('storage.demoMissing', { status: response.status }));
  const desk = openDesk();
  const quietly = () => undefined;
  try {
    const file = await response.blob();
    for (const step of [() => desk.plan(file, quietly), () => desk.apply(quietly)]) {
      const done = await step();
      if (!done.ok) throw new Error(done.problems[0]?.message);
    }
  } finally {
    desk.close();
  }
}
