import { evenFrom, normalFrom, seedOf } from '../core/random';

/** What a simulated stand is set to: the pump on it, and where it is run. */
export interface BenchSetting {
  /** What the pump moves per turn, in cm³, and what leaks at that pressure, in l/min, as whoever asks works them out. */
  readonly cc: number;
  readonly slip: number;
  readonly rpm: number;
  readonly bar: number;
  readonly seed: string;
  /** Samples a second. */
  readonly hz: number;
}

/** What the stand sends at one moment. What is rubbish is no figure, or one that nothing on a stand shows. */
export interface BenchSample {
  readonly t_s: number;
  readonly flow_lpm: number | null;
  readonly bar: number | null;
  readonly rpm: number | null;
  readonly oil_C: number | null;
  readonly simulated: true;
}

/** A stand with a pump on it: what it truly gives once it runs, and what its instruments show of that. */
export interface FlowBench {
  /** The flow that it truly gives, in l/min: nobody at the stand knows it. */
  readonly true_lpm: number;
  /** Returns the next sample. */
  next(): BenchSample;
}

/** The laws of this stand. They are its own: what the app works out of a pump is not asked here. */
const LAW = {
  /** A pump moves somewhat less than its geometry, and leaks otherwise than its gaps say. */
  moves: [0.94, 1],
  leaks: [0.6, 1.6],
  /** The motor comes up, and the oil warms, each with its time, in seconds. */
  spinUp_s: 4,
  warmUp_s: 90,
  cold_K: 6,
  oil_C: 90,
  /** Ripple of the flow, and what it wanders, as shares of it; how long it wanders one way, in seconds. */
  ripple: 0.012,
  wanders: 0.004,
  wanderTime_s: 3,
  /** What the meters scatter, as shares. */
  meter: { flow: 0.006, bar: 0.01, rpm: 0.0015 },
  oil_K: 0.3,
  /** So many samples of a hundred are rubbish. */
  rubbish: 0.01,
} as const;

const between = ([least, most]: readonly [number, number], share: number): number =>
  least + (most - least) * share;

/** Makes a stand: the same for the same setting and seed, to the last digit. */
export function flowBench(setting: BenchSetting): FlowBench {
  const { cc, slip, rpm, bar, seed, hz } = setting;
  const even = evenFrom(seedOf(`stand ${seed}`));
  const moves = between(LAW.moves, even());
  const leaks = between(LAW.leaks, even());
  const beat_hz = 0.11 + even();
  const phase = 2 * Math.PI * even();
  const true_lpm = Math.max(0, (moves * cc * rpm) / 1000 - leaks * slip);
  const keeps = Math.exp(-1 / (hz * LAW.wanderTime_s));
  let [count, wander] = [0, LAW.wanders * normalFrom(even)];
  const scattered = (value: number, share: number) => value * (1 + share * normalFrom(even));
  const next = (): BenchSample => {
    const t_s = count / hz;
    count += 1;
    const up = 1 - Math.exp(-t_s / LAW.spinUp_s);
    wander = keeps * wander + Math.sqrt(1 - keeps ** 2) * LAW.wanders * normalFrom(even);
    const ripple = LAW.ripple * Math.sin(2 * Math.PI * beat_hz * t_s + phase);
    const flow = Math.max(0, (moves * cc * rpm * up) / 1000 - leaks * slip * up);
    const sample = {
      t_s: Number(t_s.toFixed(3)),
      flow_lpm: scattered(flow * (1 + wander + ripple), LAW.meter.flow),
      bar: scattered(bar * up, LAW.meter.bar),
      rpm: scattered(rpm * up, LAW.meter.rpm),
      oil_C: LAW.oil_C - LAW.cold_K * Math.exp(-t_s / LAW.warmUp_s) + LAW.oil_K * normalFrom(even),
      simulated: true as const,
    };
    const luck = even() / LAW.rubbish;
    if (luck >= 1) return sample;
    // A plug that has come loose, a digit too many, a line that broke off.
    if (luck < 0.4) return { ...sample, flow_lpm: 0 };
    if (luck < 0.7) return { ...sample, flow_lpm: sample.flow_lpm * 10 };
    return { ...sample, flow_lpm: null, rpm: null };
  };
  return { true_lpm, next };
}
