import { answerBuild } from '../commands/building';
import { itemAt, T6 } from '../testing/assembly';
import { exchanged, stamp } from '../testing/findings';

describe('washing', () => {
  const clean = answerBuild({ step: 'clean', said: 'done', wash: 'hot-wash' });

  it('counts by part, and is done when all are', () => {
    const one = answerBuild({ step: 'clean', said: 'done', parts: ['body'], wash: 'solvent' })(
      ...([T6, stamp()] as const),
    );
    expect(itemAt(one, 'clean')).toMatchObject({
      state: 'open',
      dirty: expect.not.arrayContaining(['body']),
    });
    expect(itemAt(clean(one, stamp()), 'clean')).toMatchObject({ state: 'done', dirty: [] });
  });

  it('is asked for again of what was worked on since', () => {
    const worked = exchanged(clean(T6, stamp()), 'cover');
    expect(itemAt(worked, 'clean')).toMatchObject({ state: 'open', dirty: ['cover'] });
    const need = itemAt(worked, 'cover').needs.find(({ id }) => id === 'clean');
    expect(need).toMatchObject({ met: false, words: 'Cover: washed and dry, since any work' });
  });

  it('after pressing counts only once that is done', () => {
    const early = answerBuild({ step: 'clean-bushing', said: 'done' })(clean(T6, stamp()), stamp());
    const sized = answerBuild({ step: 'bushing-size', said: 'done' })(early, stamp());
    expect(itemAt(sized, 'clean-bushing').state).toBe('open');
    const late = answerBuild({ step: 'clean-bushing', said: 'done' })(sized, stamp());
    expect(itemAt(late, 'clean-bushing').state).toBe('done');
  });
});
