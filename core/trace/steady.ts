import { mean, median, sum } from 'd3-array';
import type { Sample } from './sample';

/** Names a part of a run, from one moment to another, in seconds. */
export interface Span {
  readonly from_s: number;
  readonly to_s: number;
}

/** Says within how much of its middle speed and pressure stay while they hold. */
const HOLDS = { rpm: 0.02, bar: 0.05 } as const;
/** Gives what any gauge shows of itself, in 1/min and bar: less is no drift. */
const LEAST = { rpm: 5, bar: 0.2 } as const;
type Held = keyof typeof HOLDS;

/** Gives the shortest steady part that says anything, in seconds. */
export const SHORTEST_s = 5;
/** Says over how many seconds figures are smoothed before they are held to each other: a ripple is no drift. */
const SMOOTHED_s = 1;

/** Holds one stretch of a second, as its medians. */
interface Second extends Readonly<Record<Held, number | null>> {
  readonly at_s: number;
  readonly flow: number | null;
}

/** Returns a run second by second. */
function secondsOf(samples: readonly Sample[]): Second[] {
  const groups = new Map<number, Sample[]>();
  for (const sample of samples) {
    const key = Math.floor(sample.t_s / SMOOTHED_s);
    const group = groups.get(key);
    if (group) group.push(sample);
    else groups.set(key, [sample]);
  }
  const middle = (group: readonly Sample[], held: Held) =>
    median(group, (sample) => sample[held]) ?? null;
  return [...groups].map(([key, group]) => ({
    at_s: key * SMOOTHED_s,
    rpm: middle(group, 'rpm'),
    bar: middle(group, 'bar'),
    flow: median(group, ({ flow_lpm }) => flow_lpm) ?? null,
  }));
}

/** Holds how far one figure has gone in a stretch, while that grows at its end and shrinks at its beginning. */
class Range {
  private readonly rising: number[] = [];
  private readonly falling: number[] = [];

  constructor(
    private readonly seconds: readonly Second[],
    private readonly held: Held,
  ) {}

  private at(i: number | undefined): number {
    return this.seconds[i ?? 0]?.[this.held] ?? 0;
  }

  add(i: number): void {
    while (this.rising.length > 0 && this.at(this.rising.at(-1)) >= this.at(i)) this.rising.pop();
    while (this.falling.length > 0 && this.at(this.falling.at(-1)) <= this.at(i))
      this.falling.pop();
    this.rising.push(i);
    this.falling.push(i);
  }

  dropBefore(first: number): void {
    if ((this.rising[0] ?? first) < first) this.rising.shift();
    if ((this.falling[0] ?? first) < first) this.falling.shift();
  }

  /** Tells whether the figure holds: from its least to its most it does not go farther than twice what is allowed. */
  holds(): boolean {
    const [least, most] = [this.at(this.rising[0]), this.at(this.falling[0])];
    const allowed = Math.max(LEAST[this.held], (HOLDS[this.held] * (least + most)) / 2);
    return most - least <= 2 * allowed;
  }
}

/** Says by how many seconds at a time flow is weighed when its run-up is looked for. */
const BATCH_s = 5;

/**
 * Returns how many seconds at the beginning still belong to the run-up: cut off, they leave the mean of the rest known best.
 * At most half is cut off. (K. P. White, marginal standard error rule over batches of five, MSER-5.)
 */
function runUp(seconds: readonly Second[]): number {
  const batches = Array.from({ length: Math.floor(seconds.length / BATCH_s) }, (_, i) =>
    mean(seconds.slice(i * BATCH_s, (i + 1) * BATCH_s), ({ flow }) => flow),
  ).filter((batch) => batch !== undefined);
  let [cut, best] = [0, Infinity];
  for (let from = 0; from <= batches.length / 2; from += 1) {
    const rest = batches.slice(from);
    const middle = mean(rest) ?? 0;
    const error = (sum(rest, (batch) => (batch - middle) ** 2) || 0) / rest.length ** 2;
    if (error < best) [cut, best] = [from, error];
  }
  return cut * BATCH_s;
}

/**
 * Proposes the steady part of a run: the longest stretch in which speed and pressure hold. What was not read holds nothing up: a
 * stand without a tachometer is judged by its pressure.
 *
 * @param samples in the order in which they came
 * @returns null where nothing held for long enough
 * @example
 * const at = (t_s, rpm) => ({ t_s, flow_lpm: 10, bar: 8, rpm, oil_C: 90 });
 * const rising = [0, 1, 2, 3].map((t) => at(t, 200 * t));
 * const held = [4, 5, 6, 7, 8, 9, 10, 11].map((t) => at(t, 800));
 * steadyPart([...rising, ...held]); // { from_s: 4, to_s: 12 }
 * steadyPart(rising); // null
 */
export function steadyPart(samples: readonly Sample[]): Span | null {
  const seconds = secondsOf(samples).filter((s) => s.rpm !== null || s.bar !== null);
  const ranges = (['rpm', 'bar'] as const)
    .filter((held) => seconds.some((second) => second[held] !== null))
    .map((held) => new Range(seconds, held));
  let from = 0;
  let longest: readonly [first: number, last: number] = [0, -1];
  for (let i = 0; i < seconds.length; i += 1) {
    for (const range of ranges) range.add(i);
    while (from < i && !ranges.every((range) => range.holds())) {
      from += 1;
      for (const range of ranges) range.dropBefore(from);
    }
    if (i - from > longest[1] - longest[0]) longest = [from, i];
  }
  const [first, last] = longest;
  const held = seconds.slice(first, last + 1);
  const start = held[runUp(held)]?.at_s;
  const end = (held.at(-1)?.at_s ?? 0) + SMOOTHED_s;
  return start === undefined || end - start < SHORTEST_s ? null : { from_s: start, to_s: end };
}
