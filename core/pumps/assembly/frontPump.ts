import type { BuildStep } from './step';
import {
  buildStep,
  clamped,
  dryTrial,
  fastenOther,
  handedOver,
  ON,
  PRESS,
  proveDrain,
  sealIn,
  valveIn,
  washAgain,
  washAll,
} from './assembly';

/** Says what is different from one pump on a converter hub to the next. */
interface FrontPump {
  readonly parts: readonly string[];
  /** Names what turns in the pocket: `the gears`. */
  readonly turning: string;
  /** Names its valve. */
  readonly valve: string;
  /** The steps from the seal to the cover. */
  readonly inside: readonly BuildStep[];
  /** The step after which the cover goes on. */
  readonly last: string;
}

/** Returns the steps of a pump that sits on a converter hub, whatever pumps in it. */
export const frontPump = ({ parts, turning, valve, inside, last }: FrontPump): BuildStep[] => [
  washAll(parts),
  dryTrial(turning),
  buildStep(
    'place',
    'bushing',
    'Body on the bench. Press the bushing in, square, to depth, clear of drain and feed holes.',
    ['body', 'bushing'],
    {
      strip: 'bushing',
      after: ['dry-trial'],
      with: 'It must be tight in its bore: a spun bore wants a sleeve.',
      caution: PRESS,
    },
  ),
  buildStep(
    'check',
    'bushing-size',
    'Size the bushing and try the real hub. A wire in the groove stops at the seal side.',
    [],
    {
      after: ['bushing'],
      gaps: ['hub-bushing'],
      with: 'Pressing closes it: size it after, never before.',
      caution: 'Body clamped while you hone.',
    },
  ),
  washAgain('clean-bushing', ['body', 'bushing'], 'bushing-size'),
  {
    ...valveIn(valve, ['clean-bushing']),
    with: 'Order and cup end as noted. The cover’s other valves and balls: counted, as noted.',
  },
  sealIn(
    'Seal in, square, to depth. The spring side of the lip faces the oil.',
    ['seal'],
    ['dry-trial', 'bushing-size', 'clean-bushing'],
  ),
  ...inside,
  buildStep(
    'place',
    'cover',
    'Cover on, its bushings sound. Centre the halves with a band or a pilot before any torque.',
    ['cover', 'stator-bushing-front', 'stator-bushing-rear'],
    {
      strip: 'cover',
      after: [last, 'valve', 'seal'],
      with: 'Faces bone dry. The bolts have play: off centre, hub and case bind.',
    },
  ),
  ...clamped({ after: 'cover', how: 'Cover drawn down by hand.' }),
  buildStep(
    'place',
    'rings',
    'Hook the sealing rings in. Each turns free in its groove.',
    ['rings'],
    {
      after: ['spin-2'],
      with: ON.grease,
    },
  ),
  buildStep(
    'place',
    'o-ring',
    'Body O-ring on its seat, case gasket dry over its holes: turned over it shuts the drain.',
    ['o-ring', 'gasket'],
    {
      after: ['spin-2'],
      with: 'Grease the O-ring, and do not roll it in. No sealant near an inlet.',
    },
  ),
  proveDrain(
    'vent',
    'Pass a wire through the vent behind the seal, with the gasket in place.',
    '',
    ['seal', 'o-ring'],
  ),
  buildStep(
    'endplay',
    'end-play',
    'Choose the thrust washer: case depth less pump height, gasket counted, at two places.',
    [],
    { after: ['o-ring'], with: 'The washer is held with grease.' },
  ),
  buildStep(
    'place',
    'mount',
    'Pump in on two guide studs, the shaft turned as it is drawn in. If it locks: stop.',
    ['unit', 'input-shaft'],
    {
      after: ['rings', 'o-ring', 'vent', 'end-play'],
      with: 'A lock means a drum or a washer is not home: drawing on cracks the ears.',
      caution: 'Heavy stack: use a sling. Fingers out of the gap.',
    },
  ),
  fastenOther('mount'),
  buildStep('endplay', 'end-play-dial', 'Dial the end play again, after the torque.', [], {
    after: ['fasten'],
  }),
  buildStep(
    'place',
    'converter',
    'Converter on: feel every drop, the hub home in the gear, free to come forward.',
    ['hub'],
    {
      after: ['end-play-dial'],
      with: 'Held hard back it wrecks gear and cover. Oil the hub.',
      caution: 'Heavy: lift it with two, or a sling.',
    },
  ),
  ...handedOver(
    'converter',
    'Fill the box and flush the cooler after metal. Prime before you start it.',
  ),
];
