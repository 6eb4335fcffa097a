import fc from 'fast-check';
import { readFileSync } from 'node:fs';
import { ledgerOf } from '../journal/ledger';
import { operationId } from '../pumps/ids';
import { shelfPart } from '../testing/shelf';
import { SHEETS } from '../testing/sheets';
import type { Kinds } from './decode';
import type { Entry } from './entry';
import { readFile } from './readFile';
import type { Job } from './job';
import { merged, type Choose, type Difference } from './merge';
import { sawBefore, unmarked, withMarks } from './written';
import { checkChange } from './changed';
import type { RecordKind } from './kind';
import { NEW_SHOP } from './shop';

const { jobs } = readFile(readFileSync('fixtures/v1/backup.json', 'utf8'));
const job = jobs.find((j) => j.journal.length > 4) as Job;
const part = shelfPart('GS-12', ['drive', 'driven'], { 'drive-width': 20.004 });
const [sheet] = SHEETS as [Kinds['sheet']];

const unasked: Choose = () => null;
/** Brings the copy of another bench to the one of this. */
const brought = <K extends RecordKind>(
  kind: K,
  here: Kinds[K],
  file: Kinds[K],
  choose = unasked,
  device = 'a',
) => merged(kind, here, file, { choose, device });
/** Returns a record after a bench changed it. */
const changed = <K extends RecordKind>(
  device: string,
  kind: K,
  record: Kinds[K],
  change: Partial<Kinds[K]>,
): Kinds[K] => ({
  ...withMarks(kind, record, { ...record, ...change }, device),
  revision: record.revision + 1,
});
const fields = (differences: readonly Difference[]) => differences.map(({ field }) => field);

describe('two copies of a record', () => {
  const mine = changed('a', 'part', part, { place: 'Bin 9' });
  const theirs = changed('b', 'part', part, { make: 'Arvel' });

  it('come together by field where each changed another, both ways to the same', () => {
    const here = brought('part', mine, theirs);
    expect(here.record).toMatchObject({ place: 'Bin 9', make: 'Arvel' });
    expect([fields(here.changed), fields(here.kept), here.clashes]).toEqual([
      ['make'],
      ['place'],
      [],
    ]);
    const there = brought('part', theirs, mine, unasked, 'b');
    expect(there.record).toEqual(here.record);
    // From then on each is as the other has it.
    expect(brought('part', here.record, there.record).record).toBe(here.record);
  });
  it('go by what each has seen, however often the other was changed', () => {
    let often = part;
    for (const place of ['1', '2', '3', '4']) often = changed('a', 'part', often, { place });
    const once = changed('b', 'part', often, { place: 'Bin 5' });
    const busy = changed('a', 'part', often, { make: 'Oskerry' });
    const busier = changed('a', 'part', busy, { make: 'Skarn' });
    expect(busier.revision).toBeGreaterThan(once.revision);
    const { record, clashes } = brought('part', busier, once);
    expect([record.place, record.make, clashes]).toEqual(['Bin 5', 'Skarn', []]);
  });
  it('ask where both changed a field, and remember what was chosen', () => {
    const other = changed('b', 'part', part, { place: 'Rack 2' });
    const asked = brought('part', mine, other);
    expect(asked.clashes).toEqual([{ field: 'place', here: 'Bin 9', file: 'Rack 2' }]);
    for (const side of ['here', 'file'] as const) {
      const { record } = brought('part', mine, other, () => side);
      const place = side === 'here' ? 'Bin 9' : 'Rack 2';
      expect(record.place).toBe(place);
      // The other bench takes the choice over, and nobody is asked again.
      const there = brought('part', other, record, unasked, 'b');
      expect([there.record.place, there.clashes]).toEqual([place, []]);
      expect(brought('part', record, there.record).clashes).toEqual([]);
    }
  });
  it('do not ask where both came to the same', () => {
    const same = changed('b', 'part', part, { place: 'Bin 9' });
    const { record, clashes } = brought('part', mine, same);
    expect(clashes).toEqual([]);
    // What comes of it there is news to whoever had his own.
    const moved = changed('b', 'part', brought('part', same, mine, unasked, 'b').record, {
      place: 'Bin 1',
    });
    expect(brought('part', record, moved)).toMatchObject({
      clashes: [],
      record: { place: 'Bin 1' },
    });
  });
  it('ask of copies from before there were marks, and not of one that was not changed', () => {
    const other = { ...part, place: 'Rack 2', revision: 9 };
    expect(fields(brought('part', part, other).clashes)).toEqual(['place']);
    expect(brought('part', mine, part)).toMatchObject({ record: mine, clashes: [] });
    expect(brought('part', part, mine)).toMatchObject({ record: { place: 'Bin 9' }, clashes: [] });
    // What it held before its first mark is what the other has: no; somebody changed it there.
    expect(fields(brought('part', mine, other).clashes)).toEqual(['place']);
    const chosen = brought('part', part, other, () => 'here').record;
    expect(brought('part', other, chosen, unasked, 'b').clashes).toEqual([]);
  });
  it('ask where one mark stands for two things: a device that was copied with all it had', () => {
    const twin = changed('a', 'part', part, { place: 'Rack 2' });
    expect(fields(brought('part', mine, twin).clashes)).toEqual(['place']);
  });
  it('count on from where a record stood that was deleted and comes back', () => {
    // It went from here when it had been written four times, which the other bench knows of.
    const there = changed('a', 'part', sawBefore(part, 'a', 3), { place: 'Bin 2' });
    const again = changed('a', 'part', sawBefore(part, 'a', 4), { place: 'Bin 3' });
    const news = brought('part', there, again, unasked, 'b');
    expect([news.record.place, fields(news.changed)]).toEqual(['Bin 3', ['place']]);
    // Begun anew at one, it would look like what the other has long seen.
    const anew = changed('a', 'part', part, { place: 'Bin 3' });
    expect(brought('part', there, anew, unasked, 'b').record.place).toBe('Bin 2');
    expect(sawBefore(again, 'a', 3)).toBe(again);
  });
  it('are told apart by what means something only together', () => {
    const taken = changed('a', 'part', part, { state: 'taken', takenFor: 'HM-1', takenBy: 'j-1' });
    const scrap = changed('b', 'part', part, { state: 'scrap' });
    expect(fields(brought('part', taken, scrap).clashes)).toEqual(['state']);
    expect(brought('part', taken, scrap, () => 'file').record).toMatchObject({
      state: 'scrap',
      takenFor: '',
      takenBy: null,
    });
  });
  it('carry no marks under another name', () => {
    expect(unmarked(mine)).toEqual({ ...part, place: 'Bin 9', revision: 2 });
    expect(withMarks('part', mine, { ...mine }, 'a')).toEqual(mine);
  });
});

