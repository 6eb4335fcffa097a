import type { WorkKind } from './family';

/**
 * Lists what puts a size or a surface right, by what it does to it, with the kinds of work that this is in the journal.
 * The remedies of a size or a surface stand with it; an operation of a shop says which remedy it carries out. Where
 * there are several kinds of work, the first has to have something to work on, and the others go along.
 */
export const REMEDIES = {
  'face-deck': ['faced'],
  'sink-pocket': ['sunk', 'ground'],
  'grind-body': ['ground'],
  'grind-widths': ['ground'],
  'grind-cover': ['ground'],
  'grind-plate': ['ground'],
  'grind-gasket-side': ['ground'],
  'grind-block': ['ground'],
  lap: ['dressed'],
  'hone-bushing': ['honed'],
  'polish-seal-track': ['dressed'],
  'polish-journal': ['dressed'],
  'change-washer': ['shimmed'],
  sleeve: ['sleeved'],
  'cut-seat': [],
  stone: ['dressed'],
  'roughen-race': [],
  'drill-drain': [],
  'free-drain-valve': [],
} as const satisfies Readonly<Record<string, readonly WorkKind[]>>;

export type Remedy = keyof typeof REMEDIES;

/** Lists what a part may be bought as where another takes its place; the gears of a section come as one set. */
export const REPLACEMENTS = [
  'body',
  'gears',
  'cover',
  'plate',
  'block',
  'bushing',
  'bearing',
  'hub',
  'shaft',
  'rotor',
  'vanes',
  'ring',
  'slide',
  'plunger',
  'spring',
] as const;
export type Replacement = (typeof REPLACEMENTS)[number];

/**
 * Says what a kind of part is for in its pump:
 * `base` the others are put into it, and with it the pump is given up; `holds` others turn in it; `turns` it turns;
 * `set` it comes as a set with the others of its section; `sized` it is sized to what runs in it as it goes in;
 * `bears` a shaft runs in it, plain; `clutches` the one-way clutches sit in it.
 */
export type Role = 'base' | 'holds' | 'turns' | 'set' | 'sized' | 'bears' | 'clutches';
