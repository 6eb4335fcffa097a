/** Holds what a test stand sends at one moment; null where it sent nothing, or nothing that can be. */
export interface Sample {
  /** Counts the seconds since the run began. */
  readonly t_s: number;
  readonly flow_lpm: number | null;
  readonly bar: number | null;
  readonly rpm: number | null;
  readonly oil_C: number | null;
}

/** Names the figures of a sample. */
export const FIGURES = ['flow_lpm', 'bar', 'rpm', 'oil_C'] as const;
export type Figure = (typeof FIGURES)[number];

/** Gives what each figure can be at all: anything else was not read by any instrument. */
const BOUNDS: Readonly<Record<Figure, readonly [least: number, most: number]>> = {
  flow_lpm: [0, 10_000],
  bar: [-1, 2000],
  rpm: [0, 50_000],
  oil_C: [-60, 300],
};

const isMoment = (t: unknown): t is number => typeof t === 'number' && Number.isFinite(t) && t >= 0;

/**
 * Reads what a stand sent as a sample: a figure that no instrument can have read is left out; null where not even the moment is
 * one.
 *
 * @param sent what came, as JSON gave it: seconds, l/min, bar, 1/min, °C
 * @example
 * sampleOf({ t_s: 2, flow_lpm: 31.2, bar: 8, rpm: 'off', oil_C: 90 }).rpm; // null
 * sampleOf({ flow_lpm: 31.2 }); // null
 */
export function sampleOf(sent: unknown): Sample | null {
  if (typeof sent !== 'object' || sent === null) return null;
  const said = sent as Readonly<Record<string, unknown>>;
  if (!isMoment(said.t_s)) return null;
  const figure = (name: Figure): number | null => {
    const value = said[name];
    const [least, most] = BOUNDS[name];
    return typeof value === 'number' && value >= least && value <= most ? value : null;
  };
  return {
    t_s: said.t_s,
    flow_lpm: figure('flow_lpm'),
    bar: figure('bar'),
    rpm: figure('rpm'),
    oil_C: figure('oil_C'),
  };
}
