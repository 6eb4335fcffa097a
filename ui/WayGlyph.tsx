import { G, Path, Svg } from 'react-native-svg';
import { usePalette, type Palette } from './theme';

type Stroke = readonly [path: string, fill: keyof Palette | 'none', stroke?: keyof Palette];

/** A way round as it is drawn: the part without its mark, and the mark as its first option has it. */
interface Drawn {
  readonly part: readonly Stroke[];
  readonly mark: readonly Stroke[];
  /** How the second option lies to the first. */
  readonly turn: 'over' | 'across' | 'clock';
}

const BLOCK: Stroke = ['M22 16H78V48H22Z', 'steel'];

const ARROW: Drawn = {
  part: [['M50 32m-24 0a24 24 0 1 0 48 0a24 24 0 1 0 -48 0', 'steel']],
  mark: [
    ['M36 38A15 15 0 1 1 62 40', 'none', 'brass'],
    ['M68 34L62 48L54 36Z', 'brass'],
  ],
  turn: 'across',
};

/** Sheets of 100 by 64; what is looked at in brass. Under a part that may lie either way up is the pump. */
const DRAWN: Readonly<Record<string, Drawn>> = {
  bevel: {
    part: [BLOCK],
    mark: [
      ['M34 16H66L78 28V48H22V28Z', 'steel'],
      ['M34 16L22 28M66 16L78 28', 'none', 'brass'],
    ],
    turn: 'over',
  },
  mark: {
    part: [BLOCK],
    mark: [['M50 11m-6 0a6 6 0 1 0 12 0a6 6 0 1 0 -12 0', 'brass']],
    turn: 'over',
  },
  groove: {
    part: [
      ['M24 8H38V56H24Z', 'steel'],
      ['M62 8H76V56H62Z', 'steel'],
    ],
    // Open at the outer end, and shut before it reaches the gears.
    mark: [
      ['M38 8H31V44H38Z', 'brass'],
      ['M62 8H69V44H62Z', 'brass'],
    ],
    turn: 'over',
  },
  arrow: ARROW,
  'arrow-shaft': ARROW,
  lip: {
    part: [],
    mark: [
      ['M28 10V50H72V10H64V42H36V10Z', 'steelDeep'],
      ['M36 24Q46 20 44 8M64 24Q54 20 56 8', 'none', 'brass'],
    ],
    turn: 'over',
  },
  edge: {
    part: [],
    mark: [
      ['M38 56V22Q38 8 50 8Q62 8 62 22V56Z', 'vane'],
      ['M38 22Q38 8 50 8Q62 8 62 22', 'none', 'brass'],
    ],
    turn: 'over',
  },
  plug: {
    part: [['M26 10H74V54H26Z', 'casting']],
    mark: [['M12 25H32V39H12Z', 'brass']],
    turn: 'across',
  },
  drain: {
    part: [['M26 10H74V54H26Z', 'casting']],
    mark: [['M22 32m-9 0a9 9 0 1 0 18 0a9 9 0 1 0 -18 0', 'paper', 'brass']],
    turn: 'across',
  },
  relief: {
    part: [],
    mark: [
      ['M24 10H76V54H24Z', 'steel'],
      [
        'M50 24m-9 0a9 9 0 1 0 18 0a9 9 0 1 0 -18 0M50 42m-9 0a9 9 0 1 0 18 0a9 9 0 1 0 -18 0',
        'plate',
      ],
      ['M24 26H38V40H24Z', 'brass'],
    ],
    turn: 'across',
  },
  port: {
    part: [['M50 32m-24 0a24 24 0 1 0 48 0a24 24 0 1 0 -48 0', 'casting']],
    mark: [['M50 16m-8 0a8 8 0 1 0 16 0a8 8 0 1 0 -16 0', 'brass']],
    turn: 'clock',
  },
  order: {
    part: [],
    mark: [
      ['M36 10V54H64V10H57V46H43V10Z', 'steel'],
      ['M43 10V46H57V10', 'none', 'brass'],
    ],
    turn: 'over',
  },
};

/** How the mark is turned for an option that does not lie as drawn. */
const TURNED: Readonly<Record<Drawn['turn'], (option: string) => string>> = {
  over: () => 'translate(0 64) scale(1 -1)',
  across: () => 'translate(100 0) scale(-1 1)',
  clock: (hour) => `rotate(${Number(hour) * 30} 50 32)`,
};

/** Options that lie as drawn; the others of a pair are turned. */
const AS_DRAWN = ['up', 'left', 'cw'];

/** One way round of a part, drawn; the word stands beneath. */
export function WayGlyph({
  way,
  option,
  width = 84,
}: {
  readonly way: string;
  readonly option: string;
  readonly width?: number;
}) {
  const palette = usePalette();
  const drawn = DRAWN[way];
  if (!drawn) return null;
  const plain = option === 'none';
  const turned = !plain && !AS_DRAWN.includes(option);
  return (
    <Svg width={width} height={width * 0.72} viewBox="0 0 100 72" aria-hidden>
      {drawn.turn === 'over' ? (
        <Path d="M8 62H92V70H8Z" fill={palette.casting} stroke={palette.muted} strokeWidth={1} />
      ) : null}
      <G {...(turned ? { transform: TURNED[drawn.turn](option) } : {})}>
        {[...drawn.part, ...(plain ? [] : drawn.mark)].map(([path, fill, stroke = 'ink'], i) => (
          <Path
            key={i}
            d={path}
            fill={fill === 'none' ? 'none' : palette[fill]}
            stroke={palette[stroke]}
            strokeWidth={fill === 'none' ? 4 : 1.4}
            strokeLinecap="round"
            strokeLinejoin="round"
          />
        ))}
      </G>
    </Svg>
  );
}
