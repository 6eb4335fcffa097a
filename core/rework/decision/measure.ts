import type { Assessment } from '../../assessment/assessment';
import { figureAdvice } from '../../assessment/figures';
import { ladderOf } from '../../feeler/ladder';
import { nextStep } from '../../guidance/evaluator';
import { closerStep } from '../../guidance/next';
import type { CharacteristicId, StationId } from '../../pumps/ids';
import { dimensionsFor, gapsOf } from '../../pumps/registry';
import type { ReworkCase } from './case';
import { unseenBy } from './decide';
import type { PlannedOperation } from './lines';
import type { Rework } from './solve';

/** Something to read before a pump is decided on. */
export interface ToMeasure {
  readonly characteristic: CharacteristicId;
  /** The place to begin at; null where all its sizes are read. */
  readonly station: StationId | null;
  readonly by: 'leaves' | 'sizes' | 'zero';
  readonly leaves_mm: readonly number[];
  /** Tells whether it settles if a gap is in, or how far it is out. */
  readonly settles: 'verdict' | 'amount';
}

/** Lists what of a gap without a verdict has to be read: of a sum its parts that nobody read, or the widest of them more closely. */
function unread(a: Assessment): readonly Assessment[] {
  if (a.parts.length === 0) return [a];
  const parts = a.parts.filter((part) => !part.largest);
  const widest = figureAdvice(a.parts, 'guarded') ?? a.parts[0];
  return parts.length > 0 ? parts : widest ? [widest] : [];
}

/** Returns how a gap can be read closer than leaves have it; by leaves where it has no sizes. */
const closerBy = ({ characteristic: c }: Assessment): ToMeasure['by'] =>
  gapsOf(c).length > 0 || c.swing ? 'sizes' : 'leaves';

/**
 * Returns how to measure a gap closer than its bracket: by its sizes, one place of each to begin with; where it has none,
 * by the leaf that splits the bracket at the place that holds its end, as far as the set goes.
 */
function closerStepOf({ job, known }: ReworkCase, a: Assessment): Omit<ToMeasure, 'settles'> {
  const characteristic = a.characteristic.id;
  const sized = dimensionsFor(a.characteristic);
  const unreadSizes = sized.some((id) => known.dimensions.get(id)?.source !== 'measured');
  const ladder = ladderOf(job.feeler, job.rules.ladder, job.rules.record);
  const step = unreadSizes ? null : closerStep(a, ladder);
  if (!step) return { characteristic, station: null, by: closerBy(a), leaves_mm: [] };
  const station = step.station.id;
  return { characteristic, station, by: 'leaves', leaves_mm: step.stack.leaves_mm };
}

/** Returns where to begin with a gap, as the guidance has it. */
function firstStep({ job }: ReworkCase, a: Assessment): Omit<ToMeasure, 'settles'> {
  const characteristic = a.characteristic.id;
  const step = nextStep({ ...job, cursor: { ...job.cursor, characteristic } });
  if (step?.characteristic !== characteristic) {
    return { characteristic, station: null, by: closerBy(a), leaves_mm: [] };
  }
  const station = step.station.id;
  return step.way === 'leaf'
    ? { characteristic, station, by: 'leaves', leaves_mm: step.stack.leaves_mm }
    : { characteristic, station, by: 'sizes', leaves_mm: [] };
}

/**
 * Lists what has to be read before a pump can be decided on: what the decision hangs on first, then what has no verdict
 * yet, then what a zero check may settle; each in the order of the work.
 *
 * @param planned the plan in hand: what it would narrow unseen is measured first
 */
export function toMeasure(
  rework: ReworkCase,
  { blocked, closer, plans }: Rework,
  planned: readonly PlannedOperation[],
): ToMeasure[] {
  const { all, unmeasured } = rework;
  const again = plans[0]?.again ?? [];
  const first = unseenBy(rework, planned).map((a) => a.characteristic.id);
  const open = new Set(unmeasured.flatMap(unread).map((a) => a.characteristic.id));
  const far = new Set(blocked.map((b) => b.characteristic));
  const asked = (a: Assessment): ToMeasure[] => {
    const { id } = a.characteristic;
    if (first.includes(id)) return [{ ...firstStep(rework, a), settles: 'verdict' }];
    if (closer.includes(id)) {
      return [
        { ...closerStepOf(rework, a), settles: a.verdict === 'close' ? 'verdict' : 'amount' },
      ];
    }
    if (again.includes(id)) {
      return [{ characteristic: id, station: null, by: 'zero', leaves_mm: [], settles: 'verdict' }];
    }
    if (far.has(id) && rework.unsized.some((u) => u.assessment === a)) {
      return [{ ...closerStepOf(rework, a), settles: 'amount' }];
    }
    return [];
  };
  const others = (a: Assessment): ToMeasure[] => {
    const { id } = a.characteristic;
    if (open.has(id)) return [{ ...firstStep(rework, a), settles: 'verdict' }];
    const inDoubt = [a, ...a.parts].some(({ zero }) => zero === 'never' || zero === 'overdue');
    return a.limits !== null && a.verdict === 'close' && inDoubt
      ? [{ characteristic: id, station: null, by: 'zero', leaves_mm: [], settles: 'verdict' }]
      : [];
  };
  const decisive = all.flatMap(asked);
  const rest = all.filter((a) => asked(a).length === 0).flatMap(others);
  const isZero = ({ by }: ToMeasure) => by === 'zero';
  return [...decisive, ...rest.filter((m) => !isZero(m)), ...rest.filter(isZero)];
}
