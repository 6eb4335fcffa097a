import { asks, at, on, surface, type Surface } from './teardown';

/** What a body with a pocket and a cover has, whatever turns in it. */
export const ears: Surface = surface(
  'ears',
  'Body, ears and ribs',
  'body',
  'casting',
  on('empty', -0.62, -0.66),
);

export const deck = (measure: readonly string[]): Surface =>
  surface(
    'deck',
    'Deck',
    'body',
    'face',
    at('deck-flatness', '12'),
    asks(['deck-flatness', ...measure], 'the edge lies on the deck'),
  );

export const floor = (measure: readonly string[], who: string): Surface =>
  surface(
    'floor',
    'Pocket floor',
    'body',
    'face',
    at('pocket-depth', '3'),
    asks(['floor-tilt', ...measure], `${who} have run into the floor`),
  );

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

export const rim = (part: string, name: string): Surface =>
  surface(
    `${part}-rim`,
    `${name} rim`,
    part,
    'rim',
    at('od-pocket', '4'),
    asks(['od-pocket'], 'the rim has rubbed the wall'),
  );

export const coverTrack = (track: string, gap: string, part = 'cover', station = '4'): Surface =>
  surface(
    'cover-track',
    `Cover, ${track}`,
    part,
    'face',
    at('cover-wear', station),
    asks(['cover-wear'], `wear of the cover adds to the ${gap}`),
  );
