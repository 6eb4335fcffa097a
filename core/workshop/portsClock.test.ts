import fc from 'fast-check';
import { portsClock } from './portsClock';

describe('ports of a cover', () => {
  const COVER = {
    inlet_clock: 12,
    outlet_clock: 6,
    seenFrom: 'cover',
    positions: 4,
    wanted: null,
  } as const;
  const turnTo = (clock: number, more = {}) =>
    portsClock({ ...COVER, ...more, wanted: { clock, seenFrom: 'cover' } });

  it('turns the shorter way', () => {
    expect(turnTo(9).turn).toMatchObject({ deg: 90, way: 'clockwise' });
    expect(turnTo(3).turn).toMatchObject({ deg: 90, way: 'anticlockwise' });
    expect(turnTo(0).turn).toMatchObject({ deg: 180, way: 'either' });
    expect(turnTo(6).turn).toMatchObject({ deg: 0, way: 'none' });
  });
  it('says of what it does not reach what is nearest', () => {
    expect(turnTo(10)).toMatchObject({ turn: null, nearest_clock: 9 });
    expect(turnTo(3, { positions: 2 })).toMatchObject({ turn: null, nearest_clock: 6 });
    expect(turnTo(11, { positions: 2 })).toMatchObject({ turn: null, nearest_clock: 12 });
  });
  it('is seen from the other end as in a mirror', () => {
    const { options } = portsClock({ ...COVER, outlet_clock: 4.5 });
    expect(options.map((o) => [o.clock, o.otherEnd_clock, o.against])).toEqual([
      [4.5, 7.5, 135],
      [7.5, 4.5, 135],
      [10.5, 1.5, 45],
      [1.5, 10.5, 45],
    ]);
  });
  it('lets every wish from the other end be granted or not as its mirror is', () => {
    fc.assert(
      fc.property(fc.integer({ min: 0, max: 12 }), fc.integer({ min: 1, max: 8 }), (h, n) => {
        const here = turnTo(h, { positions: n });
        const there = portsClock({
          ...COVER,
          positions: n,
          wanted: { clock: 12 - h, seenFrom: 'shaft' },
        });
        expect(there).toEqual(here);
      }),
    );
  });
});
