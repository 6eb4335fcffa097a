import {
  crescentGeometry,
  crescentOutline,
  crescentPlacement,
  type CrescentGeometry,
} from './crescent.drawing';
import type { PartKind, PumpFamily, PumpModel, Station } from './family';
import { BODY, COVER, gearKind, oneOfEach, valveKinds } from './kinds';
import {
  coverDepths,
  coverWear,
  deck,
  deckFlatness,
  edgeHours,
  faceGap,
  floorTilt,
  lines,
  pocketBore,
  pocketDepth,
  wallGap,
  withCover,
} from './pocket';
import {
  BONE_DRY,
  clearance,
  dimension,
  feature,
  fit,
  GEAR_WIDTH,
  place,
  POLISHED,
  reliefValve,
  resting,
  rockDrive,
  swing,
  teeth,
  twoPlaces,
  WORN_AWAY,
  drawnBy,
} from './measures';
import { inTransmission } from './transmission';
import { crescentTeardown } from './teardown/crescent';
import { say } from '../wording/say';

const along = (gearName: string): Station[] => [
  place('left', 'left end', say('pumps.tipsLeft', { gear: gearName })),
  place('middle', 'middle', say('pumps.tipsMiddle', { gear: gearName })),
  place('right', 'right end', say('pumps.tipsRight', { gear: gearName })),
];

const relief = reliefValve('body');
const transmission = inTransmission({ part: 'drive', name: 'Drive gear' });

/** Describes the end clearance of a gear, which is always tighter near the crescent. */
const face = (id: string, gearName: string, width: string) =>
  faceGap(
    id,
    say('pumps.endClearance', { part: gearName }),
    edgeHours(gearName, { 12: 'away from the crescent', 6: 'beside the crescent' }),
    width,
    'gears',
  );

const KINDS: readonly PartKind[] = [
  BODY,
  gearKind('drive', 'Drive gear'),
  gearKind('driven', 'Driven gear'),
  COVER,
  ...valveKinds('Relief plunger', 'Relief spring'),
];

function model(g: CrescentGeometry): PumpModel {
  return {
    kinds: [...KINDS, ...transmission.kinds],
    parts: [...oneOfEach(KINDS), ...transmission.parts],
    features: [
      deck,
      feature('crescent', 'Crescent', 'body', { dressed: 0 }, { remedies: ['stone'] }),
      teeth('drive-teeth', 'Drive gear teeth', 'drive'),
      teeth('driven-teeth', 'Driven gear teeth', 'driven'),
    ],
    characteristics: [
      face('face-drive', 'drive gear', 'drive-width'),
      face('face-driven', 'driven gear', 'driven-width'),
      wallGap('Driven gear to pocket', 'driven gear', fit('pocket-diameter', 'driven-diameter')),
      clearance('tip-crescent-drive', 'Drive gear tips to crescent', 'tooth tip to crescent', {
        stations: along('drive gear'),
        rests: resting('crescent', 'drive-teeth'),
        runs: 'tip',
        restoredBy: ['gears'],
        caution: BONE_DRY,
      }),
      clearance('tip-crescent-driven', 'Driven gear tips to crescent', 'tooth tip to crescent', {
        stations: along('driven gear'),
        rests: resting('crescent', 'driven-teeth'),
        runs: 'tip',
        restoredBy: ['gears'],
        caution: BONE_DRY,
      }),
      clearance('backlash', 'Backlash', 'at the pitch circle', {
        swing: swing(
          [0, 120, 240].map((turn) =>
            place(
              `turn-${turn}`,
              turn === 0 ? 'as installed' : say('pumps.turned', { degrees: turn }),
              rockDrive('driven gear', turn),
            ),
          ),
          {
            pitchRadius_mm: (g.module_mm * g.pinionTeeth) / 2,
            pitchFields: ['module_mm', 'pinionTeeth'],
          },
        ),
        rests: resting('drive-teeth', 'driven-teeth'),
        runs: 'backlash',
        restoredBy: ['gears'],
        caution: 'Fingers out of the mesh while rocking the gear.',
      }),
      deckFlatness,
      floorTilt(g.pocketDiameter_mm),
      ...transmission.hub,
      ...relief.characteristics,
      coverWear,
      withCover('stack-drive', 'Total end clearance, drive gear', 'face-drive'),
      withCover('stack-driven', 'Total end clearance, driven gear', 'face-driven'),
      ...transmission.unit,
    ],
    dimensions: [
      pocketDepth('gears'),
      dimension(
        'drive-width',
        'Drive gear width',
        'drive',
        'outside-mic',
        twoPlaces('drive gear', 'between two teeth'),
        { field: 'width_mm', ...GEAR_WIDTH },
      ),
      dimension(
        'driven-width',
        'Driven gear width',
        'driven',
        'outside-mic',
        twoPlaces('driven gear', 'between two teeth'),
        { field: 'width_mm', ...GEAR_WIDTH },
      ),
      pocketBore,
      dimension(
        'driven-diameter',
        'Driven gear outside diameter',
        'driven',
        'outside-mic',
        lines(['12–6', '3–9'], (l) => say('pumps.micAcrossDriven', { line: l })),
        {
          field: 'ringOutsideDiameter_mm',
          worked: POLISHED,
          unworked: WORN_AWAY,
        },
      ),
      ...transmission.dimensions,
      ...relief.dimensions,
      ...coverDepths,
    ],
  };
}

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
