import fc from 'fast-check';
import { parse } from 'papaparse';
import { foundCsv } from './foundCsv';
import { foundWords } from './foundWords';
import type { JobFacts } from './facts';
import type { Said } from './said';
import { searchable, searchedFor, type Found } from './search';

const facts = (more: Partial<JobFacts>, ...said: Said[]): JobFacts =>
  ({
    tag: 'HM-1',
    owner: '',
    machine: '',
    model: 'Veltrane T6',
    serial: '',
    complaint: '',
    day: '2026-01-10',
    out: null,
    used: null,
    usedUnit: 'h',
    back: null,
    said,
    ...more,
  }) as JobFacts;
const rows = (found: readonly Found[]) =>
  parse<Record<string, string>>(foundCsv(found), { header: true }).data;

describe('what was found', () => {
  it('says where it stands beyond what its line shows', () => {
    const said: Said[] = [
      { where: 'tag', text: 'HM-1' },
      { where: 'waiting', text: 'waits for customer' },
      { where: 'complaint', text: 'Hums' },
      { where: 'finding', text: 'Hub: cracked' },
      { where: 'note', text: 'third time' },
    ];
    expect(foundWords({ facts: facts({}), where: said })).toBe(
      'Complaint: Hums · Hub: cracked · Note: third time',
    );
    expect(foundWords({ facts: facts({}), where: said.slice(0, 2) })).toBe('');
  });
  it('is a table with a line for each job, and empty cells where nobody said', () => {
    const back = { day: '2026-03-01', used: null, cause: '', words: 'Drain shut' };
    const [one, two] = rows([
      { facts: facts({ used: 2980, out: '2026-02-01', back }), where: [] },
      { facts: facts({ tag: 'HM-2', usedUnit: 'km' }), where: [] },
    ]);
    expect(one).toMatchObject({
      used: '2980',
      usedUnit: 'h',
      back: '2026-03-01',
      cause: 'Drain shut',
    });
    expect(two).toMatchObject({
      tag: 'HM-2',
      used: '',
      usedUnit: '',
      out: '',
      back: '',
      cause: '',
    });
  });
  it('comes back out of the table as it was, and nothing in it is a formula', () => {
    fc.assert(
      fc.property(
        fc.string({ maxLength: 20 }),
        fc.constantFrom('', '=', '+', '-', '@'),
        (text, sign) => {
          const complaint = `${sign}${text}`;
          const [row] = rows([{ facts: facts({ complaint }), where: [] }]);
          const cell = row?.complaint ?? '';
          expect(cell).toMatch(/^(?![=+\-@])/);
          expect([complaint, `'${complaint}`]).toContain(cell);
        },
      ),
    );
  });
});

describe('a search', () => {
  const words = fc.array(fc.stringMatching(/^[a-z]{1,6}$/), { minLength: 1, maxLength: 6 });

  it('finds every job by any of its words in any order, and none by a word that it has not', () => {
    fc.assert(
      fc.property(words, fc.nat(), (all, turn) => {
        const job = facts({}, ...all.map((text) => ({ where: 'note' as const, text })));
        const sought = searchable([job]);
        const turned = all.map((_, i) => all[(i + turn) % all.length]!);
        expect(searchedFor(sought, turned.join(' ').toUpperCase())).toHaveLength(1);
        expect(searchedFor(sought, `${turned[0]} 7`)).toHaveLength(0);
      }),
    );
  });
  it('finds by words that stand in different places, and shows three of them at most', () => {
    const job = facts(
      {},
      ...['cracked ear', 'ear bent', 'ear worn', 'ear gone'].map((text) => ({
        where: 'finding' as const,
        text,
      })),
      { where: 'customer', text: 'Airfield' },
    );
    expect(searchedFor(searchable([job]), 'airfield ear')[0]?.where).toHaveLength(3);
    expect(searchedFor(searchable([job]), '"ear cracked"')).toEqual([]);
  });
});
