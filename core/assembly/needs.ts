import type { Assessment } from '../assessment/assessment';
import { endOf, holdsPump, type Looked } from '../inspect/looking';
import { exchangedSince } from '../journal/exchanged';
import type { OrderLine } from '../inspect/order';
import { smallName } from '../inspect/smallParts';
import { END_PLAY } from '../pumps/mount';
import { characteristicOf, partName, pumpOf } from '../pumps/registry';
import type { CharacteristicId, PartId } from '../pumps/ids';
import type { BuildStep } from '../pumps/assembly/step';
import type { Sheet } from '../records/sheet';
import { listed } from '../wording/say';
import { stepsLeft } from '../wording/worked';
import type { Job } from '../records/job';
import { sayBuild } from './sayBuild';

/** Describes something that has to be true before a step is done. */
export interface Need {
  readonly id: string;
  readonly words: string;
  readonly met: boolean;
  /** Is met by another step of the list. */
  readonly step?: string;
}

const need = (id: string, words: string, met: boolean): Need => ({ id, words, met });

const isHere = ({ order, fitted }: OrderLine): boolean => fitted || order?.state === 'came';

/** Says how a line of the order list is asked for at the build, by why it is on it. */
const ORDER_WORDS = {
  renew: 'need.came',
  missing: 'need.missing',
  small: 'need.small',
  part: 'need.replaced',
} as const;

/** Returns what was ordered for a step and whether it has come. */
function orderNeeds(lines: readonly OrderLine[], wanted: readonly string[]): Need[] {
  return lines
    .filter(({ id }) => wanted.includes(id))
    .map((line) => {
      const [why = ''] = line.id.split('--');
      const words = ORDER_WORDS[why as keyof typeof ORDER_WORDS] ?? 'need.came';
      return need(`order-${line.id}`, sayBuild(words, { part: line.name }), isHere(line));
    });
}

/** Returns what lists the small things that are counted at a step: the one that first puts in what they are on. */
export function smallOf(sheet: Sheet, steps: readonly BuildStep[]) {
  const { parts } = pumpOf(sheet);
  const kindOf = (id: string) => parts.find((p) => p.id === id)?.kind;
  const placing = steps.filter(({ kind }) => kind !== 'clean');
  return (step: BuildStep): Sheet['small'] =>
    sheet.small.filter(({ part }) => {
      const isOn = (s: BuildStep) => s.parts.some((id) => id === part || kindOf(id) === part);
      return placing.find(isOn)?.id === step.id;
    });
}

/** Holds what the needs of all steps are looked up in: worked out once for a job. */
export interface NeedRoom {
  readonly job: Job;
  readonly all: readonly Assessment[];
  readonly steps: readonly BuildStep[];
  readonly lines: readonly OrderLine[];
  /** Counts the small things that were missing at the teardown, by their ids. */
  readonly missing: ReadonlyMap<string, number>;
  readonly looked: readonly Looked[];
  /** Lists those of a step's parts that have to be washed again. */
  readonly unwashed: (step: BuildStep) => readonly string[];
}

/** Returns the clearances that have to be in before a step: those that it names, before a seal all that are judged. */
function gapNeeds({ job, all }: NeedRoom, step: BuildStep): Need[] {
  const judged = all.filter(({ limits }) => limits !== null);
  const asked =
    step.kind === 'seal'
      ? judged.filter(({ characteristic }) => characteristic.id !== END_PLAY)
      : judged.filter(({ characteristic }) => step.gaps.includes(characteristic.id));
  return asked.map(({ characteristic, verdict }) =>
    need(
      `gap-${characteristic.id}`,
      sayBuild('need.gap', {
        check: characteristicOf(job.sheet, characteristic.id as CharacteristicId).name,
      }),
      verdict === 'in',
    ),
  );
}

/**
 * Returns what was given up and is bought like no seal: the body that another takes the place of. What is ordered is asked for
 * by its line.
 */
function givenUpNeeds({ job, looked }: NeedRoom, step: BuildStep): Need[] {
  const given = looked.filter(
    ({ surface, findings }) =>
      holdsPump(job.sheet, surface) &&
      findings.some(
        (finding) =>
          finding.decided === 'replace' &&
          !surface.parts.every((part) => exchangedSince(job, part, finding)),
      ),
  );
  const parts = new Set(given.flatMap(({ surface }) => surface.parts));
  return step.parts
    .filter((id) => parts.has(id as PartId))
    .map((id) =>
      need(`part-${id}`, sayBuild('need.replaced', { part: partName(job.sheet, id) }), false),
    );
}

/** Returns what of a step’s parts is missing, given up or not washed. */
function partNeeds(room: NeedRoom, step: BuildStep): Need[] {
  const { job, lines, steps, missing } = room;
  const { sheet } = job;
  const small = smallOf(sheet, steps)(step).map(({ id }) => id);
  const wanted = [
    ...step.parts.map((id) => `renew--${id}`),
    ...step.parts.map((id) => `part--${id}`),
    ...(step.strip ? [`missing--${step.strip}`] : []),
    ...small.filter((id) => missing.has(id)).map((id) => `small--${id}`),
  ];
  if (step.kind === 'clean') return [];
  const dirty = room.unwashed(step);
  const isBase = step.parts.some((id) =>
    pumpOf(sheet).parts.some((p) => p.id === id && p.roles.includes('base')),
  );
  return [
    ...orderNeeds(lines, wanted),
    ...givenUpNeeds(room, step),
    ...(isBase && endOf(job) ? [need('body', sayBuild('need.body'), false)] : []),
    ...(dirty.length > 0
      ? [
          need(
            'clean',
            sayBuild('need.clean', { parts: listed(dirty.map((id) => partName(sheet, id))) }),
            false,
          ),
        ]
      : []),
  ];
}

/** Returns the work of the list that has to be done before the parts are put together. */
function workNeeds({ job, steps }: NeedRoom, step: BuildStep): Need[] {
  const first = steps.find(({ kind }) => kind !== 'clean');
  const left = first?.id === step.id ? stepsLeft(job) : [];
  return left.length === 0
    ? []
    : [need('work', sayBuild('need.work', { work: listed(left) }), false)];
}

/**
 * Returns what has to be true before a step is done, apart from other steps of the list.
 *
 * @param room the job, what its clearances come to, its orders
 * @param step of the build
 */
export const needsOf = (room: NeedRoom, step: BuildStep): Need[] => [
  ...workNeeds(room, step),
  ...partNeeds(room, step),
  ...gapNeeds(room, step),
];

/** Names the small things that are counted at a step. */
export const smallNames = (sheet: Sheet, small: Sheet['small'][number]): string =>
  smallName(sheet, small);
