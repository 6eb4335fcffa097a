import { EVERY_BUILD } from '../testing/builds';
import { workedShapes } from './drawn';
import { familyOf, pumpOf } from './registry';

describe('what is worked on, on the drawing of an open pump', () => {
  it.each(EVERY_BUILD.map((sheet) => [sheet.model, sheet] as const))(
    'is a shape that the drawing has, or none: %s',
    (_, sheet) => {
      const { shapes } = familyOf(sheet.family).outline(sheet.geometry, { view: 'body' });
      const drawn = new Set(shapes.map(({ role }) => role));
      const body = pumpOf(sheet).parts.find(({ replacedAs }) => replacedAs === 'body');
      if (body) expect(drawn).toContain(workedShapes(body, 'faced')[0]);
      const turning = pumpOf(sheet).parts.find(({ roles }) => roles.includes('turns'));
      expect(turning && workedShapes(turning, 'ground').some((role) => drawn.has(role))).toBe(true);
    },
  );
  it('is the deck of a body that is faced, and its pocket where that is sunk', () => {
    const body = { replacedAs: 'body' } as const;
    expect(workedShapes(body, 'faced')).toEqual(['housing']);
    expect(workedShapes(body, 'sunk')).toEqual(['pocket']);
    expect(workedShapes({ replacedAs: 'spring' }, 'exchanged')).toEqual([]);
  });
});
