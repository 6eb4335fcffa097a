import { internalDisplacement, tipLand_mm } from '../hydraulics/displacement';
import type { CrescentGeometry } from './crescent.drawing';
import {
  centreDistance,
  crescentEnd,
  pinionCentre,
  pinionRoot,
  ringRoot,
  ringTurn_deg,
  turningGears,
} from './crescent.gears';
import { overFace, roundCourse } from './flow.course';
import {
  facesToHub,
  HUB_PATH,
  PLUNGER_PATH,
  plungerLeak,
  roundTheRing,
  TIGHT_IN_TRANSMISSION,
  TIGHT_VALVE,
  tipsAlong,
  USUAL_mm,
  type FamilyFlow,
} from './flow';
import { toothChamber, type Chamber, type Wedge } from './chamber';
import { ORIGIN } from './shapes';

/**
 * Returns how many tips of either gear seal along the crescent: all that lie on it, a fraction of a tooth as such.
 *
 * @param g both gears, in mm
 * @example
 * const gears = { pinionTeeth: 17, ringTeeth: 23, module_mm: 4, pinionTipDiameter_mm: 75.2, ringTipDiameter_mm: 86.4 };
 * tipsOnCrescent(gears); // { drive: 7.52696, driven: 12.522222 }
 */
export function tipsOnCrescent(
  g: Pick<
    CrescentGeometry,
    | 'pinionTeeth'
    | 'ringTeeth'
    | 'module_mm'
    | 'pinionTipDiameter_mm'
    | 'ringTipDiameter_mm'
    | 'pressureAngle_deg'
  >,
): { readonly drive: number; readonly driven: number } {
  const { end, innerAt } = crescentEnd(g);
  const s = innerAt(end);
  // Seen from the centre of the drive gear.
  const seen = Math.atan2(s * Math.sin(end), s * Math.cos(end) + centreDistance(g));
  return { drive: (g.pinionTeeth * seen) / Math.PI, driven: (g.ringTeeth * end) / Math.PI };
}

/** Returns what gives the chamber between two teeth of either gear as both turn. */
function chamberOf(
  g: CrescentGeometry,
  wedgeAt: (turn_deg: number) => Wedge,
): (turn_deg: number) => Chamber {
  const teethAt = turningGears(g);
  return (turn_deg) => {
    const { drive, driven } = teethAt(turn_deg);
    return toothChamber(wedgeAt(turn_deg), [drive], driven);
  };
}

/** Says what a crescent pump moves and how it leaks. */
export const crescentFlow: FamilyFlow<CrescentGeometry> = {
  paths: {
    'face-drive': { way: 'faces', usual_mm: USUAL_mm.face, wear: ['cover-wear'] },
    'face-driven': { way: 'faces', usual_mm: USUAL_mm.face, wear: ['cover-wear'] },
    'od-pocket': { way: 'wall', usual_mm: USUAL_mm.outside },
    'tip-crescent-drive': {
      way: 'crescent',
      usual_mm: USUAL_mm.outside,
      grows: (g, alpha) => (g.pinionTipDiameter_mm / 2) * (alpha('body') - alpha('drive')),
    },
    'tip-crescent-driven': {
      way: 'crescent',
      usual_mm: USUAL_mm.outside,
      grows: (g, alpha) => (g.ringTipDiameter_mm / 2) * (alpha('driven') - alpha('body')),
    },
    'hub-bushing': HUB_PATH,
    'plunger-bore': PLUNGER_PATH,
  },
  tight: [
    'backlash',
    'deck-flatness',
    'floor-tilt',
    'stack-drive',
    'stack-driven',
    ...TIGHT_VALVE,
    ...TIGHT_IN_TRANSMISSION,
  ],
  sizes: { width_mm: 'drive-width' },
  runsOn: () => 'transmission',
  needs: [
    'pinionTeeth',
    'ringTeeth',
    'module_mm',
    'pinionTipDiameter_mm',
    'ringTipDiameter_mm',
    'width_mm',
  ],
  displacement: internalDisplacement,
  chambers: [
    {
      between: 'teeth',
      part: 'drive',
      count: (g) => g.pinionTeeth,
      of: (g) =>
        chamberOf(g, (turn_deg) => ({
          centre: pinionCentre(g),
          // It follows the tooth that stands at 12 first.
          from_deg: -turn_deg - 360 / g.pinionTeeth,
          to_deg: -turn_deg,
          inner_mm: pinionRoot(g),
          outer_mm: g.pinionTipDiameter_mm / 2,
        })),
    },
    {
      between: 'teeth',
      part: 'driven',
      count: (g) => g.ringTeeth,
      of: (g) =>
        chamberOf(g, (turn_deg) => ({
          centre: ORIGIN,
          from_deg: -ringTurn_deg(g, turn_deg) - 180 / g.ringTeeth,
          to_deg: -ringTurn_deg(g, turn_deg) + 180 / g.ringTeeth,
          inner_mm: g.ringTipDiameter_mm / 2,
          outer_mm: ringRoot(g),
        })),
    },
  ],
  courses(g) {
    const hub = pinionCentre(g);
    const { drive, driven } = tipsOnCrescent(g);
    // Half the angle over which tips seal, seen from either centre.
    const [own, of] = [(180 * drive) / g.pinionTeeth, (180 * driven) / g.ringTeeth];
    const wall = (g.pocketDiameter_mm + g.ringOutsideDiameter_mm) / 4;
    return {
      'tip-crescent-drive': [roundCourse(g.pinionTipDiameter_mm / 2, 180 - own, 180 + own, hub)],
      'tip-crescent-driven': [roundCourse(g.ringTipDiameter_mm / 2, 180 - of, 180 + of)],
      'face-drive': overFace(pinionRoot(g), g.hubBore_mm / 2, hub),
      'face-driven': overFace(ringRoot(g), g.ringOutsideDiameter_mm / 2),
      'od-pocket': [roundCourse(wall, 60, -60), roundCourse(wall, 120, 240)],
      'hub-bushing': [roundCourse(g.hubBore_mm / 2, 50, -50, hub)],
    };
  },
  chains(g, running) {
    const { module_mm, pressureAngle_deg, width_mm } = g;
    const tooth = { module_mm, pressureAngle_deg };
    const sealing = tipsOnCrescent(g);
    const drive = g.pinionTipDiameter_mm / 2;
    const driven = g.ringTipDiameter_mm / 2;
    return [
      tipsAlong('tip-crescent-drive', {
        width_mm,
        land_mm: tipLand_mm({ ...tooth, teeth: g.pinionTeeth, tip_mm: drive }),
        sealing: sealing.drive,
        wall_mm: drive,
      }),
      tipsAlong('tip-crescent-driven', {
        width_mm,
        land_mm: tipLand_mm({ ...tooth, teeth: g.ringTeeth, tip_mm: driven }, true),
        sealing: sealing.driven,
        wall_mm: (driven * g.pinionTeeth) / g.ringTeeth,
      }),
      ...facesToHub(
        'face-drive',
        { outer_mm: pinionRoot(g), inner_mm: g.hubBore_mm / 2 },
        g.hubBore_mm,
        running,
      ),
      roundTheRing(
        'face-driven',
        { outer_mm: g.ringOutsideDiameter_mm / 2, inner_mm: ringRoot(g) },
        width_mm,
      ),
      ...plungerLeak(running),
    ];
  },
};
