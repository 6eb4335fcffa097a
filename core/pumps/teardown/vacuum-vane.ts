import { partId } from '../ids';
import { onTheShaft } from './fitted';
import {
  ANY_CHECKS,
  asks,
  on,
  renewal,
  step,
  STUCK_SHAFT,
  surface,
  treated,
  type Teardown,
} from './teardown';
import { rotorSurfaces } from './vane';

const BEARINGS = ['bearing-front', 'bearing-rear'].map(partId);

/** Describes what happens to a small vacuum or transfer vane pump before any instrument. */
export const vacuumVaneTeardown: Teardown = {
  surfaces: [
    surface('ears', 'Body, ears and ports', 'body', 'casting', on('empty', -0.66, -0.62)),
    surface(
      'bore',
      'Bore, where the vanes run',
      'body',
      'wall',
      on('empty', -0.6, 0.3),
      asks(['ring-wear', 'vane-length'], 'a rippled bore wears its vanes'),
    ),
    ...rotorSurfaces(['side-rotor']),
    treated(
      ['grind-cover'],
      'covers',
      'End covers, inside',
      'cover',
      'face',
      on('cover', 0.42, 0.1),
      asks(['side-rotor'], 'a scored cover leaks past the rotor'),
    ),
    surface(
      'bearings',
      'Bearings',
      BEARINGS,
      'bearing',
      on('cover', 0, -0.12),
      asks(['bearing-play-front', 'bearing-play-rear'], 'a loose rotor cuts into the bore'),
    ),
  ],
  strip: [
    step('covers', 'cover', 'Mark both end covers against the body, then remove them.', {
      caution: 'Carbon dust: wipe it up wet. Never blow it off.',
    }),
    step('vanes', 'vane', 'Take the vanes out one by one. Lay them on the tray in order.', {
      way: 'edge',
      right: 'up',
      caution: 'Carbon vanes break when they fall.',
    }),
    step('rotor', 'rotor', 'Mark the rotor’s front face, then pull it out with its shaft.', {
      way: 'mark',
      caution: STUCK_SHAFT,
    }),
    step('seal', 'cover', 'Remove the shaft seal. Do not mark the seal bore.', { way: 'lip' }),
  ],
  renew: [
    renewal('seal', 'Shaft seal'),
    renewal('gaskets', 'End cover gaskets', 2),
    renewal('bearings', 'Bearings', 2, 'house'),
  ],
  renewed: { bearings: BEARINGS },
  also: ANY_CHECKS,
  clutches: [],
  fitted: onTheShaft(1, 'none'),
};
