import { type ExternalGeometry } from './external-gear.drawing';
import type { Characteristic, Dimension, Term } from './family';
import { type Section } from './sections';
import { BONE_DRY, clearance, dimension, place } from './measures';
import {
  ENDS,
  gearMeasures,
  bushing,
  gearWidths,
  backlash,
  bodyWidth,
  part,
  type Pieces,
} from './external-gear.measures';
import { say } from '../wording/say';

/**
 * Returns what is left in the body beside a gear between its two bushing blocks: body − gear − two blocks.
 */
const besideBlocks = (s: Section, gear: string): readonly Term[] => [
  { dimension: s.of('body-width'), factor: 1 },
  { dimension: s.of(`${gear}-width`), factor: -1 },
  ...ENDS.map(([end]) => ({ dimension: s.of(`block-length-${end}`), factor: -1 })),
];

const endClearance = (s: Section): Characteristic =>
  clearance(
    s.of('end'),
    s.word('End clearance'),
    'body less gear less both bushing blocks: the total of both sides',
    {
      terms: besideBlocks(s, 'drive'),
      besides: [besideBlocks(s, 'idler')],
      gasket: true,
      caution: BONE_DRY,
    },
  );

const blockLength = (s: Section, end: string): Dimension =>
  dimension(
    s.of(`block-length-${end}`),
    s.word(say('pumps.blockLength', { end })),
    s.of(`block-${end}`),
    'outside-mic',
    s.gears.map(([gear, name]) =>
      place(
        gear,
        say('pumps.atPart', { part: name }),
        say('pumps.micOverBlock', { end, gear: name }),
      ),
    ),
    { also: ['height-gauge', 'depth-mic'], worked: { ground: -1 } },
  );

/** Returns one section whose gears run between two bushing blocks that lie inside the body. */
export function blockSection(g: ExternalGeometry, s: Section): Pieces {
  const gears = s.gears.map((gear) =>
    gearMeasures(
      s,
      gear,
      ENDS.map(([end]) => end),
    ),
  );
  const bushings = s.gears.flatMap((gear) =>
    ENDS.map(([end]) => bushing(s, gear, end, g.shaftDiameter_mm, `block-${end}`)),
  );
  return {
    parts: [
      part(s, 'body', 'Body'),
      ...s.gears.map(([gear]) => part(s, gear)),
      ...ENDS.map(([end]) => part(s, 'bushing', say('pumps.block', { end }), `block-${end}`)),
    ],
    features: gears.flatMap((m) => m.features),
    characteristics: [
      ...gears.flatMap(({ characteristics: [tips] }) => (tips ? [tips] : [])),
      backlash(s, g),
      endClearance(s),
      ...gears.flatMap(({ characteristics }) => characteristics.slice(1)),
      ...bushings.flatMap((b) => b.characteristics),
    ],
    dimensions: [
      bodyWidth(s, 'pumps.acrossBody'),
      ...ENDS.map(([end]) => blockLength(s, end)),
      ...gearWidths(s, g),
      ...gears.flatMap((m) => m.dimensions),
      ...bushings.flatMap((b) => b.dimensions),
    ],
  };
}
