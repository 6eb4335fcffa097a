import { onlyTheTip } from '../methods/feeler';
import { place } from '../pumps/measures';
import { characteristicId } from '../pumps/ids';
import { Evaluator } from '../guidance/evaluator';
import {
  answerLeaf,
  addReading,
  restoreEntry,
  skipOthers,
  skipPlace,
  voidEntry,
} from '../commands/measuring';
import type { Stamp } from '../commands/command';
import { fallenSince } from '../assessment/summary';
import { emptyJob } from '../practice/job';
import { entrySchemaOf } from '../records/entry';
import type { Job } from '../records/job';
import { mergedJournal } from '../records/mergeJournal';
import { reportOf } from '../report/report';
import { SHEETS, VELTRANE_T6 } from '../testing/sheets';
import { explain } from '../wording/verdict';
import { ledgerOf } from './ledger';
import { lastStanding } from './commands';

const AT = '2026-11-20T09:00:00.000Z';
let count = 0;
const made = (): Stamp => ({ id: `s${(count += 1)}`, at: AT, by: 'Ivo K.', voided: null });
const of = (job: Job, id: string) =>
  new Evaluator().assess(job).find((a) => a.characteristic.id === id)!;

/** Answers the leaf that comes next; what it was is not asked. */
function answered(job: Job, felt: 'free' | 'no-go', evaluator = new Evaluator()): Job {
  const step = evaluator.next(job)!;
  if (step.way !== 'leaf') throw new Error('No leaf is asked for.');
  return addReading(answerLeaf(job, step, felt, made(), evaluator).reading, evaluator)(job, made());
}

describe('a place that is left out', () => {
  const evaluator = new Evaluator();
  const job = emptyJob(VELTRANE_T6, AT);
  const step = evaluator.next(job)!;
  const skipped = skipPlace(step, 'cannot get at it', evaluator)(job, made());

  it('is not asked for again, and the rest can still be judged', () => {
    expect(evaluator.next(skipped)?.station.id).not.toBe(step.station.id);
    const places = of(skipped, step.characteristic).stations.map((s) => s.station.id);
    expect(places).not.toContain(step.station.id);
    let rest = skipped;
    for (let n = 0; n < 12 && of(rest, 'face-drive').verdict === 'open'; n++) {
      rest = answered(rest, n % 2 ? 'free' : 'no-go');
    }
    expect(of(rest, 'face-drive').verdict).not.toBe('open');
  });
  it('is kept with its reason, in the words and in the report', () => {
    const entry = skipped.journal.at(-1)!;
    expect(entrySchemaOf('skip')!.isValidSync(entry, { strict: true })).toBe(true);
    const a = of(answered(skipped, 'free'), 'face-drive');
    expect(explain(a, VELTRANE_T6, 'mm')).toMatch(/One place left out: cannot get at it/);
    const { sections } = reportOf(skipped, 'mm');
    expect(sections.find((s) => s.title === 'Not done')?.lines.join()).toMatch(
      /End clearance, drive gear, 12.*: cannot get at it/,
    );
  });
  it('is what Undo takes back first', () => {
    const last = lastStanding(skipped)!;
    expect(last.kind).toBe('skip');
    const back = voidEntry(last.id, 'undone')(skipped, made());
    expect(evaluator.next(back)?.station.id).toBe(step.station.id);
  });
});

describe('vanes of which the shortest was found', () => {
  const sheet = SHEETS.find((s) => s.family === 'fixed-vane')!;
  const evaluator = new Evaluator();
  const job: Job = {
    ...emptyJob(sheet, AT),
    cursor: { characteristic: characteristicId('vane-length'), way: 'size' },
  };
  it('leave the others out in one touch', () => {
    const step = evaluator.next(job)!;
    if (step.way !== 'size') throw new Error('No size is asked for.');
    const through = skipOthers(step, 'all others no shorter', evaluator)(job, made());
    const left = ledgerOf(through).skips;
    expect(left).toHaveLength(step.dimension.stations.length);
    expect(evaluator.next({ ...through, cursor: job.cursor })).toBeNull();
  });
});

describe('a strike that is taken back', () => {
  const one = answered(emptyJob(VELTRANE_T6, AT), 'free');
  const [reading] = ledgerOf(one).readings;
  const struck = voidEntry(reading!.id, 'wrong place')(one, made());
  const back = restoreEntry(reading!.id)(struck, made());

  it('lets the entry count again, and can be made once more', () => {
    expect(ledgerOf(struck).readings[0]?.voided).not.toBeNull();
    expect(ledgerOf(back).readings[0]?.voided).toBeNull();
    const again = voidEntry(reading!.id, 'wrong after all')(back, made());
    expect(ledgerOf(again).readings[0]?.voided?.why).toBe('wrong after all');
    const ids = again.journal.map((e) => e.id);
    expect(new Set(ids).size).toBe(ids.length);
    expect(restoreEntry(reading!.id)(one, made())).toBe(one);
  });
  it('survives being brought together with another copy', () => {
    expect(mergedJournal(one.journal, back.journal).map((e) => e.kind)).toEqual([
      'leaf',
      'strike',
      'restore',
    ]);
    const [, strike, restore] = back.journal;
    expect(mergedJournal([...one.journal, strike!], [...one.journal, strike!, restore!])).toEqual(
      back.journal,
    );
  });
});

describe('a leaf that goes part way in', () => {
  const limit = { ...VELTRANE_T6.limits[0]!, lower_mm: null, upper_mm: 0.05, tier: 'service' };
  const sheet = { ...VELTRANE_T6, limits: [limit] };
  const evaluator = new Evaluator();
  const job = emptyJob(sheet, AT);
  const at = (thick: number) => ({
    characteristic: limit.characteristic,
    station: place('12', '', ''),
    stack: { leaves_mm: [thick], total_mm: thick },
  });
  it('is asked about once where it would put the gap out: well in, or only the tip', () => {
    const { pending, reading } = answerLeaf(job, at(0.06), 'part-way', made(), evaluator);
    expect(pending?.kind).toBe('edge');
    if (reading.kind !== 'leaf') throw new Error('No leaf was answered.');
    const tip = addReading(onlyTheTip(reading), evaluator)(job, made());
    expect(of(tip, limit.characteristic).verdict).toBe('open');
    const well = addReading(reading, evaluator)(job, made());
    expect(of(well, limit.characteristic).verdict).toBe('out');
    expect(answerLeaf(well, at(0.07), 'part-way', made(), evaluator).pending).toBeNull();
  });
  it('is taken as it comes where it puts nothing out', () => {
    expect(answerLeaf(job, at(0.04), 'part-way', made(), evaluator).pending).toBeNull();
  });
  it('shows the verdict that fell, the worst first, and nothing that stood before', () => {
    const { reading } = answerLeaf(job, at(0.06), 'free', made(), evaluator);
    const after = addReading(reading, evaluator)(job, made());
    const all = (j: Job) => new Evaluator().assess(j);
    const fell = fallenSince(all(job), all(after)).map((a) => [a.characteristic.id, a.verdict]);
    expect(fell[0]).toEqual([limit.characteristic, 'out']);
    expect(fallenSince(all(after), all(after))).toEqual([]);
  });
});
