import type { Assessment } from '../../assessment/assessment';
import { figureAdvice } from '../../assessment/figures';
import { nextStep } from '../../guidance/evaluator';
import type { CharacteristicId } from '../../pumps/ids';
import type { ReworkCase } from './case';
import { unseenBy } from './decide';
import type { PlannedOperation } from './lines';
import { figureBy, readBy, readCloser, readOpen, type ToRead } from './readCloser';
import type { Rework } from './solve';

/** Says what is read before a pump is decided on. */
export interface ToMeasure extends ToRead {
  /** Tells whether it settles if a gap is in, how far it is out, or, after work on it, that it is open. */
  readonly settles: 'verdict' | 'amount' | 'open';
}

/** Lists what of a gap without a verdict has to be read: of a sum its parts that nobody read, or the widest of them more closely. */
function unread(a: Assessment): readonly Assessment[] {
  if (a.parts.length === 0) return [a];
  const parts = a.parts.filter((part) => !part.largest);
  const widest = figureAdvice(a.parts, 'guarded') ?? a.parts[0];
  return parts.length > 0 ? parts : widest ? [widest] : [];
}

/** Returns where to begin with a gap, as the guidance has it; what it has its figure from where that says nothing. */
function firstStep({ job }: ReworkCase, a: Assessment): ToRead {
  const characteristic = a.characteristic.id;
  const step = nextStep({ ...job, cursor: { ...job.cursor, characteristic } });
  if (step?.characteristic !== characteristic) {
    return { characteristic, station: null, by: figureBy(job.sheet, a) ?? 'leaves', leaves_mm: [] };
  }
  return {
    characteristic,
    station: step.station.id,
    by: readBy(step.way),
    leaves_mm: step.way === 'leaf' ? step.stack.leaves_mm : [],
  };
}

/**
 * Returns where to begin to measure gaps after work; null where there is none.
 *
 * @param rework what plans for the pump are made from
 * @param gaps in the order of the work
 */
export function firstOf(rework: ReworkCase, gaps: readonly Assessment[]): ToMeasure | null {
  const [first] = gaps.flatMap(unread);
  return first ? { ...firstStep(rework, first), settles: 'verdict' } : null;
}

/** Tells whether nobody knows that an instrument by which something was read shows nought where it should. */
const isZeroInDoubt = ({ zero }: Assessment): boolean => zero === 'never' || zero === 'overdue';

/**
 * Lists what has to be read before a pump can be decided on: what the decision hangs on first, then what has no verdict
 * yet, then what a zero check may settle; each in the order of the work.
 *
 * @param rework what plans for the pump are made from
 * @param solved the plans, and what holds them up
 * @param planned the plan in hand: what it would narrow unseen is measured first
 */
export function toMeasure(
  rework: ReworkCase,
  { blocked, closer, plans }: Rework,
  planned: readonly PlannedOperation[],
): ToMeasure[] {
  const { all, unmeasured, contradicted, unclear } = rework;
  const again = plans[0]?.again ?? [];
  const first = unseenBy(rework, planned).map((a) => a.characteristic.id);
  const open = new Set(unmeasured.flatMap(unread).map((a) => a.characteristic.id));
  const far = new Set(blocked.map((b) => b.characteristic));
  const once = (characteristic: CharacteristicId): ToMeasure => ({
    characteristic,
    station: null,
    by: 'zero',
    leaves_mm: [],
    settles: 'verdict',
  });
  const asked = (a: Assessment): ToMeasure[] => {
    const { id } = a.characteristic;
    if (contradicted.includes(a)) return [once(id)];
    if (first.includes(id)) return [{ ...firstStep(rework, a), settles: 'verdict' }];
    const isFar = far.has(id) && rework.unsized.some((u) => u.assessment === a);
    const isUnclear = unclear.includes(a);
    const isAsked = closer.includes(id) || isFar;
    const read = isAsked ? readCloser(rework, a) : isUnclear ? readOpen(rework, a) : null;
    const settles = isAsked ? (a.verdict === 'close' ? 'verdict' : 'amount') : 'open';
    if (read) return [{ ...read, settles }];
    return again.includes(id) ? [once(id)] : [];
  };
  const others = (a: Assessment): ToMeasure[] => {
    const { id } = a.characteristic;
    if (open.has(id)) return [{ ...firstStep(rework, a), settles: 'verdict' }];
    // A total is read by its parts.
    const inDoubt = (a.parts.length > 0 ? a.parts : [a]).find(isZeroInDoubt);
    return a.limits !== null && a.verdict === 'close' && inDoubt
      ? [once(inDoubt.characteristic.id)]
      : [];
  };
  const decisive = all.flatMap(asked);
  const rest = all.filter((a) => asked(a).length === 0).flatMap(others);
  const isZero = ({ by }: ToMeasure) => by === 'zero';
  const zeroed = new Map(rest.filter(isZero).map((m) => [m.characteristic, m]));
  return [...decisive, ...rest.filter((m) => !isZero(m)), ...zeroed.values()];
}
