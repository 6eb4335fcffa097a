import { acceptGaps, withdrawAcceptance } from '../commands/deciding';
import { nextStep } from '../guidance/evaluator';
import { characteristicId, partId } from '../pumps/ids';
import { emptyJob } from '../practice/job';
import { measure } from '../practice/hand';
import { hiddenOf } from '../practice/hidden';
import { evenFrom } from '../random';
import type { Job } from '../records/job';
import type { Sheet } from '../records/sheet';
import { orderList } from '../inspect/order';
import { reportOf } from '../report/report';
import { record } from './commands';
import { teardownOf } from '../pumps/registry';
import { exchanged, found, stamp } from '../testing/findings';
import { AT, ROOM } from '../testing/readings';
import { SHEETS } from '../testing/sheets';
import { answerOf, planFor } from '../testing/worked';
import { answerWords } from '../wording/decide';
import { acceptedLines } from '../wording/worked';
import { acceptedIn, acceptedParts } from './accepted';

const WHY = 'the tightest of ours so far';
/** A gear pump for which nobody published anything. */
const SHEET: Sheet = {
  ...SHEETS.find((s) => s.model === 'Brunnick H30 gear pump')!,
  limits: [],
};
const BUSHING = characteristicId('shaft-bushing-drive-front');
const measured = (): Job => {
  const hidden = hiddenOf(SHEET, 'service', 0.4, {}, evenFrom(3));
  return measure(emptyJob(SHEET, AT), hidden, ROOM, new Date(AT));
};
const accept = (job: Job, ...ids: (typeof BUSHING)[]): Job => {
  return acceptGaps(ids, WHY)(job, stamp());
};
const standing = (job: Job) => [...acceptedIn(job).keys()];

describe('a gap for which nothing is published', () => {
  it('is accepted by a person, for a reason, in the sign-off and in the report', () => {
    const job = accept(measured(), BUSHING);
    expect(standing(job)).toEqual([BUSHING]);
    const [line] = acceptedLines(job);
    expect(line).toMatch(/: Accepted because: the tightest of ours so far\. Runa T\., /);
    const report = reportOf(job, 'mm');
    const row = report.rows.find(({ word }) => word === 'Accepted');
    expect(row?.reason).toContain(WHY);
    expect(report.sections.find(({ title }) => title === 'Decided')?.lines).toEqual([line]);
  });
  it('is no longer accepted once that is taken back, it is read again, or its part is exchanged', () => {
    const job = accept(measured(), BUSHING);
    const [acceptance] = acceptedIn(job).values();
    expect(standing(withdrawAcceptance(acceptance!.id)(job, stamp()))).toEqual([]);
    expect(standing(exchanged(job, 'bushing-drive-front'))).toEqual([]);
    const reading = job.journal.findLast(
      (e) => e.kind === 'size' && e.dimension === 'bushing-bore-drive-front',
    )!;
    expect(standing({ ...job, journal: [...job.journal, { ...reading, id: 'again' }] })).toEqual(
      [],
    );
    expect(standing(exchanged(job, 'idler'))).toEqual([BUSHING]);
  });
  it('is accepted once, with the last reason', () => {
    const twice = accept(measured(), BUSHING);
    const again = acceptGaps([BUSHING], 'as a new one measures')(twice, stamp());
    expect([...acceptedIn(again).values()].map(({ why }) => why)).toEqual([
      'as a new one measures',
    ]);
  });
  it('is not asked for again', () => {
    const begun = emptyJob(SHEET, AT);
    const first = nextStep(begun)!.characteristic;
    const job = accept(begun, first);
    expect(nextStep(job)?.characteristic).not.toBe(first);
  });
});

describe('what a person accepted', () => {
  const renews = { rules: { ...emptyJob(SHEET, AT).rules, renew: 'always' as const } };

  it('has no new part sold against it, by plan or order', async () => {
    const job = { ...measured(), ...renews };
    const accepted = accept(job, BUSHING);
    const put = async (of: Job) =>
      (await planFor(of)).rework.needs.flatMap(({ offers }) => offers[0].parts);
    expect(await put(job)).toContain(partId('bushing-drive-front'));
    expect(await put(accepted)).not.toContain(partId('bushing-drive-front'));
    expect(acceptedParts(accepted).has(partId('bushing-drive-front'))).toBe(true);
    const ordered = (of: Job) => orderList(of).map(({ name }) => name);
    expect(ordered(job)).toContain('Bushings, set of four');
    expect(ordered(accepted)).not.toContain('Bushings, set of four');
  });
  const answerTo = async (job: Job) => answerWords(answerOf(await planFor(job), false));

  it('is the answer where that is all there is', async () => {
    const rules = { ...renews.rules, renew: 'measured' as const };
    const seen = teardownOf(SHEET).surfaces.map((s) =>
      found(s.id, { defect: null, decided: 'pass', proposed: 'pass' }),
    );
    const job = record({ ...measured(), rules }, ...seen);
    const { rework } = await planFor(job);
    const all = rework.all.filter((a) => a.largest || a.touches.length > 0);
    const accepted = accept(job, ...all.map((a) => a.characteristic.id));
    expect(await answerTo(job)).toBe('Nothing seen asks for work, and no check has a limit.');
    expect(await answerTo(accepted)).toBe(
      `Reuse it: all ${all.length} checks without a limit are accepted.`,
    );
  });
});
