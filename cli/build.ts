import { reversalOf } from '../core/assembly/reversal';
import { buildList, isReady } from '../core/assembly/list';
import { assessJob } from '../core/guidance/evaluator';
import { jobIn } from './job';

/** Returns the build of the one job in a file: each step with its way round and what it needs. */
export function buildFile(file: object) {
  const job = jobIn(file);
  const items = buildList(job, assessJob(job), reversalOf);
  return {
    steps: items.map(({ step, way, needs }) => ({
      id: step.id,
      kind: step.kind,
      parts: step.parts,
      section: step.section,
      way: way.right,
      found: way.found,
      needs: needs.map(({ id, words, met }) => ({ id, words, met })),
    })),
    ready: isReady(items),
  };
}
