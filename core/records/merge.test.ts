import { operationId } from '../pumps/ids';
import fc from 'fast-check';
import { readFileSync } from 'node:fs';
import { ledgerOf } from '../journal/ledger';
import type { Entry } from './entry';
import { readFile } from './file';
import type { Job } from './job';
import { merged, mergedJournal } from './merge';
import { NEW_SHOP } from './shop';

const note = (id: string, minute: number): Entry => ({
  id,
  at: `2026-11-20T09:${String(minute).padStart(2, '0')}:00.000Z`,
  by: '',
  kind: 'also',
  check: 'magnet',
  answer: id,
});
const strike = (of: string, minute: number): Entry => ({
  id: `strike-${of}`,
  at: `2026-11-20T09:${String(minute).padStart(2, '0')}:00.000Z`,
  by: '',
  kind: 'strike',
  of: [of],
  why: 'slip',
});
const ids = (journal: readonly Entry[]) => journal.map(({ id }) => id).join(' ');

const { jobs } = readFile(readFileSync('fixtures/v1/backup.json', 'utf8'));
const job = jobs.find((j) => j.journal.length > 4) as Job;

describe('two journals of one job', () => {
  const [a, b, c] = [note('a', 1), note('b', 2), note('c', 3)] as const;

  it('come to the one that is here where the file has less or as much', () => {
    const here = [a, b, c];
    for (const file of [[], [a], [a, b], here, [b]]) {
      expect(mergedJournal(here, file)).toBe(here);
    }
  });
  it('come to what went on in the file', () => {
    expect(mergedJournal([a], [a, b, c])).toEqual([a, b, c]);
    expect(mergedJournal([], [a, b])).toEqual([a, b]);
  });
  it('keep what was only done there before what both did after it', () => {
    expect(ids(mergedJournal([a, c], [a, b, c]))).toBe('a b c');
  });
  it('run side by side by their moments where both went on, each in its own order', () => {
    const here = [a, note('h1', 10), note('h2', 5), note('h3', 20)];
    const file = [a, note('f1', 7), note('f2', 15), note('f3', 12)];
    expect(ids(mergedJournal(here, file))).toBe('a f1 h1 h2 f2 f3 h3');
  });
  it('keep a strike after what it strikes', () => {
    const here = [a, b, c];
    const file = [a, b, strike('a', 4), c, strike('c', 5)];
    expect(ids(mergedJournal(here, file))).toBe('a b strike-a c strike-c');
    // A clock that ran behind, in a file that has lost what was struck.
    expect(ids(mergedJournal(here, [a, strike('c', 0)]))).toBe('a b c strike-c');
  });

  it('hold every entry of both once, each side in its order, whichever is brought to which', () => {
    const history = fc.array(
      fc.record({ on: fc.constantFrom('both', 'here', 'file'), minute: fc.nat(59) }),
      {
        maxLength: 12,
      },
    );
    fc.assert(
      fc.property(history, (steps) => {
        const all = steps.map(({ on, minute }, i) => ({ on, entry: note(`n${i}`, minute) }));
        const side = (name: string) =>
          all.filter(({ on }) => on === 'both' || on === name).map(({ entry }) => entry);
        const [here, file] = [side('here'), side('file')];
        const both = mergedJournal(here, file);
        expect([...both].sort((x, y) => x.id.localeCompare(y.id))).toEqual(
          all.map(({ entry }) => entry).sort((x, y) => x.id.localeCompare(y.id)),
        );
        for (const one of [here, file]) {
          expect(both.filter((entry) => one.includes(entry))).toEqual(one);
        }
        expect(mergedJournal(both, file)).toBe(both);
      }),
    );
  });
});

describe('two copies of a job', () => {
  const older = { ...job, revision: job.revision - 1, journal: job.journal.slice(0, -2) };

  it('never fall back to an older one', () => {
    const { record, count } = merged('job', job, older);
    expect(record).toBe(job);
    expect(count).toMatchObject({ fresh: 0, others: 0 });
    expect(count!.file).toBeLessThanOrEqual(count!.here);
  });
  it('take over what went on in the file, with its tag', () => {
    const { record, count } = merged('job', older, { ...job, owner: 'Tower stores' });
    expect(record).toEqual({ ...job, owner: 'Tower stores' });
    expect(count!.fresh + count!.others).toBe(2);
  });
  it('keep the tag here and say so where both went on', () => {
    const added = note('only-here', 59);
    const here = { ...older, owner: 'Here', journal: [...older.journal, added], revision: 90 };
    const { record, kept } = merged('job', here, { ...job, owner: 'There' });
    expect(record.owner).toBe('Here');
    expect(kept).toContain('owner');
    expect(ledgerOf(record).also.map(({ id }) => id)).toContain('only-here');
    expect(record.journal).toHaveLength(job.journal.length + 1);
    expect(record.revision).toBeGreaterThan(Math.max(here.revision, job.revision));
  });
  it('do not let one entry become another', () => {
    const [first, ...rest] = job.journal as [Entry, ...Entry[]];
    const forged = {
      ...job,
      revision: job.revision + 5,
      journal: [{ ...first, by: 'X' }, ...rest],
    };
    const { record, kept } = merged('job', job, forged);
    expect(record).toBe(job);
    expect(kept).toContain(first.id);
  });
  it('are the same whatever order their fields came in', () => {
    const turned = Object.fromEntries(Object.entries(job).reverse()) as unknown as Job;
    const { record, kept } = merged('job', job, turned);
    expect(record).toBe(job);
    expect(kept).toEqual([]);
  });
});

describe('two copies of a shop', () => {
  it('hold the instruments, people and zeros of both; the newer one has the say', () => {
    const [mic] = NEW_SHOP.instruments;
    const here = { ...NEW_SHOP, revision: 3, unit: 'thou' as const, people: ['Runa T.'] };
    const file = {
      ...NEW_SHOP,
      revision: 2,
      people: ['Ivo K.'],
      instruments: [
        { ...mic!, name: 'Another' },
        { ...mic!, id: 'mic-2' },
      ],
    };
    const { record } = merged('shop', here, file);
    expect(record).toMatchObject({ unit: 'thou', people: ['Runa T.', 'Ivo K.'] });
    expect(record.instruments.map(({ name }) => name)).not.toContain('Another');
    expect(record.instruments.map(({ id }) => id)).toContain('mic-2');
    expect(merged('shop', here, here).record).toBe(here);
    expect(merged('shop', NEW_SHOP, { ...here, revision: 7 }).record.revision).toBe(7);
  });
  it('hold the operations and makes of both, each once, with the terms of the newer one', () => {
    const terms = (id: string, minutes: number) => ({
      ...{ id: operationId(id), by: 'here' as const, minutes, setup: 0, price: 0, days: 0 },
      ...{ least_mm: null, most_mm: null, tool: '', check: '', caution: '' },
    });
    const here = { ...NEW_SHOP, revision: 3, operations: [terms('deck-faced', 30)] };
    const file = {
      ...{ ...NEW_SHOP, revision: 4 },
      operations: [terms('deck-faced', 45), terms('dowels', 5)],
    };
    const minutes = (of: typeof here) =>
      merged('shop', of, of === here ? file : here).record.operations.map((o) => [
        ...[o.id, o.minutes],
      ]);
    const both = [
      ['deck-faced', 45],
      ['dowels', 5],
    ];
    expect(minutes(here)).toEqual(both);
    expect(minutes(file)).toEqual(both);
  });
});
