import { configureFonts, useTheme, type MD3Theme } from 'react-native-paper';
import { MD3DarkTheme, MD3LightTheme } from 'react-native-paper/lib/module/styles/themes';

/** The colours that carry meaning. A verdict never rests on one alone. */
export interface Palette {
  readonly plate: string;
  readonly paper: string;
  readonly ink: string;
  readonly muted: string;
  readonly blue: string;
  readonly onBlue: string;
  readonly brass: string;
  readonly in: string;
  readonly out: string;
  readonly line: string;
  readonly steel: string;
  readonly steelDeep: string;
  readonly casting: string;
  readonly vane: string;
  /** What is worked on, on a drawing. */
  readonly worked: string;
}

const LIGHT: Palette = {
  plate: '#E6EAE9',
  paper: '#F6F8F6',
  ink: '#15222D',
  muted: '#52626D',
  blue: '#1D3F9E',
  onBlue: '#FFFFFF',
  brass: '#855A14',
  in: '#17634A',
  out: '#A8322A',
  line: '#C3CBCB',
  steel: '#C9D3D9',
  steelDeep: '#AFBDC5',
  casting: '#D6DBD7',
  vane: '#DCC9A3',
  worked: '#B4C3EA',
};

const DARK: Palette = {
  plate: '#10181E',
  paper: '#18222A',
  ink: '#E8EEF0',
  muted: '#9DB0BA',
  blue: '#8FB0FF',
  onBlue: '#0C1A3C',
  brass: '#D9A44A',
  in: '#63C79C',
  out: '#F08A7E',
  line: '#33414B',
  steel: '#46545E',
  steelDeep: '#36434C',
  casting: '#222D35',
  vane: '#5C4E33',
  worked: '#33477F',
};

export const FONT = 'Barlow Semi Condensed';

/** How much larger than usual a reader has set the text of the browser. */
export const TEXT_SCALE =
  typeof document === 'undefined'
    ? 1
    : (parseFloat(getComputedStyle(document.documentElement).fontSize) || 16) / 16;

/** Returns a measure of text in px, as large as the reader has set it. */
export const scaled = (px: number): number => Math.round(px * TEXT_SCALE);

/** Sizes of type in px; the instruction and the reading are the largest things on a screen. */
export const TYPE = {
  note: scaled(14),
  body: scaled(16),
  strong: scaled(18),
  title: scaled(20),
  instruction: scaled(26),
  reading: scaled(34),
} as const;

/** Least height of what is touched, in px: anywhere, and on the measuring screen. */
export const TOUCH = 48;
export const TOUCH_LARGE = 64;

/** From this width on, the screen is laid out for a bench computer. */
export const WIDE = 900;

const ALL_FONTS = configureFonts({ config: { fontFamily: FONT, letterSpacing: 0 } });

/** Paper writes buttons smaller than is legible at arm's length. */
const FONTS = {
  ...ALL_FONTS,
  labelLarge: {
    ...ALL_FONTS.labelLarge,
    fontSize: scaled(17),
    lineHeight: scaled(22),
    fontWeight: '600' as const,
  },
  bodySmall: { ...ALL_FONTS.bodySmall, fontSize: scaled(14), lineHeight: scaled(18) },
};

export type BenchTheme = MD3Theme & { readonly palette: Palette };

function themed(base: MD3Theme, palette: Palette): BenchTheme {
  const { plate, paper, ink, muted, blue, onBlue, out, line, steel } = palette;
  return {
    ...base,
    palette,
    roundness: 2,
    fonts: FONTS,
    colors: {
      ...base.colors,
      primary: blue,
      onPrimary: onBlue,
      primaryContainer: steel,
      onPrimaryContainer: ink,
      secondaryContainer: steel,
      onSecondaryContainer: ink,
      background: plate,
      onBackground: ink,
      surface: paper,
      onSurface: ink,
      surfaceVariant: paper,
      onSurfaceVariant: muted,
      outline: muted,
      outlineVariant: line,
      error: out,
      elevation: {
        level0: 'transparent',
        level1: paper,
        level2: paper,
        level3: paper,
        level4: paper,
        level5: paper,
      },
    },
  };
}

/** Returns a palette for readers who ask for more contrast: stronger lines, and muted text in full ink. */
const stronger = (palette: Palette): Palette => ({
  ...palette,
  line: palette.muted,
  muted: palette.ink,
});

export const LIGHT_THEME = themed(MD3LightTheme, LIGHT);
export const DARK_THEME = themed(MD3DarkTheme, DARK);
export const THEMES = { light: LIGHT_THEME, dark: DARK_THEME };
export const STRONG_THEMES = {
  light: themed(MD3LightTheme, stronger(LIGHT)),
  dark: themed(MD3DarkTheme, stronger(DARK)),
};

export function usePalette(): Palette {
  return useTheme<BenchTheme>().palette;
}
