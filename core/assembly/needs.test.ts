import { answerAuxiliary } from '../commands/noting';
import { assessJob } from '../guidance/evaluator';
import { record } from '../journal/commands';
import { kindId } from '../pumps/ids';
import type { Job } from '../records/job';
import type { Sheet } from '../records/sheet';
import { smallChecks } from '../inspect/auxiliary';
import { came, itemAt, jobOn, listOf, T6 } from '../testing/assembly';
import { EVERY_BUILD } from '../testing/builds';
import { exchanged, found, stamp } from '../testing/findings';
import { VELTRANE_T6 } from '../testing/sheets';
import { buildList } from './list';

const needsAt = (job: Job, step: string) => itemAt(job, step).needs;
const need = (job: Job, step: string, id: string) => needsAt(job, step).find((n) => n.id === id);

describe('what has to be true before a step', () => {
  it('is another body where Look gave the one up, until it was exchanged', () => {
    const given = record(T6, found('wall', { defect: 'scored', decided: 'replace' }));
    const other = (job: Job) => need(job, 'bushing', 'part-body');
    expect(other(given)).toMatchObject({ met: false, words: 'Body, given up, is replaced' });
    expect(other(exchanged(given, 'body'))).toBeUndefined();
    // It is asked for wherever the body is gone on with, and nowhere else.
    const asking = listOf(given).filter(({ needs }) => needs.some(({ id }) => id === 'part-body'));
    expect(asking.every(({ step }) => step.parts.includes('body'))).toBe(true);
    expect(asking.every(({ step }) => step.kind !== 'clean')).toBe(true);
  });

  it('is a body that was not scrapped', () => {
    const scrapped = record(T6, found('wall', { defect: 'cracked', decided: 'scrap' }));
    expect(need(T6, 'bushing', 'body')).toBeUndefined();
    expect(need(scrapped, 'bushing', 'body')).toMatchObject({
      met: false,
      words: 'The body is not given up',
    });
    expect(need(scrapped, 'drive', 'body')).toBeUndefined();
  });

  it('is that what is always replaced has come, said by its name', () => {
    expect(need(T6, 'seal', 'order-renew--seal')).toMatchObject({
      met: false,
      words: 'Converter seal has come',
    });
    expect(need(came(T6, 'renew--seal'), 'seal', 'order-renew--seal')?.met).toBe(true);
    // An order for something else brings no seal.
    expect(need(came(T6, 'renew--bushing'), 'seal', 'order-renew--seal')?.met).toBe(false);
  });

  it('is that a gear which Look gave up has come, or is in already', () => {
    const given = record(T6, found('drive-teeth', { defect: 'cracked', decided: 'replace' }));
    const line = listOf(given)
      .flatMap(({ needs }) => needs)
      .find(({ id }) => id.startsWith('order-part--'));
    expect(line).toMatchObject({ met: false });
    expect(line?.words).toMatch(/, given up, is replaced$/);
    const fitted = listOf(exchanged(exchanged(given, 'drive'), 'driven'))
      .flatMap(({ needs }) => needs)
      .filter(({ id, met }) => id === line?.id && !met);
    expect(fitted).toEqual([]);
  });

  it('is every judged clearance before a seal, but for the end play that is set later', () => {
    const judged = assessJob(T6).filter(({ limits }) => limits !== null);
    const gaps = needsAt(T6, 'seal').filter(({ id }) => id.startsWith('gap-'));
    const ids = judged.map(({ characteristic }) => characteristic.id as string);
    expect(gaps.map(({ id }) => id.slice('gap-'.length))).toEqual(
      ids.filter((id) => id !== 'pump-to-unit'),
    );
    expect(gaps.every(({ words }) => words.endsWith(' is in'))).toBe(true);
    // Other steps ask for those that they name.
    expect(needsAt(T6, 'oil').filter(({ id }) => id.startsWith('gap-'))).toEqual([]);
  });

  it.each(['in', 'out', 'close', 'open'] as const)(
    'is a clearance that is %s only where that is in',
    (verdict) => {
      const all = assessJob(T6).map((a) => ({ ...a, verdict }));
      const gaps = buildList(T6, all).flatMap(({ needs }) =>
        needs.filter(({ id }) => id.startsWith('gap-')),
      );
      expect(gaps.length).toBeGreaterThan(0);
      expect(gaps.every(({ met }) => met === (verdict === 'in'))).toBe(true);
    },
  );

  it('is each step before it, which is met once that is done', () => {
    for (const { step, needs } of listOf(T6)) {
      const before = needs.filter((n) => n.step !== undefined);
      expect(before.map((n) => n.step)).toEqual(step.after);
      expect(before.every(({ met, words }) => !met && words.startsWith('Done before: '))).toBe(
        true,
      );
    }
  });

  it('is never asked of a wash', () => {
    for (const sheet of EVERY_BUILD) {
      const washes = listOf(jobOn(sheet)).filter(({ step }) => step.kind === 'clean');
      const others = washes.flatMap(({ needs }) => needs.filter((n) => n.step === undefined));
      expect(others).toEqual([]);
    }
  });
});

describe('small things', () => {
  const small = [{ id: 'keys', part: kindId('drive'), kind: 'key' as const, count: 2 }];
  const sheet: Sheet = { ...VELTRANE_T6, small };
  const job = jobOn(sheet);
  const [check] = smallChecks({ ...sheet, also: [], clutches: [] }).filter(({ name }) =>
    /key/i.test(name),
  );

  it('are counted at the step that puts in what they are on, and at no other', () => {
    const counting = listOf(job).filter((item) => item.small.length > 0);
    expect(counting.map(({ step }) => step.id)).toEqual(['drive']);
    expect(counting[0]?.small[0]).toMatch(/count 2\.$/);
  });

  it('say how many were missing at the teardown, and are asked for', () => {
    const one = check!.options.find((option) => option !== check!.expected)!;
    const short = answerAuxiliary(check!.id, one)(job, stamp());
    const at = itemAt(short, 'drive');
    expect(at.small[0]).toMatch(/count 2; [12] (was|were) missing when counted\.$/);
    expect(at.needs.find(({ id }) => id.startsWith('order-small--'))).toMatchObject({ met: false });
    const ordered = came(short, 'small--keys');
    expect(need(ordered, 'drive', 'order-small--keys')?.met).toBe(true);
  });
});
