import { asks, at, on, surface, type Surface } from './teardown';

/** Describes what a body with a pocket and a cover has, whatever turns in it. */
export const ears: Surface = surface(
  'ears',
  'Body, ears and ribs',
  'body',
  'casting',
  on('empty', -0.62, -0.66),
);

/** Returns the face that the cover lies on; marks on it ask for its flatness and for these characteristics. */
export const deck = (measure: readonly string[]): Surface =>
  surface(
    'deck',
    'Deck',
    'body',
    'face',
    at('deck-flatness', '12'),
    asks(['deck-flatness', ...measure], 'the edge lies on the deck'),
  );

/**
 * Returns the bottom of the pocket; marks on it ask for its tilt and for these characteristics.
 *
 * @param who runs over it, as in *the gears*
 */
export const floor = (measure: readonly string[], who: string): Surface =>
  surface(
    'floor',
    'Pocket floor',
    'body',
    'face',
    at('pocket-depth', '3'),
    asks(['floor-tilt', ...measure], `${who} have run into the floor`),
  );

/**
 * Returns the wall of the pocket; marks on it ask for the gap beside it.
 *
 * @param x where it is on the drawing, as a share of its half-side; so is y
 * @param who turns against it, as in *driven gear*
 */
export const wall = (x: number, y: number, who: string): Surface =>
  surface(
    'wall',
    'Pocket wall',
    'body',
    'wall',
    on('empty', x, y),
    asks(['od-pocket'], `the ${who} has rubbed the wall`),
  );

/** Returns a face of what turns, as it is looked at on both sides. */
export const runningFace = (part: string, name: string, hour: string): Surface =>
  surface(
    `${part}-face`,
    `${name}, both faces`,
    part,
    'face',
    at(`face-${part}`, hour),
    asks([`face-${part}`], 'it has run on its face'),
  );

/** Returns the outside of a part that turns in the pocket; marks on it ask for the gap to the wall. */
export const rim = (part: string, name: string): Surface =>
  surface(
    `${part}-rim`,
    `${name} rim`,
    part,
    'rim',
    at('od-pocket', '4'),
    asks(['od-pocket'], 'the rim has rubbed the wall'),
  );

/**
 * Returns the track that turning parts have left on the cover; marks on it ask for its wear.
 *
 * @param gap that the wear adds to, as in *face gap*
 */
export const coverTrack = (track: string, gap: string, part = 'cover', station = '4'): Surface =>
  surface(
    'cover-track',
    `Cover, ${track}`,
    part,
    'face',
    at('cover-wear', station),
    asks(['cover-wear'], `wear of the cover adds to the ${gap}`),
  );
