import { memo, type ReactNode } from 'react';
import { StyleSheet, View, type ViewStyle } from 'react-native';
import { Circle, G, Line, Path, Svg, Text as SvgText } from 'react-native-svg';
import type { Verdict } from '@/core/metrology/verdict';
import type { Outline, Placement, ShapeRole } from '@/core/pumps/family';
import { TiltArrow, type DrawnTilt } from './TiltArrow';
import { ToolMark } from './ToolMark';
import type { Point } from '@/core/pumps/shapes';
import { SHAPE_INK } from '@/core/picture/shapeInk';
import { PinRingMark } from './PinRing';
import { FONT, usePalette } from './theme';
import { Words } from './Words';
import { say } from '@/core/wording/say';

/** A place on the drawing: measured and judged, or still to do. */
export interface DrawnStation {
  readonly id: string;
  readonly at: Point;
  readonly verdict: Verdict;
}

interface Props {
  readonly outline: Outline;
  readonly placement: Placement | null;
  readonly stations: readonly DrawnStation[];
  /** Written in the mark of the place to measure now. */
  readonly label: string;
  readonly size: number;
  readonly describe: string;
  /** Drawn by sizes of an example, and not of this very pump: it says so. */
  readonly example?: boolean;
  /** The tilt of the floor, where its depths tell one. */
  readonly tilt?: DrawnTilt | null;
  /** Places with their numbers, all of them to be measured: on paper. */
  readonly numbered?: readonly { readonly label: string; readonly at: Point }[];
  /** What is worked on: in blue. */
  readonly worked?: readonly ShapeRole[];
  /** Drawn over the pump, in mm. */
  readonly over?: ReactNode;
}

const NONE: readonly ShapeRole[] = [];

/** Room round the pump for a pushed gear's arrow and the edge's ends, as a share of its size. */
export const DRAWING_ROOM = 1.03;

/** A smaller drawing has no room for a note, in px: it says so to a screen reader alone. */
const NOTE_ROOM = 180;

/** The pump of the job, generated from its sheet, with what to do next in blue and the straightedge in brass. */
export function PumpDrawing(props: Props) {
  const { outline, placement, stations, label, size, describe, tilt, example = false } = props;
  const { worked = NONE, numbered = [], over = null } = props;
  const half = outline.extent_mm * DRAWING_ROOM;
  const mark = half * 0.075;
  const viewBox = `${-half} ${-half} ${2 * half} ${2 * half}`;
  return (
    <View
      role="img"
      aria-label={example ? say('ui.exampleSizes', { drawing: describe }) : describe}
      style={{ width: size, height: size }}
    >
      <Svg width={size} height={size} viewBox={viewBox} style={styles.still}>
        <Shapes outline={outline} worked={worked} />
      </Svg>
      <Svg width={size} height={size} viewBox={viewBox} style={styles.over}>
        {over}
        {placement?.edge ? <Edge ends={placement.edge} width={half * 0.1} /> : null}
        {placement?.tool ? <ToolMark tool={placement.tool} half={half} /> : null}
        {tilt ? <TiltArrow tilt={tilt} half={half} /> : null}
        {placement?.push ? <Push push={placement.push} reach={half} /> : null}
        {stations.map(({ id, at, verdict }) => (
          <PinRingMark key={id} verdict={verdict} x={at.x} y={at.y} radius={mark * 0.78} />
        ))}
        {placement && numbered.length === 0 ? (
          <Here at={placement.probe} radius={mark} label={label} />
        ) : null}
        {numbered.map((place) => (
          <Here key={place.label} at={place.at} radius={mark} label={place.label} />
        ))}
      </Svg>
      {example && size >= NOTE_ROOM ? (
        <Words size="note" tone="muted" style={styles.example}>
          Example sizes
        </Words>
      ) : null}
    </View>
  );
}

