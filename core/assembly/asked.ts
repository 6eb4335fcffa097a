import { buildStep, washAgain } from '../pumps/assembly/assembly';
import type { BuildStep } from '../pumps/assembly/step';
import type { Job } from '../records/job';
import { paragraph } from '../wording/say';
import { sayBuild } from './sayBuild';

export type AskedJob = Pick<Job, 'sheet' | 'rotation' | 'asked'>;

/** Says how a pump is made to turn the other way. */
export interface Reversal {
  /** Says why it cannot be; empty where it can. */
  readonly why: readonly string[];
  /** Lists the works in their order, each with what leaving it out does, and the steps that it is done before. */
  readonly works: readonly {
    readonly id: string;
    readonly does: string;
    readonly leftOut: string;
    readonly before: readonly string[];
  }[];
}

/** Says how the pump of a job is made to turn the other way: what tells it is loaded where a job asks for it. */
export type ReversalOf = (job: AskedJob) => Reversal;

/** Names the step that asks whether a pump can be made to turn the other way at all. */
export const CAN_REVERSE = 'can-reverse';

/** Holds a step, and the steps before the first of which it is put. */
interface Inserted {
  readonly step: BuildStep;
  readonly before: readonly string[];
}

/** Names the work that leaves chips in the body. */
const DRILLS = 'drill-and-plug';

/** Returns the works of reversing as steps of the build. */
function reversing({ why, works }: Reversal): Inserted[] {
  const before = ['dry-trial'];
  if (why.length > 0) {
    const words = sayBuild('asked.cannot', { why: paragraph(...why) });
    return [{ step: buildStep('check', CAN_REVERSE, words), before }];
  }
  const steps = works.flatMap((work): Inserted[] => {
    const { id, does, leftOut } = work;
    const more = {
      with: sayBuild('asked.leftOut', { consequence: leftOut }),
      after: [CAN_REVERSE],
    };
    const step = buildStep('check', id, does, [], more);
    const wash = id === DRILLS ? [washAgain('clean-drill', ['body'], id)] : [];
    return [step, ...wash].map((s) => ({ step: s, before: work.before }));
  });
  return [{ step: buildStep('check', CAN_REVERSE, sayBuild('asked.can')), before }, ...steps];
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
 * @param reversalOf says how it is reversed; null where it is not, or that is not there yet
 */
export function withAsked(
  job: AskedJob,
  steps: readonly BuildStep[],
  reversalOf: ReversalOf | null,
): readonly BuildStep[] {
  switch (job.asked.work) {
    case 'reverse':
      return reversalOf ? inserted(steps, reversing(reversalOf(job))) : steps;
    case 'up-size':
      return inserted(steps, upSizing(job));
    default:
      return steps;
  }
}
