import { externalDisplacement, tipLand_mm } from '../hydraulics/displacement';
import type { ExternalGeometry } from './external-gear.drawing';
import {
  driveCentre,
  gearRoot,
  idlerCentre,
  toothModule,
  turningPair,
} from './external-gear.gears';
import { roundCourse, straightCourse } from './flow.course';
import { sectionsIn } from './external-gear.sections';
import {
  faceSeal,
  PLUNGER_PATH,
  plungerLeak,
  TIGHT_VALVE,
  tipsAlong,
  USUAL_mm,
  type FamilyFlow,
  type LeakPath,
} from './flow';
import { toothChamber, type Chamber } from './chamber';
import type { Point } from './shapes';

/** Share of the teeth that lie tight on the body: a gear is pushed to the inlet side, over about a quarter turn. */
const TIGHT_TEETH = 1 / 4;

/** The widest that a gap beside a gear is where pressure holds the bushing blocks to it, in mm: an assumption. */
const LOADED_mm = 0.012;

/** Counts the faces of both gears. */
const FACES = 4;

const GEARS = ['drive', 'idler'] as const;

const tips = (gear: (typeof GEARS)[number]): LeakPath<ExternalGeometry> => ({
  way: 'body',
  usual_mm: USUAL_mm.tipToBody,
  grows: (g, alpha) => (g.tipDiameter_mm / 2) * (alpha('body') - alpha(gear)),
});

const ENDS = ['front', 'rear'] as const;

/** Returns what gives the chamber between two teeth of a gear as both turn, the first of them at a clock angle. */
function chamberOf(
  g: ExternalGeometry,
  centre: Point,
  firstAt: (turn_deg: number) => number,
): (turn_deg: number) => Chamber {
  const teethAt = turningPair(g);
  return (turn_deg) => {
    const from_deg = firstAt(turn_deg);
    const to_deg = from_deg + 360 / g.teeth;
    const wedge = {
      centre,
      from_deg,
      to_deg,
      inner_mm: gearRoot(g),
      outer_mm: g.tipDiameter_mm / 2,
    };
    return toothChamber(wedge, Object.values(teethAt(turn_deg)));
  };
}

/** Says what an external gear pump moves and how it leaks. */
export const externalGearFlow: FamilyFlow<ExternalGeometry> = {
  paths: {
    end: {
      way: 'ends',
      usual_mm: USUAL_mm.face,
      wear: ['cover-wear', 'plate-wear-front', 'plate-wear-rear'],
    },
    'tip-body-drive': tips('drive'),
    'tip-body-idler': tips('idler'),
    'plunger-bore': PLUNGER_PATH,
  },
  tight: [
    'backlash',
    'end-cover',
    'end-plates',
    'idler-shaft-fit',
    'idler-shaft-height',
    ...GEARS.flatMap((gear) => [
      `body-track-${gear}`,
      `shaft-runout-${gear}`,
      ...ENDS.map((end) => `shaft-bushing-${gear}-${end}`),
    ]),
    ...TIGHT_VALVE,
  ],
  sections: sectionsIn,
  sizes: { width_mm: 'drive-width' },
  runsOn: ({ build }) => (build === 'oil' ? 'engine' : 'hydraulic'),
  mayBeLoaded: ({ build }) => build === 'blocks',
  needs: ['teeth', 'centreDistance_mm', 'tipDiameter_mm', 'width_mm'],
  displacement: externalDisplacement,
  // What is followed stands in the middle of the mesh first: behind a tooth of the drive gear, a space of the idler.
  chambers: [
    {
      between: 'teeth',
      part: 'drive',
      count: (g) => g.teeth,
      of: (g) => chamberOf(g, driveCentre(g), (turn_deg) => 180 + turn_deg),
    },
    {
      between: 'teeth',
      part: 'idler',
      count: (g) => g.teeth,
      of: (g) => chamberOf(g, idlerCentre(g), (turn_deg) => -turn_deg - 180 / g.teeth),
    },
  ],
  courses(g) {
    const [tip, root] = [g.tipDiameter_mm / 2, gearRoot(g)];
    return {
      end: [
        straightCourse(root, g.shaftDiameter_mm / 2, 75, driveCentre(g)),
        straightCourse(root, g.shaftDiameter_mm / 2, 105, idlerCentre(g)),
      ],
      // The outlet is at the right: over the top and beneath, to where the tips lie tight on the inlet side.
      'tip-body-drive': [roundCourse(tip, 20, -70, driveCentre(g))],
      'tip-body-idler': [roundCourse(tip, 160, 250, idlerCentre(g))],
    };
  },
  chains(g, running) {
    const tip_mm = g.tipDiameter_mm / 2;
    const { teeth, pressureAngle_deg, width_mm } = g;
    const land_mm = tipLand_mm({ teeth, module_mm: toothModule(g), tip_mm, pressureAngle_deg });
    const face = { outer_mm: gearRoot(g), inner_mm: g.shaftDiameter_mm / 2 };
    const isLoaded = g.build === 'blocks' && running.loadedBlocks === true;
    return [
      {
        alike: FACES,
        seals: [faceSeal('end', face, isLoaded ? { most_mm: LOADED_mm } : {})],
      },
      ...GEARS.map((gear) =>
        tipsAlong(`tip-body-${gear}`, {
          width_mm,
          land_mm,
          sealing: teeth * TIGHT_TEETH,
          wall_mm: tip_mm,
        }),
      ),
      ...plungerLeak(running),
    ];
  },
};
