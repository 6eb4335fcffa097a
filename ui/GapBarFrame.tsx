import { memo } from 'react';
import { G, Line, Path, Rect, Text as SvgText } from 'react-native-svg';
import { ticks } from 'd3-array';
import type { Limits } from '@/core/metrology/interval';
import { formatLength, unitName } from '@/core/quantity/format';
import { MM_PER, type LengthKind, type ShopUnit } from '@/core/quantity/units';
import type { BarScale } from '@/core/picture/barScale';
import { across, BAR } from './barScale';
import { FONT, usePalette } from './theme';

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
export const Zone = memo(function Zone({ width, from_mm, to_mm, lower_mm, upper_mm }: ZoneProps) {
  const palette = usePalette();
  const x = across(width, { from_mm, to_mm });
  const start = x(lower_mm ?? from_mm);
  return (
    <Rect
      x={start}
      y={BAR.base - 8}
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
export const Preferred = memo(function Preferred({ width, from_mm, to_mm, band }: PreferredProps) {
  const palette = usePalette();
  const x = across(width, { from_mm, to_mm });
  const [start, end] = [x(band.lower_mm ?? from_mm), x(band.upper_mm ?? to_mm)];
  return (
    <G>
      <Rect
        x={start}
        y={BAR.base - 8}
        width={Math.max(2, end - start)}
        height={8}
        fill={palette.in}
        opacity={0.35}
      />
      <Path
        d={`M${start} ${BAR.base - 12}v4M${end} ${BAR.base - 12}v4M${start} ${BAR.base - 8}H${end}`}
        stroke={palette.in}
        strokeWidth={1.5}
        fill="none"
      />
    </G>
  );
});

/** The limits as two jaws; a limit that is not there has none. */
export const Jaws = memo(function Jaws({ width, from_mm, to_mm, lower_mm, upper_mm }: ZoneProps) {
  const { ink } = usePalette();
  const x = across(width, { from_mm, to_mm });
  const jaw = (at: number, towards: 1 | -1) => `M${at + 8 * towards} 16H${at}V${BAR.base}`;
  const path = [
    lower_mm == null ? '' : jaw(x(lower_mm), 1),
    upper_mm == null ? '' : jaw(x(upper_mm), -1),
  ].join('');
  return <Path d={path} fill="none" stroke={ink} strokeWidth={2.5} />;
});

/** The line, the ticks and their figures. */
export const Scale = memo(function Scale({ width, from_mm, to_mm, unit, kind, slim }: ScaleProps) {
  const palette = usePalette();
  const x = across(width, { from_mm, to_mm });
  const per = MM_PER[unitName(kind, unit) as 'mm' | 'in' | 'thou'];
  const marks = slim ? [] : ticks(from_mm / per, to_mm / per, Math.max(3, Math.floor(width / 70)));
  return (
    <G>
      <Line
        x1={4}
        x2={width - 4}
        y1={BAR.base}
        y2={BAR.base}
        stroke={palette.ink}
        strokeWidth={1.25}
      />
      <Path
        d={marks.map((mark) => `M${x(mark * per)} ${BAR.base}v5`).join('')}
        stroke={palette.ink}
        fill="none"
      />
      {marks.map((mark) => (
        <SvgText
          key={mark}
          x={x(mark * per)}
          y={BAR.base + 18}
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
