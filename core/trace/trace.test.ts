import fc from 'fast-check';
import { flowBench } from '../../server/flowBench';
import { evenFrom, normalFrom } from '../random';
import { traceMean } from './mean';
import { soundPlaces } from './outliers';
import { sampleOf, type Sample } from './sample';
import { SHORTEST_s, steadyPart } from './steady';

const HZ = 5;
const STATES = [
  { cc: 14, slip: 2.2, rpm: 700, bar: 8 },
  { cc: 27.6, slip: 0.9, rpm: 2000, bar: 20 },
  { cc: 8, slip: 0.4, rpm: 1450, bar: 120 },
];

/** Runs a simulated stand for so long, and reads what it sends. */
function runOf(seed: number, seconds: number) {
  const state = STATES[seed % STATES.length]!;
  const bench = flowBench({ ...state, seed: `run ${seed}`, hz: HZ });
  const samples = Array.from({ length: seconds * HZ }, () => sampleOf(bench.next())!);
  return { truth: bench.true_lpm, samples };
}
/** Returns the mean flow of the part of a run that is proposed as steady. */
function measured(samples: readonly Sample[]) {
  const span = steadyPart(samples)!;
  const part = samples.filter(({ t_s }) => t_s >= span.from_s && t_s < span.to_s);
  const flows = part.map(({ flow_lpm }) => flow_lpm);
  return traceMean(soundPlaces(flows, 0.05).map((i) => flows[i]!))!;
}

describe('two hundred runs with a known truth', () => {
  // Two to six minutes, as a test on a stand takes.
  const runs = Array.from({ length: 200 }, (_, seed) => {
    const { truth, samples } = runOf(seed, 120 + 60 * (seed % 5));
    return { truth, ...measured(samples) };
  });

  it('have it in the interval of 95% in 92 to 98 of a hundred', () => {
    const held = runs.filter(({ truth, mean, half95 }) => Math.abs(mean - truth) <= half95).length;
    expect(held).toBeGreaterThanOrEqual(184);
    expect(held).toBeLessThanOrEqual(196);
  });

  it('have an interval that is of use: half of it under 3% in most', () => {
    const shares = runs.map(({ half95, mean }) => half95 / mean).sort((a, b) => a - b);
    expect(shares[100]).toBeLessThan(0.03);
  });

  it('would not have it there if neighbours were taken as independent', () => {
    const naive = runs.filter(
      ({ truth, mean, scatter, samples }) =>
        Math.abs(mean - truth) <= (1.96 * scatter) / Math.sqrt(samples),
    );
    expect(naive.length).toBeLessThan(170);
  });
});

describe('the mean of a run', () => {
  it('is that of its values, and is known exactly where they are all the same', () => {
    expect(traceMean(Array.from({ length: 30 }, () => 7))).toMatchObject({ mean: 7, half95: 0 });
    expect(traceMean(Array.from({ length: 23 }, () => 7))).toBeNull();
  });

  it('is known as well in any unit', () => {
    const values = fc.array(fc.double({ min: 1, max: 50, noNaN: true }), {
      minLength: 24,
      maxLength: 200,
    });
    fc.assert(
      fc.property(values, fc.double({ min: 0.1, max: 10, noNaN: true }), (all, factor) => {
        const [a, b] = [traceMean(all)!, traceMean(all.map((v) => v * factor))!];
        expect(b.mean).toBeCloseTo(a.mean * factor, 6);
        expect(b.half95).toBeCloseTo(a.half95 * factor, 6);
      }),
    );
  });

  it('is honest where a short run wanders slowly', () => {
    const even = evenFrom(12);
    const held = Array.from({ length: 1000 }, () => {
      let value = normalFrom(even);
      const values = Array.from({ length: 120 }, () => {
        value = 0.9 * value + Math.sqrt(1 - 0.81) * normalFrom(even);
        return value;
      });
      const { mean, half95 } = traceMean(values)!;
      return Math.abs(mean) <= half95;
    }).filter(Boolean).length;
    expect(held).toBeGreaterThan(910);
    expect(held).toBeLessThan(980);
  });

  it('is known less well where it wanders than where the same values come mixed', () => {
    const wandering = Array.from({ length: 120 }, (_, i) => 30 + Math.sin((2 * Math.PI * i) / 120));
    const mixed = wandering.map((_, i) => wandering[(i * 49) % 120]!);
    expect(traceMean(wandering)!.half95).toBeGreaterThan(5 * traceMean(mixed)!.half95);
  });
});

