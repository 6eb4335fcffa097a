import { dimensionId } from '../pumps/ids';
import { ladderOf } from '../feeler/ladder';
import { assessJob, nextStep } from '../guidance/evaluator';
import type { FeelerReading } from '../methods/feeler';
import fc from 'fast-check';
import { conflictsWith } from '../commands/measuring';
import { pumpOf } from '../pumps/registry';
import type { WorkEntry } from '../records/entries/operation';
import { jobSchema, type Job } from '../records/job';
import { emptyJob } from '../practice/job';
import { SHEETS, largestSheet, VELTRANE_T6 } from '../testing/sheets';
import { lastStanding, record, voidWhere, withReading, withVoided } from './commands';
import { countedIn, restsOn } from './eras';
import { ledgerOf } from './ledger';
import { workOn } from '../testing/findings';
import { relisted } from '../testing/relisted';

const AT = '2026-11-20T09:00:00.000Z';
const JOB = emptyJob(VELTRANE_T6, AT);
const STRIKE = { at: AT, by: 'Runa T.', why: 'edge not seated' };

let count = 0;
const leaf = (characteristic: string, station: string, mm: number, felt: FeelerReading['felt']) =>
  ({
    kind: 'leaf',
    id: `r${(count += 1)}`,
    at: AT,
    by: 'Ivo K.',
    instrument: 'Leaf set A',
    characteristic,
    station,
    leaves_mm: [mm],
    marked_mm: null,
    felt,
    voided: null,
  }) as FeelerReading;

const operation = (part: string, work: WorkEntry['work'], ...dimensions: string[]): WorkEntry =>
  workOn(
    part,
    work,
    dimensions.map((dimension) => ({
      dimension: dimensionId(dimension),
      by_mm: -0.03,
      u_mm: 0.002,
    })),
  );

const FACED = ['pocket-depth', 'deck'];

/** Lists every reading that counts, whatever it is of. */
function countingReadings(job: Job, before: WorkEntry | null = null) {
  const { dimensions, characteristics } = pumpOf(job.sheet);
  const counted = countedIn(job, before);
  return [
    ...dimensions.flatMap((d) => counted.ofSize(d.id)),
    ...characteristics.flatMap((c) => counted.ofGap(c.id)),
  ];
}

const verdict = (job: Job, id: string) =>
  assessJob(job).find((a) => a.characteristic.id === id)?.verdict;

/** A pump whose face gap, wall and cover were measured with leaves: the face gap is out. */
const worn = [
  ...['12', '6', '3', '9'].map((s) => leaf('face-drive', s, 0.1, 'free')),
  ...['12', '4', '8'].flatMap((s) => [
    leaf('od-pocket', s, 0.1, 'free'),
    leaf('od-pocket', s, 0.2, 'no-go'),
  ]),
].reduce(withReading, JOB);

describe('a journal', () => {
  it('says the same whether it is read at once or grew entry by entry', () => {
    const step = fc.oneof(
      fc.constant((job: Job) => withReading(job, leaf('face-drive', '12', 0.05, 'free'))),
      fc.constant((job: Job) => record(job, operation('body', 'faced', ...FACED))),
      fc.nat().map((n) => (job: Job) => {
        const one = job.journal[n % Math.max(1, job.journal.length)];
        return one ? withVoided(job, [one.id], STRIKE) : job;
      }),
    );
    fc.assert(
      fc.property(fc.array(step, { maxLength: 12 }), (steps) => {
        const grown = steps.reduce((job, apply) => apply(job), JOB);
        const read = { journal: JSON.parse(JSON.stringify(grown.journal)) as Job['journal'] };
        expect(ledgerOf(grown)).toEqual(ledgerOf(read));
      }),
    );
  });
  it('is only ever added to', () => {
    const voided = withVoided(worn, [worn.journal[0]!.id], STRIKE);
    expect(voided.journal.slice(0, -1)).toEqual(worn.journal);
    expect(voidWhere(voided, (i) => i.id === worn.journal[0]!.id, STRIKE)).toBe(voided);
    expect(jobSchema.isValidSync(voided, { strict: true })).toBe(true);
  });
  it('written anew with the lists that it has says the same', () => {
    const voided = withVoided(worn, [worn.journal[2]!.id], STRIKE);
    expect(ledgerOf(relisted(voided, {}))).toEqual(ledgerOf(voided));
  });
});

