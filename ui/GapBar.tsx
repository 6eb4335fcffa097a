import { memo } from 'react';
import { View } from 'react-native';
import { Circle, G, Line, Path, Rect, Svg, Text as SvgText } from 'react-native-svg';
import { ticks } from 'd3-array';
import type { Limits } from '@/core/metrology/interval';
import { centre, ends, type Estimate } from '@/core/metrology/estimate';
import { rangeText } from '@/core/wording/figures';
import { formatLength, formatWithUnit, limitsWithUnit, unitName } from '@/core/quantity/format';
import { MM_PER, type LengthKind, type ShopUnit } from '@/core/quantity/units';
import { FONT, usePalette } from './theme';
import { useWidth } from './useWidth';
import { barScale, type BarScale } from './barScale';
import { say } from '@/core/wording/say';

const HEIGHT = 66;
const BASE = 44;
const BAR_TOP = 24;
const BAR_HEIGHT = 12;
const MARGIN = 22;

interface Range {
  readonly smallest: Estimate;
  readonly largest: Estimate;
}

interface Props {
  /** Says to a screen reader which gap it is, and how it stands. */
  readonly of?: { readonly name: string; readonly stands: string } | undefined;
  readonly limits: Limits | null;
  /** A band inside the limits that the builder aims at. */
  readonly preferred?: Limits | null;
  /** What is known of the gap; null before the first reading. */
  readonly known: Range | null;
  /** What it was before work on it, hollow beside what it is. */
  readonly before?: Range | null;
  /** The gap at which the pump would fall under what its circuits want: a model’s answer, where nothing is published. */
  readonly wanted_mm?: number | null;
  readonly heatShift_mm: number | null;
  readonly unit: ShopUnit;
  readonly kind?: LengthKind;
  /** A line of a list: the jaws and what lies between them, its figures in words beside it. */
  readonly slim?: boolean;
}

/** What of the bar a slim one shows, in px: from the top of the jaws to the hot mark, and little beside them. */
const SLIM = { top: 15, height: 39, side: MARGIN - 8 };

/**
 * The gap bar: limits as two jaws on one scale, the evidence between them in
 * brass (a bar for a bracket, a dot with whiskers at k = 2 for a value), the
 * hot gap as a fainter mark below.
 */
export function GapBar(props: Props) {
  const {
    limits,
    preferred = null,
    known,
    before = null,
    heatShift_mm,
    unit,
    kind = 'gap',
    slim = false,
    wanted_mm = null,
  } = props;
  const [room, onLayout] = useWidth(slim ? 150 : 360);
  const side = slim ? SLIM.side : 0;
  const width = room + 2 * side;
  const estimates = [known, before].flatMap((r) => (r ? [r.smallest, r.largest] : []));
  const wanted: readonly Estimate[] =
    wanted_mm === null ? [] : [{ kind: 'interval', lo_mm: wanted_mm, hi_mm: wanted_mm }];
  const { from_mm, to_mm } = barScale(limits, [...estimates, ...wanted], heatShift_mm, kind);
  const x = across(width, { from_mm, to_mm });
  const { lower_mm, upper_mm } = limits ?? {};
  const hot = known && heatShift_mm !== null ? centre(known.largest) + heatShift_mm : null;

  return (
    <View
      onLayout={onLayout}
      style={{ height: slim ? SLIM.height : HEIGHT }}
      role="img"
      aria-label={spoken(props)}
    >
      <Svg
        width={room}
        height={slim ? SLIM.height : HEIGHT}
        viewBox={slim ? `${side} ${SLIM.top} ${room} ${SLIM.height}` : `0 0 ${room} ${HEIGHT}`}
      >
        {limits ? (
          <Zone
            width={width}
            from_mm={from_mm}
            to_mm={to_mm}
            lower_mm={lower_mm}
            upper_mm={upper_mm}
          />
        ) : null}
        <Scale width={width} from_mm={from_mm} to_mm={to_mm} unit={unit} kind={kind} slim={slim} />
        {before ? (
          <Before
            {...before}
            known={known}
            x={x}
            to_mm={to_mm}
            unit={unit}
            kind={kind}
            slim={slim}
          />
        ) : null}
        {known ? (
          <Spread {...known} x={x} to_mm={to_mm} unit={unit} kind={kind} slim={slim} />
        ) : null}
        <Jaws
          width={width}
          from_mm={from_mm}
          to_mm={to_mm}
          lower_mm={lower_mm}
          upper_mm={upper_mm}
        />
        {preferred ? (
          <Preferred width={width} from_mm={from_mm} to_mm={to_mm} band={preferred} />
        ) : null}
        <Marks x={x} hot_mm={hot} wanted_mm={wanted_mm} />
      </Svg>
    </View>
  );
}

