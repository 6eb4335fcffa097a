import {
  buildStep,
  clamped,
  dryTrial,
  EDGES,
  handedOver,
  ON,
  PRESS,
  sealIn,
  SPRING,
  valveIn,
  washAll,
  type FamilyAssembly,
} from './assembly';

const STEPS = [
  washAll(['rotor', 'vane', 'ring', 'cover', 'bearing', 'plunger', 'spring']),
  dryTrial('rotor and vanes'),
  buildStep('place', 'bearing', 'Bearing in: push the race that is tight.', ['bearing'], {
    after: ['dry-trial'],
    caution: PRESS,
  }),
  sealIn(
    'Shaft seal in, square, to depth, spring side to the oil.',
    ['seal'],
    ['dry-trial', 'bearing'],
  ),
  buildStep('place', 'o-rings', 'Side plate and its O-rings in, each on its seat.', ['o-rings'], {
    after: ['seal'],
    with: ON.ring,
  }),
  buildStep(
    'place',
    'ring',
    'Pins of this width, then the cam ring: its arrow is the rotation.',
    ['ring'],
    {
      strip: 'ring',
      after: ['o-rings'],
      with: 'Faces clean. Flipped over it pumps the other way.',
    },
  ),
  buildStep('place', 'rotor', 'Rotor onto the shaft.', ['rotor'], {
    strip: 'rotor',
    after: ['ring'],
    with: ON.fluid,
  }),
  buildStep('place', 'vanes', 'Vanes in, rounded edge to the ring. Each drops free.', ['vane'], {
    strip: 'vanes',
    after: ['rotor'],
    with: 'Oil them. Bevelled vanes and inserts go as the sheet says.',
    caution: EDGES,
  }),
  buildStep('oil', 'oil', 'Oil rotor, vanes and ring with the fluid that it will run in.', [], {
    after: ['vanes'],
  }),
  buildStep('place', 'plate', 'Pressure plate in, then its spring.', [], {
    strip: 'plate',
    after: ['oil'],
    caution: SPRING,
  }),
  buildStep(
    'place',
    'cover',
    'Cover on at its port hour, pressed by hand: no O-ring pinched.',
    ['cover'],
    {
      strip: 'cover',
      after: ['plate'],
      with: 'Then the bolts, evenly.',
      caution: SPRING,
    },
  ),
  ...clamped({ after: 'cover', how: 'Cover drawn down evenly.' }),
  valveIn('Relief valve'),
  ...handedOver('spin-2', 'Fill the housing. Vanes may need speed to fly out.'),
];

/** Returns the order of a cartridge. */
export const fixedVaneAssembly: FamilyAssembly = () => STEPS;
