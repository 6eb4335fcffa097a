import { sign } from '../commands/reporting';
import { dropComeback, nameComeback, noteComeback } from '../commands/returning';
import { Evaluator, stateOf } from '../guidance/evaluator';
import { record, withVoided } from '../journal/commands';
import { comebackOf, wentOutOn } from '../journal/comebacks';
import { dimensionId, partId } from '../pumps/ids';
import { jobSchema, type Job } from '../records/job';
import { exchanged, faced, found, workOn } from '../testing/findings';
import { sized, withReadings } from '../testing/readings';
import { VELTRANE_T6 } from '../testing/sheets';
import { jobWithSizes, measuredJob } from '../testing/worked';
import { allBack, backBy, backCauses, backCount, ownChance } from './comebacks';
import { factsOf, type JobFacts } from './facts';
import { isBackSoon, knownOver, pastOf, type Question } from './past';
import { byMake } from './spares';
import { partsOf, searchable, searchedFor } from './search';
import { leftAt, visitAfter, visitTag } from './visit';
import { wearRate } from './wear';

const facts = (job: Job): JobFacts => factsOf(job, new Evaluator());
const stamp = (id: string, at: string) => ({ id, at, by: 'Ann', voided: null });
const signed = (job: Job, day: string): Job =>
  sign({ as: 'rebuilder', name: 'Ann', strokes: '' })(
    job,
    stamp(`s-${day}`, `${day}T10:00:00.000Z`),
  );
const back = (job: Job, date: string, words = '', used: number | null = null): Job =>
  noteComeback({ date, used, complaint: 'Seal blown', cause: '', words, visit: '' })(
    job,
    stamp(`c-${date}`, `${date}T10:00:00.000Z`),
  );
/** A pocket of so much over its gear, in mm. */
const sizes = (gap_mm: number, more: Partial<Job> = {}): Job =>
  jobWithSizes({ 'pocket-depth': 20 + gap_mm, 'drive-width': 20 }, more);
const near = (mm: number) => expect.closeTo(mm, 4) as number;
/** A gap that is as wide everywhere. */
const both = (mm: number) => ({ smallest_mm: near(mm), largest_mm: near(mm), over_mm: null });
const MODEL = facts(sizes(0.06)).model;
const FACE: Question = {
  model: MODEL,
  characteristic: 'face-drive',
  isDemo: false,
  except: '',
  end: 'largest',
};

describe('what history keeps of a job', () => {
  it('is how a gap came before the first work, and how it went out after the last', () => {
    const cut = faced(sizes(0.1), 0.04);
    expect(facts(cut).gaps['face-drive']).toEqual({ came: both(0.1), went: null });
    const again = withReadings(
      cut,
      ...['12', '3', '6', '9'].map((s) => sized(cut, 'pocket-depth', s, 20.06)),
    );
    // Not before it went out, and what was cut and not read again nobody knows.
    expect(facts(again).gaps['face-drive']?.went).toBeNull();
    expect(facts(signed(again, '2026-11-20')).gaps['face-drive']).toEqual({
      came: both(0.1),
      went: both(0.06),
    });
    expect(facts(signed(cut, '2026-11-20')).gaps['face-drive']?.went).toBeNull();
    // Cut once more: it came as it came.
    const twice = withReadings(
      faced(again, 0.01),
      ...['12', '3', '6', '9'].map((s) => sized(again, 'pocket-depth', s, 20.05)),
    );
    expect(facts(twice).gaps['face-drive']?.came).toEqual(both(0.1));
  });
  it('counts no reading that was struck, also where it was struck after the work', () => {
    const job = sizes(0.06);
    const wrong = withReadings(job, { ...sized(job, 'pocket-depth', '12', 20.4), id: 'wrong' });
    const cut = faced(wrong, 0.02);
    const struck = withVoided(cut, ['wrong'], { at: job.createdAt, by: '', why: 'slip' });
    expect(facts(struck).gaps['face-drive']?.came).toEqual(both(0.06));
  });
  it('names the makers of what was put in, and leaves out what is open at one end', () => {
    const work = { ...workOn('pump-bushing', 'exchanged'), make: 'Hollin' };
    const job = record(sizes(0.06), { ...work, part: partId('bushing') });
    expect(facts(job).spares).toEqual([{ part: 'bushing', make: 'Hollin' }]);
    expect(facts(exchanged(sizes(0.06), 'drive')).gaps['face-drive']?.came).toBeTruthy();
  });
  it('is out by its signature, or by its report where it was decided; never where it was given up', () => {
    const job = sizes(0.06);
    expect(wentOutOn(job)).toBeNull();
    expect(wentOutOn({ ...job, stage: 'report' })).toBeNull();
    expect(wentOutOn(signed(job, '2026-11-20'))).toBe('2026-11-20');
    const closed = { at: job.createdAt, by: '', why: 'Scrap' };
    expect(wentOutOn({ ...signed(job, '2026-11-20'), closed })).toBeNull();
    expect(wentOutOn(back(job, '2026-12-01'))).toBe(job.createdAt.slice(0, 10));
  });
  it('tells what a hand scatters where it read a place again, work between them aside', () => {
    const job = sizes(0.06);
    const read = (mm: number) => sized(job, 'drive-width', 'a', mm);
    const again = withReadings(job, read(20.002));
    expect(facts(job).repeats).toEqual([]);
    expect(facts(again).repeats).toMatchObject([{ n: 2, s_mm: near(0.002 / Math.SQRT2) }]);
    const ground = record(
      job,
      workOn('drive', 'ground', [{ dimension: dimensionId('drive-width'), by_mm: -0.1, u_mm: 0 }]),
    );
    expect(facts(withReadings(ground, read(19.9))).repeats).toEqual([]);
  });
});

