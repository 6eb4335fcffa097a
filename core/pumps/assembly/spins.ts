import type { Trial } from './step';
import type { PumpKind } from '../registry';

/** Names one thing that a try may show. */
export interface TrialChoice {
  readonly id: string;
  readonly name: string;
}

/** Describes a try that tells apart why a pump does not turn freely. */
export interface TrialAsked {
  readonly trial: Trial;
  readonly ask: string;
  readonly choices: readonly TrialChoice[];
}

/** Lists the tries in the order in which they tell most. */
export const TELLING: readonly TrialAsked[] = [
  {
    trial: 'slacken',
    ask: 'Slacken all bolts evenly by half a turn. Does it turn freely now?',
    choices: [
      { id: 'frees', name: 'Yes, it frees' },
      { id: 'stays', name: 'No, it stays' },
    ],
  },
  {
    trial: 'where',
    ask: 'Turn it slowly. Where does it come?',
    choices: [
      { id: 'shaft', name: 'Same angle of the shaft' },
      { id: 'body', name: 'Same place of the body' },
      { id: 'wanders', name: 'It wanders' },
      { id: 'round', name: 'All the way round' },
    ],
  },
  {
    trial: 'float',
    ask: 'Push and pull the shaft. Is there any float?',
    choices: [
      { id: 'some', name: 'Some float' },
      { id: 'none', name: 'No float' },
    ],
  },
  {
    trial: 'direction',
    ask: 'Turn it both ways. Is it the same?',
    choices: [
      { id: 'both', name: 'The same both ways' },
      { id: 'one', name: 'One way only' },
    ],
  },
  {
    trial: 'seal',
    ask: 'Is it free without the seal?',
    choices: [
      { id: 'only', name: 'Yes, free without it' },
      { id: 'same', name: 'No, the same without it' },
    ],
  },
];

/** Describes something that makes a pump tight or catch. */
export interface SpinCause {
  readonly id: string;
  readonly name: string;
  /** Lists the clearances that are small where it is this; of a further section, the same there. */
  readonly gaps: readonly string[];
  /** Says what each try shows where it is this. */
  readonly shows: Readonly<Partial<Record<Trial, readonly string[]>>>;
}

/** Describes how a pump turns by hand, and what to look for where it does not. */
export interface Spin {
  /** Says what is normal, beside the question. */
  readonly normal: string;
  /** Lists what makes it tight, likeliest first. */
  readonly tight: readonly SpinCause[];
  readonly catches: readonly SpinCause[];
}

type Shows = SpinCause['shows'];

/** Says what the tries show where it is the clamp: it goes away with that. */
const CLAMP: Shows = { slacken: ['frees'] };
const STAYS: Shows = { slacken: ['stays'] };

const cause = (id: string, name: string, shows: Shows, ...gaps: string[]): SpinCause => ({
  id,
  name,
  shows,
  gaps,
});

const endGap = (...gaps: string[]) =>
  cause('end-gap', 'the end clearance is too small', { ...CLAMP, float: ['none'] }, ...gaps);
const NICK = cause('nick', 'a nick or a burr at a dowel or a face', {
  ...CLAMP,
  where: ['body', 'round'],
});
const OFF_CENTRE = cause('off-centre', 'the halves are off centre', {
  ...CLAMP,
  where: ['round', 'body'],
});
const CHIP = cause('chip', 'a chip in the mesh', { ...STAYS, where: ['wanders'] });
const BURR = cause('burr', 'a burr on one flank', {
  ...STAYS,
  where: ['shaft'],
  direction: ['one'],
});
const SEAL = cause('seal', 'the seal: its lip, or its cocked case', {
  ...STAYS,
  seal: ['only'],
  where: ['round'],
  direction: ['one', 'both'],
});
const SHAFT = cause('shaft', 'the shaft is bent', { ...STAYS, where: ['shaft'] });
const KEY = cause('key', 'a key is proud', { ...STAYS, where: ['shaft'] });
const tightBushing = (...gaps: string[]) =>
  cause('bushing', 'the bushing is tight', { ...STAYS, where: ['round', 'body'] }, ...gaps);

const FRONT_ROTORS: Spin = {
  normal: 'Two fingers on the hub, silky.',
  tight: [
    endGap('face-inner', 'face-outer'),
    cause('mark', 'a rotor lies with its mark on the wrong side', STAYS),
    SHAFT,
    OFF_CENTRE,
    SEAL,
  ],
  catches: [
    cause('lobe', 'a nick on a lobe', { ...STAYS, where: ['shaft', 'wanders'] }, 'tip'),
    CHIP,
    KEY,
  ],
};

