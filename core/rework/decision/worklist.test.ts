import { partId } from '../../pumps/ids';
import { record } from '../../journal/commands';
import { ledgerOf } from '../../journal/ledger';
import { carryOut, makeWorkList, signOff } from '../../commands/deciding';
import { found, stamp } from '../../testing/findings';
import { sized, withReadings } from '../../testing/readings';
import { idsOf, rules, WIDE } from '../../testing/tooWide';
import { jobWithSizes, planFor } from '../../testing/worked';
import { partLines, plannedOperations } from './lines';
import { nextStepOf, workListOf } from './worklist';

describe('the work list', () => {
  it('is ticked step by step, measured again, and planned from there when the cut went too far', async () => {
    const job = jobWithSizes(WIDE, { rules });
    const { rework, solved } = await planFor(job);
    const planned = plannedOperations(rework, solved.plans[0]!);
    const listed = makeWorkList(planned, 48)(job, stamp());
    const step = nextStepOf(workListOf(listed)!)!.step;
    expect(step).toMatchObject({ operation: 'deck-faced', minutes: 50, days: 0 });
    const cut = carryOut(planned[0]!.offer, step.id, 0.08, 0.004)(listed, stamp());
    expect(nextStepOf(workListOf(cut)!)).toBeNull();
    expect(ledgerOf(cut).operations[0]?.changes).toEqual([
      { dimension: 'pocket-depth', by_mm: -0.08, u_mm: 0.004 },
      { dimension: 'deck', by_mm: -0.08, u_mm: 0.004 },
    ]);
    const { state } = await planFor(cut);
    const face = state.characteristics.find((a) => a.characteristic.id === 'face-drive');
    expect(face?.predicted?.largest).toMatchObject({ value_mm: expect.closeTo(0.01, 9) as number });
    const again = ['12', '3', '6', '9'].map((s) => sized(cut, 'pocket-depth', s, 20.01));
    const after = await planFor(withReadings(cut, ...again));
    expect(idsOf(after.solved.plans[0])).toEqual(['gears-ground--drive']);
    expect(after.solved.plans[0]?.works[0]?.from_mm).toBeCloseTo(0.01, 6);
  });
  it('is signed off part by part, the proposal beside what was decided, the last one counting', async () => {
    const job = jobWithSizes(WIDE, { rules });
    const signed = { part: partId('body'), proposed: 'machine', why: 'why', remark: '' } as const;
    const once = signOff([{ ...signed, decided: 'replace' }])(job, stamp());
    const twice = signOff([{ ...signed, decided: 'machine' }])(once, stamp());
    const counted = ledgerOf(twice).decisions.filter((d) => d.voided === null);
    expect(counted.map((d) => [d.part, d.proposed, d.decided, d.by])).toEqual([
      ['body', 'machine', 'machine', 'Runa T.'],
    ]);
    expect(ledgerOf(twice).decisions).toHaveLength(2);
  });
});

describe('a line for each part', () => {
  it('says what becomes of it, work first, and what was only looked at or measured after', async () => {
    const job = record(
      jobWithSizes(WIDE, { rules }),
      found('drive-face', { defect: null, decided: 'pass' }),
    );
    const { rework, solved } = await planFor(job);
    const lines = partLines(rework, solved.plans[0]!);
    expect(lines.map((l) => [l.part.id, l.decision, l.looked])).toEqual([
      ['body', 'machine', 'unseen'],
      ['drive', 'reuse', 'sound'],
      ['driven', 'unknown', 'unseen'],
      ['cover', 'unknown', 'unseen'],
    ]);
    expect(partLines(rework, null)[0]?.works).toEqual([]);
  });
  it('is there for a part that was only looked at, and is sound where all of it is', async () => {
    const sound = { defect: null, decided: 'pass' } as const;
    const job = record(
      jobWithSizes({}, { rules }),
      found('valve-plunger', sound),
      found('valve-seat', { ...sound, defect: 'scored' }),
      found('valve-spring', sound),
    );
    const lines = partLines((await planFor(job)).rework, null);
    expect(lines.map((l) => [l.part.id, l.decision, l.looked])).toEqual([
      ['plunger', 'unknown', 'passed'],
      ['spring', 'unknown', 'sound'],
    ]);
  });
});
