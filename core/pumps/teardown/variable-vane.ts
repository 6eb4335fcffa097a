import { coverTrack, ears, floor } from './pocket';
import {
  alsoCheck,
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
import { rotorSurfaces } from './vane';
import { hubSurfaces, converterSeal, hubBushing, FRONT_PUMP } from './frontPump';

/** Asks how the spring is that holds the slide out: a weak one gives away stroke. */
const SLIDE_SPRING = alsoCheck(
  'slide-spring',
  'Slide spring',
  'Look along the slide spring. How is it?',
  ['straight and whole', 'bent', 'broken', 'missing'],
  'straight and whole',
);

/** Describes what happens to a variable vane pump before any instrument. */
export const variableVaneTeardown: Teardown = {
  surfaces: [
    ears,
    floor(['side-slide', 'side-rotor'], 'slide and rotor'),
    surface(
      'pivot',
      'Slide pivot',
      'body',
      'bearing',
      atStation('pivot-bore', 'a'),
      asks(['slide-pivot'], 'a worn pivot lets the slide tip'),
    ),
    ...rotorSurfaces(['side-rotor']),
    treated(
      ['grind-widths'],
      'slide-face',
      'Slide, both faces',
      'slide',
      'face',
      atStation('side-slide', '9'),
      asks(['side-slide'], 'the slide has run on its face'),
    ),
    surface(
      'slide-bore',
      'Slide, where the vanes run',
      'slide',
      'wall',
      on('body', -0.42, -0.42),
      asks(['vane-length'], 'a rippled slide wears its vanes'),
    ),
    surface(
      'slide-seals',
      'Slide seals',
      'slide',
      'land',
      atStation('slide-seals', 'a'),
      asks(['slide-seals'], 'a slide that leaks does not hold its stroke'),
    ),
    coverTrack('wear mark of the slide', 'side clearance'),
    ...hubSurfaces,
    ...valveSurfaces('Regulator'),
  ],
  strip: [
    ...converterSeal,
    step('cover', 'cover', 'Remove the cover bolts crosswise. Lift the cover evenly.', {
      caution: UNDER_LOAD,
    }),
    step(
      'spring',
      'slide',
      'Take the load off the slide spring with a pry bar, then remove the spring.',
      {
        caution: 'This spring can fly out. Hold the pry bar down, glasses on, nobody in line.',
      },
    ),
    step(
      'vanes',
      'vane',
      'Take the vanes and rings out one by one. Lay them on the tray in order.',
      {
        way: 'edge',
        right: 'up',
      },
    ),
    step('rotor', 'rotor', 'Mark the rotor’s upper face, then lift it out.', { way: 'mark' }),
    step(
      'slide',
      'slide',
      'Mark the slide’s upper face, then lift it off its pivot with its seals and their springs.',
      {
        way: 'mark',
      },
    ),
    valveStep('plunger', 'regulator valve'),
    ...hubBushing,
  ],
  ...FRONT_PUMP,
  renew: [...FRONT_PUMP.renew, renewal('slide-seals', 'Slide seals, set')],
  also: [SLIDE_SPRING, ...FRONT_PUMP.also],
};
