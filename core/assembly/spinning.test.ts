import { answerBuild, noteTrial } from '../commands/building';
import { assessJob } from '../guidance/evaluator';
import { ledgerOf } from '../journal/ledger';
import { emptyJob } from '../practice/job';
import { spinOf, TELLING } from '../pumps/assembly/spins';
import type { Sheet } from '../records/sheet';
import { T6 } from '../testing/assembly';
import { EVERY_BUILD } from '../testing/builds';
import { stamp } from '../testing/findings';
import { AT, JOB, sized, withReadings } from '../testing/readings';
import { answersOf } from './answers';
import { searchOf, suspectsOf, trialsFor, type Shown } from './spinning';

const names = (shown: Shown, felt: 'tight' | 'catches' = 'tight', job = JOB) =>
  suspectsOf(job, assessJob(job), felt, null, shown, 'mm').map(({ cause }) => cause.id);

describe('what a pump does not turn freely for', () => {
  it.each(EVERY_BUILD.map((sheet) => [sheet.model, sheet] as const))(
    'is named for %s, both ways, with what is normal',
    (_, sheet) => {
      const spin = spinOf(sheet);
      expect(spin.normal).toMatch(/^[A-Z].*\.$/);
      for (const felt of ['tight', 'catches'] as const) {
        const suspects = suspectsOf(
          { sheet },
          assessJob(emptyJob(sheet, AT)),
          felt,
          null,
          {},
          'mm',
        );
        expect(suspects.length).toBeGreaterThanOrEqual(2);
        expect(suspects.reduce((sum, { share }) => sum + share, 0)).toBeCloseTo(1);
        expect(new Set(suspects.map(({ cause }) => cause.id)).size).toBe(suspects.length);
      }
    },
  );

  it('goes by the order of the family before anything is tried', () => {
    expect(names({})[0]).toBe('end-gap');
    expect(names({}, 'catches')[0]).toBe('crescent');
  });

  it('goes by what the tries show', () => {
    expect(names({ slacken: 'stays', seal: 'only' })[0]).toBe('seal');
    expect(names({ slacken: 'stays', where: 'body' })[0]).toBe('bushing');
    expect(names({ slacken: 'frees', where: 'body' }, 'catches')[0]).toBe('nick');
    expect(names({ slacken: 'stays', where: 'wanders' }, 'catches')[0]).toBe('chip');
    expect(names({ slacken: 'stays', direction: 'one' }, 'catches')[0]).toBe('burr');
  });

  it('goes by the pump’s own clearances, and says which', () => {
    const at = (mm: number) =>
      withReadings(
        JOB,
        sized(JOB, 'pocket-depth', '12', 20 + mm),
        sized(JOB, 'drive-width', 'a', 20),
      );
    const tight = at(0.005);
    const [first] = suspectsOf(tight, assessJob(tight), 'tight', null, {}, 'mm');
    expect([first?.cause.id, first?.because]).toEqual([
      'end-gap',
      'End clearance, drive gear reads 0.005 mm, least 0.02 mm.',
    ]);
    const wide = at(0.045);
    const [, , ...rest] = suspectsOf(wide, assessJob(wide), 'tight', null, { float: 'some' }, 'mm');
    expect(rest.map(({ cause }) => cause.id)).toContain('end-gap');
  });

  it('has a name for each answer that a cause goes by', () => {
    const known = new Map(
      TELLING.map(({ trial, choices }) => [trial, choices.map(({ id }) => id)]),
    );
    for (const sheet of EVERY_BUILD) {
      const { tight, catches } = spinOf(sheet);
      for (const { shows } of [...tight, ...catches]) {
        for (const [trial, answers] of Object.entries(shows)) {
          expect(known.get(trial as never)).toEqual(expect.arrayContaining([...answers]));
        }
      }
    }
  });
});

it('keeps what the tries showed by the spin that they are about', () => {
  const tight = answerBuild({ step: 'spin-1', said: 'tight' })(T6, stamp());
  const { id } = ledgerOf(tight).builds[0]!;
  const tried = noteTrial({ spin: id, trial: 'slacken', answer: 'frees' })(tight, stamp());
  const again = noteTrial({ spin: id, trial: 'slacken', answer: 'stays' })(tried, stamp());
  const standing = ledgerOf(again).trials.filter(({ voided }) => voided === null);
  expect(standing.map(({ answer }) => answer)).toEqual(['stays']);
});

describe('a pump without a shaft seal', () => {
  const bare = { ...T6.sheet, seals: 0 };

  it('is not asked to turn without it, and never drags by it', () => {
    const asked = (sheet: Sheet) => trialsFor(sheet).map(({ trial }) => trial);
    expect(asked(T6.sheet)).toContain('seal');
    expect(asked(bare)).toEqual(asked(T6.sheet).filter((trial) => trial !== 'seal'));
    const all = assessJob(T6);
    const causes = (sheet: Sheet) =>
      suspectsOf({ sheet }, all, 'tight', null, {}, 'mm').map(({ cause }) => cause.id);
    expect(causes(T6.sheet)).toContain('seal');
    expect(causes(bare)).not.toContain('seal');
  });

  it('is through with its tries once the others are made', () => {
    const shown = trialsFor(bare).reduce(
      (job, { trial, choices }) =>
        noteTrial({ spin: 'spin', trial, answer: choices[0]!.id })(job, stamp()),
      T6,
    );
    expect(searchOf(answersOf(shown), { id: 'spin' }, bare).next).toBeNull();
    expect(searchOf(answersOf(shown), { id: 'spin' }, T6.sheet).next).toBe('seal');
  });
});
