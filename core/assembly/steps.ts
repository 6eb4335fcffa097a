import { orderList } from '../inspect/order';
import { lastExchange } from '../journal/exchanged';
import { assemblyOf } from '../pumps/assemblies';
import { buildStep, FIRST_STAGE } from '../pumps/assembly/assembly';
import { pumpOf, teardownOf } from '../pumps/registry';
import type { BuildStep } from '../pumps/assembly/step';
import type { Job } from '../records/job';
import type { Sheet } from '../records/sheet';
import { boltsWords } from '../wording/bolts';
import { withAsked, type ReversalOf } from './asked';
import { withCauses } from './causeSteps';
import { sayBuild } from './sayBuild';

/** Describes what of a job its build is made from. */
export type BuiltJob = Pick<Job, 'sheet' | 'rules' | 'journal' | 'tier' | 'rotation' | 'asked'>;

/** Names the steps that prove the way out of the oil behind a seal: none of them on a pump that has no drain. */
const DRAIN_STEPS = ['drain', 'drain-closed'];

/** Returns the steps as the sheet has them, else as its family does. */
const written = (sheet: Sheet): readonly BuildStep[] =>
  sheet.assembly.length > 0 ? sheet.assembly : assemblyOf(sheet);

/** Leaves out of the steps what this pump does not have: seals, drains, renewals that its sheet does not list. */
function fitted(sheet: Sheet, steps: readonly BuildStep[]): BuildStep[] {
  const known = new Set<string>([
    ...pumpOf(sheet).parts.map(({ id }) => id),
    ...sheet.renew.map(({ id }) => id),
  ]);
  return steps.flatMap((step) => {
    if (sheet.drain === 'none' && DRAIN_STEPS.includes(step.id)) return [];
    const parts = step.parts.filter((id) => known.has(id));
    // What was there to be put in is not on this pump.
    return step.parts.length > 0 && parts.length === 0 ? [] : [{ ...step, parts }];
  });
}

/** Puts the bolts of the sheet to the steps that draw them up: each list of them once. */
function withBolts({ fasteners }: Sheet, steps: readonly BuildStep[]): BuildStep[] {
  const [first, ...others] = fasteners;
  const named = new Set(steps.map(({ fastener }) => fastener));
  const drawUp = (bolts: Sheet['fasteners'][number], from: Partial<BuildStep>, id: string) =>
    buildStep('fasten', id, sayBuild('step.drawUp', { bolts: boltsWords(bolts) }), [], {
      stages: [FIRST_STAGE, 0.66, 1],
      ...from,
      fastener: bolts.id,
    });
  const placed = steps.flatMap((step): BuildStep[] => {
    if (step.fastener === 'first') return [{ ...step, fastener: first?.id ?? '' }];
    if (step.fastener !== 'other') return [step];
    if (others.length === 0) return [{ ...step, fastener: '' }];
    const { after, with: on, caution, section } = step;
    return others.map((bolts, i) =>
      drawUp(
        bolts,
        { after, with: on, caution, section },
        i === 0 ? step.id : `${step.id}-${bolts.id}`,
      ),
    );
  });
  const isLeft = (id: string) => !placed.some(({ fastener }) => fastener === id) && !named.has(id);
  const left = fasteners.filter(({ id }) => isLeft(id));
  return beforeLabel(
    placed,
    left.map((bolts) => drawUp(bolts, {}, `fasten-${bolts.id}`.slice(0, 64))),
  );
}

/** Puts steps before the label, or at the end where there is none. */
function beforeLabel(steps: readonly BuildStep[], more: readonly BuildStep[]): BuildStep[] {
  const label = steps.findIndex(({ kind }) => kind === 'label');
  const at = label < 0 ? steps.length : label;
  return [...steps.slice(0, at), ...more, ...steps.slice(at)];
}

/** Adds a step for whatever is always replaced and no step puts in. */
function withRenewals({ renew }: Sheet, steps: readonly BuildStep[]): BuildStep[] {
  const placed = new Set(
    steps.filter(({ kind }) => kind !== 'clean').flatMap(({ parts }) => parts),
  );
  return beforeLabel(
    steps,
    renew
      .filter(({ id }) => !placed.has(id))
      .map(({ id, name }) =>
        buildStep('place', `fit-${id}`.slice(0, 64), sayBuild('step.fit', { name }), [id], {}),
      ),
  );
}

/** Says of a step that presses in what this house does not renew that it stays in. */
function withKept(job: BuiltJob, steps: readonly BuildStep[]): BuildStep[] {
  const { sheet } = job;
  const { renewed } = teardownOf(sheet);
  const ordered = new Set(orderList(job).map(({ id }) => id));
  const kept = sheet.renew.filter(
    ({ id, when }) =>
      when === 'house' &&
      !ordered.has(`renew--${id}`) &&
      !(renewed[id] ?? []).some((part) => lastExchange(job, part)),
  );
  const stays = (step: BuildStep) =>
    kept.find(({ id }) => step.kind === 'place' && step.parts.includes(id));
  // What was not pressed in is not sized, and nothing is washed after that.
  const idle = new Set(steps.filter(stays).map(({ id }) => id));
  const gone = new Set<string>();
  for (const { id, kind, after, gaps } of steps) {
    const sizes = kind === 'check' && gaps.length > 0;
    if (!(sizes || kind === 'clean') || !after.some((other) => idle.has(other))) continue;
    idle.add(id);
    gone.add(id);
  }
  return steps
    .filter(({ id }) => !gone.has(id))
    .map((step) => {
      const part = stays(step);
      return part ? { ...step, do: sayBuild('step.kept', { part: part.name }), caution: '' } : step;
    });
}

/**
 * Returns the steps of the build of a job in their order: from its sheet's list or its family's own, with what this pump has,
 * its bolts, and what is always replaced.
 *
 * @param job its sheet, its rules and its journal
 * @param reversalOf says how it is reversed, where it was given for that
 */
export function stepsOf(job: BuiltJob, reversalOf: ReversalOf | null = null): readonly BuildStep[] {
  const { sheet } = job;
  const plain = withRenewals(sheet, withBolts(sheet, fitted(sheet, written(sheet))));
  return withCauses(job, withAsked(job, withKept(job, plain), reversalOf));
}
