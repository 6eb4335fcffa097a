import { answerBuild, drawUp } from '../commands/building';
import { assessJob } from '../guidance/evaluator';
import { built, listOf, T6 } from '../testing/assembly';
import { stamp } from '../testing/findings';
import { buildStanding, leftOpen, leftOpenWords } from './open';

describe('what is left open', () => {
  it('is nothing once all is done, and is said in one sentence', () => {
    expect(leftOpenWords(T6, [], listOf(T6))).toBe('');
    const later = answerBuild({ step: 'oil', said: 'later' })(built(T6), stamp());
    expect(leftOpenWords(later, [], listOf(later))).toMatch(
      /^Left open: 1 step of the build put off/,
    );
    const tight = answerBuild({ step: 'spin-2', said: 'tight' })(later, stamp());
    expect(leftOpenWords(tight, [], listOf(tight))).toContain('the pump did not turn freely');
  });

  it('counts what is not done once the first bolt is drawn up', () => {
    const first = { step: 'fasten-1', stage: 0, bolts: [1], unit: 'Nm', wrench: null } as const;
    const begun = drawUp({ ...first, bolts: [...first.bolts] })(T6, stamp());
    expect(leftOpenWords(begun, [], listOf(begun))).toBe(
      'Left open: 26 steps of the build not done.',
    );
  });

  it('stands on the mark of the stage that left it, and whole on those after the build', () => {
    const later = answerBuild({ step: 'oil', said: 'later' })(T6, stamp());
    const { whole, open } = buildStanding(later, assessJob(later), null);
    expect([whole, open.decide]).toEqual([false, '']);
    expect(open.measure).toMatch(/^Left open: \d+ clearances are not measured\.$/);
    expect(open.build).toMatch(/^Left open: 1 step of the build put off and 25 steps /);
    expect(open.prove).toContain('not measured, 1 step of the build put off and 25 steps');
    expect(open.report).toBe(open.prove);
    expect(buildStanding(built(T6), [], null).whole).toBe(true);
  });

  it('counts what is out and what is too close to call, of what has limits', () => {
    const said = ['out', 'close', 'in', 'open'] as const;
    let n = 0;
    const all = assessJob(T6).map((a) =>
      a.limits ? { ...a, verdict: said[n++ % said.length]! } : { ...a, verdict: 'out' as const },
    );
    const of = (verdict: string) => all.filter((a) => a.limits && a.verdict === verdict).length;
    expect(leftOpen(T6, all, []).measure).toEqual([
      `${of('out') + of('close')} clearances are out or too close to call`,
      of('open') === 1
        ? '1 clearance is not measured'
        : `${of('open')} clearances are not measured`,
    ]);
  });

  it('says of a step that was put off with a word only that it was put off', () => {
    const later = answerBuild({ step: 'seal', said: 'later', remark: 'no drift' })(T6, stamp());
    const { build } = leftOpen(later, [], listOf(later));
    expect(build[0]).toBe('1 step of the build put off');
    expect(build.join()).not.toContain('missing');
  });

  it('tells a step that was done with a word though something was missing', () => {
    const forced = answerBuild({ step: 'seal', said: 'done', remark: 'came today' })(T6, stamp());
    expect(leftOpenWords(forced, [], listOf(forced))).toContain(
      '1 step of the build done though something was missing',
    );
  });
});
