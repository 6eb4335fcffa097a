import { memo } from 'react';
import { Circle, Line, Path, Rect, Text as SvgText } from 'react-native-svg';
import { centre, ends, type Estimate } from '@/core/metrology/estimate';
import type { Extremes } from '@/core/metrology/extremes';
import type { LengthKind, ShopUnit } from '@/core/quantity/units';
import { rangeText } from '@/core/wording/figures';
import { say } from '@/core/wording/say';
import { BAR } from './barScale';
import { FONT, usePalette } from './theme';

interface MarksProps {
  readonly x: (mm: number) => number;
  readonly hot_mm: number | null;
  readonly wanted_mm: number | null;
}

/** What stands beside the evidence: the hot gap beneath the line, and how wide the gap may be for its circuits. */
export function Marks({ x, hot_mm, wanted_mm }: MarksProps) {
  const palette = usePalette();
  return (
    <>
      {wanted_mm === null ? null : (
        <Path
          d={`M${x(wanted_mm)} 16V${BAR.base}`}
          stroke={palette.out}
          strokeWidth={2}
          strokeDasharray="4 3"
        />
      )}
      {hot_mm === null ? null : (
        <Path
          d={`M${x(hot_mm)} ${BAR.base + 1}l-5 7h10Z`}
          fill="none"
          stroke={palette.brass}
          strokeWidth={1.5}
          opacity={0.8}
        />
      )}
    </>
  );
}

interface BeforeProps extends SpreadProps {
  readonly known: Extremes | null;
}

/** About half the width of a sign of the label: a longer one keeps farther from the edge. */
const HALF_SIGN = 4.5;

/** Nearer than this an arrow from before to now would be all head. */
const ARROW = 26;

/** What the gap was before work: a hollow bar, with an arrow from it to what it is. */
export function Before({ smallest, largest, known, x, to_mm, unit, kind, slim }: BeforeProps) {
  const { muted } = usePalette();
  const from = x(Math.max(0, ends(smallest)[0]));
  const to = x(Math.min(ends(largest)[1], to_mm));
  const middle = (from + to) / 2;
  const y = BAR.top + BAR.height / 2;
  const now = known ? x(centre(known.largest)) : null;
  const towards = now === null ? 0 : Math.sign(now - middle);
  const start = towards < 0 ? from : to;
  const head = now === null ? 0 : now - 10 * towards;
  return (
    <>
      <Hollow from={from} to={to} />
      {now !== null && Math.abs(head - start) > ARROW ? (
        <Path
          d={`M${start} ${y}H${head}m${-6 * towards} -5l${6 * towards} 5l${-6 * towards} 5`}
          fill="none"
          stroke={muted}
          strokeWidth={1.5}
        />
      ) : null}
      {known || slim ? null : (
        <SvgText
          x={Math.min(Math.max(middle, 70), x(to_mm) - 40)}
          y={14}
          fill={muted}
          fontFamily={FONT}
          fontSize={14}
          textAnchor="middle"
        >
          {say('ui.was', { range: rangeText({ smallest, largest }, unit, kind) })}
        </SvgText>
      )}
    </>
  );
}

/** The bar of what was: it stays while the other moves. */
const Hollow = memo(function Hollow({ from, to }: { readonly from: number; readonly to: number }) {
  const { muted } = usePalette();
  return (
    <Rect
      x={from}
      y={BAR.top}
      width={Math.max(6, to - from)}
      height={BAR.height}
      fill="none"
      stroke={muted}
      strokeWidth={1.75}
    />
  );
});

interface SpreadProps {
  readonly smallest: Estimate;
  readonly largest: Estimate;
  readonly x: (mm: number) => number;
  readonly to_mm: number;
  readonly unit: ShopUnit;
  readonly kind: LengthKind;
  readonly slim: boolean;
}

/** What is known of the gap: its smallest place and its largest, and a line between them. */
export function Spread({ smallest, largest, x, to_mm, unit, kind, slim }: SpreadProps) {
  const { brass } = usePalette();
  const label = rangeText({ smallest, largest }, unit, kind);
  const at = Math.min(Math.max(x(centre(largest)), HALF_SIGN * label.length), x(to_mm) - 30);
  return (
    <>
      {smallest === largest ? null : (
        <>
          <Line
            x1={x(Math.max(0, ends(smallest)[0]))}
            x2={x(ends(largest)[0])}
            y1={BAR.top + BAR.height / 2}
            y2={BAR.top + BAR.height / 2}
            stroke={brass}
            strokeWidth={2}
          />
          <Mark estimate={smallest} x={x} to_mm={to_mm} />
        </>
      )}
      <Mark estimate={largest} x={x} to_mm={to_mm} />
      {ends(largest)[1] > to_mm && Number.isFinite(ends(largest)[1]) ? (
        <Path
          d={`M${x(to_mm) + 4} ${BAR.top}l8 ${BAR.height / 2}l-8 ${BAR.height / 2}Z`}
          fill={brass}
        />
      ) : null}
      {slim ? null : (
        <SvgText
          x={at}
          y={14}
          fill={brass}
          fontFamily={FONT}
          fontWeight="600"
          fontSize={15}
          textAnchor="middle"
        >
          {label}
        </SvgText>
      )}
    </>
  );
}

interface MarkProps {
  readonly estimate: Estimate;
  readonly x: (mm: number) => number;
  readonly to_mm: number;
}

/** One end of what is known: a bar for a bracket, a dot with whiskers for a value. */
function Mark({ estimate, x, to_mm }: MarkProps) {
  const { brass } = usePalette();
  const y = BAR.top + BAR.height / 2;
  if (estimate.kind === 'value') {
    const [lo, hi] = ends(estimate);
    const whisker = `M${x(Math.max(0, lo))} ${y - 5}v10m0 -5H${x(hi)}m0 -5v10`;
    return (
      <>
        <Path d={whisker} fill="none" stroke={brass} strokeWidth={2} />
        <Circle cx={x(centre(estimate))} cy={y} r={5} fill={brass} />
      </>
    );
  }
  const { lo_mm, hi_mm } = estimate;
  const open = hi_mm === null;
  return (
    <Rect
      x={x(lo_mm)}
      y={BAR.top}
      width={Math.max(3, x(hi_mm ?? to_mm) - x(lo_mm))}
      height={BAR.height}
      fill={open ? 'none' : brass}
      stroke={brass}
      strokeWidth={1.5}
      strokeDasharray={open ? '3 3' : undefined}
    />
  );
}
