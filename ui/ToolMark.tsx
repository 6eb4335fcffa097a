import { Circle, G, Line, Path } from 'react-native-svg';
import type { Tool } from '@/core/pumps/family';
import type { Point } from '@/core/pumps/shapes';
import { usePalette } from './theme';

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

/** The instrument as it lies: what to do next is blue. */
export function ToolMark({ tool, half }: Props) {
  const { blue, paper, brass } = usePalette();
  const { from, to, kind } = tool;
  const line = { x1: from.x, y1: from.y, x2: to.x, y2: to.y };
  switch (kind) {
    case 'leaf':
      return (
        <Path
          d={polygon([
            beside(tool, from, 0, -0.035 * half),
            beside(tool, to, 0, -0.035 * half),
            beside(tool, to, 0, 0.035 * half),
            beside(tool, from, 0, 0.035 * half),
          ])}
          fill={blue}
          opacity={0.45}
        />
      );
    case 'mic':
      return (
        <G>
          <Line
            {...line}
            stroke={blue}
            strokeWidth={0.012 * half}
            strokeDasharray={`${0.04 * half}`}
          />
          <Path d={anvil(tool, from, -1, half) + anvil(tool, to, 1, half)} fill={blue} />
        </G>
      );
    case 'bore':
      return (
        <G>
          <Line {...line} stroke={blue} strokeWidth={0.028 * half} />
          {[from, to].map(({ x, y }, i) => (
            <Circle key={i} cx={x} cy={y} r={0.04 * half} fill={blue} />
          ))}
        </G>
      );
    case 'depth':
      return (
        <G>
          <Line {...line} stroke={brass} strokeWidth={0.12 * half} opacity={0.4} />
          <Line {...line} stroke={brass} strokeWidth={0.01 * half} />
        </G>
      );
    case 'dial':
      return (
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
      );
    case 'finger':
      return (
        <Circle
          cx={to.x}
          cy={to.y}
          r={0.13 * half}
          fill="none"
          stroke={blue}
          strokeWidth={0.03 * half}
        />
      );
  }
}
