import { sayCause } from '../commands/blaming';
import { noteQuote } from '../commands/reporting';
import { causesOn } from '../causes/answer';
import { stateOf } from '../guidance/evaluator';
import { record } from '../journal/commands';
import { emptyJob } from '../practice/job';
import { pumpOf } from '../pumps/registry';
import type { PlanStep } from '../records/entries/plan';
import { NO_HEADING } from '../records/heading';
import type { Job } from '../records/job';
import { faced, found, stamp, workOn } from '../testing/findings';
import { AT } from '../testing/readings';
import { largestSheet, VELTRANE_T6 } from '../testing/sheets';
import { jobWithSizes, measuredJob } from '../testing/worked';
import { pageOf } from './page';
import { nothingLines, planLines } from './quote';

const WORN = measuredJob(VELTRANE_T6, 0.9, 4);
const HEADING = NO_HEADING;

describe('a quote', () => {
  const money = { currency: '€', rate: 48, downDay: 1, comeback: 1 };
  const quote = (job: Job) => pageOf(job, 'quote', 'mm', { shop: { heading: HEADING, money } });
  const asked = { price: 340, days: 4, name: '', date: '2026-12-02', remark: '' };
  const step = (operation: string, part: string, amount_mm: number | null = null): PlanStep =>
    ({
      id: `${operation}-${part}`,
      operation,
      offer: `${operation}--${part}`,
      amount_mm,
      from_mm: amount_mm,
      to_mm: amount_mm,
      cost: 40,
      minutes: 30,
      days: 1,
    }) as PlanStep;
  const planOf = (job: Job, ...steps: PlanStep[]): Job =>
    record(job, { ...stamp(), kind: 'plan', remark: '', steps });
  const planned = (job: Job, ...steps: PlanStep[]) => planLines(planOf(job, ...steps), 'mm');
  const nothing = (job: Job) => nothingLines(job, stateOf(job), 'mm');

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
  it('has the steps of the plan by their parts, with how much, and says which are done', () => {
    const face = step('deck-faced', 'body', 0.05);
    const bushing = step('bushing-renewed', 'bushing');
    expect(planned(WORN, face, bushing)).toEqual([
      'Body: face the deck, 0.05 mm',
      'Bushing: replace and size',
    ]);
    const done = record(planOf(WORN, bushing), {
      ...workOn('bushing', 'exchanged'),
      step: bushing.id,
    });
    expect(planLines(done, 'mm')).toEqual(['Bushing: replace and size: done']);
  });
  it('says equal steps of all sections once, with how many they are; one section by its number', () => {
    const stack = emptyJob(largestSheet(), AT);
    const bushings = pumpOf(stack.sheet).parts.filter(({ kind }) => kind.startsWith('bushing'));
    const all = bushings.map(({ id }) => step('bushing-renewed', id));
    expect(bushings).toHaveLength(16);
    expect(planned(stack, ...all)).toEqual(['All 16 bushings: replace and size']);
    expect(planned(stack, ...all.slice(0, 3))).toEqual(['3 bushings: replace and size']);
    const second = bushings.find(({ section }) => section === 2)!;
    expect(planned(stack, step('bushing-renewed', second.id))).toEqual([
      expect.stringMatching(/^Section 2: Bushing, .*: /),
    ]);
  });
  it('says of a pump that nobody measured that nobody can say, and what was condemned by eye', () => {
    const bare = emptyJob(VELTRANE_T6, AT);
    expect(nothing(bare)).toEqual(['Nothing is measured yet: nobody can say what becomes of it.']);
    const cracked = record(bare, found('bushing', { decided: 'replace' }));
    expect(nothing(cracked).at(-1)).toBe('Bushing: condemned by eye, and stays in.');
  });
  it('names what stays out, and says nothing of that where all is in', () => {
    const out = jobWithSizes({ 'pocket-depth': 20.3, 'drive-width': 20 });
    expect(nothing(out)[0]).toMatch(
      /end clearance, drive gear.* out of (its|their) limits, and wears? on\.$/i,
    );
    const inside = jobWithSizes({ 'pocket-depth': 20.05, 'drive-width': 20 });
    expect(nothing(inside).join(' ')).not.toContain('out of its limits, and');
    expect(nothing(inside).at(-1)).toBe('Nothing is known to be out of its limits.');
  });
  it('says of a proven cause that it comes back only while nothing was done', () => {
    const cause = causesOn(WORN, stateOf(WORN).characteristics).causes[0]!.cause.id;
    const proven = sayCause({ cause, answer: 'proven', words: '', change: [] })(WORN, stamp());
    const comesBack = (job: Job) =>
      nothing(job).some((line) => /^What made it fail stays/.test(line));
    expect(comesBack(WORN)).toBe(false);
    expect(comesBack(proven)).toBe(true);
    expect(comesBack(faced(proven, 0.01))).toBe(false);
  });
  it('names a step that this version does not know as Decide does', () => {
    expect(planned(WORN, step('plated-in-chrome', 'body'))).toEqual([
      'An operation that this version does not know',
    ]);
  });
});