describe('two copies of a list', () => {
  type Limit = (typeof sheet.limits)[0];
  const [first, ...rest] = sheet.limits as [Limit, ...Limit[]];
  const other = rest.at(-1)!;
  const upper = (s: typeof sheet, of: Limit) =>
    s.limits.find((l) => l.tier === of.tier && l.characteristic === of.characteristic)?.upper_mm;
  const wider = (of: Limit, upper_mm: number) =>
    sheet.limits.map((l) => (l === of ? { ...l, upper_mm } : l));

  it('come together item by item, whatever was added, changed or taken away', () => {
    const mine = changed('a', 'sheet', sheet, { limits: wider(first, 0.333), note: 'Mine' });
    const theirs = changed('b', 'sheet', sheet, {
      limits: wider(other, 0.444).filter((l) => l !== rest[0]),
      washers_mm: [1.2, 1.4],
    });
    const { record, clashes, changed: news } = brought('sheet', mine, theirs);
    expect(clashes).toEqual([]);
    expect([upper(record, first), upper(record, other)]).toEqual([0.333, 0.444]);
    expect(record).toMatchObject({ note: 'Mine', washers_mm: [1.2, 1.4] });
    expect(record.limits).toHaveLength(sheet.limits.length - 1);
    // What goes is named, with what it was.
    const gone = `limits/${rest[0]!.tier} ${rest[0]!.characteristic}`;
    expect(news).toContainEqual({ field: gone, here: rest[0], file: undefined });
    expect(brought('sheet', theirs, mine, unasked, 'b').record).toMatchObject({
      limits: record.limits,
      note: 'Mine',
    });
    expect(() => checkChange('sheet', mine, record)).not.toThrow();
  });
  it('ask for one item only', () => {
    const mine = changed('a', 'sheet', sheet, { limits: wider(first, 0.333) });
    const theirs = changed('b', 'sheet', sheet, { limits: wider(first, 0.444) });
    const { clashes } = brought('sheet', mine, theirs);
    expect(clashes).toMatchObject([{ here: { upper_mm: 0.333 }, file: { upper_mm: 0.444 } }]);
  });
  it('keep an order that was changed on one side, with what was added on the other', () => {
    const turned = changed('a', 'sheet', sheet, { strip: [...sheet.strip].reverse() });
    const step = { ...sheet.strip[0]!, id: 'added', do: 'Mark the body' };
    const added = changed('b', 'sheet', sheet, {
      strip: [sheet.strip[0]!, step, ...sheet.strip.slice(1)],
    });
    const ids = (s: typeof sheet) => s.strip.map(({ id }) => id);
    const both = brought('sheet', turned, added).record;
    const there = brought('sheet', added, turned, unasked, 'b').record;
    expect(ids(both)).toEqual(ids(there));
    expect(ids(both).filter((id) => id !== 'added')).toEqual(ids(turned));
    expect(ids(both)).toContain('added');
  });
  it('never take a photo away that nobody here took away', () => {
    const photo = (id: string) => ({ id, at: '2026-11-23T09:00:00.000Z', by: '', of: 'tag' });
    const two = { ...job, photos: [photo('p-1'), photo('p-2')] };
    const less = changed('b', 'job', two, { photos: [photo('p-1')] });
    const { clashes, record } = brought('job', two, less);
    expect(fields(clashes)).toEqual(['photos/p-2']);
    expect(record.photos).toHaveLength(2);
    expect(brought('job', two, less, () => 'file').record.photos).toHaveLength(1);
    // Without marks it is no more than a copy that never had it.
    expect(brought('job', two, { ...two, photos: [], revision: 99 })).toMatchObject({
      record: two,
      clashes: [],
    });
  });
});

