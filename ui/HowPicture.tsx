import { Circle, G, Path } from 'react-native-svg';
import { CutPicture, GEAR, POCKET, type Block } from './CutPicture';
import { usePalette } from './theme';

/** Ways of holding an instrument, seen from the side. */
export type How = 'edge' | 'push' | 'between' | 'mic' | 'bore' | 'depth' | 'dial' | 'finger';

/** Each picture as blocks. */
const BLOCKS: Readonly<Record<How, readonly Block[]>> = {
  edge: [...POCKET, GEAR, [4, 18, 92, 8, 'brass'], [30, 26.6, 66, 3.6, 'blue']],
  push: [...POCKET, [22, 31, 48, 19, 'steel'], [72, 8, 4, 40, 'blue'], [4, 37, 14, 5, 'brass']],
  between: [
    [6, 30, 36, 24, 'casting'],
    [54, 30, 40, 24, 'steel'],
    [46, 6, 4, 44, 'blue'],
  ],
  mic: [
    [30, 22, 40, 30, 'steel'],
    [18, 30, 12, 12, 'blue'],
    [70, 32, 20, 8, 'blue'],
    [18, 8, 76, 6, 'blue'],
    [18, 8, 6, 30, 'blue'],
    [88, 8, 6, 30, 'blue'],
  ],
  bore: [
    [0, 10, 20, 46, 'casting'],
    [80, 10, 20, 46, 'casting'],
    [20, 36, 60, 5, 'blue'],
    [47, 4, 6, 34, 'blue'],
  ],
  depth: [...POCKET, [8, 18, 84, 8, 'brass'], [47, 2, 6, 48, 'blue']],
  dial: [
    [20, 40, 60, 16, 'steel'],
    [48, 22, 4, 18, 'blue'],
  ],
  finger: [
    [14, 34, 72, 20, 'casting'],
    [34, 20, 32, 34, 'steel'],
  ],
};

/** How the instrument is held, cut through from the side: for one who has never done it. */
export function HowPicture({ how, width }: { readonly how: How; readonly width: number }) {
  const palette = usePalette();
  return (
    <CutPicture blocks={BLOCKS[how]} width={width}>
      {how === 'dial' ? (
        <G>
          <Circle
            cx={50}
            cy={14}
            r={12}
            fill={palette.paper}
            stroke={palette.blue}
            strokeWidth={2}
          />
          <Path
            d="M50 14l6 -6M10 48h8m-8 0l4 -3m-4 3l4 3M82 48h8m0 0l-4 -3m4 3l-4 3"
            stroke={palette.blue}
            strokeWidth={2}
            fill="none"
          />
        </G>
      ) : null}
      {how === 'push' ? (
        <Path d="M18 39.5l-6 -6v12Z" fill={palette.brass} transform="rotate(180 15 39.5)" />
      ) : null}
      {how === 'finger' ? (
        <Path
          d="M28 12q22 -12 44 0m0 0l-8 0m8 0l-3 -7"
          stroke={palette.blue}
          strokeWidth={2.5}
          fill="none"
        />
      ) : null}
    </CutPicture>
  );
}
