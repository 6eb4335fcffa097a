import { strFromU8, strToU8, unzipSync, zipSync } from 'fflate';
import { BACKUP_FORMAT, BACKUP_VERSION, END, HEAD, type PARTS } from './layout';
import { TransferDesk, type Preview } from './desk';
import {
  backup,
  demo,
  empty,
  imported,
  job,
  keptRecords,
  part,
  photo,
  quietly,
  sheet,
  shows,
  study,
} from '../testing/transfer';
import { saveNew } from '../records';

type Loose = Record<string, unknown>;

/** Returns a copy of a value in which whatever is at some path of it is something else. */
function put(value: unknown, path: readonly string[], odd: unknown): unknown {
  const [name, ...rest] = path;
  if (name === undefined) return odd;
  const copy = (
    Array.isArray(value) ? [...(value as unknown[])] : { ...(value as Loose) }
  ) as Loose;
  copy[name] = put(copy[name], rest, odd);
  return copy;
}

/** Lists the paths of all there is in a value, the deepest last. */
const pathsIn = (value: unknown): string[][] =>
  typeof value !== 'object' || value === null
    ? []
    : Object.entries(value).flatMap(([name, inner]) => [
        [name],
        ...pathsIn(inner).map((path) => [name, ...path]),
      ]);

/** Ways in which a record can be odd. */
const ODD: readonly (readonly [string, (record: Loose, nth: number) => unknown])[] = [
  ['is nothing', () => null],
  ['is a text', () => 'a record'],
  ['is a list', (record) => [record]],
  ['has no id', ({ id: _, ...record }) => record],
  ['is of a later version', (record) => ({ ...record, schema: 99 })],
  ['is of no version', (record) => ({ ...record, schema: 'new' })],
  ['has a field that nobody knows', (record) => ({ ...record, extra: { deep: [null] } })],
  ...([null, 'odd', 1e300, []] as const).map((odd) => {
    const at = (record: Loose, nth: number) => {
      const paths = pathsIn(record);
      // A prime goes over all depths and fields, record by record.
      return put(record, paths[(nth * 7919) % paths.length] as string[], odd);
    };
    return [`has ${JSON.stringify(odd)} somewhere in it`, at] as const;
  }),
];