describe('two copies of a job', () => {
  const note = (id: string, minute: number): Entry => ({
    id,
    at: `2026-11-20T09:${minute}:00.000Z`,
    by: '',
    kind: 'also',
    check: 'magnet',
    answer: id,
  });
  const older = { ...job, journal: job.journal.slice(0, -2) };

  it('never fall back to an older one', () => {
    const { record, count } = brought('job', job, older);
    expect(record).toBe(job);
    expect(count).toMatchObject({ fresh: 0, others: 0 });
    expect(count!.file).toBeLessThanOrEqual(count!.here);
  });
  it('take over what went on in the file, with its tag and where one was', () => {
    const there = changed('b', 'job', { ...job, stage: 'report' }, { owner: 'Tower stores' });
    const { record, count, asInFile } = brought('job', older, there);
    expect([record, asInFile]).toEqual([there, true]);
    expect(count!.fresh + count!.others).toBe(2);
  });
  it('keep what was done in both, and ask for the tag that both changed', () => {
    const added = { ...older, journal: [...older.journal, note('only-here', 59)] };
    const here = changed('a', 'job', added, { owner: 'Here', complaint: 'Whines cold' });
    const there = changed('b', 'job', job, { owner: 'There' });
    const { record, clashes } = brought('job', here, there, () => 'here');
    expect(clashes).toEqual([]);
    expect(record).toMatchObject({ owner: 'Here', complaint: 'Whines cold' });
    expect(ledgerOf(record).also.map(({ id }) => id)).toContain('only-here');
    expect(record.journal).toHaveLength(job.journal.length + 1);
    expect(record.revision).toBeGreaterThan(Math.max(here.revision, job.revision));
    expect(fields(brought('job', here, there).clashes)).toEqual(['owner']);
  });
  it('do not let one entry become another', () => {
    const [first, ...rest] = job.journal as [Entry, ...Entry[]];
    const forged = {
      ...job,
      revision: job.revision + 5,
      journal: [{ ...first, by: 'X' }, ...rest],
    };
    expect(brought('job', job, forged).record).toBe(job);
  });
  it('are the same whatever order their fields came in', () => {
    const turned = Object.fromEntries(Object.entries(job).reverse()) as unknown as Job;
    expect(brought('job', job, turned)).toMatchObject({ record: job, kept: [], clashes: [] });
  });
});

