import { characteristicId } from '../pumps/ids';
import { assessJob, nextStep } from './evaluator';
import type { Reading } from '../methods/list';
import { ledgerOf } from '../journal/ledger';
import { relisted } from '../testing/relisted';
import fc from 'fast-check';
import { hiddenOf } from '../practice/hidden';
import { emptyJob } from '../practice/job';
import { measure } from '../practice/hand';
import { SHEETS, largestSheet, VELTRANE_T6 } from '../testing/sheets';
import { found } from '../testing/findings';
import { AT, JOB, ROOM } from '../testing/readings';
import { ends, uncertainty } from '../metrology/estimate';
import { evenFrom } from '../random';
import type { Job } from '../records/job';

const of = (job: Job, id: string) => assessJob(job).find((a) => a.characteristic.id === id)!;

describe('every demo pump', () => {
  it.each(SHEETS.map((s) => [s.model, s] as const))(
    'is measured to its last verdict: %s',
    (_, sheet) => {
      for (const tier of ['new', 'service']) {
        const job = { ...emptyJob(sheet, AT), tier };
        const hidden = hiddenOf(sheet, tier, 0.5, {}, evenFrom(7));
        const done = measure(job, hidden, ROOM, new Date(AT));
        const judged = assessJob(done).filter((a) => a.limits);
        expect(nextStep(done)).toBeNull();
        // A pump half worn is in; a stack of two such wears may be too close to call.
        for (const a of judged) {
          const allowed = a.characteristic.sum ? ['in', 'close', 'out', 'open'] : ['in', 'close'];
          expect(allowed).toContain(a.verdict);
        }
        expect(judged.some((a) => a.verdict === 'in')).toBe(true);
      }
    },
  );

  it('never knows less of a gap for one reading more', () => {
    const sheet = SHEETS[2]!;
    const job = emptyJob(sheet, AT);
    const hidden = hiddenOf(sheet, 'service', 0.4, {}, evenFrom(11));
    const readings = [...ledgerOf(measure(job, hidden, ROOM, new Date(AT))).readings];
    fc.assert(
      fc.property(
        fc.shuffledSubarray(readings, { minLength: readings.length }),
        fc.integer({ min: 1, max: readings.length }),
        (shuffled, n) => {
          const leaves = shuffled.filter((r) => r.kind === 'leaf').slice(0, n);
          const [fewer, more] = [leaves.slice(0, -1), leaves].map((some) =>
            assessJob(relisted(job, { readings: some })),
          );
          for (const [i, a] of fewer!.entries()) {
            for (const end of ['smallest', 'largest'] as const) {
              const [before, after] = [a[end], more![i]![end]];
              if (!before || !after) continue;
              expect(uncertainty(after)).toBeLessThanOrEqual(uncertainty(before) + 1e-12);
              expect(ends(after)[0]).toBeGreaterThanOrEqual(ends(before)[0] - 1e-12);
              expect(ends(after)[1]).toBeLessThanOrEqual(ends(before)[1] + 1e-12);
            }
          }
        },
      ),
      { numRuns: 30 },
    );
  });

  it('comes to the same verdicts in whatever order it was read, sizes and swings as well', () => {
    const sheet = SHEETS[6]!;
    const job = emptyJob(sheet, AT);
    const done = measure(job, hiddenOf(sheet, 'service', 0.6, {}, evenFrom(5)), ROOM, new Date(AT));
    const verdicts = (readings: Reading[]) =>
      assessJob(relisted(job, { readings })).map((a) => a.verdict);
    fc.assert(
      fc.property(
        fc.shuffledSubarray([...ledgerOf(done).readings], {
          minLength: ledgerOf(done).readings.length,
        }),
        (readings) => expect(verdicts(readings)).toEqual(verdicts([...ledgerOf(done).readings])),
      ),
      { numRuns: 20 },
    );
  });

  it('of four sections is asked for section by section', () => {
    const job = emptyJob(largestSheet(), AT);
    expect(assessJob(job).length).toBeGreaterThanOrEqual(60);
    expect(nextStep(job)).toMatchObject({
      way: 'leaf',
      characteristic: 'tip-body-drive',
    });
  });
});

