import load from 'highs';
import { InputError } from '../../errors';
import { keepsNothing, programText, type Program, type Solver } from './program';

/** Seconds after which nobody waits for a plan any more. */
export const LONGEST_s = 10;

/** Sets the tolerances so that micrometres are exact, and no dearer answer passes for the cheapest. */
const EXACT = {
  output_flag: false,
  mip_rel_gap: 0,
  mip_abs_gap: 1e-9,
  mip_feasibility_tolerance: 1e-9,
  primal_feasibility_tolerance: 1e-9,
} as const;

const NOTHING = new Set(['Infeasible', 'Primal infeasible or unbounded']);

/** Returns the columns of a program that needs no solver: it has none. */
const withoutColumns = ({ bounds }: Program): readonly number[] | null =>
  bounds.every(keepsNothing) ? [] : null;

/**
 * Loads the HiGHS solver (WebAssembly, 3.5 MB), which is needed for rework plans only.
 *
 * @param locate returns where its WASM file is, where that is not beside the script
 * @example
 * const solve = await loadHighs();
 * const columns = [{ lower: 0, upper: 10, cost: 1 }];
 * solve({ columns, bounds: [{ of: [[0, 2]], lower: 3, upper: Infinity }] }); // [1.5]
 * solve({ columns, bounds: [{ of: [[0, 1]], lower: 11, upper: Infinity }] }); // null
 */
export async function loadHighs(locate?: (file: string) => string): Promise<Solver> {
  const highs = await load(locate ? { locateFile: locate } : {});
  return (program, most_s = LONGEST_s) => {
    if (program.columns.length === 0) return withoutColumns(program);
    if (!program.bounds.every(keepsNothing)) return null;
    const { Status, Columns } = highs.solve(programText(program), { ...EXACT, time_limit: most_s });
    if (NOTHING.has(Status)) return null;
    if (Status !== 'Optimal') {
      throw new InputError('operations', 'no-answer', 'No plan was found in the time given.', {
        status: Status,
      });
    }
    return program.columns.map((_, i) => (Columns[`x${i}`] as { Primal: number }).Primal);
  };
}
