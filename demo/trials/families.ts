import type { DimensionId } from '../../core/pumps/ids';
import { assessJob, Evaluator } from '../../core/guidance/evaluator';
import type { Assessment } from '../../core/assessment/assessment';
import type { MethodId } from '../../core/methods/list';
import type { ToolRoom } from '../../core/instruments/gauges';
import { withReading } from '../../core/journal/commands';
import { ends } from '../../core/metrology/estimate';
import { dimensionsFor, dimensionOf, pumpOf } from '../../core/pumps/registry';
import type { Characteristic } from '../../core/pumps/family';
import { normalFrom, type Even } from '../../core/random';
import type { Job } from '../../core/records/job';
import type { Sheet } from '../../core/records/sheet';
import { NEW_SHOP } from '../../core/records/shop';
import { readingAt } from '../../core/practice/hand';
import type { Hidden } from '../../core/methods/method';
import { emptyJob } from '../../core/practice/job';
import type { Trial } from './tally';

const ROOM: ToolRoom = { instruments: NEW_SHOP.instruments, zeros: [] };
const AT = '2026-11-20T09:00:00.000Z';

/** How far from a limit the simulated gaps lie, and how much they vary from place to place. */
const NEAR_MM = 0.03;
const VARIES_MM = 0.006;

/** One characteristic of a pump near one of its limits, and the true gap at every place. */
interface Near {
  readonly hidden: Hidden;
  readonly least_mm: number;
  readonly most_mm: number;
}

const noise = (kind: string, even: Even): number => {
  const { u_mm } = NEW_SHOP.instruments.find((i) => i.kind === kind) ?? { u_mm: 0.003 };
  return u_mm * normalFrom(even);
};

/** Draws a gap near one of the limits of a characteristic; sizes differ in the first of its terms. */
function drawn(sheet: Sheet, { characteristic: c, limits }: Assessment, even: Even): Near {
  const { lower_mm, upper_mm } = limits ?? { lower_mm: null, upper_mm: null };
  const high = lower_mm === null || lower_mm <= 0 || (upper_mm !== null && even() < 0.5);
  const limit = (high ? upper_mm : lower_mm) ?? 0;
  const middle = Math.max(VARIES_MM, limit + NEAR_MM * (2 * even() - 1));
  const [first, ...others] = c.terms ?? [];
  const sizeOf = (id: DimensionId) => dimensionOf(sheet, id).drawn_mm ?? 10;
  const rest = others.reduce((sum, t) => sum + t.factor * sizeOf(t.dimension), 0);
  const at = new Map<string, number>();
  const gapAt = (key: string): number => {
    const gap = at.get(key) ?? middle + VARIES_MM * (even() - 0.5);
    at.set(key, gap);
    return gap;
  };
  const keys = new Set<string>();
  const seen = (key: string): number => {
    keys.add(key);
    return gapAt(key);
  };
  return {
    hidden: {
      gap: (_, station) => [seen(station), gapAt(station)],
      size: (id, station) => {
        const { instrument } = dimensionOf(sheet, id);
        const true_mm =
          first && id === first.dimension ? (seen(station) - rest) / first.factor : sizeOf(id);
        return Math.max(0, true_mm + noise(instrument, even));
      },
      swing: (_, station) => Math.max(0, seen(station) + Math.SQRT2 * noise('indicator', even)),
    },
    get least_mm() {
      return Math.min(...[...keys].map(gapAt));
    },
    get most_mm() {
      return Math.max(...[...keys].map(gapAt));
    },
  };
}

/** Reads one characteristic as the app leads, by one way, until there is nothing left to do. */
function measured(sheet: Sheet, c: Characteristic, way: MethodId, hidden: Hidden): Job {
  const evaluator = new Evaluator();
  let job: Job = { ...emptyJob(sheet, AT), cursor: { characteristic: c.id, way } };
  for (let n = 0; n < 200; n++) {
    const step = evaluator.next(job);
    if (!step || step.way !== way) break;
    job = withReading(job, readingAt(step, job, ROOM, hidden, `r${n}`, AT));
  }
  return job;
}

/** Lists the limited characteristics of a sheet that can be had by a way. */
export function limitedBy(sheet: Sheet, way: MethodId): Assessment[] {
  const can = (c: Characteristic): boolean => {
    if (way === 'leaf') return c.stations.length > 0;
    if (way === 'swing') return c.swing !== undefined;
    return c.terms !== undefined && c.besides === undefined;
  };
  const known = (c: Characteristic) =>
    way !== 'size' ||
    dimensionsFor(c).every((id) => pumpOf(sheet).dimensions.some((d) => d.id === id && d.drawn_mm));
  return assessJob(emptyJob(sheet, AT)).filter(
    ({ characteristic: c, limits }) => limits !== null && !c.sum && can(c) && known(c),
  );
}

/** Measures one characteristic of a simulated pump near its limits, by one way. */
export function familyTrial(sheet: Sheet, a: Assessment, way: MethodId, even: Even): Trial {
  const near = drawn(sheet, a, even);
  const c = a.characteristic;
  const done = assessJob(measured(sheet, c, way, near.hidden)).find(
    (other) => other.characteristic.id === c.id,
  );
  const { lower_mm, upper_mm } = a.limits ?? { lower_mm: null, upper_mm: null };
  const sound = near.least_mm >= (lower_mm ?? -Infinity) && near.most_mm <= (upper_mm ?? Infinity);
  const holds = (e: Assessment['smallest'], mm: number): boolean[] => {
    if (!e) return [];
    const [lo, hi] = ends(e);
    return [lo <= mm + 1e-9 && mm <= hi + 1e-9];
  };
  return {
    verdict: done?.verdict ?? 'open',
    sound,
    held: done
      ? [...holds(done.smallest, near.least_mm), ...holds(done.largest, near.most_mm)]
      : [],
  };
}
