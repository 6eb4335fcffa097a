import { type ExternalGeometry } from './external-gear.drawing';
import type { Characteristic, Dimension, Term } from './family';
import { BODY, partOf } from './kinds';
import { GEARS, type Pieces } from './sections';
import { BONE_DRY, clearance, dimension, place, term } from './measures';
import {
  ENDS,
  gearMeasures,
  bushing,
  gearWidths,
  gearBacklash,
  bodyWidth,
  BLOCKS,
  gearParts,
} from './external-gear.measures';
import { say } from '../wording/say';

/**
 * Returns what is left in the body beside a gear between its two bushing blocks: body − gear − two blocks.
 */
const besideBlocks = (gear: string): readonly Term[] => [
  term('body-width', 1),
  term(`${gear}-width`, -1),
  ...ENDS.map(([end]) => term(`block-length-${end}`, -1)),
];

const endClearance: Characteristic = clearance({
  id: 'end',
  name: 'End clearance',
  convention: 'body less gear less both bushing blocks: the total of both sides',
  terms: besideBlocks('drive'),
  besides: [besideBlocks('idler')],
  runs: 'face',
  gasket: true,
  caution: BONE_DRY,
});

const blockLength = (end: string): Dimension =>
  dimension({
    id: `block-length-${end}`,
    name: say('pumps.blockLength', { end }),
    part: `block-${end}`,
    instrument: 'outside-mic',
    stations: GEARS.map(([gear, name]) =>
      place(
        gear,
        say('pumps.atPart', { part: name }),
        say('pumps.micOverBlock', { end, gear: name }),
      ),
    ),
    also: ['height-gauge', 'depth-mic'],
    worked: { ground: -1 },
    remedies: ['grind-block'],
  });

/** Returns one section whose gears run between two bushing blocks that lie inside the body. */
export function blockSection(g: ExternalGeometry): Pieces {
  const around = GEARS.map((gear) =>
    gearMeasures(
      gear,
      ENDS.map(([end]) => end),
    ),
  );
  const bushings = GEARS.flatMap((gear) => ENDS.map(([end]) => bushing(gear, end, `block-${end}`)));
  return {
    parts: [
      partOf(BODY),
      ...gearParts(),
      ...ENDS.map(([end]) =>
        partOf(BLOCKS, { id: `block-${end}`, name: say('pumps.block', { end }) }),
      ),
    ],
    features: around.flatMap((m) => m.features),
    characteristics: [
      ...around.flatMap(({ characteristics: [tips] }) => (tips ? [tips] : [])),
      gearBacklash(GEARS, g),
      endClearance,
      ...around.flatMap(({ characteristics }) => characteristics.slice(1)),
      ...bushings.flatMap((b) => b.characteristics),
    ],
    dimensions: [
      bodyWidth('pumps.acrossBody'),
      ...ENDS.map(([end]) => blockLength(end)),
      ...gearWidths(GEARS),
      ...around.flatMap((m) => m.dimensions),
      ...bushings.flatMap((b) => b.dimensions),
    ],
  };
}
