import type { State } from '../guidance/evaluator';
import { comparedSteps, type StepResult } from '../prove/compare';
import { tellingResult, whereOf } from '../prove/sayProve';
import type { Job } from '../records/job';
import type { Figure } from '../picture/figure';
import { runChart } from '../picture/runChart';
import { timeWords } from '../prove/sayRun';
import { FLOW, inUsual } from '../quantity/amounts';
import { flowUnit } from '../quantity/flow';
import type { ShopUnit } from '../quantity/units';
import type { Sample } from '../trace/sample';
import type { Span } from '../trace/steady';

/** Describes the frame of the chart on paper, in its own units. */
const FRAME = { width: 360, height: 130, top: 14, bottom: 20, left: 34 } as const;
const TYPE = 11;

/** Holds what of a run is drawn. */
interface RunShown {
  readonly samples: readonly Sample[];
  /** Gives the part that counts; null where nobody cut it. */
  readonly span: Span | null;
  /** Gives what is wanted at least, in l/min; null where nobody wants anything. */
  readonly least_lpm: number | null;
}

/** Holds a run as it is drawn, and at which step that was. */
export interface RunDrawn {
  readonly where: string;
  readonly figure: Figure;
}

/** Returns the test whose run goes on the report of a job: that which tells most; null where it has none. */
export function chartedTest(job: Job, state: State): StepResult | null {
  const results = comparedSteps(job, state);
  const telling = tellingResult(results);
  if (telling?.test?.run) return telling;
  return results.find(({ test }) => test !== null && test.run !== '') ?? null;
}

/**
 * Returns the run on the report of a job as a figure; null where nothing was tested on a stand.
 *
 * @param job with its journal
 * @param state what its readings come to
 * @param samples of that run
 * @param unit that the page is in
 */
export function chartOf(
  job: Job,
  state: State,
  samples: readonly Sample[],
  unit: ShopUnit,
): RunDrawn | null {
  const charted = chartedTest(job, state);
  if (!charted?.test || samples.length === 0) return null;
  const { from_s, to_s } = charted.test;
  const span = from_s === null || to_s === null ? null : { from_s, to_s };
  const where = whereOf(charted, charted.test, unit);
  return {
    where,
    figure: chartFigure({ samples, span, least_lpm: charted.least?.lpm ?? null }, where, unit),
  };
}

/**
 * Returns the run of a test as a figure: its flow over time, the part that counts, what is wanted.
 *
 * @param run what of it is drawn
 * @param where it stands for, over it
 * @param unit that the page is in
 */
function chartFigure(
  { samples, span, least_lpm }: RunShown,
  where: string,
  unit: ShopUnit,
): Figure {
  const { path, scale, ticks, times } = runChart(samples, FRAME, inUsual(1, FLOW, unit), least_lpm);
  const { width, height, top, left } = FRAME;
  const floor = height - FRAME.bottom;
  const across = (y: number) => `M${left} ${y.toFixed(1)}H${width}`;
  const counted = span ? [scale.x(span.from_s), scale.x(span.to_s)].map((x) => x.toFixed(1)) : [];
  const wanted = least_lpm === null ? null : across(scale.y(least_lpm));
  const ends = ['start', 'middle', 'end'] as const;
  return {
    left: 0,
    top: 0,
    width,
    height,
    type: TYPE,
    marks: [
      ...ticks.map(({ at }) => ({ path: across(at), line: 'line', width: 0.6 }) as const),
      ...(span
        ? [
            {
              path: `M${counted[0]} ${top}H${counted[1]}V${floor}H${counted[0]}Z`,
              fill: 'blue',
              isFaint: true,
            } as const,
          ]
        : []),
      ...(path === '' ? [] : [{ path, line: 'brass', width: 1.2 } as const]),
      ...(wanted === null
        ? []
        : [{ path: wanted, line: 'out', width: 1, isDashed: true } as const]),
      { path: across(floor), line: 'ink', width: 1 },
    ],
    words: [
      { text: flowUnit(unit), x: left + 3, y: 9, anchor: 'start', ink: 'muted' },
      { text: where, x: width, y: 9, anchor: 'end', ink: 'muted' },
      ...ticks.map(
        ({ at, text }) => ({ text, x: left - 4, y: at + 4, anchor: 'end', ink: 'muted' }) as const,
      ),
      ...times.map(
        (t, i) =>
          ({
            text: timeWords(t),
            x: scale.x(t),
            y: height - 5,
            anchor: ends[i] ?? 'end',
            ink: 'muted',
          }) as const,
      ),
    ],
  };
}
