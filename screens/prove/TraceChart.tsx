import { useMemo, type ReactNode } from 'react';
import { View } from 'react-native';
import { G, Line, Path, Rect, Svg, Text } from 'react-native-svg';
import { flowUnit } from '@/core/quantity/flow';
import { FLOW, inUsual } from '@/core/quantity/amounts';
import type { ShopUnit } from '@/core/quantity/units';
import type { Span } from '@/core/trace/steady';
import type { Sample } from '@/core/trace/sample';
import { sayProve } from '@/core/prove/say';
import { timeWords } from '@/core/prove/sayRun';
import { FONT, usePalette } from '@/ui/theme';
import { runChart, type RunScale } from '@/core/picture/runChart';
import { CHART } from './traceScale';

interface Props {
  readonly samples: readonly Sample[];
  readonly unit: ShopUnit;
  readonly width: number;
  /** The part that counts; null while nothing is cut. */
  readonly span?: Span | null;
  /** What is wanted at least, in l/min; null where nobody wants anything. */
  readonly least_lpm?: number | null;
  /** Says the run to a screen reader. */
  readonly said: string;
  /** What lies over the drawing: the ends that are dragged. */
  readonly over?: (scale: RunScale) => ReactNode;
}

/** The flow of a run over its time, with the part that counts and what is wanted. */
export function TraceChart({ samples, unit, width, span, least_lpm = null, said, over }: Props) {
  const palette = usePalette();
  const { path, scale, ticks, times } = useMemo(
    () => runChart(samples, { ...CHART, width }, inUsual(1, FLOW, unit), least_lpm),
    [samples, width, unit, least_lpm],
  );
  const words = { fontFamily: FONT, fontSize: 13, fill: palette.ink } as const;
  const floor = CHART.height - CHART.bottom;
  const wanted = least_lpm === null ? null : scale.y(least_lpm);
  return (
    <View style={{ width, height: CHART.height }}>
      <View
        role="img"
        aria-label={sayProve('prove.chart', { unit: flowUnit(unit), said })}
        style={{ width, height: CHART.height }}
      >
        <Svg width={width} height={CHART.height}>
          <Text {...words} x={CHART.left + 4} y={12}>
            {flowUnit(unit)}
          </Text>
          {ticks.map(({ at, text }) => (
            <G key={text}>
              <Line x1={CHART.left} x2={width} y1={at} y2={at} stroke={palette.line} />
              <Text {...words} x={CHART.left - 6} y={at + 4} textAnchor="end">
                {text}
              </Text>
            </G>
          ))}
          {span ? (
            <Rect
              x={scale.x(span.from_s)}
              width={Math.max(1, scale.x(span.to_s) - scale.x(span.from_s))}
              y={CHART.top}
              height={floor - CHART.top}
              fill={palette.blue}
              opacity={0.14}
            />
          ) : null}
          <Path d={path} stroke={palette.brass} strokeWidth={1.8} fill="none" />
          {wanted === null ? null : (
            <Line
              x1={CHART.left}
              x2={width}
              y1={wanted}
              y2={wanted}
              stroke={palette.out}
              strokeDasharray="5 4"
            />
          )}
          <Line x1={CHART.left} x2={width} y1={floor} y2={floor} stroke={palette.ink} />
          {times.map((t, i) => (
            <Text
              key={t}
              {...words}
              x={scale.x(t)}
              y={CHART.height - 4}
              textAnchor={i === 0 ? 'start' : i === times.length - 1 ? 'end' : 'middle'}
            >
              {timeWords(t)}
            </Text>
          ))}
        </Svg>
      </View>
      {over?.(scale)}
    </View>
  );
}
