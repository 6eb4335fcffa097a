import { ticks as ticksOf } from 'd3-array';
import { soundPlaces } from '../trace/outliers';
import type { Sample } from '../trace/sample';

/** Describes the frame of a chart of a run: its size, and the room for words at its edges. */
export interface RunFrame {
  readonly width: number;
  readonly height: number;
  readonly top: number;
  readonly bottom: number;
  readonly left: number;
}

/** Places moments and flows on the chart, and moments back from where they lie. */
export interface RunScale {
  /** Gives the end of the run, in seconds. */
  readonly end_s: number;
  readonly x: (t_s: number) => number;
  /** Places a flow in l/min. */
  readonly y: (lpm: number) => number;
  readonly timeAt: (x: number) => number;
}

const TICKS = 4;
/** Leaves room over the highest figure. */
const ROOM = 1.12;
/** Draws a run over so long at least, in seconds. */
const SHORTEST_s = 10;

/** Returns the scale of a chart of a run; what is rubbish does not squeeze the rest. */
function scaleOf(
  samples: readonly Sample[],
  frame: RunFrame,
  least_lpm: number | null,
): RunScale & { readonly most: number } {
  const flows = samples.map(({ flow_lpm }) => flow_lpm);
  const sound = soundPlaces(flows, 0.05).map((i) => flows[i]!);
  const most =
    ROOM * sound.reduce((most, flow) => Math.max(most, flow), Math.max(least_lpm ?? 0, 0.1));
  const end_s = Math.max(SHORTEST_s, samples.at(-1)?.t_s ?? 0);
  const wide = frame.width - frame.left;
  const high = frame.height - frame.top - frame.bottom;
  const within = (share: number) => Math.min(1, Math.max(0, share));
  return {
    most,
    end_s,
    x: (t) => frame.left + wide * within(t / end_s),
    y: (lpm) => frame.top + high * (1 - within(lpm / most)),
    timeAt: (x) => end_s * within((x - frame.left) / wide),
  };
}

/** Returns the line of a run: where there are more samples than points, each point has its least and its most. */
function pathOf(samples: readonly Sample[], { x, y }: RunScale, width: number): string {
  const read = samples.flatMap(({ t_s, flow_lpm }) =>
    flow_lpm === null ? [] : [[x(t_s), y(flow_lpm)] as const],
  );
  const each = Math.max(1, Math.floor(read.length / width));
  const points: (readonly [number, number])[] = [];
  for (let i = 0; i < read.length; i += each) {
    const group = read.slice(i, i + each);
    const sorted = [...group].sort((a, b) => a[1] - b[1]);
    points.push(...(each > 2 ? [sorted[0]!, sorted.at(-1)!] : group));
  }
  return points.length < 2
    ? ''
    : `M${points.map(([px, py]) => `${px.toFixed(1)} ${py.toFixed(1)}`).join('L')}`;
}

/**
 * Returns what the chart of a run is drawn from.
 *
 * @param samples of the run
 * @param frame of the chart
 * @param per what one l/min is in the shop's unit
 * @param least_lpm what is wanted at least; null for nothing
 */
export function runChart(
  samples: readonly Sample[],
  frame: RunFrame,
  per: number,
  least_lpm: number | null,
) {
  const scale = scaleOf(samples, frame, least_lpm);
  const { end_s, most, y } = scale;
  return {
    scale,
    path: pathOf(samples, scale, frame.width),
    ticks: ticksOf(0, most * per, TICKS).map((tick) => ({ at: y(tick / per), text: String(tick) })),
    times: [0, end_s / 2, end_s],
  };
}
