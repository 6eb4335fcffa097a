import { Path, Text } from 'react-native-svg';
import type { TermId } from '@/core/wording/terms';
import { CutPicture, GEAR, POCKET, type Block } from './CutPicture';
import { FONT, usePalette, type Palette } from './theme';

type Colour = keyof Pick<Palette, 'brass' | 'blue' | 'ink' | 'muted'>;
type Line = readonly [path: string, stroke: Colour];
type Word = readonly [text: string, x: number, y: number];

/** Blocks, lines over them, words in it. */
interface Picture {
  readonly blocks: readonly Block[];
  readonly lines?: readonly Line[];
  readonly words?: readonly Word[];
}

/** Two faces with a gap between them. */
const FACES: readonly Block[] = [
  [14, 6, 72, 18, 'casting'],
  [14, 36, 72, 18, 'steel'],
];

const PICTURES: Readonly<Record<TermId, Picture>> = {
  leaf: { blocks: [...FACES, [4, 29, 70, 3, 'blue']] },
  drags: {
    blocks: [...FACES, [4, 24, 70, 12, 'blue']],
    lines: [['M80 30h14m0 0l-5 -4m5 4l-5 4', 'ink']],
  },
  'part-way': {
    blocks: [[14, 36, 72, 18, 'steel']],
    lines: [
      ['M14 6H86V32L14 20Z', 'muted'],
      ['M4 30H50', 'blue'],
      ['M50 24v12', 'blue'],
    ],
  },
  clock: {
    blocks: [],
    lines: [
      ['M50 30m-24 0a24 24 0 1 0 48 0a24 24 0 1 0 -48 0', 'muted'],
      ['M50 8V52', 'blue'],
    ],
    words: [
      ['12', 56, 13],
      ['6', 56, 54],
      ['3', 78, 34],
      ['9', 16, 34],
    ],
  },
  straightedge: {
    blocks: [...POCKET, GEAR, [4, 17, 92, 9, 'brass']],
    lines: [['M50 26V31', 'blue']],
  },
  diametral: {
    blocks: [],
    lines: [
      ['M50 30m-27 0a27 27 0 1 0 54 0a27 27 0 1 0 -54 0', 'muted'],
      ['M44 30m-21 0a21 21 0 1 0 42 0a21 21 0 1 0 -42 0', 'ink'],
      ['M65 30H77m0 0l-4 -3m4 3l-4 3M65 30l4 -3m-4 3l4 3', 'blue'],
    ],
  },
  stack: {
    blocks: [...POCKET, GEAR, [2, 8, 96, 18, 'casting'], [24, 21, 52, 5, 'paper']],
    lines: [
      ['M40 21V31', 'blue'],
      ['M60 21V25', 'brass'],
      ['M60 27V31', 'ink'],
    ],
  },
  tir: {
    blocks: [],
    lines: [
      ['M50 34m-24 0a24 24 0 1 0 48 0a24 24 0 1 0 -48 0', 'muted'],
      ['M50 34L36 18', 'ink'],
      ['M50 34L64 18', 'ink'],
      ['M38 14Q50 6 62 14m0 0l-5 -1m5 1l-1 -5', 'blue'],
    ],
  },
  'end-play': {
    blocks: [
      [4, 10, 10, 40, 'casting'],
      [86, 10, 10, 40, 'casting'],
      [18, 22, 56, 16, 'steel'],
    ],
    lines: [['M76 30H84m0 0l-3 -3m3 3l-3 3M76 30l3 -3m-3 3l3 3', 'blue']],
  },
  guarded: {
    blocks: [
      [10, 26, 50, 8, 'in'],
      [60, 26, 14, 8, 'brass'],
    ],
    lines: [
      ['M74 12V48', 'ink'],
      ['M38 44H56M38 40v8M56 40v8', 'brass'],
    ],
    words: [['limit', 78, 18]],
  },
  tier: {
    blocks: [
      [6, 14, 30, 8, 'in'],
      [6, 36, 50, 8, 'in'],
    ],
    lines: [
      ['M36 8V28', 'ink'],
      ['M56 30V50', 'ink'],
    ],
    words: [
      ['new', 42, 21],
      ['service', 61, 43],
    ],
  },
  uncertainty: {
    blocks: [],
    lines: [
      ['M8 46H92', 'muted'],
      ['M10 45Q34 44 42 20Q50 0 58 20Q66 44 90 45', 'ink'],
      ['M30 52H70M30 48v8M70 48v8', 'brass'],
    ],
    words: [['±', 48, 44]],
  },
};

/** A word of the trade as a small drawing. */
export function TermPicture({ term, width }: { readonly term: TermId; readonly width: number }) {
  const palette = usePalette();
  const { blocks, lines = [], words = [] } = PICTURES[term];
  return (
    <CutPicture blocks={blocks} width={width}>
      {lines.map(([d, stroke], i) => (
        <Path
          key={i}
          d={d}
          stroke={palette[stroke]}
          strokeWidth={2}
          fill="none"
          strokeLinecap="round"
          strokeLinejoin="round"
        />
      ))}
      {words.map(([text, x, y]) => (
        <Text key={text} x={x} y={y} fontSize={10} fontFamily={FONT} fill={palette.ink}>
          {text}
        </Text>
      ))}
    </CutPicture>
  );
}
