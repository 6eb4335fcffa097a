import { type ExternalGeometry } from './external-gear.drawing';
import { BODY, partOf } from './kinds';
import { GEARS, type Pieces } from './sections';
import { BONE_DRY, clearance, feature, fit, place, sumOf } from './measures';
import {
  ENDS,
  gearMeasures,
  bushing,
  gearWidths,
  besideGears,
  bodyWidth,
  EDGE,
  edgePlaces,
  BUSHINGS,
  gearParts,
  PLATES,
  trackDepths,
  gearBacklash,
} from './external-gear.measures';
import { say } from '../wording/say';

/** Returns one section between its wear plates, gears carried in bushings at both ends. */
export function plateSection(g: ExternalGeometry): Pieces {
  const ends = ENDS.map(([end]) => end);
  const around = GEARS.map((gear) => gearMeasures(gear, ends));
  const bushings = GEARS.flatMap((gear) => ENDS.map(([end]) => bushing(gear, end)));
  const plates = ENDS.map(([end]) =>
    clearance({
      id: `plate-wear-${end}`,
      name: say('pumps.plateWear', { end }),
      convention: 'wear depth below the unworn face',
      stations: GEARS.map(([gear, name]) =>
        place(gear, name, say('pumps.edgeOnPlate', { end, gear: name })),
      ),
      terms: fit(`plate-track-${end}`, `plate-face-${end}`),
      trued: ['ground', 'dressed'],
      restoredBy: ['plate'],
      caution: 'A plate’s edges are sharp, and its coating marks easily.',
    }),
  );
  return {
    parts: [
      partOf(BODY),
      ...gearParts(),
      ...ENDS.map(([end]) =>
        partOf(PLATES, { id: `plate-${end}`, name: say('pumps.plate', { end }) }),
      ),
      ...GEARS.flatMap(([gear, name]) =>
        ENDS.map(([end]) =>
          partOf(BUSHINGS, {
            id: `bushing-${gear}-${end}`,
            name: say('pumps.bushingOfGear', { gear: name, end }),
          }),
        ),
      ),
    ],
    features: [
      ...around.flatMap((m) => m.features),
      ...ENDS.map(([end]) =>
        feature({
          id: `gasket-face-${end}`,
          name: say('pumps.plateGasketSide', { end }),
          part: `plate-${end}`,
          worked: { ground: 0 },
          remedies: ['grind-gasket-side'],
        }),
      ),
    ],
    characteristics: [
      ...around.flatMap(({ characteristics: [tips] }) => (tips ? [tips] : [])),
      gearBacklash(GEARS, g),
      clearance({
        id: 'end',
        name: 'End clearance',
        convention: 'total of both sides',
        stations: edgePlaces(GEARS, EDGE.down),
        ...besideGears('body-width'),
        usual: 'size',
        runs: 'face',
        gasket: true,
        caution: BONE_DRY,
      }),
      ...around.flatMap(({ characteristics }) => characteristics.slice(1)),
      ...bushings.flatMap((b) => b.characteristics),
      ...plates,
      clearance({
        id: 'end-plates',
        name: 'Total end clearance',
        convention: 'end clearance plus the wear of both plates, against the end clearance limit',
        ...sumOf('end', 'plate-wear-front', 'plate-wear-rear'),
        gasket: true,
      }),
    ],
    dimensions: [
      bodyWidth('pumps.acrossBodyAndPlates', 'width_mm'),
      ...gearWidths(GEARS),
      ...around.flatMap((m) => m.dimensions),
      ...bushings.flatMap((b) => b.dimensions),
      ...ENDS.flatMap(([end]) =>
        trackDepths(
          GEARS,
          `plate-${end}`,
          [`plate-track-${end}`, `plate-face-${end}`],
          say('pumps.plate', { end }),
          end,
          'grind-plate',
        ),
      ),
    ],
  };
}
