import { dimensionId, partId } from '../core/pumps/ids';
import { evenFrom } from '../core/random';
import { loadHighs } from '../core/rework/solver/highs';
import { linearPlan, type LinearCase } from '../core/rework/solver/linear';
import { matchOnLine } from '../core/pairing/line';
import { pairUp } from '../core/pairing/pairing';
import { metalOf, rulesFor } from '../core/pairing/roles';
import { NEW_RULES } from '../core/records/rules';
import { NEW_SHOP } from '../core/records/shop';
import { VELTRANE_T6 } from '../demo/sheets';
import { howMany } from './howMany';

/** Made-up pumps that are planned, and how many bodies and gears lie on the shelves that are paired. */
const PUMPS = howMany(60, 2);
const SHELVES = [howMany(300, 6), howMany(1000, 12)];

/** Returns a made-up pump of many sizes, and operations that move a few of them each. */
function pumpOf(seed: number, operations: number, characteristics: number): LinearCase {
  const even = evenFrom(seed);
  const pick = (below: number) => Math.floor(even() * below);
  const sizes = Array.from({ length: 24 }, (_, i) => `size-${i}`);
  const any = () => sizes[pick(sizes.length)] ?? '';
  const dimensions = Object.fromEntries(sizes.map((size) => [size, 20 + even() / 10]));
  return {
    dimensions,
    characteristics: Array.from({ length: characteristics }, (_, i) => {
      const outer = pick(sizes.length);
      const inner = (outer + 1 + pick(sizes.length - 1)) % sizes.length;
      // About one in five is out, by up to two hundredths.
      const now = (dimensions[`size-${outer}`] ?? 0) - (dimensions[`size-${inner}`] ?? 0);
      const lower_mm = now - 0.075 + even() * 0.08;
      return {
        id: `c${i}`,
        terms: { [`size-${outer}`]: 1, [`size-${inner}`]: -1 },
        lower_mm,
        upper_mm: lower_mm + 0.07,
      };
    }),
    operations: Array.from({ length: operations }, (_, i) => ({
      id: `o${i}`,
      effects: { [any()]: -1, [any()]: even() < 0.3 ? 1 : 0 },
      offset: even() < 0.2 ? { [any()]: -0.01 } : {},
      min_mm: 0.005,
      max_mm: 0.15,
      fixedCost: 10 + pick(90),
      costPerMm: pick(200),
    })),
    excludes: [['o0', 'o1']],
    guard_mm: 0.002,
  };
}

const ms = (times: readonly number[]): string => {
  const sorted = [...times].sort((a, b) => a - b);
  const at = (share: number) => (sorted[Math.floor(share * (sorted.length - 1))] ?? 0).toFixed(0);
  return `median ${at(0.5)} ms, worst ${at(1)} ms of ${times.length}`;
};

/** Pairs a made-up shelf of a crescent pump by all the gaps that bodies and gears share. */
function pairShelf(size: number): void {
  const even = evenFrom(size + 1);
  const sized = (dimension: string, value_mm: number) => ({
    dimension: dimensionId(dimension),
    value_mm,
    u_mm: 0.003,
  });
  const part = (id: string, parts: string[], sizes: ReturnType<typeof sized>[]) => ({
    id,
    parts: parts.map(partId),
    variant: null,
    sizes,
  });
  const bodies = Array.from({ length: size }, (_, i) =>
    part(
      `b${i}`,
      ['body'],
      [
        sized('pocket-depth', 20.02 + even() * 0.15),
        sized('pocket-diameter', 116.1 + even() * 0.05),
      ],
    ),
  );
  const gears = Array.from({ length: size }, (_, i) => {
    const width = 19.95 + even() * 0.15;
    return part(
      `g${i}`,
      ['drive', 'driven'],
      [
        sized('drive-width', width),
        sized('driven-width', width + (even() - 0.5) * 0.006),
        sized('driven-diameter', 115.98 + even() * 0.03),
      ],
    );
  });
  const rules = rulesFor(
    VELTRANE_T6,
    VELTRANE_T6.tiers[0]?.id ?? '',
    NEW_RULES,
    metalOf(VELTRANE_T6, NEW_SHOP),
  );
  const from = performance.now();
  const list = pairUp(rules, bodies, gears);
  const took = (performance.now() - from).toFixed(0);
  console.log(
    `Pairing a shelf, ${size} × ${size}: ${took} ms, ${list?.builds.length ?? 0} pumps, ${(list?.metal_mm ?? 0).toFixed(3)} mm off`,
  );
}

async function main(): Promise<void> {
  const begun = performance.now();
  const solve = await loadHighs();
  console.log(`HiGHS loaded in ${(performance.now() - begun).toFixed(0)} ms`);
  const found = { feasible: 0, times: [] as number[] };
  for (let seed = 1; seed <= PUMPS; seed++) {
    const pump = pumpOf(seed, 20, 30);
    const from = performance.now();
    const { feasible } = linearPlan(pump, solve);
    found.times.push(performance.now() - from);
    if (feasible) found.feasible++;
  }
  console.log(`Rework plan, 20 operations × 30 characteristics: ${ms(found.times)}`);
  console.log(`  (${found.feasible} with a plan; the others say what blocks)`);

  for (const size of SHELVES) {
    const even = evenFrom(size);
    const [bodies, gears] = [
      Array.from({ length: size }, (_, i) => ({ id: `b${i}`, depth_mm: 20 + even() / 5 })),
      Array.from({ length: size }, (_, i) => ({ id: `g${i}`, width_mm: 19.95 + even() / 5 })),
    ];
    const window = { lower_mm: 0.03, upper_mm: 0.06, maxDeckCut_mm: 0.02, maxGearGrind_mm: 0.01 };
    const from = performance.now();
    const { built } = matchOnLine(bodies, gears, window);
    const took = (performance.now() - from).toFixed(0);
    console.log(`Pairing on one size, ${size} × ${size}: ${took} ms, ${built} pumps`);
  }
  for (const size of SHELVES) pairShelf(size);
}

void main();
