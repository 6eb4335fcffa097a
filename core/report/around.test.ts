import { noteQuote, onPaper, sign } from '../commands/reporting';
import { NO_HEADING } from '../records/heading';
import type { Job } from '../records/job';
import { faced, stamp } from '../testing/findings';
import { AT } from '../testing/readings';
import { VELTRANE_T6 } from '../testing/sheets';
import { measuredJob } from '../testing/worked';
import { aroundOf, nextLook } from './around';
import { pageOf } from './page';

const WORN = measuredJob(VELTRANE_T6, 0.9, 4);
const HEADING = {
  ...NO_HEADING,
  name: 'Highmoor',
  address: ' Depot Road \n\n bay 2',
  warranty: 'Twelve months.',
};
const photo = (id: string) => ({ id, jpeg: '', width: 4, height: 3 }) as never;

describe('what stands round a report', () => {
  it('has the heading of the shop line by line, and no warranty on a pump that was given up', () => {
    const { head, warranty } = aroundOf(WORN, HEADING);
    expect([head.name, head.address, warranty]).toEqual([
      'Highmoor',
      ['Depot Road', 'bay 2'],
      ['Twelve months.'],
    ]);
    const closed = { ...WORN, closed: { at: AT, by: '', why: 'cracked' } };
    expect(aroundOf(closed, HEADING).warranty).toEqual([]);
  });
  it('has the photos that were chosen and are there, in the order chosen', () => {
    const job = onPaper({ photos: ['b', 'gone', 'a'] })(WORN, stamp());
    const { photos } = aroundOf(job, HEADING, [photo('a'), photo('b'), photo('c')]);
    expect(photos.map(({ id }) => id)).toEqual(['b', 'a']);
  });
  it('has a line for each who signs, and says that one was signed before the last change', () => {
    const words = (job: Job) =>
      aroundOf(job).signatures.map(({ words: said, since }) => [said, since].join('|'));
    expect(words(WORN)).toEqual(['Rebuilt and tested by|', 'Received by|']);
    const signed = sign({ as: 'rebuilder', name: 'Ivo K.', strokes: '' })(WORN, stamp());
    expect(words(signed)[0]).toMatch(/^Rebuilt and tested: Ivo K\., .*\d{4}\|$/);
    expect(words(faced(signed, 0.01))[0]).toMatch(/\|Signed before the last change to this job\.$/);
  });
  it('says when it is looked at next: by the count, on the day, whichever comes first', () => {
    const at = (nextUsed: number | null, nextDay: string | null) =>
      nextLook({ ...WORN, usedUnit: 'h', paper: { photos: [], nextUsed, nextDay } });
    expect(at(null, null)).toBe('');
    expect(at(5200, null)).toBe('Next look due at 5200 h.');
    expect(at(null, '2027-10-01')).toMatch(/^Next look due on .*2027\.$/);
    expect(at(5200, '2027-10-01')).toMatch(/^Next look due at 5200 h, or on .*2027 if that/);
    const due = onPaper({ nextUsed: 5200 })({ ...WORN, usedUnit: 'h' }, stamp());
    const watch = pageOf(due, 'owner', 'mm').sections.find(({ id }) => id === 'watch');
    expect(watch?.rows[0]).toEqual(['Next look due at 5200 h.']);
  });
});

describe('a quote', () => {
  const money = { currency: '€', rate: 48, downDay: 1, comeback: 1 };
  const quote = (job: Job) => pageOf(job, 'quote', 'mm', { shop: { heading: HEADING, money } });
  const asked = { price: 340, days: 4, name: '', date: '2026-12-02', remark: '' };
  const planned: Job['journal'][number] = {
    kind: 'plan',
    ...stamp(),
    remark: '',
    steps: [
      {
        id: 's1',
        operation: 'replace-bushing',
        offer: 'replace-bushing--bushing',
        amount_mm: null,
        from_mm: null,
        to_mm: null,
        cost: 40,
        minutes: 30,
        days: 1,
      },
    ],
  } as never;

  it('says what is found, the price, how it stands, and what happens if nothing is done', () => {
    const page = quote(WORN);
    expect(page.title).toMatch(/^Quote /);
    expect(page.sentences[1]).toBe('No price is given yet.');
    expect(page.sections.map(({ id }) => id)).toEqual(
      expect.arrayContaining(['found', 'measured', 'plan', 'nothing']),
    );
    const rows = (id: string) => page.sections.find((section) => section.id === id)!.rows.flat();
    expect(rows('plan')).toEqual(['No plan is chosen yet.']);
    expect(rows('nothing')).toContainEqual(
      expect.stringMatching(/^At hot idle it gives \d.* l\/min.*\.$/),
    );
    expect(page.around.signatures.map(({ words }) => words)).toEqual(['Approved by, on which day']);
  });
  it('has what was asked and answered, with the price and the days', () => {
    const job = noteQuote({ state: 'asked', ...asked })(WORN, stamp());
    expect(quote(job).sentences[1]).toMatch(
      /^Asked on .*2026\. It costs 340 € and takes 4 days\.$/,
    );
    const said = noteQuote({ state: 'declined', ...asked, days: 0, name: 'Bo R.' })(job, stamp());
    expect(quote(said).sentences[1]).toMatch(
      /^Declined by Bo R\. on .*2026\. It costs 340 € and is ready the same day\.$/,
    );
    expect(quote(said).around.signatures).toEqual([]);
    const open = noteQuote({ state: 'asked', ...asked, price: null, days: null })(WORN, stamp());
    expect(quote(open).sentences[1]).toMatch(/^Asked on .*2026\.$/);
  });
  it('has the steps of the plan by their parts, and says which are done', () => {
    const { voided: _, ...entry } = planned as never as Record<string, unknown>;
    const job = { ...WORN, journal: [...WORN.journal, entry as never] };
    const rows = quote(job)
      .sections.find(({ id }) => id === 'plan')!
      .rows.flat();
    expect(rows).toHaveLength(1);
    expect(rows[0]).not.toContain('done');
  });
});
