import { Rect, Svg } from 'react-native-svg';
import type { Felt } from '@/core/feeler/bounds';
import { usePalette } from './theme';

/** Where the leaf lies under the straightedge: its left end, height and the gap it lies in, in px of the picture. */
const LEAF: Readonly<Record<Felt, { from: number; length: number; thick: number; gap: number }>> = {
  free: { from: 1, length: 36, thick: 3, gap: 8 },
  drag: { from: 1, length: 36, thick: 5, gap: 5 },
  'part-way': { from: 0, length: 21, thick: 5, gap: 5 },
  'no-go': { from: 0, length: 7, thick: 7, gap: 4 },
};

/** What the hand feels, as a picture: the edge above in brass, the gear face below, the leaf between in blue. */
export function FeltGlyph({ felt }: { readonly felt: Felt }) {
  const palette = usePalette();
  const { from, length, thick, gap } = LEAF[felt];
  const floor = 17;
  return (
    <Svg width={44} height={32} viewBox="0 0 44 32" aria-hidden>
      <Rect x={6} y={floor - gap - 6} width={36} height={6} fill={palette.brass} />
      <Rect x={6} y={floor} width={36} height={12} fill={palette.steelDeep} stroke={palette.ink} />
      <Rect
        x={from}
        y={floor - gap / 2 - thick / 2}
        width={length}
        height={thick}
        fill={palette.blue}
      />
    </Svg>
  );
}
