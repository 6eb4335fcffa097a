import { buildStep, washAgain } from '../pumps/assembly/assembly';
import { pumpOf } from '../pumps/registry';
import type { BuildStep } from '../pumps/assembly/step';
import type { Job } from '../records/job';
import { STEP_WORDS, STOP_WORDS } from '../wording/reversing';
import { reverse, type DrainKind, type Reversed, type ReverseStep } from '../workshop/reversing';
import { paragraph } from '../wording/say';
import { sayBuild } from './sayBuild';

type AskedJob = Pick<Job, 'sheet' | 'rotation' | 'asked'>;

/** Names the step that asks whether a pump can be made to turn the other way at all. */
export const CAN_REVERSE = 'can-reverse';

/** A step, and the steps before the first of which it is put. */
interface Inserted {
  readonly step: BuildStep;
  readonly before: readonly string[];
}

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

const DRAINS: Readonly<Record<string, DrainKind>> = {
  none: 'none',
  hole: 'one-hole',
  plug: 'two-holes',
  shuttle: 'shuttle',
  checks: 'shuttle',
};

/** Says what turns a pump, where that is plain from what it is. */
function drivenBy({ sheet }: AskedJob): Reversed['drivenBy'] {
  if (pumpOf(sheet).characteristics.some(({ hub }) => hub)) return 'hub';
  const { use, build } = sheet.geometry as { readonly use?: string; readonly build?: string };
  return use === 'oil-pump' || build === 'oil' ? 'engine' : 'other';
}

/** Returns how the pump of a job is reversed; what its sheet does not say is taken as it is on most, and asked for. */
function reversal(job: AskedJob) {
  const { sheet, rotation } = job;
  const { bodyTurns, drains, symmetrical, ringFlips } = sheet.reversing;
  const { build } = sheet.geometry as { readonly build?: string };
  const drilled = drains === 'both' ? 'two-holes' : drains === 'one' ? 'one-hole' : undefined;
  return reverse({
    family: sheet.family,
    drivenBy: drivenBy(job),
    // Which way it is reversed from changes nothing of how.
    rotation: rotation === 'unknown' ? 'clockwise' : rotation,
    largePort_mm: null,
    smallPort_mm: null,
    bodyTurns: bodyTurns ?? false,
    drain: drilled ?? DRAINS[sheet.drain ?? ''] ?? 'two-holes',
    drainTurnsWithBody: false,
    ends: symmetrical === true ? 'symmetrical' : build === 'blocks' ? 'blocks' : 'grooved',
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

/** Returns the works of reversing as steps of the build. */
function reversing(job: AskedJob): Inserted[] {
  const { stops, steps } = reversal(job);
  const first = ['dry-trial'];
  if (stops.length > 0) {
    const why = paragraph(...stops.map((stop) => STOP_WORDS[stop]));
    return [
      { step: buildStep('check', CAN_REVERSE, sayBuild('asked.cannot', { why })), before: first },
    ];
  }
  const can = buildStep('check', CAN_REVERSE, sayBuild('asked.can'));
  return [
    { step: can, before: first },
    ...steps.flatMap((id): Inserted[] => {
      const before = REVERSE_BEFORE[id];
      if (before.length === 0) return [];
      const { does, leftOut } = STEP_WORDS[id];
      const more = {
        with: sayBuild('asked.leftOut', { consequence: leftOut }),
        after: [CAN_REVERSE],
      };
      const step = buildStep('check', id, does, [], more);
      // Chips of the drill are in the body.
      const wash = id === 'drill-and-plug' ? [washAgain('clean-drill', ['body'], id)] : [];
      return [step, ...wash].map((s) => ({ step: s, before }));
    }),
  ];
}

/** Says what is changed along with wider gears, and before which step. */
const UP_SIZE = [
  [
    'up-plates',
    'Plates are relieved, and the neighbours clear the wider gears.',
    ['rear-plate', 'blocks', 'o-rings', 'cover', 'covers'],
  ],
  ['up-spring', 'The spring of the pressure plate is that of the wider ring.', ['plate']],
  ['up-bolts', 'The longer bolts engage in full and do not bottom.', ['fasten-1']],
  ['up-shaft', 'Shaft and the sections before it carry the torque.', ['spin-final']],
  [
    'up-inlet',
    'Inlet port, hose and screen carry the flow, or the top speed falls. Relief and regulator pass it.',
    ['fill'],
  ],
  ['up-pressure', 'The wider gear loads its bearings more: the highest pressure falls.', ['label']],
] as const;

/** Returns what is changed along with wider gears as steps of the build. */
function upSizing({ sheet, asked }: AskedJob): Inserted[] {
  const set = sheet.sets.find(({ id }) => id === asked.set);
  const words = set ? sayBuild('asked.set', { set: set.name }) : sayBuild('asked.anySet');
  return [
    { step: buildStep('check', 'up-set', words), before: ['dry-trial'] },
    ...UP_SIZE.map(([id, does, before]) => ({
      step: buildStep('check', id, does, [], { after: ['up-set'] }),
      before,
    })),
  ];
}

/** Puts steps before the first of those that they are done before; what has no place here is left out. */
const inserted = (steps: readonly BuildStep[], more: readonly Inserted[]): BuildStep[] =>
  steps.flatMap((step) => {
    const here = more.filter(({ before }) => {
      const first = steps.find(({ id }) => before.includes(id));
      return first?.id === step.id;
    });
    const needed = here.map(({ step: { id } }) => id);
    return [
      ...here.map((i) => i.step),
      needed.length > 0 ? { ...step, after: [...step.after, ...needed] } : step,
    ];
  });

/**
 * Returns the steps of a build with those that the job was given for: to turn the other way, or wider.
 *
 * @param job what it was given for, its sheet and its rotation
 * @param steps of the plain build
 */
export function withAsked(job: AskedJob, steps: readonly BuildStep[]): readonly BuildStep[] {
  switch (job.asked.work) {
    case 'reverse':
      return inserted(steps, reversing(job));
    case 'up-size':
      return inserted(steps, upSizing(job));
    default:
      return steps;
  }
}
