import { operationId } from '../pumps/ids';
import { SHEETS } from '../testing/sheets';
import { loadHighs } from '../rework/solver/highs';
import type { Solver } from '../rework/solver/program';
import type { Sheet } from '../records/sheet';
import { followed, type Case } from './decidedPump';

/** Returns a sheet with a price of a new pump, and without lower limits of what has an upper one. */
const asPrinted = (sheet: Sheet, least: boolean): Sheet => ({
  ...sheet,
  prices: [{ operation: operationId('whole-pump'), price: 700, days: 4 }],
  limits: sheet.limits.map((l) =>
    l.upper_mm === null || least
      ? l
      : { ...l, lower_mm: null, preferredLower_mm: null, preferredUpper_mm: null },
  ),
});

const CASES = SHEETS.slice(0, 4).flatMap((sheet, n) =>
  (['leaf', 'size'] as const).map((by): [string, Case] => [
    [sheet.model, by].join(' by '),
    {
      sheet: asPrinted(sheet, n % 2 === 0),
      tier: sheet.tiers[0]!.id,
      rule: n % 3 === 0 ? 'plain' : 'guarded',
      by,
      seed: 500 + n,
    },
  ]),
);

describe('a worn pump that goes by what Decide says', () => {
  let solve: Solver;
  beforeAll(async () => {
    solve = await loadHighs();
  });
  it.each(CASES)(
    '%s: is decided soon, never locked, and truly in where it is called in',
    (_, given) => {
      const end = followed(given, solve);
      expect([end.locked, end.decided]).toEqual([[], true]);
      expect(end.further).toBeLessThanOrEqual(8);
      // The plain rule takes readings at their word: near a limit it may be wrong.
      if (given.rule === 'guarded') expect(end.wrongIn).toEqual([]);
      expect(end.wrongIn.length).toBeLessThanOrEqual(end.calledIn / 5);
    },
    60_000,
  );
});
