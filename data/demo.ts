import { DEMO_ID } from '../core/schema/fields';
import { say } from '../core/wording/say';
import { idsOf, type Kind } from './opened';
import type { Outcome } from './transfer/desk';
import { openDesk } from './transfer/remote';

/** Returns the file of the demo that ships with the app. */
export async function demoFile(): Promise<Blob> {
  const response = await fetch('/demo/highmoor.json');
  if (!response.ok) throw new Error(say('storage.demoMissing', { status: response.status }));
  return response.blob();
}

/** Returns what came of some work. @throws Error where it failed, with the first thing that is wrong */
function valueOf<T>(outcome: Outcome<T>): T {
  if (outcome.ok) return outcome.value;
  throw new Error(outcome.problems[0]?.message);
}

/** Puts the demo that ships with the app on the bench, as an import of its file: beside what is there. */
export async function openDemo(): Promise<void> {
  const desk = openDesk();
  const quietly = () => undefined;
  try {
    const looked = valueOf(await desk.plan(await demoFile(), quietly));
    // What was changed in the demo that is here stays: nobody is asked about made-up pumps.
    const choices = looked.lines.flatMap(({ kind, id, clashes }) =>
      clashes.map((clash) => ({ ...clash, kind, id, side: 'here' as const })),
    );
    valueOf(await desk.apply(quietly, choices));
  } finally {
    desk.close();
  }
}

/** The kinds of record that the demo has. */
export const DEMO_KINDS = ['job', 'sheet', 'part'] as const satisfies readonly Kind[];
export type DemoKind = (typeof DEMO_KINDS)[number];

/** How many records of the demo are here. */
export type DemoCount = Readonly<Record<DemoKind, number>>;

/** Counts the records of the demo that are here, by their ids: none of them is read. */
export async function countDemo(): Promise<DemoCount> {
  const counts = await Promise.all(
    DEMO_KINDS.map(async (kind) => {
      const ids = await idsOf(kind);
      return [kind, ids.filter((id) => id.startsWith(DEMO_ID)).length] as const;
    }),
  );
  return Object.fromEntries(counts) as Record<DemoKind, number>;
}