describe('figures of the past', () => {
  const of = (id: string, gap_mm: number, more: Partial<Job> = {}) =>
    facts({ ...sizes(gap_mm), id, tag: id, ...more });
  const all = [of('a', 0.05), of('b', 0.07), of('c', 0.09, { demo: true })];

  it('are of the model that is asked, of the demo or of the shop, and not of who asks', () => {
    const ids = (question: Partial<Question>) =>
      pastOf(all, { ...FACE, ...question }, 'came').map(({ id }) => id);
    expect(ids({})).toEqual(['a', 'b']);
    expect(ids({ except: 'a' })).toEqual(['b']);
    expect(ids({ isDemo: true })).toEqual(['c']);
    expect(ids({ model: 'another' })).toEqual([]);
  });
  it('came back soon within a year of going out, and not after', () => {
    const out = signed(sizes(0.06), '2026-01-10');
    expect(isBackSoon(facts(back(out, '2027-01-10')))).toBe(true);
    expect(isBackSoon(facts(back(out, '2027-01-11')))).toBe(false);
    expect(isBackSoon(facts(out))).toBe(false);
  });
});

describe('comebacks', () => {
  const out = signed(sizes(0.06), '2026-01-10');

  it('are said again, named and taken back, and all of it stays in the journal', () => {
    const named = nameComeback({ cause: '', words: 'Drain painted shut' })(
      back(out, '2026-03-01', '', 900),
      stamp('n', '2026-03-04T10:00:00.000Z'),
    );
    expect(comebackOf(named)).toMatchObject({
      date: '2026-03-01',
      used: 900,
      words: 'Drain painted shut',
    });
    expect(named.journal.filter(({ kind }) => kind === 'comeback')).toHaveLength(2);
    expect(comebackOf(dropComeback(named, stamp('d', '2026-03-05T10:00:00.000Z')))).toBeNull();
    expect(nameComeback({ cause: '', words: 'x' })(out, stamp('n', out.createdAt))).toBe(out);
  });
  it('are counted of what went out, by model, maker and cause', () => {
    const made = (make: string, job: Job) =>
      record(job, { ...workOn('bushing', 'exchanged'), make, id: `m-${make}-${job.tag}` });
    const all = [
      made('Hollin', back(out, '2026-03-01', 'Drain shut')),
      made('Hollin', out),
      made('Corrie', back(out, '2026-02-01', 'Drain shut')),
      sizes(0.06),
    ].map(facts);
    expect(allBack(all)).toMatchObject({ out: 3, back: 2 });
    expect(backBy(all, 'make').map(({ name, out: n, back: k }) => [name, n, k])).toEqual([
      ['Hollin', 2, 1],
      ['Corrie', 1, 1],
    ]);
    expect(backCauses(all).map(({ words, jobs }) => [words, jobs.length])).toEqual([
      ['Drain shut', 2],
    ]);
  });
  it('are no chance until twenty went out', () => {
    expect(ownChance(backCount(3, 19))).toBeNull();
    expect(ownChance(backCount(3, 20))).toBe(0.15);
    const { interval, share } = backCount(0, 20);
    expect([share, interval[0], interval[1]]).toEqual([0, 0, expect.closeTo(0.161, 3)]);
  });
});

describe('spares of several makers', () => {
  it('are held against each other from five of each on, and two makers in one gap say nothing', () => {
    const put = (make: string, mm: number, i: number) => ({
      id: `${make}${i}`,
      tag: '',
      day: '2026-01-01',
      mm,
      used: null,
      usedUnit: 'h',
      isBack: i === 0,
      makes: new Map([['bushing', make]]),
    });
    const five = (make: string, mm: number) =>
      [0, 1, 2, 3, 4].map((i) => put(make, mm + i / 1000, i));
    const both = {
      ...put('Hollin', 9, 9),
      makes: new Map([
        ['bushing', 'Hollin'],
        ['hub', 'Corrie'],
      ]),
    };
    const groups = byMake(
      [...five('Hollin', 0.06), ...five('Corrie', 0.05), both],
      new Set(['bushing', 'hub']),
    );
    expect(groups.map(({ make, figures, back: n }) => [make, figures.length, n])).toEqual([
      ['Corrie', 5, 1],
      ['Hollin', 5, 1],
    ]);
    expect(groups[1]?.than?.by).toBeCloseTo(0.01, 9);
    const few = byMake([...five('Hollin', 0.06), put('Corrie', 0.05, 1)], new Set(['bushing']));
    expect(few.map(({ than }) => than)).toEqual([null, null]);
  });
});