/** Says how a pump turns by hand, by how it is built. */
const SPIN = {
  crescent: {
    normal: 'Two fingers on the hub, silky.',
    tight: [
      cause(
        'end-gap',
        'the end clearance is too small, tightest by the crescent',
        { ...CLAMP, float: ['none'] },
        'face-drive',
        'face-driven',
      ),
      OFF_CENTRE,
      tightBushing('hub-bushing'),
      cause('turned-over', 'a gear is turned over', STAYS),
      SEAL,
    ],
    catches: [
      cause(
        'crescent',
        'a tooth touches the crescent',
        { ...STAYS, where: ['body'] },
        'tip-crescent-drive',
        'tip-crescent-driven',
      ),
      NICK,
      CHIP,
      BURR,
    ],
  },
  gerotor: FRONT_ROTORS,
  'oil-pump': { ...FRONT_ROTORS, normal: 'Two fingers on the shaft, silky.' },
  plates: {
    normal: 'The drag of oil, and no more.',
    tight: [
      endGap('end'),
      cause('crossed', 'bolts drawn up crossed', { ...CLAMP, where: ['round', 'body'] }),
      cause('plate', 'a plate is off its dowel', CLAMP),
      cause(
        'bushing',
        'a bushing is out of line',
        { ...STAYS, where: ['round', 'body'] },
        'shaft-bushing-drive-front',
        'shaft-bushing-drive-rear',
        'shaft-bushing-idler-front',
        'shaft-bushing-idler-rear',
      ),
      cause('float', 'a gear cannot float on its shaft', { ...STAYS, float: ['none'] }),
      SEAL,
    ],
    catches: [
      NICK,
      CHIP,
      cause('proud', 'a gear is proud', { ...CLAMP, where: ['shaft'] }, 'end'),
      cause('clip', 'a clip is not in its groove', { ...STAYS, where: ['shaft'] }),
      cause(
        'tip',
        'tips touch the body',
        { ...STAYS, where: ['body'] },
        'tip-body-drive',
        'tip-body-idler',
      ),
    ],
  },
  blocks: {
    normal: 'A short wrench, even drag: new seals drag in a block pump.',
    tight: [
      cause('load-seal', 'a block’s seal is out of its groove', CLAMP, 'end'),
      cause('cocked', 'a block is cocked', CLAMP),
      cause('pair', 'blocks of the wrong pair', CLAMP, 'end'),
      SEAL,
    ],
    catches: [
      CHIP,
      cause('edge', 'the edge of a block', { ...CLAMP, where: ['body'] }),
      cause(
        'tip',
        'tips touch the body',
        { ...STAYS, where: ['body'] },
        'tip-body-drive',
        'tip-body-idler',
      ),
    ],
  },
  oil: {
    normal: 'Free.',
    tight: [
      endGap('end'),
      cause('idler', 'the idler is proud', { ...CLAMP, where: ['wanders'] }, 'end'),
      cause('idler-shaft', 'the idler’s shaft stands too high', CLAMP, 'idler-shaft-height'),
      cause('cover', 'the cover is not flat', CLAMP),
    ],
    catches: [
      cause('nick', 'a nick', { where: ['body'] }),
      cause('mesh', 'the mesh', { ...STAYS, where: ['shaft', 'wanders'] }, 'backlash'),
      cause('tongue', 'the drive tongue', { ...STAYS, where: ['shaft'] }),
    ],
  },
  'variable-vane': {
    normal: 'Light, and the vanes click.',
    tight: [
      cause('proud', 'the rotor is proud', { ...CLAMP, float: ['none'] }, 'side-rotor'),
      cause('rings', 'a ring of the vanes is missing or doubled', CLAMP),
      cause('slide', 'the slide sticks', { ...CLAMP, float: ['some'] }, 'side-slide'),
      tightBushing('hub-bushing'),
      SEAL,
    ],
    catches: [
      cause('vane-way', 'a vane lies the wrong way', { ...STAYS, direction: ['one'] }),
      cause('broken-ring', 'a broken vane ring', { ...STAYS, where: ['wanders'] }),
      cause('vane-ring', 'a vane stands on its ring', { ...CLAMP, where: ['shaft'] }),
    ],
  },
  'fixed-vane': {
    normal: 'The drag of the plate’s spring, even.',
    tight: [
      cause('o-ring', 'an O-ring is pinched', CLAMP),
      cause('pins', 'pins or bolts bottom', CLAMP),
      cause('stuck', 'a vane is stuck', { ...STAYS, where: ['shaft'] }, 'vane-slot'),
      SEAL,
    ],
    catches: [
      cause('vane-way', 'a vane is upside down', { ...STAYS, direction: ['one'] }),
      cause('ring-pin', 'the ring is off its pin', { ...CLAMP, where: ['body'] }),
      CHIP,
    ],
  },
  'vacuum-vane': {
    normal: 'Free, with clicks at low speed.',
    tight: [
      cause('bearing', 'a bearing is cocked', STAYS),
      cause('rotor', 'the rotor runs on a cover', { ...CLAMP, float: ['none'] }, 'side-rotor'),
      SEAL,
    ],
    catches: [
      cause(
        'vane',
        'a vane is short or stuck',
        { ...STAYS, where: ['shaft'] },
        'vane-in-slot',
        'vane-slot',
      ),
      cause('bearing', 'a bearing', { ...STAYS, where: ['wanders', 'shaft'] }),
    ],
  },
} as const satisfies Readonly<Record<string, Spin>>;

/**
 * Returns how a pump turns by hand, and what to look for where it does not.
 *
 * @param pump its family and its geometry
 * @example
 * spinOf({ family: 'crescent', geometry: {} }).normal; // 'Two fingers on the hub, silky.'
 */
export function spinOf({ family, geometry }: PumpKind): Spin {
  const { build, use } = geometry as { readonly build?: string; readonly use?: string };
  const key = (
    use === 'oil-pump' ? use : family === 'external-gear' ? build : family
  ) as keyof typeof SPIN;
  return SPIN[key];
}
