import { Evaluator } from '../guidance/evaluator';
import { benchOf, type ToolRoom } from '../instruments/gauges';
import { withReading } from '../journal/commands';
import { METHOD_IDS, methodOf, type MethodId, type Reading, type Step } from '../methods/list';
import type { Hidden } from '../methods/method';
import { characteristicOf } from '../pumps/registry';
import type { Job } from '../records/job';

/** Returns what an honest hand reads or feels at a step. */
export function readingAt(
  step: Step,
  job: Job,
  room: ToolRoom,
  hidden: Hidden,
  id: string,
  at: string,
): Reading {
  const method = methodOf(step.way);
  const answer = method.simulate(step, hidden, characteristicOf(job.sheet, step.characteristic));
  return method.record(step, answer, { id, at, by: job.by }, benchOf(job, room));
}

/**
 * Measures a job as the app leads, with honest leaves and instruments, half a minute apart, until
 * nothing is left to do.
 *
 * @param most so many readings at most
 * @param ways stops where another way of measuring is asked for
 */
export function measure(
  job: Job,
  hidden: Hidden,
  room: ToolRoom,
  begin: Date,
  most = Infinity,
  ways: readonly MethodId[] = METHOD_IDS,
): Job {
  const evaluator = new Evaluator();
  let measured = job;
  for (let n = 0; n < most; n++) {
    const step = evaluator.next(measured);
    if (!step || !ways.includes(step.way)) break;
    const at = new Date(begin.getTime() + n * 30_000).toISOString();
    measured = withReading(
      measured,
      readingAt(step, measured, room, hidden, `${job.id}-r${n + 1}`, at),
    );
  }
  return measured;
}
