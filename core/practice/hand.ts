import type { DimensionId } from '../pumps/ids';
import { Evaluator } from '../guidance/evaluator';
import type { Step } from '../guidance/step';
import { METHOD_IDS, type Reading } from '../methods/list';
import { sizeReadingOf, swingReadingOf, type ToolRoom } from '../instruments/gauges';
import { DRAG_BAND_MM, type Felt } from '../feeler/bounds';
import { characteristicOf } from '../pumps/registry';
import { withReading } from '../journal/commands';
import type { Job } from '../records/job';

/** Describes what a simulated pump hides, in mm. */
export interface Hidden {
  /** Returns the smallest and the largest gap at a station of a characteristic. */
  gap(characteristic: string, station: string): readonly [smallest: number, largest: number];
  size(dimension: DimensionId, station: string): number;
  swing(characteristic: string, station: string): number;
}

/** Half the drag band is what a practised hand feels as a drag. */
const HAND_MM = DRAG_BAND_MM / 2;

/** Returns what an honest leaf does in a gap; all in mm. */
export function feel(stack_mm: number, [smallest, largest]: readonly [number, number]): Felt {
  if (Math.abs(smallest - stack_mm) <= HAND_MM && Math.abs(largest - stack_mm) <= HAND_MM)
    return 'drag';
  if (smallest >= stack_mm) return 'free';
  return largest < stack_mm ? 'no-go' : 'part-way';
}

/** Writes a length in mm to the last place of a mic. */
const shown = (mm: number): string => mm.toFixed(3);

/** Returns what an honest hand reads or feels at a step. */
export function readingAt(
  step: Step,
  job: Job,
  room: ToolRoom,
  hidden: Hidden,
  id: string,
  at: string,
) {
  const { by } = job;
  const entry = (mm: number) => ({
    id,
    at,
    by,
    unit: 'mm' as const,
    source: 'typed' as const,
    text: shown(mm),
    read_mm: Number(shown(mm)),
  });
  const { characteristic, station } = step;
  switch (step.way) {
    case 'leaf':
      return {
        id,
        at,
        by,
        characteristic,
        kind: 'leaf',
        instrument: job.feeler.name,
        station: station.id,
        leaves_mm: [...step.stack.leaves_mm],
        marked_mm: null,
        felt: feel(step.stack.total_mm, hidden.gap(characteristic, station.id)),
        voided: null,
      } satisfies Reading;
    case 'size':
      return sizeReadingOf(
        job,
        room,
        step.dimension,
        station.id,
        entry(hidden.size(step.dimension.id, station.id)),
      );
    case 'swing':
      return swingReadingOf(
        job,
        room,
        characteristicOf(job.sheet, characteristic),
        station.id,
        entry(hidden.swing(characteristic, station.id)),
        { lever_deg: 0, contactRadius_mm: null },
      );
    case 'touch': {
      const { test } = characteristicOf(job.sheet, characteristic).touch ?? { test: 'finger' };
      return {
        id,
        at,
        by,
        characteristic,
        kind: 'touch',
        instrument: test === 'sweep' ? 'Straightedge' : 'By hand',
        station: station.id,
        felt: test === 'sweep' ? 'clear' : 'free',
        voided: null,
      } satisfies Reading;
    }
  }
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
  ways: readonly Step['way'][] = METHOD_IDS,
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