interface MarksProps {
  readonly x: (mm: number) => number;
  readonly hot_mm: number | null;
  readonly wanted_mm: number | null;
}

/** What stands beside the evidence: the hot gap beneath the line, and how wide the gap may be for its circuits. */
function Marks({ x, hot_mm, wanted_mm }: MarksProps) {
  const palette = usePalette();
  return (
    <>
      {wanted_mm === null ? null : (
        <Path
          d={`M${x(wanted_mm)} 16V${BASE}`}
          stroke={palette.out}
          strokeWidth={2}
          strokeDasharray="4 3"
        />
      )}
      {hot_mm === null ? null : (
        <Path
          d={`M${x(hot_mm)} ${BASE + 1}l-5 7h10Z`}
          fill="none"
          stroke={palette.brass}
          strokeWidth={1.5}
          opacity={0.8}
        />
      )}
    </>
  );
}

/** Says a bar: the gap and how it stands, its range and limits, what it was. */
function spoken(props: Props): string {
  const { of, limits, preferred, known, before, unit, kind = 'gap', wanted_mm = null } = props;
  const range = (r: Range) => ({ range: rangeText(r, unit, kind), unit: unitName(kind, unit) });
  const within = limitsWithUnit(limits ?? {}, kind, unit);
  return [
    of ? say('ui.gapOf', of) : '',
    known
      ? say(kind === 'gap' ? 'ui.gap' : 'ui.size', { ...range(known), limits: within })
      : say('ui.noReading', { limits: within }),
    before ? say('ui.wasWithUnit', range(before)) : '',
    wanted_mm === null ? '' : say('ui.wanted', { gap: formatWithUnit(wanted_mm, kind, unit) }),
    preferred ? say('ui.preferred', { band: limitsWithUnit(preferred, kind, unit) }) : '',
  ]
    .filter(Boolean)
    .join(', ');
}

/** Where a length lies on a bar of this width; past the end of the scale it stays at the end. */
function across(width: number, { from_mm, to_mm }: BarScale): (mm: number) => number {
  const held = (mm: number) => Math.min(Math.max(mm, from_mm), to_mm);
  return (mm) => MARGIN + ((held(mm) - from_mm) / (to_mm - from_mm)) * (width - 2 * MARGIN);
}

interface ScaleProps extends BarScale {
  readonly width: number;
  readonly unit: ShopUnit;
  readonly kind: LengthKind;
  readonly slim: boolean;
}

interface ZoneProps extends BarScale {
  readonly width: number;
  readonly lower_mm: number | null | undefined;
  readonly upper_mm: number | null | undefined;
}

/** What the limits allow, shaded. Like the jaws and the ticks it stays from tap to tap, as long as the scale does. */
const Zone = memo(function Zone({ width, from_mm, to_mm, lower_mm, upper_mm }: ZoneProps) {
  const palette = usePalette();
  const x = across(width, { from_mm, to_mm });
  const start = x(lower_mm ?? from_mm);
  return (
    <Rect
      x={start}
      y={BASE - 8}
      width={x(upper_mm ?? to_mm) - start}
      height={8}
      fill={palette.in}
      opacity={0.22}
    />
  );
});

interface PreferredProps extends BarScale {
  readonly width: number;
  readonly band: Limits;
}

/** The band that the builder aims at: a bracket below the line, inside the jaws. */
const Preferred = memo(function Preferred({ width, from_mm, to_mm, band }: PreferredProps) {
  const palette = usePalette();
  const x = across(width, { from_mm, to_mm });
  const [start, end] = [x(band.lower_mm ?? from_mm), x(band.upper_mm ?? to_mm)];
  return (
    <G>
      <Rect
        x={start}
        y={BASE - 8}
        width={Math.max(2, end - start)}
        height={8}
        fill={palette.in}
        opacity={0.35}
      />
      <Path
        d={`M${start} ${BASE - 12}v4M${end} ${BASE - 12}v4M${start} ${BASE - 8}H${end}`}
        stroke={palette.in}
        strokeWidth={1.5}
        fill="none"
      />
    </G>
  );
});

