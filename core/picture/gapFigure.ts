import { centre, ends, type Estimate } from '../metrology/estimate';
import type { Extremes } from '../metrology/extremes';
import type { Limits } from '../metrology/interval';
import type { LengthKind } from '../quantity/units';
import { barScale } from './barScale';
import type { Figure, Mark } from './figure';

/** Places things on the bar of a line, in its own units. */
const BAR = { width: 100, height: 10.5, side: 3, top: 1, base: 9.5 } as const;
/** Places what is known over the line, and says how high it is. */
const KNOWN = { top: 3, height: 3.6 } as const;
const MIDDLE = KNOWN.top + KNOWN.height / 2;
/** Draws what is narrower so wide. */
const LEAST = 1.4;

/** Holds what a gap bar shows. */
export interface GapShown {
  readonly limits: Limits | null;
  readonly known: Extremes | null;
  /** Holds it as it came; null where it is as it came. */
  readonly before: Extremes | null;
  readonly kind: LengthKind;
}

const box = (from: number, to: number, top: number, height: number): string =>
  `M${from.toFixed(2)} ${top}H${to.toFixed(2)}V${top + height}H${from.toFixed(2)}Z`;

/** Says how a mark of a figure looks. */
type Look = Omit<Mark, 'path'>;

/** Draws one end of what is known: what the leaves prove from end to end, a value as a block. */
function endPath(estimate: Estimate, x: (mm: number) => number, end_mm: number): string {
  const [from, to] = ends(estimate);
  if (estimate.kind === 'value') {
    const at = x(centre(estimate));
    return box(at - LEAST / 2, at + LEAST / 2, KNOWN.top, KNOWN.height);
  }
  const start = x(Math.max(0, from));
  const stop = Math.max(x(Math.min(to, end_mm)), start + LEAST);
  return box(start, stop, KNOWN.top, KNOWN.height);
}

/**
 * Draws what is known of a gap: its smallest place and its largest, and a line from one to the other.
 *
 * @param lookOf says how an end looks, by whether it has an end itself
 */
function rangeMarks(
  { smallest, largest }: Extremes,
  x: (mm: number) => number,
  end_mm: number,
  lookOf: (isEnded: boolean) => Look,
): Mark[] {
  const [from] = ends(smallest);
  const [, to] = ends(largest);
  const [start, stop] = [x(Math.max(0, from)), x(Math.min(to, end_mm))];
  const both = [...new Set([smallest, largest])];
  return [
    {
      path: `M${start.toFixed(2)} ${MIDDLE}H${stop.toFixed(2)}`,
      line: 'brass',
      width: 0.5,
    },
    ...both.map((estimate) => ({
      path: endPath(estimate, x, end_mm),
      ...lookOf(Number.isFinite(ends(estimate)[1])),
    })),
  ];
}

const SOLID: Look = { fill: 'brass' };
const FAINT: Look = { fill: 'brass', isFaint: true };
/** Draws what was hollow, over the paper. */
const HOLLOW: Look = { fill: 'paper', line: 'brass', width: 0.6 };

/**
 * Returns the bar of a gap as a figure: its limits as two jaws on one scale, what it is solid, what it was hollow; null where there is
 * nothing to draw.
 *
 * @param shown limits and what is known, in mm
 * @example
 * const known = { kind: 'interval', lo_mm: 0.04, hi_mm: 0.05 };
 * const of = { smallest: known, largest: known };
 * gapFigure({ limits: { upper_mm: 0.08 }, known: of, before: null, kind: 'gap' }).marks.length; // 5
 * gapFigure({ limits: null, known: null, before: null, kind: 'gap' }); // null
 */
export function gapFigure({ limits, known, before, kind }: GapShown): Figure | null {
  if (!known && !before) return null;
  const estimates = [known, before].flatMap((range) =>
    range ? [range.smallest, range.largest] : [],
  );
  const { from_mm, to_mm } = barScale(limits, estimates, null, kind);
  const room = BAR.width - 2 * BAR.side;
  const held = (mm: number) => Math.min(Math.max(mm, from_mm), to_mm);
  const x = (mm: number) => BAR.side + ((held(mm) - from_mm) / (to_mm - from_mm)) * room;
  const jaw = (mm: number | null | undefined, towards: 1 | -1): string =>
    mm == null
      ? ''
      : `M${(x(mm) + 2.4 * towards).toFixed(2)} ${BAR.top}H${x(mm).toFixed(2)}V${BAR.base}`;
  const jaws = `${jaw(limits?.lower_mm, 1)}${jaw(limits?.upper_mm, -1)}`;
  const zone = limits
    ? box(x(limits.lower_mm ?? from_mm), x(limits.upper_mm ?? to_mm), BAR.base - 2.4, 2.4)
    : '';
  const marks: (Mark | false)[] = [
    zone !== '' && { path: zone, fill: 'in', isFaint: true },
    { path: `M0 ${BAR.base}H${BAR.width}`, line: 'muted', width: 0.5 },
    ...(before ? rangeMarks(before, x, to_mm, () => HOLLOW) : []),
    ...(known ? rangeMarks(known, x, to_mm, (isEnded) => (isEnded ? SOLID : FAINT)) : []),
    jaws !== '' && { path: jaws, line: 'ink', width: 0.9 },
  ];
  return {
    left: 0,
    top: 0,
    width: BAR.width,
    height: BAR.height,
    marks: marks.filter((mark) => mark !== false),
    words: [],
    type: 0,
  };
}
