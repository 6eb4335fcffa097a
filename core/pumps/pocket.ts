import type { Characteristic, Dimension, Feature, Station } from './family';
import { dimensionId } from './ids';
import {
  BONE_DRY,
  clearance,
  dimension,
  feature,
  fit,
  HONED,
  place,
  resting,
  sumOf,
  sweep,
  WORN_AWAY,
} from './measures';
import { say } from '../wording/say';

/** Clearances and sizes of a round pocket under a cover, the same whatever turns in it. */

/**
 * Returns places named by their hour.
 *
 * @param list the hours
 * @param words the instruction at each
 */
export const hours = (list: readonly number[], words: (hour: number) => string): Station[] =>
  list.map((hour) => place(`${hour}`, say('pumps.atHour', { hour }), words(hour)));

/** Returns the lines across the pocket, `12–6`; their ids have a plain hyphen. */
export const lines = (list: readonly string[], words: (line: string) => string): Station[] =>
  list.map((line) => place(line.replace('–', '-'), line, words(line)));

/** Returns the two lines at 90°, and the leaf on the part at both ends of each. */
export const edgeHours = (what: string, where: Readonly<Record<number, string>> = {}): Station[] =>
  (
    [
      ['12–6', 12],
      ['12–6', 6],
      ['3–9', 3],
      ['3–9', 9],
    ] as const
  ).map(([line, hour]) =>
    place(
      `${hour}`,
      [hour, where[hour]].filter(Boolean).join(', '),
      say('pumps.edgeAcross', { line, part: what, hour }),
    ),
  );

/** Returns the face clearance of a part in its pocket: leaf under the edge, or depth less width. */
export const faceGap = (
  id: string,
  name: string,
  stations: readonly Station[],
  width: string,
  turning?: string,
): Characteristic =>
  clearance({
    id,
    name,
    convention: 'face to deck line',
    stations,
    terms: fit('pocket-depth', width),
    ...(turning
      ? {
          touch: sweep(say('pumps.sweep', { parts: turning })),
        }
      : {}),
    runs: 'face',
    gasket: true,
    caution: BONE_DRY,
  });

/** Returns a part pushed hard against the far wall, the full gap on the near side. */
export const wallGap = (
  name: string,
  what: string,
  terms: Characteristic['terms'],
): Characteristic =>
  clearance({
    id: 'od-pocket',
    name,
    convention: say('pumps.diametral', { part: what }),
    stations: (
      [
        [6, 12],
        [10, 4],
        [2, 8],
      ] as const
    ).map(([from, to]) =>
      place(
        `${to}`,
        say('pumps.atHour', { hour: to }),
        say('pumps.pushToWall', { part: what, from, hour: to }),
      ),
    ),
    ...(terms ? { terms } : {}),
    runs: 'outside',
    sides: true,
    caution: 'Push with a wooden drift. No fingers in the gap.',
  });

export const deckFlatness: Characteristic = clearance({
  id: 'deck-flatness',
  name: 'Deck flatness',
  convention: 'largest gap under the straightedge on the bare deck',
  stations: (
    [
      ['12', '12–6'],
      ['3', '3–9'],
    ] as const
  ).map(([id, line]) => place(id, say('pumps.line', { line }), say('pumps.edgeOnDeck', { line }))),
  rests: resting('deck'),
  trued: ['faced'],
  restoredBy: ['body'],
  caution: 'Remove dowels. Stone off nicks.',
});

/**
 * Returns the tilt of a pocket floor as it is judged: the plane through its depths, deep side less
 * shallow side.
 *
 * @param diameter_mm of the pocket, over which the tilt is given
 */
export const floorTilt = (diameter_mm: number, caution?: string): Characteristic =>
  clearance({
    id: 'floor-tilt',
    name: 'Floor tilt',
    convention: 'across the pocket, deep side less shallow side',
    tilt: { dimension: dimensionId('pocket-depth'), diameter_mm },
    trued: ['sunk'],
    restoredBy: ['body'],
    ...(caution ? { caution } : {}),
  });

/** Describes the wear of the cover where a part has run: leaf under the straightedge, or depths on the wear mark and beside it. */
export const coverWear: Characteristic = clearance({
  id: 'cover-wear',
  name: 'Cover wear',
  convention: 'wear depth below the unworn face',
  stations: lines(['12–6', '2–8', '4–10'], (line) => say('pumps.edgeOnCover', { line })),
  terms: fit('track-depth', 'face-depth'),
  trued: ['ground', 'dressed'],
  restoredBy: ['cover'],
  caution: 'Set the cover so it cannot tip: it is heavy.',
});

/** Returns what a face limit applies to: the gap in the body and the wear of the cover together. */
export const withCover = (id: string, name: string, base: string): Characteristic =>
  clearance({
    id,
    name,
    convention: 'end clearance plus cover wear, against the end clearance limit',
    ...sumOf(base, 'cover-wear'),
    gasket: true,
  });

/**
 * Returns the depth of the pocket below the deck, read at four places.
 *
 * @param out what has to come out of it first
 */
export const pocketDepth = (out: string): Dimension =>
  dimension({
    id: 'pocket-depth',
    name: 'Pocket depth',
    part: 'body',
    instrument: 'depth-mic',
    stations: hours([12, 3, 6, 9], (h) => say('pumps.depthAtHour', { hour: h })),
    caution: say('pumps.outFirst', { parts: out }),
    field: 'width_mm',
    worked: { faced: -1, sunk: 1 },
    remedies: ['face-deck', 'sink-pocket'],
  });

/** Describes the diameter of the pocket, read across two lines. */
export const pocketBore: Dimension = dimension({
  id: 'pocket-diameter',
  name: 'Pocket bore',
  part: 'body',
  instrument: 'bore-gauge',
  stations: lines(['12–6', '3–9'], (l) => say('pumps.gaugeAcrossPocket', { line: l })),
  field: 'pocketDiameter_mm',
  worked: HONED,
  unworked: WORN_AWAY,
});

/** The plane that the cover lies on; with it goes how far the pump stands from its unit. */
export const deck: Feature = feature({
  id: 'deck',
  name: 'Deck',
  part: 'body',
  worked: { faced: -1, dressed: 0 },
  remedies: ['stone'],
});

/** Lists the depths on the cover: where a part has run, and where nothing has. */
export const coverDepths: readonly Dimension[] = (
  [
    ['track-depth', 'Cover wear mark', 'pumps.coverOnTrack'],
    ['face-depth', 'Cover unworn face', 'pumps.coverOnFace'],
  ] as const
).map(([id, name, where]) =>
  dimension({
    id,
    name,
    part: 'cover',
    instrument: 'depth-mic',
    stations: hours([12, 4, 8], (hour) => say(where, { hour })),
    also: ['height-gauge'],
    worked: { ground: 0, dressed: 0 },
    remedies: ['grind-cover', 'lap'],
  }),
);