/** The limits as two jaws; a limit that is not there has none. */
const Jaws = memo(function Jaws({ width, from_mm, to_mm, lower_mm, upper_mm }: ZoneProps) {
  const { ink } = usePalette();
  const x = across(width, { from_mm, to_mm });
  const jaw = (at: number, towards: 1 | -1) => `M${at + 8 * towards} 16H${at}V${BASE}`;
  const path = [
    lower_mm == null ? '' : jaw(x(lower_mm), 1),
    upper_mm == null ? '' : jaw(x(upper_mm), -1),
  ].join('');
  return <Path d={path} fill="none" stroke={ink} strokeWidth={2.5} />;
});

/** The line, the ticks and their figures. */
const Scale = memo(function Scale({ width, from_mm, to_mm, unit, kind, slim }: ScaleProps) {
  const palette = usePalette();
  const x = across(width, { from_mm, to_mm });
  const per = MM_PER[unitName(kind, unit) as 'mm' | 'in' | 'thou'];
  const marks = slim ? [] : ticks(from_mm / per, to_mm / per, Math.max(3, Math.floor(width / 70)));
  return (
    <G>
      <Line x1={4} x2={width - 4} y1={BASE} y2={BASE} stroke={palette.ink} strokeWidth={1.25} />
      <Path
        d={marks.map((mark) => `M${x(mark * per)} ${BASE}v5`).join('')}
        stroke={palette.ink}
        fill="none"
      />
      {marks.map((mark) => (
        <SvgText
          key={mark}
          x={x(mark * per)}
          y={BASE + 18}
          fill={palette.muted}
          fontFamily={FONT}
          fontSize={13}
          textAnchor="middle"
        >
          {formatLength(mark * per, kind, unit)}
        </SvgText>
      ))}
    </G>
  );
});

interface BeforeProps extends SpreadProps {
  readonly known: Range | null;
}

/** About half the width of a sign of the label: a longer one keeps farther from the edge. */
const HALF_SIGN = 4.5;

/** Nearer than this an arrow from before to now would be all head. */
const ARROW = 26;

/** What the gap was before work: a hollow bar, with an arrow from it to what it is. */
function Before({ smallest, largest, known, x, to_mm, unit, kind, slim }: BeforeProps) {
  const { muted } = usePalette();
  const from = x(Math.max(0, ends(smallest)[0]));
  const to = x(Math.min(ends(largest)[1], to_mm));
  const middle = (from + to) / 2;
  const y = BAR_TOP + BAR_HEIGHT / 2;
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
      y={BAR_TOP}
      width={Math.max(6, to - from)}
      height={BAR_HEIGHT}
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

function Spread({ smallest, largest, x, to_mm, unit, kind, slim }: SpreadProps) {
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
            y1={BAR_TOP + BAR_HEIGHT / 2}
            y2={BAR_TOP + BAR_HEIGHT / 2}
            stroke={brass}
            strokeWidth={2}
          />
          <Mark estimate={smallest} x={x} to_mm={to_mm} />
        </>
      )}
      <Mark estimate={largest} x={x} to_mm={to_mm} />
      {ends(largest)[1] > to_mm && Number.isFinite(ends(largest)[1]) ? (
        <Path
          d={`M${x(to_mm) + 4} ${BAR_TOP}l8 ${BAR_HEIGHT / 2}l-8 ${BAR_HEIGHT / 2}Z`}
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

function Mark({ estimate, x, to_mm }: MarkProps) {
  const { brass } = usePalette();
  const y = BAR_TOP + BAR_HEIGHT / 2;
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
      y={BAR_TOP}
      width={Math.max(3, x(hi_mm ?? to_mm) - x(lo_mm))}
      height={BAR_HEIGHT}
      fill={open ? 'none' : brass}
      stroke={brass}
      strokeWidth={1.5}
      strokeDasharray={open ? '3 3' : undefined}
    />
  );
}
