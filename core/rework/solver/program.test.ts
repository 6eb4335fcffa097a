import { loadHighs } from './highs';
import { keepsNothing, programText, withinTime, type Program, type Solver } from './program';

const EMPTY: Program = { columns: [], bounds: [] };

describe('the time for a plan', () => {
  it('is for all its solves together: each gets what is left of it', () => {
    const given: (number | undefined)[] = [];
    let now_ms = 5_000;
    const slow: Solver = (_, most_s) => {
      given.push(most_s);
      now_ms += 4_000;
      return [];
    };
    const inTime = withinTime(slow, 10, () => now_ms);
    for (let i = 0; i < 4; i++) inTime(EMPTY);
    expect(given).toEqual([10, 6, 2, 0]);
  });
  it('ends with a sentence where it is over, and leaves an answer alone that came in time', async () => {
    const solve = await loadHighs();
    const knapsack: Program = {
      columns: Array.from({ length: 60 }, (_, i) => ({
        lower: 0,
        upper: 1,
        cost: -((i * 37) % 101) - 1,
        whole: true as const,
      })),
      bounds: [
        {
          of: Array.from({ length: 60 }, (_, i) => [i, ((i * 53) % 97) + 1] as const),
          lower: -Infinity,
          upper: 1200.5,
        },
      ],
    };
    let now_ms = 0;
    const inTime = withinTime(solve, 10, () => now_ms);
    expect(inTime(knapsack)).toHaveLength(60);
    now_ms = 11_000;
    expect(() => inTime(knapsack)).toThrow('No plan was found in the time given.');
  });
});

describe('a program as text', () => {
  it('has a line for each end of a bound, and its whole columns named', () => {
    const program: Program = {
      columns: [
        { lower: 0, upper: 1, cost: 3, whole: true },
        { lower: -Infinity, upper: Infinity, cost: -0.5 },
      ],
      bounds: [
        { of: [[0, 2] as const, [1, -1] as const], lower: 0, upper: 4 },
        { of: [[1, 1]], lower: -Infinity, upper: 2 },
        { of: [], lower: -1, upper: 1 },
      ],
    };
    expect(programText(program).split('\n')).toEqual([
      'Minimize',
      ' + 3 x0 - 0.5 x1',
      'Subject To',
      ' b0: + 2 x0 - 1 x1 >= 0',
      ' b1: + 2 x0 - 1 x1 <= 4',
      ' b2: + 1 x1 <= 2',
      'Bounds',
      ' 0 <= x0 <= 1',
      ' -inf <= x1 <= +inf',
      'General',
      ' x0',
      'End',
    ]);
    expect(programText({ ...program, columns: program.columns.slice(1) })).not.toContain('General');
  });
  it('keeps a bound on nothing where that is about nought', () => {
    expect(keepsNothing({ of: [], lower: 0, upper: 0 })).toBe(true);
    expect(keepsNothing({ of: [], lower: 1, upper: 2 })).toBe(false);
    expect(keepsNothing({ of: [], lower: -2, upper: -1 })).toBe(false);
    expect(keepsNothing({ of: [[0, 1]], lower: 1, upper: 2 })).toBe(true);
  });
});