describe('a second visit', () => {
  const first = signed(
    { ...sizes(0.06, { used: 1000 }), id: 'first', serial: '71-204' },
    '2026-01-10',
  );
  const second: Job = { ...sizes(0.08, { used: 3000 }), id: 'second', visit: visitAfter(first) };

  it('begins with how the first one left, until work is done on it', () => {
    expect(jobSchema.isValidSync(second, { strict: true })).toBe(true);
    expect(second.visit).toMatchObject({ of: 'first', number: 2, out: '2026-01-10', used: 1000 });
    const [face] = stateOf(second).characteristics;
    const left = leftAt(second, face!)!;
    expect(left.smallest.lo_mm).toBeLessThan(0.06);
    expect(left.largest.hi_mm).toBeGreaterThan(0.06);
    const [worked] = stateOf(faced(second, 0.02)).characteristics;
    expect(leftAt(second, worked!)).toBeNull();
    expect(leftAt(first, face!)).toBeNull();
    expect([visitTag('HM-1', 2), visitTag('HM-1/2', 3)]).toEqual(['HM-1/2', 'HM-1/3']);
  });
  it('tells what the gap wore since, for the hours between', () => {
    const jobs = [first, second].map(facts);
    const asked = { jobs, own: jobs[1]!, past: [], unit: 'h' };
    expect(wearRate(FACE, asked)).toMatchObject({ from: 'own', perThousand_mm: near(0.01) });
    expect(wearRate(FACE, { ...asked, unit: 'km' })).toBeNull();
    expect(wearRate(FACE, { ...asked, own: jobs[0]! })).toBeNull();
  });
});

describe('a search over everything', () => {
  const job = record(
    sizes(0.06, { tag: 'HM-7', owner: 'Café Rüdiger', serial: '71 204' }),
    found('hub', { defect: 'cracked', remark: 'left ear' }),
  );
  const all = searchable([facts(job), facts(sizes(0.05, { tag: 'HM-8' }))]);
  const tags = (wanted: string) => searchedFor(all, wanted).map((found) => found.facts.tag);

  it('finds a job by all words together, wherever each stands, whatever case and accents', () => {
    expect(tags('T6 cracked ear')).toEqual(['HM-7']);
    expect(tags('cafe rudiger')).toEqual(['HM-7']);
    expect(tags('cracked tang-that-is-not-there')).toEqual([]);
    expect(tags('')).toEqual(['HM-7', 'HM-8']);
    expect(tags('"left ear"')).toEqual(['HM-7']);
    expect(tags('"ear left"')).toEqual([]);
    expect(partsOf('a "b c" d')).toEqual(['a', 'b c', 'd']);
  });
  it('says where it stands', () => {
    expect(searchedFor(all, 'cracked')[0]?.where).toMatchObject([
      { where: 'finding', text: expect.stringMatching(/: Cracked.*left ear/) as string },
    ]);
  });
});

describe('what leaves alone told', () => {
  const leafed = (...gaps: readonly number[]) =>
    gaps.map((mm, i) => {
      const job = { ...measuredJob(VELTRANE_T6, mm, 40 + i), id: `l-${i}`, tag: `L-${i}` };
      return { job, facts: facts(job) };
    });

  it('is the middle of what they prove, or only what the gap is over', () => {
    for (const { job, facts: kept } of leafed(0.2, 1, 1.6, 2.5)) {
      for (const a of stateOf(job).characteristics) {
        const reach = kept.gaps[a.characteristic.id]?.came ?? null;
        if (!a.smallest || !a.largest) {
          expect(reach).toBeNull();
          continue;
        }
        const isOver = a.largest.kind === 'interval' && a.largest.hi_mm === null;
        expect([reach?.largest_mm === null, reach?.over_mm !== null]).toEqual([isOver, isOver]);
      }
    }
  });
  it('is told beside the figures where it is no figure', () => {
    const all = leafed(2.5, 2.7, 1, 0.5).map((one) => one.facts);
    const face = all.map(({ gaps }) => gaps['face-drive']?.came);
    const over = knownOver(all, FACE, 'came');
    expect(over.map(({ mm }) => mm).sort()).toEqual(face.flatMap((r) => r?.over_mm ?? []).sort());
    expect(over.length + pastOf(all, FACE, 'came').length).toBe(face.filter(Boolean).length);
    expect(over.length).toBeGreaterThan(0);
    expect(knownOver(all, { ...FACE, end: 'smallest' }, 'came')).toEqual([]);
  });
});
