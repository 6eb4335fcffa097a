import { drainOf, drivenBy, endsOf } from '../inspect/construction';
import { reverse, type ReverseStep } from '../workshop/reversing';
import { STEP_WORDS, STOP_WORDS } from '../wording/reversing';
import type { AskedJob, Reversal } from './asked';

/** Says before which step of the list each work of reversing is done. What the list does anyway stands at none. */
const REVERSE_BEFORE: Readonly<Record<ReverseStep, readonly string[]>> = {
  'turn-body': ['rear-plate', 'body'],
  'measure-old-inlet-wall': ['rear-plate', 'body'],
  'move-plug': ['drain', 'seal'],
  'drill-and-plug': ['drain', 'seal'],
  'free-shuttle': ['drain', 'seal'],
  'turn-blocks': ['rear-plate', 'gears'],
  'turn-relief': ['valve'],
  'new-seal': ['seal'],
  'prove-drain': [],
  'flip-ring': ['ring'],
  'half-turn-ring': ['outer'],
  'turn-rotor': ['rotor'],
  spin: [],
  'swap-lines': ['fill'],
  'swap-air-lines': ['fill'],
  restamp: ['label'],
  'stamp-top-speed': ['label'],
};

/** Returns how the pump of a job is reversed; what its sheet does not say is taken as it is on most, and asked for. */
function reversal(job: AskedJob) {
  const { sheet, rotation } = job;
  const { bodyTurns, ringFlips } = sheet.reversing;
  const { build } = sheet.geometry as { readonly build?: string };
  return reverse({
    family: sheet.family,
    drivenBy: drivenBy(sheet),
    // Which way it is reversed from changes nothing of how.
    rotation: rotation === 'unknown' ? 'clockwise' : rotation,
    largePort_mm: null,
    smallPort_mm: null,
    bodyTurns: bodyTurns ?? false,
    drain: drainOf(sheet) ?? (sheet.drain === 'checks' ? 'shuttle' : 'two-holes'),
    drainTurnsWithBody: false,
    ends: endsOf(sheet) ?? (build === 'blocks' ? 'blocks' : 'grooved'),
    relief: 'turns',
    sealLip: 'plain',
    helical: false,
    slots: 'radial',
    vanesKnown: true,
    eccentricRing: ringFlips ?? true,
    sheetAllows: sheet.family === 'fixed-vane' ? ringFlips : null,
    maxRpm: null,
    inlet: null,
  });
}

/**
 * Says whether the pump of a job can be made to turn the other way and how: each work with what leaving it out does, and the
 * steps of the build that it is done before.
 *
 * @param job its sheet and its rotation
 */
export function reversalOf(job: AskedJob): Reversal {
  const { stops, steps } = reversal(job);
  return {
    why: stops.map((stop) => STOP_WORDS[stop]),
    works:
      stops.length > 0
        ? []
        : steps
            .map((id) => ({ id, ...STEP_WORDS[id], before: REVERSE_BEFORE[id] }))
            .filter(({ before }) => before.length > 0),
  };
}
