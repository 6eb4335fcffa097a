import { flowOf } from '../pumps/flows';
import { pumpOf } from '../pumps/registry';
import type { Job } from '../records/job';
import { isProvenByFlow } from './plan';

/** Names what a check reads off a gauge: nothing, a pressure, or a vacuum. */
export type Reads = 'nothing' | 'pressure' | 'vacuum';

/** A check that proves something of a pump without a flow bench. */
export interface BenchlessCheck {
  readonly id: string;
  readonly name: string;
  readonly how: string;
  /** Says what is right. */
  readonly right: string;
  readonly caution: string;
  readonly reads: Reads;
  /** It is made on the machine: it may be due on a day. */
  readonly onMachine: boolean;
  readonly suits: (pump: Pick<Job, 'sheet'>) => boolean;
}

const runsOn = ({ sheet }: Pick<Job, 'sheet'>) => flowOf(sheet.family).runsOn(sheet.geometry);
/** Tells whether a pump has a relief valve of its own: one without has no plunger. */
const hasRelief = ({ sheet }: Pick<Job, 'sheet'>) =>
  pumpOf(sheet).parts.some(({ kind }) => kind === 'plunger');
const movesOil = ({ sheet }: Pick<Job, 'sheet'>) => isProvenByFlow(sheet);

const AIR =
  'Air under pressure throws parts and oil. At most 1 bar from a regulator, glasses on, no finger over an opening.';
const SOLVENT = 'Solvent burns and harms: gloves, air, no flame and no hot part near it.';
const ON_MACHINE =
  'The machine runs and is hot. Wheels blocked, brake set, nobody near turning parts. Hands off leaks: oil under pressure goes through skin.';

/** Lists the checks without a bench, in the order in which they are made. */
export const BENCHLESS: readonly BenchlessCheck[] = [
  {
    id: 'relief-vacuum',
    name: 'Vacuum on the relief valve',
    how: 'Hold the cup of a vacuum tester on the bore of the relief valve, the valve on its seat, and pull.',
    right: 'The needle stays up while you count to ten.',
    caution: '',
    reads: 'vacuum',
    onMachine: false,
    suits: hasRelief,
  },
  {
    id: 'relief-solvent',
    name: 'Solvent on the relief seat',
    how: 'Stand the seat upright, the valve on it, and fill it with solvent. Look underneath after a minute.',
    right: 'Nothing comes through.',
    caution: SOLVENT,
    reads: 'nothing',
    onMachine: false,
    suits: hasRelief,
  },
  {
    id: 'leak-down',
    name: 'Dry leak-down',
    how: 'Close the ports but one, bring the pump to a low air pressure there, close the cock and watch the gauge for a minute.',
    right: 'The pressure falls slowly and evenly, and nothing whistles at the seal or a joint.',
    caution: AIR,
    reads: 'pressure',
    onMachine: false,
    suits: movesOil,
  },
  {
    id: 'suction',
    name: 'Suction by hand',
    how: 'Put clean oil into the inlet, a thumb lightly on it, and turn the shaft by hand the way it runs.',
    right: 'It pulls at the thumb, and oil comes at the outlet within a few turns.',
    caution: '',
    reads: 'nothing',
    onMachine: false,
    suits: movesOil,
  },
  {
    id: 'vacuum-pulled',
    name: 'Vacuum pulled',
    how: 'Run it with oil at its own feed, a vacuum gauge on the inlet, the inlet closed.',
    right: 'It pulls what the manual says, and holds it when it stands still.',
    caution: 'Test stands rotate: guard on, sleeves in, glasses on.',
    reads: 'vacuum',
    onMachine: false,
    suits: (job) => !movesOil(job),
  },
  {
    id: 'first-start',
    name: 'Pressure at the first start',
    how: 'Gauge on the test port, full of oil, primed. Start, idle, and read it within the seconds that the manual gives; stop at once where nothing comes.',
    right: 'Pressure comes within the time of the manual, and nothing leaks.',
    caution: ON_MACHINE,
    reads: 'pressure',
    onMachine: true,
    suits: movesOil,
  },
  {
    id: 'hot-idle',
    name: 'Pressure at hot idle',
    how: 'Run the machine warm, let it idle, and read the gauge on the test port.',
    right: 'It holds what the manual says at hot idle.',
    caution: ON_MACHINE,
    reads: 'pressure',
    onMachine: true,
    suits: (job) => movesOil(job) && runsOn(job) !== 'hydraulic',
  },
];

/** Names the answer that the pump was not tested at all. */
export const NOT_TESTED = 'not-tested';

/**
 * Lists the checks without a bench that suit a job's pump.
 *
 * @param job its sheet
 */
export const benchlessFor = (job: Pick<Job, 'sheet'>): readonly BenchlessCheck[] =>
  BENCHLESS.filter(({ suits }) => suits(job));