/** Matches what a language or a browser would say, and no rebuilder. */
const NO_SENTENCE =
  /undefined|null|NaN|\[object|TypeError|not a function|Cannot read|not iterable|must be a |required field|JSON/;

const KINDS = {
  shop: demo.shop ? [demo.shop] : [],
  sheets: demo.sheets,
  jobs: demo.jobs,
  parts: demo.parts,
  studies: demo.studies,
};

/** Returns a backup of these records, as lines. */
const zipOf = (records: Readonly<Partial<Record<keyof typeof PARTS, readonly unknown[]>>>) => {
  const text = (lines: readonly unknown[]) =>
    strToU8(lines.map((line) => `${JSON.stringify(line)}\n`).join(''));
  const parts = Object.entries(records).map(([name, list]) => [`${name}-0.ndjson`, text(list)]);
  return new Blob([
    zipSync({
      [HEAD]: text([{ format: BACKUP_FORMAT, version: BACKUP_VERSION, savedAt: '', app: '' }]),
      ...(Object.fromEntries(parts) as Record<string, Uint8Array>),
      [END]: text([{}]),
    }),
  ]);
};

/** Returns what a file would change, and holds what it says to being sentences. */
async function looked(file: Blob): Promise<Preview> {
  const outcome = await new TransferDesk().plan(file, quietly);
  if (!outcome.ok) throw new Error(JSON.stringify(outcome.problems));
  for (const { name, problems } of outcome.value.notTaken) {
    expect([name, problems.length > 0]).toEqual([name, true]);
    for (const { message } of problems) expect(message).not.toMatch(NO_SENTENCE);
  }
  expect(outcome.value.notes).toEqual([]);
  return outcome.value;
}

beforeEach(empty);

describe('a record of a backup that is odd', () => {
  const records = Object.entries(KINDS).flatMap(([list, all]) =>
    all.map((record) => ({ list: list as keyof typeof PARTS, record })),
  );
  it.each(ODD)('because it %s costs itself alone, and is named', async (_, odd) => {
    const begun = records.length;
    expect(begun).toBeGreaterThan(50);
    // Each record is odd once, every fourth in a file: each has sound ones on both sides.
    const every = 4;
    for (let shift = 0; shift < every; shift++) {
      const lines: Partial<Record<keyof typeof PARTS, unknown[]>> = {};
      const sound: string[] = [];
      for (const [nth, { list, record }] of records.entries()) {
        const isOdd = nth % every === shift;
        (lines[list] ??= []).push(isOdd ? odd(record as unknown as Loose, nth) : record);
        if (!isOdd) sound.push(record.id);
      }
      const { lines: taken, notTaken } = await looked(zipOf(lines));
      const ids = new Set(taken.map(({ id }) => id));
      expect(sound.filter((id) => !ids.has(id))).toEqual([]);
      expect(taken.length + notTaken.length).toBe(begun);
    }
  });

  it('does not keep the sound ones from being taken', async () => {
    const [first, ...others] = demo.sheets as unknown as Loose[];
    const limits = put(first, ['limits', '0'], null);
    await imported(zipOf({ ...KINDS, sheets: [limits, ...others] }));
    const { sheet: sheets, job: jobs, part: parts } = await keptRecords();
    expect([sheets?.length, jobs?.length, parts?.length]).toEqual([
      others.length,
      demo.jobs.length,
      demo.parts.length,
    ]);
  });
});

describe('a part of a backup that is odd', () => {
  const files = async () => {
    await saveNew([
      { kind: 'job', record: shows(job, 'p-1', 'p-2') },
      { kind: 'photo', record: photo('p-1') },
      { kind: 'photo', record: photo('p-2') },
      { kind: 'sheet', record: sheet! },
      { kind: 'part', record: part },
      { kind: 'study', record: study },
    ]);
    const all = unzipSync(new Uint8Array(await (await backup()).arrayBuffer()));
    await empty();
    return all;
  };
  const named = ({ notTaken }: Preview) => notTaken.map(({ kind }) => kind);
  const taken = ({ lines }: Preview) => lines.map(({ kind }) => kind).sort();

  it('is a line: the others are taken', async () => {
    const all = await files();
    const cut = strFromU8(all['parts-0.ndjson']!).slice(0, 40);
    const preview = await looked(new Blob([zipSync({ ...all, 'parts-0.ndjson': strToU8(cut) })]));
    expect(named(preview)).toEqual(['part']);
    expect(taken(preview)).toEqual(['job', 'photo', 'photo', 'sheet', 'study']);
  });
  it('is what is said of a photo, or its picture: the job and the other photo are taken', async () => {
    const all = await files();
    const heads = strFromU8(all['photos.ndjson']!).replace('"width":8', '"width":"wide"');
    const { ['photos/p-2.jpg']: _, ...others } = all;
    for (const odd of [{ ...all, 'photos.ndjson': strToU8(heads) }, others]) {
      await empty();
      const preview = await looked(new Blob([zipSync(odd)]));
      expect(named(preview)).toEqual(['photo']);
      expect(taken(preview)).toEqual(['job', 'part', 'photo', 'sheet', 'study']);
      await imported(new Blob([zipSync(odd)]));
      expect((await keptRecords()).photo).toHaveLength(1);
    }
  });
  it('is a picture that is far too large: said once the rest is taken', async () => {
    const all = await files();
    const huge = { ...all, 'photos/p-1.jpg': new Uint8Array(4_000_000) };
    const desk = new TransferDesk();
    await desk.plan(new Blob([zipSync(huge)]), quietly);
    const done = await desk.apply(quietly);
    expect(done).toMatchObject({
      ok: true,
      value: {
        notTaken: [
          {
            kind: 'photo',
            problems: [{ place: 'photo p-1.jpeg', message: 'The picture is too large' }],
          },
        ],
      },
    });
    expect((await keptRecords()).photo).toHaveLength(1);
    expect((await keptRecords()).job).toHaveLength(1);
  });
  it('is what could not be read where it was kept, whatever became of that', async () => {
    const all = await files();
    const lines = ['null', '7', '{"key":7}', '{"key":"job/x","raw":"{"}'].join('\n');
    const preview = await looked(
      new Blob([zipSync({ ...all, 'unreadable.ndjson': strToU8(lines) })]),
    );
    expect(preview.notTaken).toHaveLength(4);
  });
});
