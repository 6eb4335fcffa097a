import { onTheShaft } from './fitted';
import {
  ANY_CHECKS,
  asks,
  atStation,
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
import { partId } from '../ids';
import { rotorSurfaces } from './vane';

/** Describes what happens to a fixed vane cartridge before any instrument. */
export const fixedVaneTeardown: Teardown = {
  surfaces: [
    ...rotorSurfaces(['side-rotor']),
    surface(
      'ring',
      'Cam ring, inside',
      'ring',
      'wall',
      atStation('ring-major', 'a'),
      asks(['ring-wear', 'vane-length'], 'a rippled ring wears its vanes'),
    ),
    surface('ring-face', 'Cam ring, both faces', 'ring', 'face', atStation('ring-width', 'a')),
    treated(
      ['grind-cover'],
      'plates',
      'Pressure plate and cover face',
      'cover',
      'face',
      on('cover', 0.42, 0.1),
      asks(['side-rotor'], 'a scored plate leaks past the rotor'),
    ),
    surface('housing', 'Housing, ears and ports', 'cover', 'casting', on('cover', -0.66, -0.62)),
    ...valveSurfaces('Relief'),
  ],
  strip: [
    step(
      'cover',
      'cover',
      'See where the cover’s inlet port is. Remove the bolts. Lift the cover evenly.',
      {
        way: 'port',
        caution: UNDER_LOAD,
      },
    ),
    step(
      'plate',
      'cover',
      'Mark the pressure plate’s outer face, then lift it off with its spring.',
      { way: 'mark' },
    ),
    step(
      'ring',
      'ring',
      'See which way the cam ring’s arrow points, then slide the ring off. Flipped, it reverses the pump.',
      {
        way: 'arrow-shaft',
      },
    ),
    step('vanes', 'vane', 'Take the vanes out one by one. Lay them on the tray in order.', {
      way: 'edge',
      right: 'up',
      caution: 'Vane edges cut.',
    }),
    step('rotor', 'rotor', 'Mark the rotor’s outer face, then slide it off the shaft.', {
      way: 'mark',
    }),
    valveStep('plunger', 'relief valve'),
  ],
  renew: [
    renewal('seal', 'Shaft seal'),
    renewal('o-rings', 'Body and plate O-rings, set'),
    renewal('bearing', 'Shaft bearing', 1, 'house'),
  ],
  renewed: { bearing: [partId('bearing')] },
  also: ANY_CHECKS,
  clutches: [],
  fitted: onTheShaft(1, 'none'),
};