describe('what comes next', () => {
  const step = (job: Job) => nextStep(job);
  const inHand = (characteristic: string, way: Job['cursor']['way'] = 'leaf') =>
    step({ ...JOB, cursor: { characteristic: characteristicId(characteristic), way } });

  it('is by the usual way of each characteristic', () => {
    expect(inHand('face-drive')).toMatchObject({ way: 'leaf', station: { id: '12' } });
    expect(inHand('backlash')).toMatchObject({ way: 'swing', station: { id: 'turn-0' } });
    expect(inHand('hub-bushing')).toMatchObject({ way: 'size', dimension: { id: 'bushing-bore' } });
    expect(inHand('floor-tilt')).toMatchObject({ way: 'size', dimension: { id: 'pocket-depth' } });
    expect(inHand('face-drive', 'touch')).toMatchObject({ way: 'touch' });
  });
  it('is sizes where the set could not prove it in, unless leaves were asked for', () => {
    const coarse = {
      ...JOB,
      feeler: { ...JOB.feeler, name: 'One', leaves_mm: [0.5], maxStack: 1 },
    };
    expect(step(coarse)).toMatchObject({ way: 'size', dimension: { id: 'pocket-depth' } });
    const asked = {
      ...coarse,
      cursor: { characteristic: characteristicId('face-drive'), way: 'leaf' as const },
    };
    expect(step(asked)).toMatchObject({ way: 'leaf' });
  });
  it('passes over what has no limit, as long as something has', () => {
    const all = measure(
      JOB,
      hiddenOf(VELTRANE_T6, 'new', 0.4, {}, evenFrom(3)),
      ROOM,
      new Date(AT),
    );
    const read = new Set(
      ledgerOf(all).readings.map((r) => (r.kind === 'size' ? '' : r.characteristic)),
    );
    expect(read).not.toContain('tip-crescent-drive');
    expect(read).toContain('backlash');
    const bare = { ...JOB, sheet: { ...VELTRANE_T6, limits: [] } };
    expect(step(bare)).toMatchObject({ characteristic: 'face-drive' });
  });
  it('takes under forty readings on a sound crescent pump', () => {
    const job = emptyJob(VELTRANE_T6, AT);
    const flat = {
      'face-drive': 0.045,
      'face-driven': 0.045,
      'od-pocket': 0.15,
      'cover-wear': 0.01,
    };
    const hidden = hiddenOf(VELTRANE_T6, 'service', 0.5, flat, evenFrom(1));
    const done = measure(job, hidden, ROOM, new Date(AT));
    expect(
      assessJob(done)
        .filter((a) => a.limits)
        .every((a) => a.verdict === 'in'),
    ).toBe(true);
    expect(ledgerOf(done).readings.length).toBeLessThan(40);
  });
});

describe('what findings ask for', () => {
  const first = (job: Job) => nextStep(job)?.characteristic;
  const service: Job = { ...JOB, tier: 'service' };

  it('comes before the order of the work, whether the sheet limits it or not', () => {
    expect(first(service)).toBe('face-drive');
    expect(first(relisted(service, { findings: [found('cover-track')] }))).toBe('cover-wear');
    // The service tier has no limit for the hub in its bushing.
    const blue: Job = relisted(service, { findings: [found('hub', { defect: 'blued' })] });
    expect(of(blue, 'hub-bushing').limits).toBeNull();
    expect(nextStep(blue)).toMatchObject({
      characteristic: 'hub-bushing',
      way: 'size',
      dimension: { id: 'bushing-bore' },
    });
  });
  it('is left when it is measured, and the rest follows in its order', () => {
    const job: Job = relisted(service, { findings: [found('cover-track')] });
    const done = measure(
      job,
      hiddenOf(VELTRANE_T6, 'service', 0.4, {}, evenFrom(3)),
      ROOM,
      new Date(AT),
    );
    const order = [
      ...new Set(
        ledgerOf(done).readings.map((r) => (r.kind === 'size' ? r.dimension : r.characteristic)),
      ),
    ];
    expect(order[0]).toBe('cover-wear');
    expect(order).toEqual(expect.arrayContaining(['face-drive', 'face-driven', 'od-pocket']));
    expect(first(done)).toBeUndefined();
  });
  it('changes no verdict: the same readings say the same', () => {
    const hidden = hiddenOf(VELTRANE_T6, 'service', 0.7, {}, evenFrom(5));
    const plain = measure(service, hidden, ROOM, new Date(AT));
    const asked: Job = relisted(plain, { findings: [found('floor'), found('cover-track')] });
    const verdicts = (job: Job) => assessJob(job).map((a) => a.verdict);
    expect(verdicts(asked)).toEqual(verdicts(plain));
  });
});
