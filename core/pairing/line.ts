/** A body, by the depth of its pocket in mm. */
export interface Body {
  readonly id: string;
  readonly depth_mm: number;
}

/** A gear set, by its width in mm. */
export interface Gear {
  readonly id: string;
  readonly width_mm: number;
}

/** Says which gaps are in, depth less width, and how much metal may come off at most to get there. In mm. */
export interface GapWindow {
  readonly lower_mm: number;
  readonly upper_mm: number;
  readonly maxDeckCut_mm: number;
  readonly maxGearGrind_mm: number;
}

/** A body and a gear set that make a pump, and what has to come off for it, in mm. */
export interface Pair {
  readonly body: string;
  readonly gear: string;
  readonly deckCut_mm: number;
  readonly gearGrind_mm: number;
  readonly gap_mm: number;
}

/** As many pumps as can be built, with the least metal off. */
export interface Pairing {
  readonly pairs: readonly Pair[];
  readonly built: number;
  readonly totalCut_mm: number;
}

/** A sum of cuts that is out by less is the same, in mm: 1000 sizes in the fifth place. */
const ROUNDING_mm = 1e-9;

/**
 * Returns the pump that a body and a gear set make with the least metal off; null where they make none.
 *
 * @param body with the depth of its pocket, in mm
 * @param gear with its width, in mm
 * @param window the gaps that are in, and the most that may come off, in mm
 * @example
 * const window = { lower_mm: 0.02, upper_mm: 0.06, maxDeckCut_mm: 0.05, maxGearGrind_mm: 0 };
 * pairOf({ id: 'B1', depth_mm: 20.09 }, { id: 'G1', width_mm: 20 }, window); // { deckCut_mm: 0.03, gearGrind_mm: 0, gap_mm: 0.06 }
 * pairOf({ id: 'B1', depth_mm: 20 }, { id: 'G1', width_mm: 20 }, window); // null
 */
export function pairOf(body: Body, gear: Gear, window: GapWindow): Pair | null {
  const bare_mm = body.depth_mm - gear.width_mm;
  const deckCut_mm = Math.max(0, bare_mm - window.upper_mm);
  const gearGrind_mm = Math.max(0, window.lower_mm - bare_mm);
  const possible =
    deckCut_mm <= window.maxDeckCut_mm + ROUNDING_mm &&
    gearGrind_mm <= window.maxGearGrind_mm + ROUNDING_mm;
  if (!possible) return null;
  const gap_mm = bare_mm - deckCut_mm + gearGrind_mm;
  return { body: body.id, gear: gear.id, deckCut_mm, gearGrind_mm, gap_mm };
}

const LEAVE_BODY = 1;
const LEAVE_GEAR = 2;
const PAIR = 3;

/**
 * Returns as many pairs of bodies and gear sets inside a window of gaps as can be had, and among those the
 * least metal off, in the order of the depths.
 *
 * Both lists sorted by size, an optimal pairing without crossings exists: the metal that a pair loses is a
 * convex function φ of its bare gap (nought inside the window, the excess outside, infinite beyond the most
 * that may come off). Where bodies a ≤ b are paired with gears y ≥ x, the bare gaps a − x and b − y lie
 * between a − y and b − x and have the same sum, so φ(a − x) + φ(b − y) ≤ φ(a − y) + φ(b − x): uncrossing
 * costs no pair and no metal. Of the first i bodies and j gears the best therefore leaves the last body,
 * leaves the last gear, or pairs the two (dynamic programming, n·m steps).
 *
 * @param bodies and gears in any order
 * @param gears in any order
 * @param window the gaps that are in, and the most that may come off, in mm
 * @example
 * const window = { lower_mm: 0.02, upper_mm: 0.06, maxDeckCut_mm: 0.05, maxGearGrind_mm: 0 };
 * const bodies = [20.03, 20.13].map((depth_mm, i) => ({ id: `B${i}`, depth_mm }));
 * const gears = [20, 20.05].map((width_mm, i) => ({ id: `G${i}`, width_mm }));
 * matchOnLine(bodies, gears, window); // { built: 2, totalCut_mm: 0.02 }
 */
export function matchOnLine(
  bodies: readonly Body[],
  gears: readonly Gear[],
  window: GapWindow,
): Pairing {
  const rows = [...bodies].sort((a, b) => a.depth_mm - b.depth_mm);
  const columns = [...gears].sort((a, b) => a.width_mm - b.width_mm);
  const width = columns.length + 1;
  const choice = new Uint8Array((rows.length + 1) * width);
  let built = new Int32Array(width);
  let metal = new Float64Array(width);
  rows.forEach((body, i) => {
    const [builtNow, metalNow] = [new Int32Array(width), new Float64Array(width)];
    columns.forEach((gear, j) => {
      // Of two that are as good, the last gear is left: later bodies can take it.
      let [count, cut, how] = [builtNow[j] ?? 0, metalNow[j] ?? 0, LEAVE_GEAR];
      const offer = (pumps: number, cut_mm: number, way: number) => {
        if (pumps > count || (pumps === count && cut_mm < cut - ROUNDING_mm)) {
          [count, cut, how] = [pumps, cut_mm, way];
        }
      };
      offer(built[j + 1] ?? 0, metal[j + 1] ?? 0, LEAVE_BODY);
      const pair = pairOf(body, gear, window);
      if (pair) {
        const cut_mm = (metal[j] ?? 0) + pair.deckCut_mm + pair.gearGrind_mm;
        offer((built[j] ?? 0) + 1, cut_mm, PAIR);
      }
      builtNow[j + 1] = count;
      metalNow[j + 1] = cut;
      choice[(i + 1) * width + j + 1] = how;
    });
    [built, metal] = [builtNow, metalNow];
  });
  const pairs: Pair[] = [];
  for (let [i, j] = [rows.length, columns.length]; i > 0 && j > 0;) {
    const how = choice[i * width + j];
    const [body, gear] = [rows[i - 1], columns[j - 1]];
    const pair = how === PAIR && body && gear ? pairOf(body, gear, window) : null;
    if (pair) pairs.unshift(pair);
    if (how !== LEAVE_GEAR) i--;
    if (how !== LEAVE_BODY) j--;
  }
  const totalCut_mm = pairs.reduce((sum, p) => sum + p.deckCut_mm + p.gearGrind_mm, 0);
  return { pairs, built: pairs.length, totalCut_mm };
}
