import {
  externalGeometry,
  externalOutline,
  externalPlacement,
  type ExternalGeometry,
} from './external-gear.drawing';
import type { PumpFamily, PumpModel } from './family';
import { GEAR_AND_IDLER, sectionOf, type Section } from './sections';
import { externalTeardown } from './teardown/external-gear';
import { feature, oneOfEach, reliefValve } from './measures';

import { KINDS } from './external-gear.measures';
import { oilPump } from './external-gear.oil-pump';
import { blockSection } from './external-gear.blocks';
import { plateSection } from './external-gear.plates';

const sectionsOf = (g: ExternalGeometry): Section[] =>
  Array.from({ length: g.sections }, (_, i) => sectionOf(i + 1, g.sections));

/** Where the seals run on the shaft of the first drive gear. */
const SEAL_TRACK = feature('seal-track', 'Seal tracks of the shaft', 'drive', { dressed: 0 });

function model(g: ExternalGeometry): PumpModel {
  const relief = reliefValve('body');
  const sections =
    g.build === 'oil'
      ? [oilPump(g, sectionOf(1, 1, GEAR_AND_IDLER))]
      : sectionsOf(g).map((section) =>
          g.build === 'blocks' ? blockSection(g, section) : plateSection(g, section),
        );
  const valve = ['plunger', 'spring'];
  return {
    kinds: KINDS,
    parts: [
      ...sections.flatMap((s) => s.parts),
      ...oneOfEach(KINDS.filter((k) => valve.includes(k.id))),
    ],
    features: [...sections.flatMap((s) => s.features), ...(g.build === 'oil' ? [] : [SEAL_TRACK])],
    characteristics: [...sections.flatMap((s) => s.characteristics), ...relief.characteristics],
    dimensions: [...sections.flatMap((s) => s.dimensions), ...relief.dimensions],
  };
}

/** External gear pump: two equal gears side by side, singly, in a stack of up to four, or as an oil pump. */
export const externalGear: PumpFamily<ExternalGeometry> = {
  id: 'external-gear',
  name: 'External gear',
  geometry: externalGeometry,
  example: {
    build: 'plates',
    sections: 1,
    teeth: 12,
    centreDistance_mm: 42,
    tipDiameter_mm: 48.6,
    pressureAngle_deg: 25,
    boreDiameter_mm: 48.74,
    shaftDiameter_mm: 20,
    width_mm: 30,
    wall_mm: 18,
  },
  cautions: [
    'Relief springs and end covers are loaded. Release them slowly; keep your face clear.',
    'A multi-section pump is heavy. Lift it with a second person or a sling.',
    'Solvent and hot wash: wear gloves and glasses. Never spin a bearing with compressed air.',
    'High-pressure oil goes through skin. Keep hands off leaks. If oil gets in, go to hospital at once.',
  ],
  model,
  teardown: (g) => externalTeardown(g.build, sectionsOf(g)),
  outline: externalOutline,
  placement: externalPlacement,
};
