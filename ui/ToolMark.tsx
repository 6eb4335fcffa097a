import { Circle, G, Line, Path } from 'react-native-svg';
import type { Tool } from '@/core/pumps/family';
import type { Point } from '@/core/pumps/shapes';
import { usePalette, type Palette } from './theme';
import type { ReactElement } from 'react';

interface Props {
  readonly tool: Tool;
  /** Half the side of the drawing, in mm. */
  readonly half: number;
}

/** A point beside the line from one end to the other, by so much along and aside. */
function beside({ from, to }: Tool, at: Point, along: number, aside: number): Point {
  const long = Math.hypot(to.x - from.x, to.y - from.y) || 1;
  const [ux, uy] = [(to.x - from.x) / long, (to.y - from.y) / long];
  return { x: at.x + ux * along - uy * aside, y: at.y + uy * along + ux * aside };
}

const polygon = (points: readonly Point[]): string =>
  `M${points.map(({ x, y }) => `${x} ${y}`).join('L')}Z`;

/** A contact of a mic: a short bar across its line, on the outside of what it touches. */
const anvil = (tool: Tool, end: Point, outward: 1 | -1, half: number): string =>
  polygon([
    beside(tool, end, 0, -0.05 * half),
    beside(tool, end, 0, 0.05 * half),
    beside(tool, end, outward * 0.06 * half, 0.05 * half),
    beside(tool, end, outward * 0.06 * half, -0.05 * half),
  ]);

interface Drawn extends Props {
  readonly line: {
    readonly x1: number;
    readonly y1: number;
    readonly x2: number;
    readonly y2: number;
  };
  readonly palette: Pick<Palette, 'blue' | 'paper' | 'brass'>;
}

/** How each kind of instrument is drawn. */
const MARK: Readonly<Record<Tool['kind'], (drawn: Drawn) => ReactElement>> = {
  leaf: ({ tool, half, palette }) => (
    <Path
      d={polygon([
        beside(tool, tool.from, 0, -0.035 * half),
        beside(tool, tool.to, 0, -0.035 * half),
        beside(tool, tool.to, 0, 0.035 * half),
        beside(tool, tool.from, 0, 0.035 * half),
      ])}
      fill={palette.blue}
      opacity={0.45}
    />
  ),
  mic: ({ tool, half, line, palette: { blue } }) => (
    <G>
      <Line {...line} stroke={blue} strokeWidth={0.012 * half} strokeDasharray={`${0.04 * half}`} />
      <Path d={anvil(tool, tool.from, -1, half) + anvil(tool, tool.to, 1, half)} fill={blue} />
    </G>
  ),
  bore: ({ tool, half, line, palette: { blue } }) => (
    <G>
      <Line {...line} stroke={blue} strokeWidth={0.028 * half} />
      {[tool.from, tool.to].map(({ x, y }, i) => (
        <Circle key={i} cx={x} cy={y} r={0.04 * half} fill={blue} />
      ))}
    </G>
  ),
  depth: ({ half, line, palette: { brass } }) => (
    <G>
      <Line {...line} stroke={brass} strokeWidth={0.12 * half} opacity={0.4} />
      <Line {...line} stroke={brass} strokeWidth={0.01 * half} />
    </G>
  ),
  dial: ({ tool: { from }, half, line, palette: { blue, paper } }) => (
    <G>
      <Line {...line} stroke={blue} strokeWidth={0.025 * half} />
      <Circle
        cx={from.x}
        cy={from.y}
        r={0.12 * half}
        fill={paper}
        stroke={blue}
        strokeWidth={0.02 * half}
      />
      <Line
        x1={from.x}
        y1={from.y}
        x2={from.x + 0.06 * half}
        y2={from.y - 0.07 * half}
        stroke={blue}
        strokeWidth={0.02 * half}
      />
    </G>
  ),
  finger: ({ tool: { to }, half, palette: { blue } }) => (
    <Circle
      cx={to.x}
      cy={to.y}
      r={0.13 * half}
      fill="none"
      stroke={blue}
      strokeWidth={0.03 * half}
    />
  ),
};

/** The instrument as it lies: what to do next is blue. */
export function ToolMark({ tool, half }: Props) {
  const palette = usePalette();
  const { from, to, kind } = tool;
  const line = { x1: from.x, y1: from.y, x2: to.x, y2: to.y };
  return MARK[kind]({ tool, half, line, palette });
}
