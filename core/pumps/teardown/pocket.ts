import { asks, atStation, on, surface, treated, type Surface } from './teardown';
import { say } from '../../wording/say';

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
  treated(
    ['face-deck'],
    'deck',
    'Deck',
    'body',
    'face',
    atStation('deck-flatness', '12'),
    asks(['deck-flatness', ...measure], 'the straightedge rests on the deck'),
  );

/**
 * Returns the bottom of the pocket; marks on it ask for its tilt and for these characteristics.
 *
 * @param who runs over it, as in *gears*
 */
export const floor = (measure: readonly string[], who: string): Surface =>
  treated(
    ['sink-pocket'],
    'floor',
    'Pocket floor',
    'body',
    'face',
    atStation('pocket-depth', '3'),
    asks(['floor-tilt', ...measure], say('pumps.ranInFloor', { parts: who })),
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
    asks(['od-pocket'], say('pumps.rubbedWall', { part: who })),
  );

/** Returns a face of what turns, as it is looked at on both sides. */
export const runningFace = (part: string, name: string, hour: string): Surface =>
  treated(
    ['grind-widths'],
    `${part}-face`,
    say('pumps.bothFaces', { part: name }),
    part,
    'face',
    atStation(`face-${part}`, hour),
    asks([`face-${part}`], 'it has run on its face'),
  );

/** Returns the outside of a part that turns in the pocket; marks on it ask for the gap to the wall. */
export const rim = (part: string, name: string): Surface =>
  surface(
    `${part}-rim`,
    say('pumps.rim', { part: name }),
    part,
    'rim',
    atStation('od-pocket', '4'),
    asks(['od-pocket'], 'the rim has rubbed the wall'),
  );

/**
 * Returns the track that turning parts have left on the cover; marks on it ask for its wear.
 *
 * @param gap that the wear adds to, as in *end clearance*
 */
export const coverTrack = (track: string, gap: string, part = 'cover', station = '4'): Surface =>
  treated(
    ['grind-cover'],
    'cover-track',
    say('pumps.coverMark', { mark: track }),
    part,
    'face',
    atStation('cover-wear', station),
    asks(['cover-wear'], say('pumps.addsTo', { clearance: gap })),
  );
