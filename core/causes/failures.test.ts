import { FAILURES } from '../testing/failures';
import { SIGNS } from './causes';
import { rankCauses } from './rank';

describe('forty made-up failures', () => {
  const ranked = FAILURES.map(({ cause, pump, evidence }) => {
    const { causes } = rankCauses(pump, evidence);
    return { causes, place: causes.findIndex((one) => one.cause.id === cause), cause };
  });

  it('cover every cause that is no plain wear, by signs that there are', () => {
    expect(FAILURES).toHaveLength(40);
    expect(new Set(FAILURES.map(({ cause }) => cause)).size).toBe(29);
    const known = SIGNS.map(({ id }) => id);
    expect(known).toEqual(
      expect.arrayContaining(FAILURES.flatMap(({ evidence }) => [...evidence.signs])),
    );
  });

  it('have the true cause first in 39, and among the first three in all', () => {
    const within = (most: number) =>
      ranked.filter(({ place }) => place >= 0 && place < most).length;
    expect([within(1), within(3)]).toEqual([39, 40]);
  });

  it('say of the one whose result is ahead of it that this came from it', () => {
    const [missed] = ranked.filter(({ place }) => place !== 0);
    const [first] = missed!.causes;
    expect([missed!.cause, first?.cause.id, first?.cameFrom]).toEqual([
      'misalignment',
      'bushing-worn',
      'misalignment',
    ]);
  });
});