describe('the steady part of a run', () => {
  const at = (t_s: number, rpm: number | null, bar: number | null = 8, flow_lpm = 10): Sample => ({
    t_s,
    flow_lpm,
    bar,
    rpm,
    oil_C: 90,
  });
  const held = (from: number, to: number, rpm: number | null, bar: number | null = 8) =>
    Array.from({ length: to - from }, (_, i) => at(from + i, rpm, bar));

  it('is the longest stretch in which speed and pressure hold', () => {
    const run = [...held(0, 10, 500), ...held(10, 40, 800), ...held(40, 55, 1200)];
    expect(steadyPart(run)).toEqual({ from_s: 10, to_s: 40 });
    const valve = [...held(0, 30, 800, 8), ...held(30, 80, 800, 16)];
    expect(steadyPart(valve)).toEqual({ from_s: 30, to_s: 80 });
  });

  it('leaves the run-up of the flow out, though the motor is there already', () => {
    const run = Array.from({ length: 120 }, (_, i) =>
      at(i, 800, 8, 30 - 3 * Math.exp(-i / 5) + 0.02 * Math.sin(i)),
    );
    const { from_s, to_s } = steadyPart(run)!;
    expect(from_s).toBeGreaterThanOrEqual(15);
    expect([from_s <= 60, to_s]).toEqual([true, 120]);
  });

  it('is judged by the pressure where there is no tachometer, and is none where nothing was read', () => {
    expect(steadyPart(held(0, 20, null))).toEqual({ from_s: 0, to_s: 20 });
    expect(steadyPart(held(0, 20, null, null))).toBeNull();
    expect(steadyPart([])).toBeNull();
    expect(steadyPart(held(0, SHORTEST_s - 1, 800))).toBeNull();
  });

  it('is not broken by one sample that is rubbish', () => {
    const { samples } = runOf(3, 120);
    const shot = samples.map((s) => (s.t_s === 60 ? { ...s, rpm: 9000 } : s));
    expect(steadyPart(shot)).toEqual(steadyPart(samples));
  });

  it('lies in the run, whatever came', () => {
    const figure = fc.option(fc.double({ min: 0, max: 3000, noNaN: true }), { nil: null });
    fc.assert(
      fc.property(fc.array(fc.tuple(figure, figure), { maxLength: 120 }), (all) => {
        const span = steadyPart(all.map(([rpm, bar], t_s) => at(t_s, rpm, bar)));
        if (!span) return;
        expect(span.from_s).toBeGreaterThanOrEqual(0);
        expect(span.to_s).toBeLessThanOrEqual(all.length);
        expect(span.to_s - span.from_s).toBeGreaterThanOrEqual(SHORTEST_s);
      }),
    );
  });
});

describe('what a stand sends', () => {
  it('is read as far as an instrument can have shown it', () => {
    const sent = { t_s: 1, flow_lpm: -4, bar: '8', rpm: Number.NaN, oil_C: 90, simulated: true };
    expect(sampleOf(sent)).toEqual({ t_s: 1, flow_lpm: null, bar: null, rpm: null, oil_C: 90 });
    expect(sampleOf({ flow_lpm: 3 })).toBeNull();
    expect([sampleOf(null), sampleOf('off'), sampleOf({ t_s: -1 })]).toEqual([null, null, null]);
  });

  it('has its rubbish found among its neighbours, and nothing else', () => {
    const flows = [9.1, 9.0, 9.2, 0, 9.1, 91, 9.0, null, 9.2, 9.1, 9.15];
    expect(soundPlaces(flows, 0.05)).toEqual([0, 1, 2, 4, 6, 8, 9, 10]);
    // The last digit of a meter is none, however still the flow.
    expect(soundPlaces([9, 9, 9, 9.04, 9, 9, 9], 0.05)).toHaveLength(7);
    // A step is no rubbish: what comes after it stays so.
    const step = [...Array.from({ length: 20 }, () => 9), ...Array.from({ length: 20 }, () => 12)];
    expect(soundPlaces(step, 0.05)).toHaveLength(40);
  });
});
