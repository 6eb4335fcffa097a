import fc from 'fast-check';
import type { Entry } from './entry';
import { mergedJournal } from './mergeJournal';

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

  it('settle on one order where both have the same entries in another', () => {
    const here = [a, note('x', 2), note('y', 2)];
    const file = [a, note('y', 2), note('x', 2)];
    expect(mergedJournal(here, file)).toBe(here);
    expect(mergedJournal(file, here)).toBe(here);
  });

  it('keep the order of each side where the clock of one is a day off, before or behind', () => {
    const moved = (entry: Entry, day: number): Entry => ({
      ...entry,
      at: `2026-11-${day}${entry.at.slice(10)}`,
    });
    const here = [a, note('h1', 10), c, note('h2', 20)];
    for (const day of [19, 21]) {
      const file = [a, moved(note('f1', 8), day), c, moved(note('f2', 15), day), strike('f1', 2)];
      const both = mergedJournal(here, file);
      const orderOf = (...wanted: string[]) =>
        both.map(({ id }) => id).filter((id) => wanted.includes(id));
      expect(orderOf('a', 'h1', 'c', 'h2')).toEqual(['a', 'h1', 'c', 'h2']);
      expect(orderOf('a', 'f1', 'c', 'f2', 'strike-f1')).toEqual([
        'a',
        'f1',
        'c',
        'f2',
        'strike-f1',
      ]);
      // What both have stays between what each did before and after it, whatever the clocks say.
      expect(orderOf('h1', 'f1', 'c', 'h2', 'f2').indexOf('c')).toBe(2);
      expect(mergedJournal(both, file)).toBe(both);
    }
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
