import { partId } from '../ids';
import { unsaidClutch } from './clutch';
import {
  alsoCheck,
  asks,
  atStation,
  on,
  renewal,
  step,
  surface,
  treated,
  SLUDGE,
  STUCK_SHAFT,
  type StripStep,
  type Surface,
  type Teardown,
} from './teardown';

/** Describes what is looked at where a converter hub runs in a pump. */
export const hubSurfaces: readonly Surface[] = [
  surface(
    'bushing',
    'Bushing',
    'bushing',
    'bearing',
    atStation('bushing-bore', 'a'),
    asks(['hub-bushing'], 'the bushing has run hot or loose'),
  ),
  treated(
    ['polish-journal'],
    'hub',
    'Hub journal',
    'hub',
    'journal',
    atStation('hub-diameter', 'a'),
    asks(['hub-bushing', 'tip-crescent-drive'], 'blue or scored: it ran tight or dry'),
  ),
  treated(
    ['change-washer'],
    'thrust-washer',
    'Thrust washer',
    'unit',
    'washer',
    on('unit', 0, -0.5),
    asks(['pump-to-unit'], 'a worn washer opens the end play'),
  ),
];

/** Takes the converter seal out. */
export const converterSeal: readonly StripStep[] = [
  step('seal', 'body', 'Pry out the converter seal. Do not mark the seal bore.', {
    way: 'lip',
    right: 'down',
    caution: 'The pry bar can slip. Wear a cut-resistant glove; push away from you.',
  }),
];

/** Notes the hub bushing, which stays in until it is measured. */
export const hubBushing: readonly StripStep[] = [
  step(
    'bushing',
    'bushing',
    'See where the blind end of the bushing’s oil groove is. Leave the bushing in until it is measured.',
    {
      way: 'groove',
      right: 'down',
      caution: STUCK_SHAFT,
    },
  ),
];

/** Describes what goes with every pump that sits on a converter hub, whatever pumps in it. */
export const FRONT_PUMP: Pick<Teardown, 'renew' | 'renewed' | 'also' | 'clutches' | 'fitted'> = {
  renew: [
    renewal('seal', 'Converter seal'),
    renewal('o-ring', 'Pump body O-ring'),
    renewal('gasket', 'Pump to case gasket'),
    renewal('rings', 'Sealing rings, set'),
    renewal('bushing', 'Hub bushing', 1, 'house'),
  ],
  // The part that the house renewal is; the stator’s bushings are renewed where measuring says so.
  renewed: { bushing: [partId('bushing')] },
  also: [
    alsoCheck(
      'splines',
      'Stator support splines',
      'Slide the turbine shaft into the splines. How does it fit?',
      ['slides, no rock', 'rocks', 'binds'],
      'slides, no rock',
    ),
    alsoCheck(
      'lands',
      'Ring lands',
      'Put a new ring in its groove. How much side clearance?',
      ['snug', 'loose', 'stepped'],
      'snug',
    ),
    alsoCheck(
      'vent',
      'Vent hole behind the seal',
      'Wire through the vent hole behind the seal: is it open?',
      ['open', 'blocked', 'none'],
      'open',
    ),
    alsoCheck(
      'rings',
      'Sealing rings',
      'Look at the old rings. How did they wear?',
      ['evenly', 'on one side', 'broken'],
      'evenly',
    ),
    alsoCheck(
      'converter-hub',
      'Converter hub',
      'Wipe the hub. How are the journal and the flats?',
      ['smooth', 'grooved', 'flats worn'],
      'smooth',
    ),
    SLUDGE,
  ],
  // The clutch that a stator runs on: every unit with a converter has one.
  clutches: [unsaidClutch('clutch-1')],
  // One seal, with a vent behind it that is asked for by itself.
  fitted: { usual: { seals: 1, drain: null, gearFit: null }, asked: [] },
};
