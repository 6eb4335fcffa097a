import type { ReactNode } from 'react';
import { Rect, Svg } from 'react-native-svg';
import { usePalette, type Palette } from './theme';

type Fill = keyof Pick<
  Palette,
  'casting' | 'steel' | 'steelDeep' | 'brass' | 'blue' | 'paper' | 'in'
>;

/** A block on a sheet 100 wide and 60 high; gaps between blocks are drawn far wider than they are. */
export type Block = readonly [x: number, y: number, width: number, height: number, fill: Fill];

/** A body cut through its pocket: deck at the left and right, floor below. */
export const POCKET: readonly Block[] = [
  [0, 26, 22, 34, 'casting'],
  [78, 26, 22, 34, 'casting'],
  [22, 50, 56, 10, 'casting'],
];
export const GEAR: Block = [26, 31, 48, 19, 'steel'];

interface Props {
  readonly blocks: readonly Block[];
  readonly width: number;
  /** What lies over the blocks. */
  readonly children?: ReactNode;
}

/** A small drawing of blocks, cut through from the side, with lines and words over them. */
export function CutPicture({ blocks, width, children }: Props) {
  const palette = usePalette();
  return (
    <Svg width={width} height={width * 0.64} viewBox="-2 -2 104 66" aria-hidden>
      <Rect
        x={-2}
        y={-2}
        width={104}
        height={66}
        rx={4}
        fill={palette.paper}
        stroke={palette.line}
      />
      {blocks.map(([x, y, w, h, fill], i) => (
        <Rect
          key={i}
          x={x}
          y={y}
          width={w}
          height={h}
          fill={palette[fill]}
          stroke={fill === 'blue' ? 'none' : palette.ink}
          strokeWidth={0.8}
        />
      ))}
      {children}
    </Svg>
  );
}
