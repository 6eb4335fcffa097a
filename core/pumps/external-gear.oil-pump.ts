import { type ExternalGeometry } from './external-gear.drawing';
import { deck } from './pocket';
import { GEARS, type Section } from './sections';
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
} from './measures';
import {
  ENDS,
  gearMeasures,
  bushing,
  gearWidths,
  besideGears,
  backlash,
  edgePlaces,
  part,
  trackDepths,
  type Pieces,
} from './external-gear.measures';

/** Returns an oil pump: gears in a pocket under a flat cover, the idler on a shaft pressed into the body. */
export function oilPump(g: ExternalGeometry, s: Section): Pieces {
  const [drive, idler] = GEARS.map((gear, i) =>
    gearMeasures(s, gear, i === 0 ? ENDS.map(([end]) => end) : []),
  );
  const gears = [drive, idler].filter((m) => m !== undefined);
  const bushings = ENDS.map(([end]) => bushing(s, GEARS[0], end, g.shaftDiameter_mm));
  return {
    parts: [
      part(s, 'body', 'Body'),
      ...GEARS.map(([gear]) => part(s, gear)),
      part(s, 'plate', 'Cover'),
      ...ENDS.map(([end]) => part(s, 'bushing', `Bushing, ${end}`, `bushing-drive-${end}`)),
    ],
    features: [
      deck,
      ...gears.flatMap((m) => m.features),
      feature('cover-face', 'Face of the cover', 'plate', { ground: 0, dressed: 0 }),
    ],
    characteristics: [
      clearance('end', 'End clearance', 'gear face to deck line', {
        stations: edgePlaces('leaf on the gear face'),
        ...besideGears(s, 'pocket-depth'),
        gasket: true,
        caution: BONE_DRY,
      }),
      ...gears.flatMap(({ characteristics: [tips] }) => (tips ? [tips] : [])),
      backlash(s, g),
      ...gears.flatMap(({ characteristics: [, track] }) => (track ? [track] : [])),
      clearance('idler-shaft-height', 'Idler shaft height', 'its end under the deck line', {
        terms: [{ dimension: 'idler-shaft-depth', factor: 1 }],
        caution: 'A pressed shaft stays in: do not drive it to bring it to height.',
      }),
      clearance('idler-shaft-fit', 'Idler on its shaft', 'diametral', {
        terms: fit('idler-bore', 'idler-shaft-diameter'),
        touch: finger('Idler on its shaft, dry: does it turn, does it rock?'),
        sides: true,
      }),
      ...bushings.flatMap((b) => b.characteristics),
      ...(drive?.characteristics.slice(2) ?? []),
      clearance('cover-wear', 'Cover wear', 'depth of the gear track under the untouched face', {
        stations: edgePlaces('leaf on the gear track'),
        terms: fit('track-depth', 'face-depth'),
        rests: ['cover-face'],
        caution: 'Lay the cover so that it cannot tip.',
      }),
      clearance(
        'end-cover',
        'End with cover',
        'end clearance and cover wear together, against the end limit',
        { sum: ['end', 'cover-wear'], gasket: true },
      ),
    ],
    dimensions: [
      dimension(
        'pocket-depth',
        'Pocket depth',
        'body',
        'depth-mic',
        GEARS.flatMap(([gear, name]) => [
          place(
            `${gear}-a`,
            `${name} side`,
            `Depth mic on the deck, down to the floor of the ${name}.`,
          ),
          place(`${gear}-b`, `${name}, far side`, `Depth mic again, across the ${name}’s pocket.`),
        ]),
        {
          caution: 'Gears out. Fingers clear of the spindle.',
          drawn_mm: g.width_mm,
          field: 'width_mm',
          worked: { faced: -1, sunk: 1 },
        },
      ),
      ...gearWidths(s, g),
      ...gears.flatMap((m) => m.dimensions),
      dimension(
        'idler-shaft-depth',
        'Idler shaft under the deck',
        'body',
        'depth-mic',
        [
          place('a', 'shaft end', 'Depth mic on the deck, spindle on the end of the idler shaft.'),
          place('b', 'shaft end, turned', 'The same with the base turned 90°.'),
        ],
        { worked: { faced: -1 } },
      ),
      dimension('idler-bore', 'Idler bore', 'idler', 'bore-gauge', insideBore('idler'), {
        worked: HONED,
      }),
      dimension(
        'idler-shaft-diameter',
        'Idler shaft',
        'body',
        'outside-mic',
        [
          place('a', 'first', 'Outside mic over the idler shaft where the gear runs.'),
          place('b', '90° on', 'Outside mic over the idler shaft, 90° on.'),
        ],
        { worked: POLISHED },
      ),
      ...bushings.flatMap((b) => b.dimensions),
      ...trackDepths(s, 'plate', ['track-depth', 'face-depth'], 'Cover'),
    ],
  };
}