describe('two copies of a shop', () => {
  it('hold the instruments and people of both, and leave each bench its own unit', () => {
    const [mic] = NEW_SHOP.instruments;
    const here = changed('a', 'shop', NEW_SHOP, { unit: 'thou', people: ['Runa T.'] });
    const file = changed('b', 'shop', NEW_SHOP, {
      theme: 'dark',
      people: ['Ivo K.'],
      shop_C: 18,
      instruments: [...NEW_SHOP.instruments, { ...mic!, id: 'mic-2' }],
    });
    const { record, clashes } = brought('shop', here, file);
    expect(clashes).toEqual([]);
    expect(record).toMatchObject({ unit: 'thou', theme: 'system', shop_C: 18 });
    expect([...record.people].sort()).toEqual(['Ivo K.', 'Runa T.']);
    expect(record.instruments.map(({ id }) => id)).toContain('mic-2');
    expect(brought('shop', here, here).record).toBe(here);
  });
  it('hold the operations of both, each once, and ask for the terms that both changed', () => {
    const terms = (id: string, minutes: number) => ({
      id: operationId(id),
      by: 'here' as const,
      minutes,
      setup: 0,
      price: 0,
      days: 0,
      least_mm: null,
      most_mm: null,
      tool: '',
      check: '',
      caution: '',
    });
    const here = changed('a', 'shop', NEW_SHOP, { operations: [terms('deck-faced', 30)] });
    const file = changed('b', 'shop', NEW_SHOP, {
      operations: [terms('deck-faced', 45), terms('dowels', 5)],
    });
    expect(fields(brought('shop', here, file).clashes)).toEqual(['operations/deck-faced']);
    const { record } = brought('shop', here, file, () => 'file');
    expect(record.operations.map(({ id, minutes }) => [id, minutes])).toEqual([
      ['deck-faced', 45],
      ['dowels', 5],
    ]);
  });
  it('have the zero of an instrument that was checked last', () => {
    const zero = (at: string, read_mm: number) => [
      { instrument: 'depth-mic', at, by: '', standard_mm: 25, read_mm },
    ];
    const here = changed('a', 'shop', NEW_SHOP, { zeros: zero('2026-11-20T09:00:00Z', 25.001) });
    const file = changed('b', 'shop', NEW_SHOP, { zeros: zero('2026-11-20T10:00:00Z', 25.002) });
    for (const [one, two] of [
      [here, file],
      [file, here],
    ] as const) {
      expect(brought('shop', one, two).record.zeros[0]?.read_mm).toBe(25.002);
    }
  });
});

describe('benches that change a part and exchange it, at random', () => {
  const NAMES = ['a', 'b', 'c'] as const;
  const FIELDS = ['place', 'make', 'condition'] as const;
  const step = fc.oneof(
    fc.record({ on: fc.constantFrom(...NAMES), field: fc.constantFrom(...FIELDS) }),
    fc.record({
      on: fc.constantFrom(...NAMES),
      from: fc.constantFrom(...NAMES),
      side: fc.constantFrom('here' as const, 'file' as const),
    }),
  );
  it('come to the same, and lose nothing that was typed without a choice', () => {
    fc.assert(
      fc.property(fc.array(step, { maxLength: 40 }), (steps) => {
        const here: Record<string, typeof part> = { a: part, b: part, c: part };
        // What was typed, and which typed values somebody knew when he wrote over them or chose against them.
        const gone = new Set<string>(['']);
        let typed = 0;
        const exchange = (on: string, from: string, side: 'here' | 'file') => {
          const { record, clashes } = brought(
            'part',
            here[on]!,
            here[from]!,
            (clash) => {
              gone.add(String(side === 'here' ? clash.file : clash.here));
              return side;
            },
            on,
          );
          expect(clashes).toEqual([]);
          here[on] = record;
        };
        const every = new Map<string, string>();
        for (const s of steps) {
          if ('from' in s) {
            if (s.on !== s.from) exchange(s.on, s.from, s.side);
            continue;
          }
          const value = `typed ${(typed += 1)}`;
          gone.add(here[s.on]![s.field]);
          every.set(value, s.field);
          here[s.on] = changed(s.on, 'part', here[s.on]!, { [s.field]: value });
        }
        for (let round = 0; round < 2; round++) {
          for (const [on, from] of [
            ['a', 'b'],
            ['b', 'c'],
            ['c', 'a'],
            ['a', 'c'],
            ['b', 'a'],
          ] as const) {
            exchange(on, from, 'here');
          }
        }
        const content = ({ revision: _, ...record }: typeof part) =>
          unmarked(record as typeof part);
        expect(content(here.b!)).toEqual(content(here.a!));
        expect(content(here.c!)).toEqual(content(here.a!));
        for (const [value, field] of every) {
          expect(here.a![field as 'place'] === value || gone.has(value)).toBe(true);
        }
      }),
    );
  });
});
