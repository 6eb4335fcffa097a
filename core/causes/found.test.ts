import { answerAuxiliary, noteStrip } from '../commands/noting';
import { sayCause } from '../commands/blaming';
import { tell } from '../commands/telling';
import type { Command } from '../commands/command';
import { assessJob } from '../guidance/evaluator';
import { record } from '../journal/commands';
import { dimensionId } from '../pumps/ids';
import { dimensionOf } from '../pumps/registry';
import type { Job } from '../records/job';
import { jobOn, T6 } from '../testing/assembly';
import { EVERY_BUILD } from '../testing/builds';
import { exchanged, found, stamp } from '../testing/findings';
import { JOB, sized, withReadings } from '../testing/readings';
import { VELTRANE_T6 } from '../testing/sheets';
import { causesOn, changesFor } from './answer';
import { CAUSES } from './causes';
import { foundOn } from './found';
import { sealQuestions } from './sealOrder';

const after = (job: Job, ...commands: readonly Command[]): Job =>
  commands.reduce((done, command) => command(done, stamp()), job);
const signsOf = (job: Job) => foundOn(job, assessJob(job)).signs;
const on = (job: Job) => causesOn(job, assessJob(job));
const strip = (step: string, way: string) => noteStrip({ step, way, state: 'there', remark: '' });
/** Returns a job on which a size was read at all of its places. */
const withSize = (job: Job, id: string, mm: number): Job =>
  withReadings(
    job,
    ...dimensionOf(job.sheet, dimensionId(id)).stations.map((s) => sized(job, id, s.id, mm)),
  );
const withHub = (job: Job, gap_mm: number): Job =>
  withSize(withSize(job, 'hub-diameter', 44), 'bushing-bore', 44 + gap_mm);
const HUB = VELTRANE_T6.limits.find((l) => l.characteristic === 'hub-bushing')!;

