import { circuitsOf, demandOf, stateFor } from '../../flow/demand';
import { fluidOf } from '../../flow/fluids';
import { jobPump } from '../../flow/jobPump';
import { drainOf, drivenBy, endsOf } from '../../inspect/construction';
import { pumpOf } from '../../pumps/registry';
import { sectionsIn } from '../../pumps/external-gear.sections';
import type { Shop } from '../../records/shop';
import { pumpSpeed } from '../../records/tag';
import { figureFact, wordFact, type FactFrom, type Facts } from './facts';
import type { KnownJob } from './ofGap';

/** Returns what a pump moves, how fast it turns, and on what it runs. */
function flowFacts({ job, state }: KnownJob): Facts {
  const { fluid, from } = fluidOf(job);
  const work = stateFor(job, 'work');
  const { cc_rev } = jobPump(job, state).displacement;
  const sets = setsIn(job.sheet);
  const demand = demandOf(circuitsOf(job), 'work');
  return {
    ...wordFact('oil', fluid.name, from === 'job' ? 'tag' : from),
    ...figureFact('oil_C', work.state.temp_C, fromState(work.from)),
    // What all sections move together, by the set.
    ...figureFact('cc', cc_rev === null ? null : cc_rev / sets, 'sheet'),
    ...figureFact('gear_sets', sets, 'sheet'),
    ...figureFact('pump_rpm', work.state.rpm, fromState(work.from)),
    ...figureFact('wanted_flow', demand?.flow_lpm, 'sheet'),
  };
}

const fromState = (from: 'job' | 'sheet' | 'assumed'): FactFrom => (from === 'job' ? 'tag' : from);

/** Returns how many gear sets draw from one inlet. */
const setsIn = ({ family, geometry }: KnownJob['job']['sheet']): number =>
  family === 'external-gear' ? sectionsIn(geometry as Parameters<typeof sectionsIn>[0]) : 1;

/** Returns the test before the teardown that tells most: the one with a flow at the highest speed. */
function testFacts({ job: { before } }: KnownJob): Facts {
  const [test] = before
    .filter(({ flow_lpm }) => flow_lpm !== null)
    .sort((a, b) => pumpSpeed(b) - pumpSpeed(a));
  if (!test) return {};
  return {
    ...figureFact('drive_rpm', test.drive_rpm, 'tag'),
    ...figureFact('drive_ratio', test.ratio, 'tag'),
    ...figureFact('test_flow', test.flow_lpm, 'tag'),
    ...figureFact('test_rpm', pumpSpeed(test), 'tag'),
  };
}

const yesNo = (said: boolean | null): string | null => (said === null ? null : said ? 'yes' : 'no');

/** Returns how a pump is built where it is to turn the other way. */
function reversingFacts({ job }: KnownJob): Facts {
  const { sheet, rotation } = job;
  const { bodyTurns, ringFlips, coverTurns } = sheet.reversing;
  const driven = drivenBy(sheet);
  const isCam = sheet.family.endsWith('-vane');
  return {
    ...wordFact('family', sheet.family, 'sheet'),
    ...wordFact('rotation', rotation === 'unknown' ? null : rotation, 'tag'),
    ...wordFact('body_turns', yesNo(bodyTurns), 'sheet'),
    ...wordFact('drain', drainOf(sheet), 'sheet'),
    ...wordFact('ends', endsOf(sheet), 'sheet'),
    ...wordFact('ring_turns', yesNo(ringFlips), 'sheet'),
    // A cartridge whose ring cannot be flipped is not to be reversed.
    ...wordFact('sheet_allows', isCam && ringFlips === false ? 'no' : null, 'sheet'),
    ...wordFact('driven_by', driven === 'other' ? null : driven, 'sheet'),
    ...figureFact('cover_positions', coverTurns === false ? 1 : null, 'sheet'),
  };
}

/** Returns the first bolts of a sheet that have a torque. */
function boltFacts({ job: { sheet } }: KnownJob): Facts {
  const bolts = sheet.fasteners.find(({ torque }) => torque != null);
  if (!bolts) return {};
  return {
    ...figureFact('bolts', bolts.count, 'sheet'),
    ...figureFact('torque', bolts.torque, 'sheet'),
    ...wordFact('torque_unit', bolts.unit, 'sheet'),
  };
}

/**
 * Returns what a job, its sheet and its shop know of the whole pump, as sums ask for it.
 *
 * @param known the job and what its readings come to
 * @param shop its money
 */
export function pumpFacts(known: KnownJob, { money }: Pick<Shop, 'money'>): Facts {
  const { job } = known;
  const row = (lengths: readonly number[]) => lengths.map(String).join(' ');
  const width = pumpOf(job.sheet).dimensions.find((d) => d.width);
  const isRun = job.used !== null && job.usedUnit === 'h';
  return {
    ...wordFact('leaves', row(job.feeler.leaves_mm), 'shop'),
    ...figureFact('stack', job.feeler.maxStack, 'shop'),
    ...wordFact('washers', row(job.sheet.washers_mm), 'sheet'),
    ...figureFact('width', width && known.state.dimensions.get(width.id)?.best_mm, 'measured'),
    ...figureFact('hours', isRun ? job.used : null, 'tag'),
    ...flowFacts(known),
    ...testFacts(known),
    ...reversingFacts(known),
    ...boltFacts(known),
    ...figureFact('rate', money.rate, 'shop'),
    ...figureFact('down_day', money.downDay, 'shop'),
    ...figureFact('comeback', money.comeback, 'shop'),
  };
}
