import { coverTrack, deck, ears, floor, rim, runningFace, wall } from './pocket';
import {
  asks,
  at,
  OIL_PUMP_CHECKS,
  on,
  renewal,
  step,
  surface,
  UNDER_LOAD,
  valveStep,
  valveSurfaces,
  type Teardown,
} from './teardown';

/** What happens to a gerotor pump before any instrument. */
export const gerotorTeardown: Teardown = {
  surfaces: [
    ears,
    deck(['face-outer']),
    floor(['face-inner', 'face-outer'], 'the rotors'),
    wall(-0.7, 0.15, 'outer rotor'),
    runningFace('inner', 'Inner rotor', '3'),
    surface(
      'inner-lobes',
      'Inner rotor lobes',
      'inner',
      'teeth',
      at('tip', 'lobe-1'),
      asks(['tip'], 'marked lobes leak from chamber to chamber'),
    ),
    surface(
      'inner-bore',
      'Inner rotor, drive and bore',
      'inner',
      'drive',
      on('body', 0.1, -0.05),
      asks(['inner-shaft'], 'the rotor has worked on its shaft'),
    ),
    runningFace('outer', 'Outer rotor', '9'),
    rim('outer', 'Outer rotor'),
    coverTrack('rotor track', 'face gap'),
    surface(
      'shaft',
      'Shaft',
      'shaft',
      'journal',
      at('shaft-diameter', 'a'),
      asks(['inner-shaft'], 'the shaft is marked where the rotor sits'),
    ),
    ...valveSurfaces('Relief'),
  ],
  strip: [
    step('cover', 'cover', 'Cover screws out crosswise, cover up evenly.', { caution: UNDER_LOAD }),
    step('outer', 'outer', 'Mark the outer rotor’s upper face, then lift it out.', {
      way: 'mark',
      caution: 'Rotors chip when they fall: both hands, over the tray.',
    }),
    step('inner', 'inner', 'Mark the inner rotor’s upper face; slide it off with its key.', {
      way: 'mark',
    }),
    valveStep('plunger', 'relief valve'),
    step('seal', 'body', 'Front seal out; the bore is not to be marked.', { way: 'lip' }),
  ],
  renew: [
    renewal('seal', 'Front seal'),
    renewal('o-ring', 'Pick-up O-ring'),
    renewal('gasket', 'Cover gasket'),
  ],
  also: OIL_PUMP_CHECKS,
};