describe('what a job says of why its pump failed', () => {
  it('is nothing before anybody looked, measured or asked', () => {
    expect([...signsOf(T6)]).toEqual([]);
    const { sentence, shown, settled } = on(T6);
    expect([sentence, shown, settled]).toEqual([
      'Nothing points to a cause yet. Say what is complained of, look and measure: that tells.',
      [],
      false,
    ]);
  });

  it('is what small checks and the strip showed, and not what they did not', () => {
    const job = after(T6, answerAuxiliary('vent', 'blocked'), strip('bushing', 'up'));
    expect([...signsOf(job)].sort()).toEqual(['groove-open-to-seal', 'vent-blocked']);
    const open = after(T6, answerAuxiliary('vent', 'open'), strip('bushing', 'down'));
    expect([...signsOf(open)]).toEqual(['vent-open']);
  });

  it('is what was seen, with the surfaces on which it was', () => {
    const job = record(
      T6,
      found('hub', { defect: 'blued' }),
      found('bushing', { defect: 'turned' }),
    );
    const { signs, places } = foundOn(job, assessJob(job));
    expect([...signs].sort()).toEqual(
      ['bushing-turned', 'bushing-turned-blued-seized', 'hub-blued', 'pitted-or-blued'].sort(),
    );
    expect(places.get('hub-blued')).toEqual(['Hub journal']);
  });

  it('takes a clearance by its limits: over, in, under', () => {
    const { lower_mm, upper_mm } = HUB;
    const middle = ((lower_mm ?? 0) + (upper_mm ?? 0)) / 2;
    expect(signsOf(withHub(JOB, (upper_mm ?? 0) + 0.05))).toContain('bush-over');
    expect(signsOf(withHub(JOB, middle))).toContain('bush-in');
    expect(signsOf(withHub(JOB, (lower_mm ?? 0) - 0.02))).toContain('hub-tight');
  });

  it('takes a clearance as it came in, not as it is since it was mended', () => {
    const worn = withHub(JOB, (HUB.upper_mm ?? 0) + 0.05);
    const mended = withSize(exchanged(worn, 'bushing'), 'bushing-bore', 44.06);
    expect(signsOf(mended)).toContain('bush-over');
    expect(signsOf(mended)).not.toContain('bush-in');
  });

  it('is not what was seen on a part that was put in since', () => {
    const before = record(T6, found('bushing', { defect: 'scored' }));
    expect(signsOf(exchanged(before, 'bushing'))).toContain('bushing-scored');
    const since = record(exchanged(T6, 'bushing'), found('bushing', { defect: 'scored' }));
    expect(signsOf(since)).not.toContain('bushing-scored');
  });

  it('says that clearances are in only where none is left unmeasured', () => {
    const job = withSize(withSize(JOB, 'pocket-depth', 20.035), 'drive-width', 20);
    const states = assessJob(job).filter((a) => /^face-/.test(a.characteristic.id));
    expect(states.map(({ verdict }) => verdict)).toContain('in');
    expect(states.map(({ verdict }) => verdict)).toContain('open');
    expect(signsOf(job)).not.toContain('face-in');
    expect(signsOf(withSize(job, 'driven-width', 20))).toContain('face-in');
  });

  it('is what somebody said, and no longer once that is taken back', () => {
    const told = after(T6, tell('SB', 'yes'), tell('again', 'yes'), tell('sealer', 'no'));
    expect(foundOn(told, []).complaints).toEqual(['SB']);
    expect([...signsOf(told)]).toEqual(['again']);
    const back = after(told, tell('again', null));
    expect([...signsOf(back)]).toEqual([]);
    expect(foundOn(back, []).told.get('sealer')).toBe('no');
  });

  it('puts together what was said of two signs', () => {
    const one = after(T6, tell('gradual-even', 'yes'));
    expect(signsOf(one)).not.toContain('gradual-hours');
    expect(signsOf(after(one, tell('hours', 'yes')))).toContain('gradual-hours');
    expect(signsOf(after(T6, tell('foam', 'yes')))).toContain('air-drawn-in');
  });

  it('sees in a stack what is on another section than the first', () => {
    const stack = EVERY_BUILD.find(({ id }) => id === 'external-gear-plates-4')!;
    const job = record(jobOn(stack), found('bore-drive-s3', { defect: 'walked-in' }));
    expect(signsOf(job)).toContain('bore-cut-ridge');
  });

  it('does not call one close clearance many', () => {
    const job = withSize(withSize(JOB, 'pocket-depth', 20.05), 'drive-width', 20);
    expect(assessJob(job).map(({ verdict }) => verdict)).toContain('close');
    expect(signsOf(job)).toContain('face-or-rim-close');
    expect(signsOf(job)).not.toContain('many-close');
  });

  it('knows surfaces that are bright only once all were looked at', () => {
    const some = record(T6, found('hub', { defect: null, decided: 'pass' }));
    expect(signsOf(some)).not.toContain('bright');
  });
});

