import { coverTrack, deck, ears, floor, rim, runningFace, wall } from './pocket';
import {
  asks,
  HEAVY,
  on,
  step,
  surface,
  UNDER_LOAD,
  valveStep,
  valveSurfaces,
  type Teardown,
} from './teardown';
import { hubSurfaces, converterSeal, hubBushing, FRONT_PUMP } from './frontPump';

const FACES = ['face-drive', 'face-driven'];

/** Describes what happens to a crescent pump before any instrument. */
export const crescentTeardown: Teardown = {
  surfaces: [
    ears,
    deck(FACES),
    floor(FACES, 'gears'),
    wall(-0.77, 0.2, 'driven gear'),
    surface(
      'crescent',
      'Crescent, both flanks',
      'body',
      'crescent',
      on('empty', 0, 0.56),
      asks(
        ['tip-crescent-drive', 'tip-crescent-driven', 'hub-bushing'],
        'teeth that reach the crescent come from a worn bushing or a wide gap',
        ['polished', 'walked-in', 'scored', 'cracked'],
      ),
    ),
    runningFace('drive', 'Drive gear', '3'),
    surface(
      'drive-teeth',
      'Drive gear teeth',
      'drive',
      'teeth',
      on('body', -0.14, -0.64),
      asks(['backlash'], 'marked teeth run out of mesh'),
    ),
    surface(
      'tangs',
      'Drive tangs',
      'drive',
      'drive',
      on('body', 0.25, -0.16),
      asks(['drive-engagement'], 'the tangs have taken a beating'),
    ),
    runningFace('driven', 'Driven gear', '9'),
    rim('driven', 'Driven gear'),
    surface('driven-teeth', 'Driven gear teeth', 'driven', 'teeth', on('body', -0.6, 0.24)),
    coverTrack('wear mark of the gears', 'end clearance'),
    ...hubSurfaces,
    ...valveSurfaces('Relief'),
  ],
  strip: [
    ...converterSeal,
    step('cover', 'cover', 'Remove the cover bolts crosswise. Lift the cover evenly.', {
      caution: UNDER_LOAD,
    }),
    step('driven', 'driven', 'Mark the driven gear’s upper face, then lift it out.', {
      way: 'mark',
      caution: HEAVY,
    }),
    step('drive', 'drive', 'See which way the bevel faces, then lift out the drive gear.', {
      way: 'bevel',
      right: 'up',
    }),
    valveStep('plunger', 'relief valve'),
    ...hubBushing,
  ],
  ...FRONT_PUMP,
};