describe('work on a part', () => {
  it('opens again what rests on it, and nothing else', () => {
    expect([verdict(worn, 'face-drive'), verdict(worn, 'od-pocket')]).toEqual(['out', 'in']);
    const faced = record(worn, operation('body', 'faced', ...FACED));
    expect([verdict(faced, 'face-drive'), verdict(faced, 'od-pocket')]).toEqual(['open', 'in']);
    expect(nextStep(faced)?.characteristic).toBe('face-drive');
    // Nothing is voided by it, and taking it back brings all back.
    expect(ledgerOf(faced).readings).toEqual(ledgerOf(worn).readings);
    const undone = withVoided(faced, [lastStanding(faced)!.id], STRIKE);
    expect(verdict(undone, 'face-drive')).toBe('out');
  });
  it('is no contradiction to what was felt before it', () => {
    const fresh = leaf('face-drive', '12', 0.06, 'no-go');
    expect(conflictsWith(worn, fresh, fresh, ladderOf(worn.feeler))).toHaveLength(1);
    const faced = record(worn, operation('body', 'faced', ...FACED));
    expect(conflictsWith(faced, fresh, fresh, ladderOf(faced.feeler))).toEqual([]);
    const again = ['12', '6', '3', '9'].reduce(
      (job, s) =>
        [leaf('face-drive', s, 0.06, 'no-go'), leaf('face-drive', s, 0.04, 'free')].reduce(
          withReading,
          job,
        ),
      faced,
    );
    expect(verdict(again, 'face-drive')).toBe('in');
  });
  it('that exchanges a part makes what was read of it the past', () => {
    const other = record(worn, operation('driven', 'exchanged'));
    expect([verdict(other, 'face-drive'), verdict(other, 'od-pocket')]).toEqual(['out', 'open']);
    expect(countingReadings(other)).toHaveLength(4);
    expect(countingReadings(other, ledgerOf(other).operations[0]!)).toHaveLength(10);
  });
  it('keeps to the sections of a stack', () => {
    const stack = emptyJob(largestSheet(), AT);
    const tried = ['a', 'b'].flatMap((s) => [
      leaf('tip-body-drive', s, 0.05, 'free'),
      leaf('tip-body-drive-s2', s, 0.05, 'free'),
    ]);
    const job = tried.reduce(withReading, stack);
    const renewed = record(job, operation('bushing-drive-front-s2', 'exchanged'));
    const left = countingReadings(renewed).map((r) => r.kind === 'leaf' && r.characteristic);
    expect(left).toEqual(['tip-body-drive', 'tip-body-drive']);
  });
  it.each([
    ['a part that the pump has not', operation('propeller', 'faced')],
    ['a size that it has not', operation('body', 'faced', 'wingspan')],
  ])('is refused with %s', (_, wrong) => {
    expect(jobSchema.isValidSync(record(JOB, wrong), { strict: true })).toBe(false);
    expect(
      jobSchema.isValidSync(record(JOB, operation('body', 'faced', ...FACED)), { strict: true }),
    ).toBe(true);
  });
});

describe.each(SHEETS.map((s) => [s.model, s] as const))('the model of %s', (_, sheet) => {
  const { parts, kinds, dimensions, features, characteristics } = pumpOf(sheet);
  it('has parts of its own kinds, and each size and feature on one of them', () => {
    const ids = parts.map((p) => p.id);
    expect(new Set(ids).size).toBe(ids.length);
    for (const kind of kinds) expect(parts.map((p) => p.kind)).toContain(kind.id);
    for (const { part } of [...dimensions, ...features]) expect(ids).toContain(part);
  });
  it('has every clearance rest on what it knows', () => {
    const known = [...dimensions, ...features].map((d) => d.id);
    expect(new Set(known).size).toBe(known.length);
    for (const c of characteristics) {
      expect(known).toEqual(expect.arrayContaining(restsOn(c)));
      if (!c.sum) expect([c.id, restsOn(c).length]).not.toEqual([c.id, 0]);
    }
  });
});