const styles = StyleSheet.create({
  // In the corner, where the round of the pump leaves room for two short lines.
  example: { position: 'absolute', left: 0, bottom: 0, width: 56, lineHeight: 14 },
  /** A layer of its own: it is not painted again when only the marks above it move. */
  still: { position: 'absolute', willChange: 'transform' } as ViewStyle,
  over: { position: 'absolute', willChange: 'transform' } as ViewStyle,
});

/** The outline does not change from tap to tap: drawn once, then left alone. */
const Shapes = memo(function Shapes({
  outline,
  worked,
}: Pick<Props, 'outline'> & Required<Pick<Props, 'worked'>>) {
  const palette = usePalette();
  const stroke = outline.extent_mm * 0.007;
  return (
    <G>
      {outline.shapes.map(({ role, path }, i) => (
        <Path
          key={i}
          d={path}
          fill={worked.includes(role) ? palette.worked : palette[SHAPE_INK[role]]}
          fillRule="evenodd"
          stroke={worked.includes(role) ? palette.blue : palette.ink}
          strokeWidth={stroke}
          strokeLinejoin="round"
        />
      ))}
    </G>
  );
});

function Edge({
  ends: [a, b],
  width,
}: {
  readonly ends: readonly [Point, Point];
  readonly width: number;
}) {
  const { brass } = usePalette();
  const line = { x1: a.x, y1: a.y, x2: b.x, y2: b.y };
  return (
    <G>
      <Line {...line} stroke={brass} strokeWidth={width} opacity={0.32} />
      <Line {...line} stroke={brass} strokeWidth={width * 0.1} />
    </G>
  );
}

function Push({ push, reach }: { readonly push: Point; readonly reach: number }) {
  const { brass } = usePalette();
  const from = { x: push.x * reach * 0.18, y: push.y * reach * 0.18 };
  const to = { x: push.x * reach * 0.5, y: push.y * reach * 0.5 };
  const side = { x: -push.y * reach * 0.09, y: push.x * reach * 0.09 };
  const neck = { x: to.x - push.x * reach * 0.13, y: to.y - push.y * reach * 0.13 };
  const head = [
    to,
    { x: neck.x + side.x, y: neck.y + side.y },
    { x: neck.x - side.x, y: neck.y - side.y },
  ];
  return (
    <G>
      <Line
        x1={from.x}
        y1={from.y}
        x2={neck.x}
        y2={neck.y}
        stroke={brass}
        strokeWidth={reach * 0.06}
      />
      <Path d={`M${head.map(({ x, y }) => `${x} ${y}`).join('L')}Z`} fill={brass} />
    </G>
  );
}

/** The place to measure now. */
function Here({
  at,
  radius,
  label,
}: {
  readonly at: Point;
  readonly radius: number;
  readonly label: string;
}) {
  const { blue, onBlue } = usePalette();
  return (
    <G>
      <Circle
        cx={at.x}
        cy={at.y}
        r={radius * 1.45}
        fill="none"
        stroke={blue}
        strokeWidth={radius * 0.22}
        strokeDasharray={`${radius * 0.5} ${radius * 0.36}`}
      />
      <NumberMark at={at} radius={radius} label={label} fill={blue} ink={onBlue} />
    </G>
  );
}

interface NumberProps {
  readonly at: Point;
  readonly radius: number;
  readonly label: string;
  readonly fill: string;
  readonly ink: string;
  /** Its edge; none where it is left out. */
  readonly edge?: string;
}

/** A disc with a number in it. */
export function NumberMark({ at, radius, label, fill, ink, edge }: NumberProps) {
  return (
    <G>
      <Circle
        cx={at.x}
        cy={at.y}
        r={radius}
        fill={fill}
        {...(edge ? { stroke: edge, strokeWidth: radius * 0.1 } : {})}
      />
      <SvgText
        x={at.x}
        y={at.y + radius * 0.38}
        fill={ink}
        fontFamily={FONT}
        fontWeight="600"
        fontSize={radius * 1.1}
        textAnchor="middle"
      >
        {label}
      </SvgText>
    </G>
  );
}
