import {
  buildStep,
  clamped,
  dryTrial,
  EDGES,
  handedOver,
  ON,
  proveDrain,
  sealIn,
  valveIn,
  washAll,
  type FamilyAssembly,
} from './assembly';
import { frontPump } from './frontPump';

const ROTORS = [
  buildStep('place', 'outer', 'Outer rotor in, the chamfered rim to the floor.', ['outer'], {
    strip: 'outer',
    after: ['seal'],
    with: ON.fluid,
    caution: EDGES,
  }),
  buildStep(
    'place',
    'inner',
    'Inner rotor in. It meshes with the outer all the way round.',
    ['inner'],
    {
      strip: 'inner',
      after: ['outer'],
      with: ON.fluid,
      caution: EDGES,
    },
  ),
  buildStep(
    'oil',
    'oil',
    'Oil the rotors and fill the pockets with the fluid that it will run in.',
    [],
    {
      after: ['inner'],
    },
  ),
];

const frontRotors = frontPump({
  parts: ['body', 'inner', 'outer', 'cover', 'plunger', 'spring'],
  turning: 'both rotors',
  valve: 'Relief valve',
  last: 'oil',
  inside: ROTORS,
});

const oilPump = [
  washAll(['body', 'inner', 'outer', 'cover', 'shaft', 'plunger', 'spring']),
  dryTrial('both rotors'),
  proveDrain('drain', 'Pass a wire through the drain behind the seal.', '', ['clean']),
  sealIn(
    'Seal in, square, to depth. The spring side of the lip faces the oil.',
    ['seal'],
    ['dry-trial', 'drain'],
  ),
  buildStep(
    'place',
    'shaft',
    'Body on the bench, shaft in with its key, or its flats as they were.',
    ['body', 'shaft'],
    {
      after: ['seal'],
      with: ON.fluid,
    },
  ),
  ...ROTORS.map((step) => (step.id === 'outer' ? { ...step, after: ['shaft'] } : step)),
  buildStep(
    'place',
    'cover',
    'Gasket of the named thickness, or none, then the cover.',
    ['gasket', 'cover'],
    {
      strip: 'cover',
      after: ['oil'],
      with: ON.dry,
    },
  ),
  ...clamped({ after: 'cover', how: 'On a crank: centre it on its flats.' }),
  valveIn('Relief valve'),
  buildStep('place', 'pick-up', 'Pick-up on with its new O-ring, the screen whole.', ['o-ring'], {
    after: ['spin-2'],
    with: ON.ring,
  }),
  ...handedOver(
    'pick-up',
    'Fill the pump and prime it by drill, or crank without firing until pressure.',
  ),
];

/** Returns the order of a pump with rotors: a front pump, or an engine oil pump. */
export const gerotorAssembly: FamilyAssembly = ({ geometry }) =>
  (geometry as { readonly use?: string }).use === 'front-pump' ? frontRotors : oilPump;