describe('why the pump of a job failed', () => {
  const groove = after(
    T6,
    tell('SB', 'yes'),
    tell('again', 'yes'),
    tell('rebuilt-lately', 'yes'),
    strip('bushing', 'up'),
  );

  it('is said in a sentence, with what speaks for it', () => {
    const { sentence, shown } = on(groove);
    expect(sentence).toBe(
      'Likeliest: the bushing is in the wrong way round: its oil groove feeds the seal.',
    );
    expect(shown.map(({ ranked }) => ranked.cause.id)).toEqual(['bushing-groove-reversed']);
  });

  it('says what of the complaint it leaves open', () => {
    const worn = withHub(after(JOB, tell('NP', 'yes')), (HUB.upper_mm ?? 0) + 0.05);
    const { sentence } = on(after(worn, tell('hours', 'yes')));
    expect(sentence).toContain('That does not explain what is complained of: no flow.');
    expect(on(groove).sentence).not.toContain('does not explain');
  });

  it('is what a check proved; one that it ruled out is out of the question', () => {
    const said = { cause: 'drain-small', words: 'x', change: [] };
    const proven = on(after(groove, sayCause({ ...said, answer: 'proven' })));
    expect(proven.sentence).toBe('Proven: the drain behind the seal is too small for the leak.');
    const both = after(
      groove,
      sayCause({ ...said, answer: 'proven' }),
      sayCause({ ...said, cause: 'drain-blocked', answer: 'proven' }),
    );
    expect(on(both).sentence).toBe(
      'Proven: the drain behind the seal is blocked; the drain behind the seal is too small for the leak.',
    );
    const not = on(
      after(groove, sayCause({ ...said, cause: 'bushing-groove-reversed', answer: 'ruled-out' })),
    );
    expect(not.shown.map(({ ranked }) => ranked.cause.id)).not.toContain('bushing-groove-reversed');
  });

  it('is a source in the place of what it left behind', () => {
    const job = after(
      withHub(JOB, (HUB.upper_mm ?? 0) + 0.05),
      tell('NS', 'yes'),
      answerAuxiliary('rings', 'on one side'),
      tell('drive-work', 'yes'),
    );
    const { shown, sentence } = on(job);
    expect(shown[0]?.ranked.cause.id).toBe('misalignment');
    expect(shown[0]?.results.map(({ cause }) => cause.id)).toEqual(['bushing-worn']);
    expect(sentence).toBe('Likeliest: the drive pushes the pump sideways.');
    const worn = sayCause({ cause: 'bushing-worn', words: 'x', change: [], answer: 'proven' });
    expect(on(after(job, worn)).sentence).toBe(
      'Proven: a bushing or bearing is worn: the hub or shaft is loose in it. It may have come from this: the drive pushes the pump sideways.',
    );
  });

  it('offers the quickest check first where several causes are close', () => {
    const { shown, settled } = on(
      after(T6, tell('LK', 'yes'), strip('seal', 'up'), answerAuxiliary('vent', 'blocked')),
    );
    expect(settled).toBe(false);
    const efforts = shown.map(({ ranked }) => ranked.cause.effort);
    expect(efforts).toEqual([...efforts].sort());
    expect(shown.length).toBeGreaterThan(1);
  });

  it('asks what tells of the likeliest first, and nothing that a small check asks', () => {
    const { questions, answered } = on(groove);
    expect(questions.slice(0, 2).map(({ id }) => id)).toContain('only-at-speed');
    expect(answered.map(([{ id }]) => id).sort()).toEqual(['again', 'rebuilt-lately']);
    const oil = jobOn(EVERY_BUILD.find(({ id }) => id === 'gerotor-oil-pump')!);
    expect(on(oil).questions.map(({ id }) => id)).not.toContain('screen-metal');
    expect(on(T6).questions.map(({ id }) => id)).toContain('screen-metal');
    // What the customer knows is asked, also where a check asks what the oil left behind.
    expect(on(oil).questions.map(({ id }) => id)).toContain('stood-wet');
  });

  it('does not take for a cause what many a sound pump shows', () => {
    const { shown, sentence, causes } = on(after(T6, answerAuxiliary('vent', 'open')));
    expect(causes[0]?.score).toBe(1);
    expect([shown, sentence.slice(0, 24)]).toEqual([[], 'Nothing points to a caus']);
  });

  it('changes what the pump does not have replaced anyhow', () => {
    const cause = CAUSES.find(({ id }) => id === 'bushing-groove-reversed')!;
    expect(changesFor(cause, T6.sheet).map(({ words }) => words)).toEqual([
      'Fit a new bushing, the blind end of its groove at the seal.',
    ]);
    expect(changesFor(cause, { ...T6.sheet, renew: [] })).toHaveLength(2);
  });
});

describe('a blown seal', () => {
  const asked = (job: Job) =>
    sealQuestions(job, foundOn(job, assessJob(job))).map(({ id, answer }) => [id, answer]);

  it('is asked in its order, and nothing is asked of a pump whose seal is in', () => {
    expect(asked(T6)).toEqual([]);
    const blown = after(
      T6,
      tell('SB', 'yes'),
      answerAuxiliary('vent', 'blocked'),
      strip('bushing', 'down'),
    );
    expect(asked(blown)).toEqual([
      ['open', 'wrong'],
      ['side', 'open'],
      ['groove', 'right'],
      ['play', 'open'],
      ['size', 'open'],
      ['lip', 'open'],
    ]);
  });

  it('is not asked for a groove where none is noted', () => {
    const gears = jobOn({
      ...EVERY_BUILD.find(({ id }) => id === 'external-gear-plates-1')!,
      drain: 'hole',
    });
    const ids = asked(after(gears, tell('SB', 'yes'))).map(([id]) => id);
    expect(ids).toEqual(['open', 'side', 'play', 'size', 'lip']);
  });
});
