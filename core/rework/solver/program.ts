/** A number that a program looks for. */
export interface Column {
  readonly lower: number;
  readonly upper: number;
  /** Gives what a unit of it adds to the total that is kept small. */
  readonly cost: number;
  /** It is a whole number. */
  readonly whole?: true;
}

/** A sum of columns that has to stay between two ends, ±Infinity for none. */
export interface Bound {
  readonly of: readonly (readonly [column: number, factor: number])[];
  readonly lower: number;
  readonly upper: number;
}

/** A mixed-integer linear program: the cheapest columns whose sums stay inside all bounds. */
export interface Program {
  readonly columns: readonly Column[];
  readonly bounds: readonly Bound[];
}

/**
 * Solves a program.
 *
 * @param most_s seconds after which it gives up; as long as a person would wait where that is left out
 * @returns the value of each column; null where nothing keeps all bounds
 * @throws InputError where no answer is found in that time
 */
export type Solver = (program: Program, most_s?: number) => readonly number[] | null;

/**
 * Returns a solver whose answers together take no longer than a time: one plan asks it for a dozen.
 *
 * @param solve solves mixed-integer linear programs exactly
 * @param most_s seconds for all answers together
 * @param now gives the time in milliseconds
 * @example
 * const shown = [];
 * let now_ms = 0;
 * const solve = withinTime((program, most_s) => (shown.push(most_s), null), 10, () => now_ms);
 * solve({}), (now_ms = 4000), solve({});
 * shown; // [10, 6]
 */
export function withinTime(solve: Solver, most_s: number, now: () => number): Solver {
  const end = now() + most_s * 1000;
  return (program) => solve(program, Math.max(0, end - now()) / 1000);
}

const name = (column: number): string => `x${column}`;

/** Writes a sum of columns: `+ 1 x0 - 0.5 x3`. */
const sum = (terms: Bound['of']): string =>
  terms
    .map(([column, factor]) => `${factor < 0 ? '-' : '+'} ${Math.abs(factor)} ${name(column)}`)
    .join(' ');

const end = (value: number): string =>
  Number.isFinite(value) ? `${value}` : value < 0 ? '-inf' : '+inf';

/** Lists a bound as one or two lines, one for each end that it has. */
const lines = ({ of, lower, upper }: Bound): string[] => [
  ...(lower > -Infinity ? [`${sum(of)} >= ${lower}`] : []),
  ...(upper < Infinity ? [`${sum(of)} <= ${upper}`] : []),
];

/** Tells whether a bound on nothing can be kept: then it is about nought. */
export const keepsNothing = ({ of, lower, upper }: Bound): boolean =>
  of.length > 0 || (lower <= 0 && upper >= 0);

/**
 * Writes a program in the LP format of CPLEX, which solvers read.
 *
 * @param program with at least one column; bounds without a column are left out
 */
export function programText({ columns, bounds }: Program): string {
  const whole = columns.flatMap((column, i) => (column.whole ? [name(i)] : []));
  return [
    'Minimize',
    ` ${sum(columns.map(({ cost }, i) => [i, cost]))}`,
    'Subject To',
    ...bounds
      .filter(({ of }) => of.length > 0)
      .flatMap(lines)
      .map((line, i) => ` b${i}: ${line}`),
    'Bounds',
    ...columns.map(({ lower, upper }, i) => ` ${end(lower)} <= ${name(i)} <= ${end(upper)}`),
    ...(whole.length > 0 ? ['General', ` ${whole.join(' ')}`] : []),
    'End',
  ].join('\n');
}
