import type { Assessment } from '../../assessment/assessment';
import { lookedAt } from '../../inspect/looking';
import { restsOn } from '../../journal/eras';
import { exchangedSince } from '../../journal/exchanged';
import type { Part } from '../../pumps/family';
import { DECISIONS, type Decision } from '../../records/rework';
import type { ReworkCase } from './case';
import type { Need, Unmet } from './needs';
import type { Offer } from '../operations/offers';
import type { PlannedWork } from '../solver/plan';
import type { RatedPlan } from './solve';

/** One operation of a plan, with what it is on this pump. */
export interface PlannedOperation extends PlannedWork {
  readonly offer: Offer;
  /** Says why it has to be done whatever the clearances say; null where they ask for it. */
  readonly need: Need | null;
}

/** Says what becomes of a part, and what that rests on. */
export interface PartLine {
  readonly part: Part;
  readonly decision: Decision;
  readonly works: readonly PlannedOperation[];
  /** A finding that nothing on offer puts right; null for none. */
  readonly unmet: Unmet | null;
  /** Says how its surfaces looked: none looked at, sound, or with something on them that was passed. */
  readonly looked: 'unseen' | 'sound' | 'passed';
  /** Gaps that rest on it and have a verdict: all in, some not, or none judged. */
  readonly gaps: readonly Assessment[];
  /** Tells whether a gap with a limit rests on it that has no verdict yet. */
  readonly unread: boolean;
}

/** Returns the operations of a plan as they are on this pump, in the order in which they are offered. */
export const plannedOperations = (
  { offers, needs }: ReworkCase,
  plan: Pick<RatedPlan, 'works'>,
): PlannedOperation[] =>
  offers.flatMap((offer) => {
    const work = plan.works.find(({ id }) => id === offer.id);
    const need = needs.find((n) => n.offers.some(({ id }) => id === offer.id)) ?? null;
    return work ? [{ ...work, offer, need }] : [];
  });

/** Returns the part that an operation stands with: the first that it is done on. */
const standsWith = ({ offer }: PlannedOperation, { id }: Part): boolean => offer.parts.includes(id);

const heaviest = (decisions: readonly Decision[]): Decision =>
  [...DECISIONS].reverse().find((d) => decisions.includes(d)) ?? 'reuse';

/**
 * Lists what becomes of each part of which anything is known or planned: those with work first, in the order
 * of the pump.
 *
 * @param plan the plan that is shown; null where there is none
 */
export function partLines(rework: ReworkCase, plan: Pick<RatedPlan, 'works'> | null): PartLine[] {
  const { job, known, watched, unmeasured, unmet } = rework;
  const { pump } = known;
  const planned = plan ? plannedOperations(rework, plan) : [];
  const surfaces = lookedAt(job);
  const sizes = [...pump.dimensions, ...pump.features];
  const lines = pump.parts.flatMap((part): PartLine[] => {
    const works = planned.filter((p) => standsWith(p, part));
    // What was seen before it was exchanged was the part that is no longer in the pump.
    const seen = surfaces.filter(
      (s) =>
        s.surface.parts.includes(part.id) &&
        s.findings.some((f) => !exchangedSince(job, part.id, f)),
    );
    const own = sizes.filter((d) => d.part === part.id).map((d) => d.id);
    const restsOnIt = (a: Assessment) => restsOn(a.characteristic).some((id) => own.includes(id));
    const gaps = watched.map((w) => w.assessment).filter(restsOnIt);
    const open = unmet.find((u) => u.surface.parts.includes(part.id)) ?? null;
    if (works.length === 0 && seen.length === 0 && gaps.length === 0) return [];
    const given = open ? (['replace'] as const) : [];
    return [
      {
        ...{ part, works, gaps, unread: unmeasured.some(restsOnIt), unmet: open },
        decision: heaviest([...works.map((w) => w.offer.operation.decision), ...given]),
        looked:
          seen.length === 0
            ? 'unseen'
            : seen.every((s) => s.state === 'sound')
              ? 'sound'
              : 'passed',
      },
    ];
  });
  const isWork = (line: PartLine) => line.decision !== 'reuse';
  return [...lines.filter(isWork), ...lines.filter((line) => !isWork(line))];
}
