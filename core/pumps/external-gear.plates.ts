import { type ExternalGeometry } from './external-gear.drawing';
import { GEARS, type Section } from './sections';
import { BONE_DRY, clearance, fit, place } from './measures';
import {
  ENDS,
  gearMeasures,
  bushing,
  gearWidths,
  besideGears,
  backlash,
  bodyWidth,
  edgePlaces,
  part,
  trackDepths,
  type Pieces,
} from './external-gear.measures';

/** Returns one section between its wear plates, gears carried in bushings at both ends. */
export function plateSection(g: ExternalGeometry, s: Section): Pieces {
  const ends = ENDS.map(([end]) => end);
  const gears = GEARS.map((gear) => gearMeasures(s, gear, ends));
  const bushings = GEARS.flatMap((gear) =>
    ENDS.map(([end]) => bushing(s, gear, end, g.shaftDiameter_mm)),
  );
  const plates = ENDS.map(([end]) =>
    clearance(
      s.of(`plate-wear-${end}`),
      s.word(`Plate wear, ${end}`),
      'depth of the gear track under the untouched face',
      {
        stations: [
          place(
            'drive',
            'shaft gear',
            `Edge along the ${end} plate, leaf on the shaft gear’s track.`,
          ),
          place('idler', 'idler', `Edge along the ${end} plate, leaf on the idler’s track.`),
        ],
        terms: fit(s.of(`plate-track-${end}`), s.of(`plate-face-${end}`)),
        caution: 'A plate’s edges are sharp, and its coating marks easily.',
      },
    ),
  );
  return {
    parts: [
      part(s, 'body', 'Body'),
      ...GEARS.map(([gear]) => part(s, gear)),
      ...ENDS.map(([end]) => part(s, 'plate', `Plate, ${end}`, `plate-${end}`)),
      ...GEARS.flatMap(([gear, name]) =>
        ENDS.map(([end]) =>
          part(s, 'bushing', `Bushing, ${name} ${end}`, `bushing-${gear}-${end}`),
        ),
      ),
    ],
    features: [...gears.flatMap((m) => m.features)],
    characteristics: [
      ...gears.flatMap(({ characteristics: [tips] }) => (tips ? [tips] : [])),
      backlash(s, g),
      clearance(s.of('end'), s.word('End clearance'), 'total of both sides', {
        stations: edgePlaces('gears down, leaf on the face'),
        ...besideGears(s, s.of('body-width')),
        usual: 'size',
        gasket: true,
        caution: BONE_DRY,
      }),
      ...gears.flatMap(({ characteristics }) => characteristics.slice(1)),
      ...bushings.flatMap((b) => b.characteristics),
      ...plates,
      clearance(
        s.of('end-plates'),
        s.word('End with plates'),
        'end clearance and the wear of both plates together, against the end limit',
        {
          sum: [s.of('end'), s.of('plate-wear-front'), s.of('plate-wear-rear')],
          gasket: true,
        },
      ),
    ],
    dimensions: [
      bodyWidth(s, ', with its plates where the book says so', g.width_mm),
      ...gearWidths(s, g),
      ...gears.flatMap((m) => m.dimensions),
      ...bushings.flatMap((b) => b.dimensions),
      ...ENDS.flatMap(([end]) =>
        trackDepths(
          s,
          `plate-${end}`,
          [`plate-track-${end}`, `plate-face-${end}`],
          `Plate, ${end}`,
        ),
      ),
    ],
  };
}
