import { IDBFactory } from 'fake-indexeddb';
import { evenFrom, seedOf } from '../../core/random';
import type { Entry } from '../../core/records/entry';
import type { Kinds } from '../../core/records/decode';
import type * as opened from '../opened';
import type * as records from '../records';
import { demo, photo } from '../testing/transfer';
import type * as backup from './backup';
import type * as desk from './desk';
import type * as progress from './progress';

type Modules = typeof opened & typeof records & typeof desk & typeof backup & typeof progress;

/** A browser with a store of its own. */
interface Bench {
  readonly name: string;
  /** Runs some work in it. */
  readonly in: <T>(work: (of: Modules) => Promise<T>) => Promise<T>;
}

/** Returns a bench with an empty store: its own copy of all that keeps something in memory. */
function bench(name: string): Bench {
  const store = new IDBFactory();
  const modules = {} as Modules;
  jest.isolateModules(() => {
    for (const path of ['../opened', '../records', './desk', './backup', './progress']) {
      Object.assign(modules, jest.requireActual(path));
    }
  });
  return {
    name,
    in: (work) => {
      globalThis.indexedDB = store;
      return work(modules);
    },
  };
}

const ROUNDS = 200;
/** A new one at each run, or the one that somebody wants to see again. */
const SEED = process.env.EXCHANGE_SEED ?? crypto.randomUUID();

/** What one bench typed, and where: it stands somewhere in the end, or somebody knew it and wrote over it or chose. */
interface Typed {
  readonly text: string;
  readonly field: string;
}

it(`two stores that exchange files both ways come to the same and lose nothing typed (seed ${SEED})`, async () => {
  const even = evenFrom(seedOf(SEED));
  const pick = <T>(list: readonly T[]): T => list[Math.floor(even() * list.length)] as T;
  const [one, two] = [bench('one'), bench('two')];
  const quietly = () => undefined;
  const jobs = demo.jobs.slice(0, 3);
  const [parts, sheets] = [demo.parts.slice(0, 4), demo.sheets.slice(0, 2)];
  const typed: Typed[] = [];
  const known = new Set<string>();
  const readings = new Set<string>();
  let count = 0;

  const write = async ({ in: at, name }: Bench) => {
    const text = `${name} typed ${(count += 1)}`;
    const over = (value: unknown) => known.add(String(value));
    const edit = <K extends 'job' | 'part' | 'sheet'>(
      kind: K,
      id: string,
      field: keyof Kinds[K] & string,
    ) =>
      at(({ change }) =>
        change(kind, id, (record) => {
          over(record[field]);
          typed.push({ text, field: `${kind}/${id}/${field}` });
          return { ...record, [field]: text };
        }),
      );
    const job = pick(jobs).id;
    await pick([
      () => edit('job', job, pick(['complaint', 'owner', 'fluid'])),
      () => edit('part', pick(parts).id, pick(['place', 'make', 'condition'])),
      () => edit('sheet', pick(sheets).id, 'note'),
      // A limit of a sheet, by its source.
      () =>
        at(({ change }) => {
          const { id, limits } = pick(sheets);
          const n = Math.floor(even() * limits.length);
          return change('sheet', id, (sheet) => ({
            ...sheet,
            limits: sheet.limits.map((limit, i) => {
              if (i !== n) return limit;
              over(limit.source);
              typed.push({ text, field: `sheet/${id}/${limit.tier} ${limit.characteristic}` });
              return { ...limit, source: text };
            }),
          }));
        }),
      () =>
        at(({ change }) => {
          const entry: Entry = {
            id: `e-${count}`,
            at: new Date(1.7e12 + even() * 1e9).toISOString(),
            by: name,
            kind: 'also',
            check: 'magnet',
            answer: text,
          };
          readings.add(entry.id);
          return change('job', job, (j) => ({ ...j, journal: [...j.journal, entry] }));
        }),
      () =>
        at(({ change }) => {
          const id = `p-${count}`;
          readings.add(id);
          const note = { id, at: '2026-11-23T09:00:00.000Z', by: name, of: 'tag' };
          return change('job', job, (j) => ({ ...j, photos: [...j.photos, note] }), {
            beside: [{ kind: 'photo', record: photo(id, job) }],
          });
        }),
    ])();
  };
  /** Takes the backup of one bench into another; what both changed is chosen at random. */
  const exchange = async (from: Bench, to: Bench) => {
    const file = await from.in(
      async ({ writeBackup, Course }) => (await writeBackup(new Course())).file,
    );
    await to.in(async ({ TransferDesk }) => {
      const open = new TransferDesk();
      const looked = await open.plan(file, quietly);
      if (!looked.ok) throw new Error(JSON.stringify(looked.problems));
      expect(looked.value.notTaken).toEqual([]);
      const choices = looked.value.lines.flatMap(({ kind, id, clashes }) =>
        clashes.map((clash) => {
          const side = pick(['here', 'file'] as const);
          const left = side === 'here' ? clash.file : clash.here;
          known.add(
            typeof left === 'string' ? left : String((left as { source?: string })?.source),
          );
          return { ...clash, kind, id, side };
        }),
      );
      expect(await open.apply(quietly, choices)).toMatchObject({
        ok: true,
        value: { notTaken: [] },
      });
    });
  };
  const content = (at: Bench) =>
    at.in(async ({ load, loadAll }) => {
      const all = [];
      for (const { id } of jobs) all.push(await load('job', id));
      for (const kind of ['part', 'sheet', 'photo'] as const) {
        const { records, unreadable } = await loadAll(kind);
        expect(unreadable).toEqual([]);
        all.push(...records);
      }
      return all.map((record) => ({ ...record, revision: 0, stage: '', cursor: '' }));
    });

  const begin = [
    ...jobs.map((record) => ({ kind: 'job' as const, record })),
    ...parts.map((record) => ({ kind: 'part' as const, record })),
    ...sheets.map((record) => ({ kind: 'sheet' as const, record })),
  ];
  for (const at of [one, two]) await at.in(({ saveNew }) => saveNew(begin));
  for (let round = 0; round < ROUNDS; round++) {
    if (even() < 0.85) await write(pick([one, two]));
    else
      await exchange(
        ...pick([
          [one, two],
          [two, one],
        ] as const),
      );
  }
  for (let last = 0; last < 2; last++) {
    await exchange(one, two);
    await exchange(two, one);
  }
  const [here, there] = [await content(one), await content(two)];
  expect(there).toEqual(here);
  const text = JSON.stringify(here);
  for (const id of readings) expect([id, text.includes(`"${id}"`)]).toEqual([id, true]);
  expect(typed.filter((t) => !text.includes(`"${t.text}"`) && !known.has(t.text))).toEqual([]);
}, 120_000);
