import { Path, Rect, Svg } from 'react-native-svg';
import type { DefectId } from '@/core/pumps/teardown/defects';
import { usePalette, type Palette } from './theme';

type Mark = readonly [path: string, paint?: keyof Palette, filled?: boolean];

/** Each defect on a piece of surface 48 by 36; a mark is a line unless it is filled. */
const MARKS: Readonly<Record<DefectId, readonly Mark[]>> = {
  scored: [['M4 12H40M8 18H44M5 24H38']],
  pitted: [['M12 12h4v4h-4zM26 8h3v3h-3zM34 20h5v4h-5zM18 24h4v3h-4zM30 28h3v3h-3z', 'ink', true]],
  'worn-through': [['M8 20Q14 8 26 12Q42 10 40 22Q34 32 22 27Q10 30 8 20Z', 'brass', true]],
  ridge: [
    ['M4 14H24V24H44', 'ink'],
    ['M24 12V26', 'out'],
  ],
  'walked-in': [
    ['M4 14Q10 26 16 14Q22 26 28 14Q34 26 40 14', 'out'],
    ['M4 30H44', 'ink'],
  ],
  polished: [['M10 28L22 8M18 30L32 8M28 30L40 10', 'paper']],
  mushroomed: [
    ['M18 32V16H30V32', 'ink'],
    ['M18 16Q8 18 12 10H36Q40 18 30 16', 'out'],
  ],
  gouged: [['M4 12H16Q20 28 26 16Q30 26 34 12H44', 'out']],
  twisted: [['M8 30Q10 20 18 6M18 30Q20 20 28 6M28 30Q30 20 38 6', 'ink']],
  blued: [['M6 10H42V26H6Z', 'blue', true]],
  turned: [
    ['M12 24A13 12 0 1 1 36 24', 'ink'],
    ['M40 18L36 28L29 20Z', 'ink', true],
  ],
  rough: [
    ['M24 18m-12 0a12 12 0 1 0 24 0a12 12 0 1 0 -24 0', 'ink'],
    ['M14 18L18 12L22 22L26 13L30 22L34 16', 'out'],
  ],
  seized: [
    ['M24 18m-12 0a12 12 0 1 0 24 0a12 12 0 1 0 -24 0', 'ink'],
    ['M18 12L30 24M30 12L18 24', 'out'],
  ],
  'seat-worn': [
    ['M4 10H14L20 22H28L34 10H44', 'ink'],
    ['M15 16m-3 0a3 3 0 1 0 6 0a3 3 0 1 0 -6 0M33 16m-3 0a3 3 0 1 0 6 0a3 3 0 1 0 -6 0', 'out'],
  ],
  chipped: [
    ['M10 32L16 8H24L28 16L33 18L38 32', 'ink'],
    ['M24 8L34 7L33 18L28 16Z', 'out'],
  ],
  stepped: [['M4 10H18V18H30V26H44', 'out']],
  stuck: [
    ['M4 10H44M4 26H44', 'ink'],
    ['M16 12H30V24H16Z', 'ink', true],
    ['M34 14L42 22M42 14L34 22', 'out'],
  ],
  broken: [['M6 18H18L22 10L26 26L30 18H42', 'out']],
  nicked: [
    ['M4 24H18Q24 8 28 24H44', 'out'],
    ['M4 30H44', 'ink'],
  ],
  rusted: [
    ['M8 12Q14 6 18 12Q16 20 10 18ZM26 20Q34 12 40 20Q38 30 28 28ZM22 6h6v5h-6z', 'brass', true],
  ],
  porous: [
    [
      'M12 14m-3 0a3 3 0 1 0 6 0a3 3 0 1 0 -6 0M28 10m-2 0a2 2 0 1 0 4 0a2 2 0 1 0 -4 0M34 24m-4 0a4 4 0 1 0 8 0a4 4 0 1 0 -8 0M20 26m-2 0a2 2 0 1 0 4 0a2 2 0 1 0 -4 0',
    ],
  ],
  cracked: [['M8 4L18 14L14 20L28 24L26 32L40 34', 'out']],
};

/** What a defect looks like: our own little pictures, in words beneath. */
export function DefectGlyph({
  defect,
  width = 60,
}: {
  readonly defect: DefectId;
  readonly width?: number;
}) {
  const palette = usePalette();
  return (
    <Svg width={width} height={width * 0.75} viewBox="0 0 48 36" aria-hidden>
      <Rect x={1} y={1} width={46} height={34} rx={3} fill={palette.steel} stroke={palette.line} />
      {MARKS[defect].map(([path, paint = 'ink', filled = false], i) => (
        <Path
          key={i}
          d={path}
          fill={filled ? palette[paint] : 'none'}
          stroke={palette[paint]}
          strokeWidth={filled ? 1 : 2.6}
          strokeLinecap="round"
          strokeLinejoin="round"
        />
      ))}
    </Svg>
  );
}
