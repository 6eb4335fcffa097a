import { type ExternalGeometry } from './external-gear.drawing';
import { type Section } from './sections';
import { BONE_DRY, clearance, feature, fit, place } from './measures';
import {
  ENDS,
  gearMeasures,
  bushing,
  gearWidths,
  besideGears,
  backlash,
  bodyWidth,
  EDGE,
  edgePlaces,
  part,
  trackDepths,
  type Pieces,
} from './external-gear.measures';
import { say } from '../wording/say';

/** Returns one section between its wear plates, gears carried in bushings at both ends. */
export function plateSection(g: ExternalGeometry, s: Section): Pieces {
  const ends = ENDS.map(([end]) => end);
  const gears = s.gears.map((gear) => gearMeasures(s, gear, ends));
  const bushings = s.gears.flatMap((gear) =>
    ENDS.map(([end]) => bushing(s, gear, end, g.shaftDiameter_mm)),
  );
  const plates = ENDS.map(([end]) =>
    clearance(
      s.of(`plate-wear-${end}`),
      s.word(say('pumps.plateWear', { end })),
      'wear depth below the unworn face',
      {
        stations: s.gears.map(([gear, name]) =>
          place(gear, name, say('pumps.edgeOnPlate', { end, gear: name })),
        ),
        terms: fit(s.of(`plate-track-${end}`), s.of(`plate-face-${end}`)),
        trued: ['ground', 'dressed'],
        caution: 'A plate’s edges are sharp, and its coating marks easily.',
      },
    ),
  );
  return {
    parts: [
      part(s, 'body', 'Body'),
      ...s.gears.map(([gear]) => part(s, gear)),
      ...ENDS.map(([end]) => part(s, 'plate', say('pumps.plate', { end }), `plate-${end}`)),
      ...s.gears.flatMap(([gear, name]) =>
        ENDS.map(([end]) =>
          part(
            s,
            'bushing',
            say('pumps.bushingOfGear', { gear: name, end }),
            `bushing-${gear}-${end}`,
          ),
        ),
      ),
    ],
    features: [
      ...gears.flatMap((m) => m.features),
      ...ENDS.map(([end]) =>
        feature(
          s.of(`gasket-face-${end}`),
          s.word(say('pumps.plateGasketSide', { end })),
          s.of(`plate-${end}`),
          { ground: 0 },
        ),
      ),
    ],
    characteristics: [
      ...gears.flatMap(({ characteristics: [tips] }) => (tips ? [tips] : [])),
      backlash(s, g),
      clearance(s.of('end'), s.word('End clearance'), 'total of both sides', {
        stations: edgePlaces(s, EDGE.down),
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
        s.word('Total end clearance'),
        'end clearance plus the wear of both plates, against the end clearance limit',
        {
          sum: [s.of('end'), s.of('plate-wear-front'), s.of('plate-wear-rear')],
          gasket: true,
        },
      ),
    ],
    dimensions: [
      bodyWidth(s, 'pumps.acrossBodyAndPlates', g.width_mm),
      ...gearWidths(s, g),
      ...gears.flatMap((m) => m.dimensions),
      ...bushings.flatMap((b) => b.dimensions),
      ...ENDS.flatMap(([end]) =>
        trackDepths(
          s,
          `plate-${end}`,
          [`plate-track-${end}`, `plate-face-${end}`],
          say('pumps.plate', { end }),
          end,
        ),
      ),
    ],
  };
}
