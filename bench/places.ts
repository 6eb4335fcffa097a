import { clearance, place } from '../core/pumps/measures';
import { proven } from '../core/feeler/bounds';
import { ladderOf } from '../core/feeler/ladder';
import { zoneOf } from '../core/metrology/verdict';
import { leafEvidence, type FeelerReading, feel } from '../core/methods/feeler';
import { nextLeaf } from '../core/methods/nextLeaf';
import { overStations, type StationEvidence } from '../core/methods/stations';
import { expectationsFrom } from '../core/guidance/shopPast';
import type { Expected } from '../core/feeler/prior';
import { evenFrom, normalFrom } from '../core/random';
import { drawnLimits, LEAF_SETS, pick } from './sets';
import { howMany } from './howMany';

/** How many tries four places of a gap take together, and those of the gear beside it. */
const RUNS = howMany(1000, 10);
const STATIONS = ['12', '6', '3', '9'].map((id) => place(id, id, ''));
const C = clearance({ id: 'c', name: 'c', convention: '', stations: STATIONS });
const LADDERS = LEAF_SETS.map((set) => ladderOf(set));
const even = evenFrom(5);
const apart = evenFrom(6);

type Gaps = Readonly<Record<string, number>>;
const gapsBy = (mm: (station: string) => number): Gaps =>
  Object.fromEntries(STATIONS.map(({ id }) => [id, Math.max(0.002, mm(id))]));

function measured(
  gaps: Gaps,
  limits: ReturnType<typeof drawnLimits>,
  ladder: (typeof LADDERS)[number],
  sisters: readonly (readonly StationEvidence[])[],
  past?: Expected,
) {
  const readings: FeelerReading[] = [];
  for (;;) {
    const stations = leafEvidence(C, readings, ladder);
    const bounds = overStations(stations);
    const proof = bounds && proven(bounds, zoneOf(limits));
    const aim = { characteristic: C.id, stations, limits, goal: 'verdict' } as const;
    const next = proof ? null : nextLeaf({ ...aim, sisters, past }, ladder);
    if (!next) return { tries: readings.length, stations, verdict: proof ?? 'close' };
    const gap = gaps[next.station.id] ?? 0;
    readings.push({
      id: `r${readings.length}`,
      kind: 'leaf',
      at: '',
      by: '',
      instrument: '',
      characteristic: C.id,
      station: next.station.id,
      marked_mm: null,
      voided: null,
      leaves_mm: [...next.stack.leaves_mm],
      felt: feel(next.stack.total_mm, [gap, gap]),
    });
  }
}

/** Other pumps of a model that the shop measured, and how far they lie about the same middle, in mm. */
const PUMPS = 8;
const LIKE_MM = 0.008;

let [alone, beside, known] = [0, 0, 0];
const verdicts: Record<string, number> = {};
for (let run = 0; run < RUNS; run++) {
  const [ladder, limits] = [pick(LADDERS, even), drawnLimits(even)];
  const lower = limits.lower_mm ?? 0;
  const base = lower + (0.55 + 0.4 * normalFrom(even)) * (limits.upper_mm - lower);
  const varies = 0.012 * even();
  const gaps = gapsBy(() => base + varies * normalFrom(even));
  const first = measured(gaps, limits, ladder, []);
  const off = 0.005 * normalFrom(even);
  const sister = gapsBy((id) => (gaps[id] ?? 0) + off + 0.002 * normalFrom(even));
  alone += first.tries;
  beside += measured(sister, limits, ladder, [first.stations]).tries;
  const others = Array.from({ length: PUMPS }, () => ({
    [C.id]: base + LIKE_MM * normalFrom(apart),
  }));
  const past = expectationsFrom(others).get(C.id);
  known += measured(gaps, limits, ladder, [], past).tries;
  verdicts[first.verdict] = (verdicts[first.verdict] ?? 0) + 1;
}
console.log(
  `Four places of a gap, ${RUNS} drawn: ${(alone / RUNS).toFixed(2)} tries, ` +
    `${(beside / RUNS).toFixed(2)} on the gear beside it, ` +
    `${(known / RUNS).toFixed(2)} with ${PUMPS} pumps of the model known; ${JSON.stringify(verdicts)}`,
);
