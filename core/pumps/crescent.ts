import {
  crescentGeometry,
  crescentOutline,
  crescentPlacement,
  type CrescentGeometry,
} from './crescent.drawing';
import type { PumpFamily, PumpModel, Station, Characteristic } from './family';
import { BONE_DRY, clearance, feature, place, resting, drawnBy, backlash } from './measures';
import { inTransmission } from './transmission';
import { crescentTeardown } from './teardown/crescent';
import { say } from '../wording/say';
import { gearsInPocket } from './gearsInPocket';
import { lower } from '../quantity/letters';

const along = (gearName: string): Station[] => [
  place('left', 'left end', say('pumps.tipsLeft', { gear: gearName })),
  place('middle', 'middle', say('pumps.tipsMiddle', { gear: gearName })),
  place('right', 'right end', say('pumps.tipsRight', { gear: gearName })),
];

const transmission = inTransmission({ part: 'drive', name: 'Drive gear' });

const PAIR = gearsInPocket({
  turning: 'gears',
  meshing: 'teeth',
  inner: { part: 'drive', name: 'Drive gear', between: 'between two teeth' },
  outer: {
    part: 'driven',
    name: 'Driven gear',
    between: 'between two teeth',
    across: {
      name: 'Driven gear outside diameter',
      field: 'ringOutsideDiameter_mm',
      words: 'pumps.micAcrossDriven',
    },
  },
  // The end clearance of a gear is always tighter near the crescent.
  hours: { 12: 'away from the crescent', 6: 'beside the crescent' },
});

/** Describes the gap of a gear’s tips along the crescent. */
const tips = (gear: 'drive' | 'driven', name: string): Characteristic =>
  clearance({
    id: `tip-crescent-${gear}`,
    name: say('pumps.tipsToCrescent', { part: name }),
    convention: 'tooth tip to crescent',
    stations: along(lower(name)),
    rests: resting('crescent', `${gear}-teeth`),
    runs: 'tip',
    restoredBy: ['gears'],
    caution: BONE_DRY,
  });

const backlashOf = ({ module_mm, pinionTeeth }: CrescentGeometry): Characteristic =>
  backlash('driven gear', ['drive-teeth', 'driven-teeth'], {
    pitchRadius_mm: (module_mm * pinionTeeth) / 2,
    pitchFields: ['module_mm', 'pinionTeeth'],
  });

const model = (g: CrescentGeometry): PumpModel =>
  PAIR.model({
    pocket_mm: g.pocketDiameter_mm,
    driven: transmission,
    features: [
      feature({
        id: 'crescent',
        name: 'Crescent',
        part: 'body',
        worked: { dressed: 0 },
        remedies: ['stone'],
      }),
    ],
    gaps: [PAIR.wall, tips('drive', 'Drive gear'), tips('driven', 'Driven gear'), backlashOf(g)],
  });

/** Crescent internal gear pump: a drive gear inside a larger driven gear, a crescent between them. */
export const crescent: PumpFamily<CrescentGeometry> = {
  id: 'crescent',
  name: 'Crescent internal gear',
  geometry: crescentGeometry,
  example: {
    pinionTeeth: 17,
    ringTeeth: 23,
    module_mm: 4,
    pressureAngle_deg: 22.5,
    pinionTipDiameter_mm: 75.2,
    ringTipDiameter_mm: 86.4,
    ringOutsideDiameter_mm: 116,
    pocketDiameter_mm: 116.12,
    bodyDiameter_mm: 146,
    hubBore_mm: 40,
    width_mm: 20,
    bolts: 8,
  },
  cautions: () => [
    'Relief and regulator springs are loaded. Release them slowly; keep your face clear.',
    'Solvent and hot wash: gloves and glasses. Never spin a part with compressed air.',
    'Leaves and gear edges cut: keep fingers out of the mesh when turning the gears.',
  ],
  model: drawnBy(model),
  teardown: () => crescentTeardown,
  outline: crescentOutline,
  placement: crescentPlacement,
};
