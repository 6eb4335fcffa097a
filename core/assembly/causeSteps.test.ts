import { answerBuild } from '../commands/building';
import { sayCause, unsayCause } from '../commands/blaming';
import type { CauseEntry } from '../records/entries/cause';
import type { Job } from '../records/job';
import { itemAt, listOf, T6, jobOn } from '../testing/assembly';
import { EVERY_BUILD } from '../testing/builds';
import { exchanged, stamp } from '../testing/findings';

const CHANGE: CauseEntry['change'] = [
  { words: 'Fit a new bushing.', when: 'build', replaces: [] },
  { words: 'Flush the cooler.', when: 'machine', replaces: [] },
];
const blamed = (job: Job, answer: CauseEntry['answer'] = 'taken'): Job =>
  sayCause({
    cause: 'foreign-body',
    answer,
    words: 'A hard piece went through it',
    change: CHANGE,
  })(job, stamp());
const idsOf = (job: Job) => listOf(job).map(({ step }) => step.id);
const isOfCause = (id: string) => id.startsWith('cause-');

describe('what must change too', () => {
  it('is done before anything goes in, or on the machine before it starts', () => {
    const items = listOf(blamed(T6));
    const at = (id: string) => items.findIndex(({ step }) => step.id === id);
    const firstPlaced = items.findIndex(({ step }) => step.kind === 'place');
    const watched = items.findIndex(({ step }) => step.kind === 'watch');
    expect(at('cause-foreign-body-1')).toBeGreaterThan(-1);
    expect(at('cause-foreign-body-1')).toBeLessThan(firstPlaced);
    expect(at('cause-foreign-body-2')).toBe(watched - 1);
    expect(items[at('cause-foreign-body-1')]?.step).toMatchObject({
      kind: 'check',
      do: 'Fit a new bushing.',
      with: 'Or it comes back. Why it failed: a hard piece went through it.',
    });
  });

  it('is what the step after it needs', () => {
    const items = listOf(blamed(T6));
    const first = items.findIndex(({ step }) => isOfCause(step.id));
    const needs = items[first + 1]?.needs ?? [];
    // What is done on the machine holds up nothing on the bench.
    const all = items.flatMap((item) => item.needs.map(({ id }) => id));
    expect(all).not.toContain('step-cause-foreign-body-2');
    expect(needs).toContainEqual(
      expect.objectContaining({ id: 'step-cause-foreign-body-1', met: false }),
    );
  });

  it.each(EVERY_BUILD.map((sheet) => [sheet.id, sheet] as const))(
    'stands in the build of %s, and all else stays as it was',
    (_, sheet) => {
      const job = jobOn(sheet);
      const ids = idsOf(blamed(job));
      expect(ids.filter(isOfCause)).toHaveLength(2);
      expect(ids.filter((id) => !isOfCause(id))).toEqual(idsOf(job));
    },
  );

  it('stays done whatever is worked on after', () => {
    const step = 'cause-foreign-body-2';
    const done = answerBuild({ step, said: 'done' })(blamed(T6), stamp());
    expect(itemAt(exchanged(done, 'drive'), step).state).toBe('done');
  });

  it('is gone with the cause: ruled out, or taken back', () => {
    expect(idsOf(blamed(T6, 'ruled-out'))).toEqual(idsOf(T6));
    expect(idsOf(unsayCause('foreign-body')(blamed(T6), stamp()))).toEqual(idsOf(T6));
    expect(idsOf(blamed(T6, 'proven')).filter(isOfCause)).toHaveLength(2);
  });
});
