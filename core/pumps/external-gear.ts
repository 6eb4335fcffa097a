import {
  externalGeometry,
  externalOutline,
  externalPlacement,
  type ExternalGeometry,
} from './external-gear.drawing';
import type { PumpFamily, PumpModel } from './family';
import { onSection, type Pieces } from './sections';
import { externalTeardown } from './teardown/external-gear';
import { feature, reliefValve, drawnBy } from './measures';

import { KINDS, valveParts } from './external-gear.measures';
import { oilPump } from './external-gear.oil-pump';
import { blockSection } from './external-gear.blocks';
import { plateSection } from './external-gear.plates';
import { sectionsIn } from './external-gear.sections';

/** Returns one section as each build has it. */
const SECTION: Readonly<Record<ExternalGeometry['build'], (g: ExternalGeometry) => Pieces>> = {
  plates: plateSection,
  blocks: blockSection,
  oil: oilPump,
};

/** Names where the seals run on the shaft of the first drive gear. */
const SEAL_TRACK = feature({
  id: 'seal-track',
  name: 'Seal tracks of the shaft',
  part: 'drive',
  worked: { dressed: 0 },
  remedies: ['polish-seal-track'],
});

function model(g: ExternalGeometry): PumpModel {
  const relief = reliefValve('body');
  const of = sectionsIn(g);
  const section = SECTION[g.build](g);
  const sections = Array.from({ length: of }, (_, i) => onSection(section, i + 1, of));
  return {
    kinds: KINDS[g.build],
    parts: [...sections.flatMap((s) => s.parts), ...valveParts()],
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
  cautions: (g) => [
    'Relief springs and end covers are loaded. Release them slowly; keep your face clear.',
    // One section is lifted by hand.
    ...(sectionsIn(g) > 1
      ? ['A multi-section pump is heavy. Lift it with a second person or on a strap.']
      : []),
    'Solvent and hot wash: wear gloves and glasses. Never spin a bearing with compressed air.',
    'High-pressure oil goes through skin. Keep hands off leaks. If oil gets in, go to hospital at once.',
  ],
  model: drawnBy(model),
  teardown: (g) => externalTeardown(g.build, sectionsIn(g)),
  outline: externalOutline,
  placement: externalPlacement,
};
