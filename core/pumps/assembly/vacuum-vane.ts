import {
  buildStep,
  clamped,
  dryTrial,
  EDGES,
  handedOver,
  ON,
  PRESS,
  sealIn,
  washAll,
  type FamilyAssembly,
} from './assembly';

const STEPS = [
  washAll(['body', 'rotor', 'vane', 'cover', 'bearing-front', 'bearing-rear']),
  dryTrial('the rotor'),
  buildStep(
    'place',
    'bearing-rear',
    'Body on the bench, rear bearing in: push the race that is tight.',
    ['body', 'bearing-rear', 'bearings'],
    { after: ['dry-trial'], caution: PRESS },
  ),
  buildStep('place', 'rotor', 'Rotor in, both faces clear of the covers.', ['rotor'], {
    strip: 'rotor',
    after: ['bearing-rear'],
    with: ON.fluid,
  }),
  buildStep('place', 'vanes', 'Vanes in, rounded edge out, each longer than its reach.', ['vane'], {
    strip: 'vanes',
    after: ['rotor'],
    gaps: ['vane-in-slot'],
    with: 'Oil them, unless the sheet runs them dry.',
    caution: EDGES,
  }),
  sealIn(
    'Shaft seal into the front cover, square, to depth. The spring side of the lip faces the oil.',
    ['seal'],
    ['dry-trial'],
  ),
  buildStep(
    'place',
    'covers',
    'Front bearing and front cover on over a seal sleeve, by hand, not drawn by the bolts.',
    ['cover', 'bearing-front', 'gaskets'],
    { strip: 'covers', after: ['vanes', 'seal'], with: ON.dry },
  ),
  ...clamped({ after: 'covers', how: 'Covers home by hand.' }),
  buildStep(
    'check',
    'pulley',
    'Support the shaft while the pulley goes on. The pointed lock screw first, the plain one on it.',
    [],
    { after: ['spin-2'], caution: PRESS },
  ),
  ...handedOver('pulley', 'Fill its oiler. Turn it by hand: vanes may need speed to fly out.'),
];

/** Returns the order of a vacuum or transfer pump. */
export const vacuumVaneAssembly: FamilyAssembly = () => STEPS;
