import { type ExternalGeometry } from './external-gear.drawing';
import { deck } from './pocket';
import { BODY, partOf } from './kinds';
import { GEAR_AND_IDLER, type Pieces } from './sections';
import {
  BONE_DRY,
  clearance,
  dimension,
  feature,
  finger,
  fit,
  HONED,
  insideBore,
  place,
  POLISHED,
  resting,
  sumOf,
  term,
  WORN_AWAY,
} from './measures';
import {
  ENDS,
  gearMeasures,
  bushing,
  gearWidths,
  besideGears,
  EDGE,
  edgePlaces,
  BUSHINGS,
  gearParts,
  OIL_COVER,
  trackDepths,
  gearBacklash,
} from './external-gear.measures';
import { say } from '../wording/say';

/** Returns an oil pump: gears in a pocket under a flat cover, the idler on a shaft pressed into the body. */
export function oilPump(g: ExternalGeometry): Pieces {
  const gears = GEAR_AND_IDLER;
  const [drive, idler] = gears.map((gear, i) =>
    gearMeasures(gear, i === 0 ? ENDS.map(([end]) => end) : []),
  );
  const around = [drive, idler].filter((m) => m !== undefined);
  const bushings = ENDS.map(([end]) => bushing(gears[0], end));
  return {
    parts: [
      partOf(BODY),
      ...gearParts('Idler'),
      partOf(OIL_COVER, { name: 'Cover' }),
      ...ENDS.map(([end]) =>
        partOf(BUSHINGS, {
          id: `bushing-drive-${end}`,
          name: say('pumps.bushingAt', { where: end }),
        }),
      ),
    ],
    features: [
      deck,
      ...around.flatMap((m) => m.features),
      feature({
        id: 'cover-face',
        name: 'Face of the cover',
        part: 'plate',
        worked: { ground: 0, dressed: 0 },
        remedies: ['grind-cover', 'lap'],
      }),
    ],
    characteristics: [
      clearance({
        id: 'end',
        name: 'End clearance',
        convention: 'gear face to deck line',
        stations: edgePlaces(gears, EDGE.face),
        ...besideGears('pocket-depth'),
        runs: 'face',
        gasket: true,
        caution: BONE_DRY,
      }),
      ...around.flatMap(({ characteristics: [tips] }) => (tips ? [tips] : [])),
      gearBacklash(gears, g),
      ...around.flatMap(({ characteristics: [, track] }) => (track ? [track] : [])),
      clearance({
        id: 'idler-shaft-height',
        name: 'Idler shaft height',
        convention: 'shaft end below deck',
        terms: [term('idler-shaft-depth', 1)],
        caution: 'Leave a pressed shaft in. Do not drive it to height.',
      }),
      clearance({
        id: 'idler-shaft-fit',
        name: 'Idler on its shaft',
        convention: 'diametral',
        terms: fit('idler-bore', 'idler-shaft-diameter'),
        touch: finger('Idler on its shaft, dry. Does it turn freely, without rock?'),
        runs: 'shaft',
        sides: true,
      }),
      ...bushings.flatMap((b) => b.characteristics),
      ...(drive?.characteristics.slice(2) ?? []),
      clearance({
        id: 'cover-wear',
        name: 'Cover wear',
        convention: 'wear depth below the unworn face',
        stations: edgePlaces(gears, EDGE.track),
        terms: fit('track-depth', 'face-depth'),
        rests: resting('cover-face'),
        trued: ['ground', 'dressed'],
        restoredBy: ['cover'],
        caution: 'Set the cover so it cannot tip.',
      }),
      clearance({
        id: 'end-cover',
        name: 'Total end clearance',
        convention: 'end clearance plus cover wear, against the end clearance limit',
        ...sumOf('end', 'cover-wear'),
        gasket: true,
      }),
    ],
    dimensions: [
      dimension({
        id: 'pocket-depth',
        name: 'Pocket depth',
        part: 'body',
        instrument: 'depth-mic',
        stations: gears.flatMap(([gear, name]) => [
          place(
            `${gear}-a`,
            say('pumps.sideOf', { part: name }),
            say('pumps.depthToFloor', { part: name }),
          ),
          place(
            `${gear}-b`,
            say('pumps.farSide', { part: name }),
            say('pumps.depthAcross', { part: name }),
          ),
        ]),
        caution: 'Gears out. Fingers clear of the spindle.',
        field: 'width_mm',
        worked: { faced: -1, sunk: 1 },
        remedies: ['face-deck', 'sink-pocket'],
      }),
      ...gearWidths(gears),
      ...around.flatMap((m) => m.dimensions),
      dimension({
        id: 'idler-shaft-depth',
        name: 'Idler shaft below deck',
        part: 'body',
        instrument: 'depth-mic',
        stations: [
          place('a', 'shaft end', 'Depth mic on the deck, spindle on the end of the idler shaft.'),
          place('b', 'shaft end, turned', 'Repeat with the base turned 90°.'),
        ],
        worked: { faced: -1 },
        remedies: ['face-deck'],
      }),
      dimension({
        id: 'idler-bore',
        name: 'Idler bore',
        part: 'idler',
        instrument: 'bore-gauge',
        stations: insideBore('idler'),
        worked: HONED,
        unworked: WORN_AWAY,
      }),
      dimension({
        id: 'idler-shaft-diameter',
        name: 'Idler shaft',
        part: 'body',
        instrument: 'outside-mic',
        stations: [
          place('a', 'first', 'Outside mic over the idler shaft where the gear runs.'),
          place('b', '90° round', 'Outside mic over the idler shaft, 90° round.'),
        ],
        worked: POLISHED,
        unworked: WORN_AWAY,
      }),
      ...bushings.flatMap((b) => b.dimensions),
      ...trackDepths(
        gears,
        'plate',
        ['track-depth', 'face-depth'],
        'Cover',
        'cover',
        'grind-cover',
      ),
    ],
  };
}
