import { dequal } from 'dequal';
import type { BenchFile } from '../core/records/fileFormat';
import type { Job } from '../core/records/job';
import { readFile } from '../core/records/readFile';
import { PASSING } from '../core/records/split';
import { DEMO_ID } from '../core/schema/fields';
import { DEMO_KINDS, demoFile, type DemoKind } from './demo';
import { idsOf, load, loadAll, type Kinds } from './opened';
import { remove } from './records';
import { announce } from './tabs';

/** Why a record of the demo is asked about before it goes. */
export type Why = 'edited' | 'measured' | 'used' | 'unreadable';

/** A record of the demo that somebody worked on, or that something of one's own rests on. */
export interface OwnInDemo {
  readonly kind: DemoKind;
  readonly id: string;
  readonly name: string;
  readonly why: Why;
  /** Entries of one's own in a job. */
  readonly entries: number;
}

/** A record of the demo that can go. */
type Named = Pick<OwnInDemo, 'kind' | 'id'>;

/** What would go with the demo, and what of it is asked about. */
export interface DemoHere {
  readonly all: readonly Named[];
  readonly own: readonly OwnInDemo[];
}

/** What the demo's file has of each record, by kind and id. */
function shipped(file: BenchFile) {
  const { jobs, sheets, parts } = file;
  return {
    job: new Map(jobs.map((r) => [r.id, r])),
    sheet: new Map(sheets.map((r) => [r.id, r])),
    part: new Map(parts.map((r) => [r.id, r])),
  };
}

/** Returns a record without what only says where one was, and which version wrote it. */
function lasting(record: object): object {
  return Object.fromEntries(
    Object.entries(record).filter(([name]) => name !== 'demo' && !PASSING.includes(name)),
  );
}

/** What an earlier demo shipped otherwise is no work of a person: a record of it counts as edited by its revision. */
const isEdited = (here: { readonly revision: number }, file: object | undefined): boolean =>
  here.revision > 0 && !(file && dequal(lasting(here), lasting(file)));

/** Counts the entries of a job that its demo did not come with. */
function ownEntries(here: Job, file: Job | undefined): number {
  const came = new Set(file?.journal.map(({ id }) => id));
  const isOfDemo = (id: string) => came.has(id) || id.startsWith(here.id) || /^zero-/.test(id);
  return here.journal.filter(({ id }) => !isOfDemo(id)).length;
}

const nameOf: { [K in DemoKind]: (record: Kinds[K]) => string } = {
  job: ({ tag }) => tag,
  sheet: ({ model }) => model,
  part: ({ label }) => label,
};

/** Looks at every record of the demo that is here, and says which of them somebody worked on. */
export async function demoHere(): Promise<DemoHere> {
  const file = shipped(readFile(await (await demoFile()).text()));
  const all: Named[] = [];
  const own: OwnInDemo[] = [];
  const { records: parts } = await loadAll('part');
  const needed = new Set(parts.filter(({ demo }) => !demo).map(({ sheet }) => sheet));
  const look = async <K extends DemoKind>(kind: K) => {
    for (const id of (await idsOf(kind)).filter((i) => i.startsWith(DEMO_ID))) {
      const record = await load(kind, id).catch(() => undefined);
      if (record === undefined) {
        all.push({ kind, id });
        own.push({ kind, id, name: id, why: 'unreadable', entries: 0 });
        continue;
      }
      if (!record?.demo) continue;
      all.push({ kind, id });
      const came = file[kind].get(id);
      const entries = kind === 'job' ? ownEntries(record as Job, came as Job | undefined) : 0;
      const why: Why | null =
        entries > 0
          ? 'measured'
          : kind === 'sheet' && needed.has(id)
            ? 'used'
            : isEdited(record, came)
              ? 'edited'
              : null;
      if (why) own.push({ kind, id, name: nameOf[kind](record), why, entries });
    }
  };
  for (const kind of DEMO_KINDS) await look(kind);
  return { all, own };
}

/**
 * Takes the demo away, and nothing that is not of it.
 *
 * @param kept records of it that stay
 */
export async function takeDemoAway({ all }: DemoHere, kept: readonly Named[]): Promise<void> {
  const stays = new Set(kept.map(({ kind, id }) => `${kind}/${id}`));
  for (const { kind, id } of all) if (!stays.has(`${kind}/${id}`)) await remove(kind, id);
  announce('everything');
}
