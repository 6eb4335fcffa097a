import { onTheShaft } from './fitted';
import { coverTrack, deck, ears, floor, rim, runningFace, wall } from './pocket';
import {
  asks,
  atStation,
  OIL_PUMP_CHECKS,
  on,
  renewal,
  step,
  surface,
  treated,
  UNDER_LOAD,
  valveStep,
  valveSurfaces,
  type Teardown,
} from './teardown';
import { hubSurfaces, converterSeal, hubBushing, FRONT_PUMP } from './frontPump';

/** Describes what drives the inner rotor, and what is looked at, taken out and renewed with it. */
const DRIVEN_BY = {
  'oil-pump': {
    surfaces: [
      surface(
        'inner-bore',
        'Inner rotor, drive and bore',
        'inner',
        'drive',
        on('body', 0.1, -0.05),
        asks(['inner-shaft'], 'the rotor has been moving on its shaft'),
      ),
      treated(
        ['polish-journal'],
        'shaft',
        'Shaft',
        'shaft',
        'journal',
        atStation('shaft-diameter', 'a'),
        asks(['inner-shaft'], 'the shaft is marked where the rotor sits'),
      ),
    ],
    inner: 'Mark the inner rotor’s upper face; slide it off with its key.',
    strip: [
      step('seal', 'body', 'Remove the front seal. Do not mark the seal bore.', { way: 'lip' }),
    ],
    renew: [
      renewal('seal', 'Front seal'),
      renewal('o-ring', 'Pick-up O-ring'),
      renewal('gasket', 'Cover gasket'),
    ],
    renewed: {},
    also: OIL_PUMP_CHECKS,
    clutches: [],
    fitted: onTheShaft(1, 'none'),
  },
  'front-pump': {
    surfaces: [
      surface(
        'inner-bore',
        'Inner rotor, driving flats',
        'inner',
        'drive',
        on('body', 0.1, -0.05),
        asks(['drive-engagement'], 'the flats have taken a beating'),
      ),
      ...hubSurfaces,
    ],
    inner: 'Mark the inner rotor’s upper face, then lift it out.',
    strip: [...converterSeal, ...hubBushing],
    ...FRONT_PUMP,
  },
} as const;

/** Returns what happens to a gerotor pump before any instrument: a front pump's, or an engine oil pump's. */
export const gerotorTeardown = (use: keyof typeof DRIVEN_BY): Teardown => {
  const { surfaces, inner, strip, ...rest } = DRIVEN_BY[use];
  return {
    surfaces: [
      ears,
      deck(['face-outer']),
      floor(['face-inner', 'face-outer'], 'rotors'),
      wall(-0.7, 0.15, 'outer rotor'),
      runningFace('inner', 'Inner rotor', '3'),
      surface(
        'inner-lobes',
        'Inner rotor lobes',
        'inner',
        'teeth',
        atStation('tip', 'lobe-1'),
        asks(['tip'], 'marked lobes leak from chamber to chamber'),
      ),
      runningFace('outer', 'Outer rotor', '9'),
      rim('outer', 'Outer rotor'),
      coverTrack('wear mark of the rotors', 'end clearance'),
      ...surfaces,
      ...valveSurfaces('Relief'),
    ],
    strip: [
      step('cover', 'cover', 'Remove the cover bolts crosswise. Lift the cover evenly.', {
        caution: UNDER_LOAD,
      }),
      step('outer', 'outer', 'Mark the outer rotor’s upper face, then lift it out.', {
        way: 'mark',
        caution: 'Rotors chip when they fall: both hands, over the tray.',
      }),
      step('inner', 'inner', inner, {
        way: 'mark',
      }),
      valveStep('plunger', 'relief valve'),
      ...strip,
    ],
    ...rest,
  };
};
