import { LineChart } from 'react-native-chart-kit';
import { Circle, Path } from 'react-native-svg';
import { FONT, usePalette } from './theme';

/** One line of a chart, a value at each place of its row. */
export interface ChartLine {
  readonly values: readonly number[];
  readonly color: string;
  readonly dashed?: boolean;
}

interface Props {
  /** Written beneath the places of the row; empty where there is no room for a word. */
  readonly labels: readonly string[];
  readonly lines: readonly ChartLine[];
  /** A band round a line: its lower and its upper edge. */
  readonly band?: { readonly lo: readonly number[]; readonly hi: readonly number[] } | null;
  /** A dot where an answer stands: a place of the row, which may lie between two, and its value. */
  readonly at?: { readonly place: number; readonly value: number } | null;
  readonly width: number;
  readonly height: number;
  readonly decimals: number;
  /** Begins at nought. */
  readonly fromZero?: boolean;
  readonly suffix?: string;
  readonly legend?: readonly string[];
  readonly dots?: boolean;
}

/** Room that the chart leaves over its lines and beside them, in px: where its package puts them. */
const ROOM = { top: 16, left: 52 } as const;

/** Share of the height that the lines take; beneath it stand the words. */
const LINES = 3 / 4;

/** Ends of a scale of four steps that can be read, in tens. */
const TOPS = [1, 2, 4, 6, 8, 10] as const;

/** Returns where a scale ends that holds a value. */
function roundTop(most: number): number {
  const ten = 10 ** Math.floor(Math.log10(Math.max(most, 1e-9)));
  return ten * (TOPS.find((top) => top * ten >= most) ?? 10);
}

/** Lines over a row of places, with a band round one of them. */
export default function LinesChart(props: Props) {
  const {
    labels,
    lines,
    band = null,
    at = null,
    width,
    height,
    decimals,
    legend,
    suffix = '',
  } = props;
  const { fromZero = false, dots = false } = props;
  const palette = usePalette();
  const top = roundTop(Math.max(...lines.flatMap(({ values }) => values), ...(band?.hi ?? [])));
  const placed = (value: number, i: number, count: number): readonly [x: number, y: number] => [
    ROOM.left + (i * (width - ROOM.left)) / count,
    (height - (height * value) / (top || 1)) * LINES + ROOM.top,
  ];
  const place = (value: number, i: number, count: number): string =>
    placed(value, i, count)
      .map((px) => px.toFixed(1))
      .join(' ');
  const edge = (values: readonly number[]) =>
    values.map((value, i) => place(value, i, values.length));
  // What bounds the scale at the top is drawn nowhere.
  const scale = { data: [top], withDots: false, color: () => 'transparent' };
  return (
    <LineChart
      data={{
        labels: [...labels],
        datasets: [
          ...lines.map(({ values, color, dashed }) => ({
            data: [...values],
            color: () => color,
            strokeWidth: 2,
            withDots: dots,
            ...(dashed ? { strokeDashArray: [5, 4] } : {}),
          })),
          ...(fromZero ? [scale] : []),
        ],
        ...(legend ? { legend: [...legend] } : {}),
      }}
      width={width}
      height={height}
      fromZero={fromZero}
      yAxisSuffix={suffix}
      withShadow={false}
      withVerticalLines={false}
      style={{ paddingRight: ROOM.left, paddingTop: ROOM.top }}
      decorator={() => [
        band && fromZero ? (
          <Path
            key="band"
            d={`M${[...edge(band.lo), ...edge(band.hi).reverse()].join('L')}Z`}
            fill={palette.brass}
            opacity={0.22}
          />
        ) : null,
        at && fromZero ? <Dot key="at" at={placed(at.value, at.place, labels.length)} /> : null,
      ]}
      chartConfig={{
        backgroundGradientFrom: palette.paper,
        backgroundGradientTo: palette.paper,
        decimalPlaces: decimals,
        color: () => palette.line,
        labelColor: () => palette.ink,
        propsForLabels: { fontFamily: FONT, fontSize: 13 },
        propsForBackgroundLines: { stroke: palette.line },
      }}
    />
  );
}

/** Where the answer stands on its line. */
function Dot({ at: [x, y] }: { readonly at: readonly [x: number, y: number] }) {
  const palette = usePalette();
  return <Circle cx={x} cy={y} r={7} fill={palette.blue} stroke={palette.paper} strokeWidth={2} />;
}
