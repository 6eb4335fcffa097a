import { internalDisplacement, tipLand_mm } from '../hydraulics/displacement';
import type { CrescentGeometry } from './crescent.drawing';
import { centreDistance, crescentEnd, pinionRoot, ringRoot } from './crescent.gears';
import {
  facesToHub,
  IF_KNOWN,
  plungerLeak,
  roundTheRing,
  TIGHT_IN_TRANSMISSION,
  TIGHT_VALVE,
  tipsAlong,
  USUAL_mm,
  type FamilyFlow,
} from './flow';

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

/** Says what a crescent pump moves and how it leaks. */
export const crescentFlow: FamilyFlow<CrescentGeometry> = {
  paths: {
    'face-drive': { usual_mm: USUAL_mm.face, wear: ['cover-wear'] },
    'face-driven': { usual_mm: USUAL_mm.face, wear: ['cover-wear'] },
    'od-pocket': { usual_mm: USUAL_mm.outside },
    'tip-crescent-drive': {
      usual_mm: USUAL_mm.outside,
      grows: (g, alpha) => (g.pinionTipDiameter_mm / 2) * (alpha('body') - alpha('drive')),
    },
    'tip-crescent-driven': {
      usual_mm: USUAL_mm.outside,
      grows: (g, alpha) => (g.ringTipDiameter_mm / 2) * (alpha('driven') - alpha('body')),
    },
    'hub-bushing': IF_KNOWN,
    'plunger-bore': IF_KNOWN,
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
