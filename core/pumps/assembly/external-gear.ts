import type { BuildStep } from './step';
import { sayFrom } from '../../wording/say';
import type { ExternalGeometry } from '../external-gear.drawing';
import { sectionsIn } from '../external-gear.sections';
import { onSectionId } from '../sections';
import {
  buildStep,
  clamped,
  dryTrial,
  EDGES,
  handedOver,
  ON,
  PRESS,
  proveDrain,
  sealIn,
  valveIn,
  washAgain,
  washAll,
  type FamilyAssembly,
} from './assembly';

const WORDS = {
  rear: 'Rear plate in, its new seal behind, bearing metal to the gears, trap groove to the outlet.',
  gears:
    'Both gears in, on their meshing marks where they have them, key in, clip seen in its groove.',
  body: 'Body on its dowels: larger port and open drain to the inlet side, scribe line meets.',
  front: 'Front plate on, its new seal behind, bearing metal to the gears.',
  bodyFirst: 'Body on the bench: larger port and open drain to the inlet side, scribe line meets.',
  gearsInBlocks:
    'Set both gears between their blocks, on meshing marks where they have them, key in, clip seen.',
  blocks: 'Push front block, gears and rear block in as one, by hand, never cocked.',
  alone: 'Clamp this section alone, spacer tubes on the long bolts.',
  all: 'Clamp the whole pump.',
  single: 'Draw it together by hand.',
} as const;

const say = sayFrom(WORDS);

const PLATE_BUSHINGS = ['drive', 'idler'].flatMap((gear) =>
  ['front', 'rear'].map((end) => `bushing-${gear}-${end}`),
);

/** Describes a section of a stack: the bodies go back in their old order, and each is clamped by itself. */
interface Section {
  readonly number: number;
  readonly sections: number;
  /** The step after which it begins. */
  readonly after: string;
}

type Made = readonly [
  kind: BuildStep['kind'],
  id: string,
  words: keyof typeof WORDS,
  parts: readonly string[],
  more: Partial<BuildStep>,
];

/** Returns steps as those of a section, each after the one before. */
function sectionSteps({ number, sections, after }: Section, made: readonly Made[]): BuildStep[] {
  const at = (id: string) => onSectionId(id, number);
  const section = sections > 1 ? number : null;
  const steps = made.map(([kind, id, words, parts, more], i) =>
    buildStep(kind, at(id), say(words), parts.map(at), {
      ...more,
      // Bodies wear to their neighbours: each goes back where it was.
      ...(id === 'body' && sections > 1 ? { with: IN_ORDER } : {}),
      section,
      after: [i === 0 ? after : at(made[i - 1]?.[1] ?? '')],
      // The ports and the drain are noted once for the whole pump.
      strip: more.strip ? (more.strip === 'bolts' ? more.strip : at(more.strip)) : '',
    }),
  );
  const last = steps.at(-1)?.id ?? after;
  const how = sections === 1 ? 'single' : number === sections ? 'all' : 'alone';
  const suffix = number === 1 ? '' : `-s${number}`;
  return [...steps, ...clamped({ suffix, section, after: last, how: say(how) })];
}

/** Says how the bodies of a stack go on. */
const IN_ORDER = 'Faces bone dry, no sealant. Bodies in their old order.';

/** Says what holds of gears that float between plates or blocks. */
const SLIDES =
  'Oil them with the fluid that they will run in. A gear slides on its shaft by hand, unless it is pressed on.';

const PLATES: readonly Made[] = [
  ['place', 'rear-plate', 'rear', ['plate-rear'], { strip: 'plates', with: ON.dry }],
  ['place', 'gears', 'gears', ['drive', 'idler'], { strip: 'gears', with: SLIDES, caution: EDGES }],
  ['place', 'body', 'body', ['body'], { strip: 'bolts', with: ON.dry }],
  ['place', 'front-plate', 'front', ['plate-front'], { strip: 'plates', with: ON.dry }],
];

const BLOCKS: readonly Made[] = [
  ['place', 'body', 'bodyFirst', ['body'], { strip: 'bolts', with: ON.dry }],
  [
    'place',
    'gears',
    'gearsInBlocks',
    ['drive', 'idler'],
    { strip: 'gears', with: SLIDES, caution: EDGES },
  ],
  [
    'place',
    'blocks',
    'blocks',
    ['block-front', 'block-rear'],
    {
      strip: 'blocks',
      with: 'Blocks are handed. New seal and back-up strip: the seal shuts in the outlet area, back-up on its low side.',
      caution: EDGES,
    },
  ],
];

/** Puts what is always replaced into the first step that it goes with. */
const withRenewals = (
  steps: readonly BuildStep[],
  renewals: Readonly<Record<string, readonly string[]>>,
): BuildStep[] =>
  steps.map((step) =>
    renewals[step.id] ? { ...step, parts: [...step.parts, ...(renewals[step.id] ?? [])] } : step,
  );

/** Returns the order of a stack between plates or blocks. */
function stack(build: 'plates' | 'blocks', sections: number): BuildStep[] {
  const numbers = Array.from({ length: sections }, (_, i) => i + 1);
  const everywhere = (ids: readonly string[]) =>
    numbers.flatMap((number) => ids.map((id) => onSectionId(id, number)));
  const isPlates = build === 'plates';
  const ends = isPlates ? ['plate-front', 'plate-rear'] : ['block-front', 'block-rear'];
  const bushings = everywhere(PLATE_BUSHINGS);
  const firstOf = isPlates ? 'rear-plate' : 'body';
  const pressed = [
    buildStep(
      'place',
      'bushings',
      'Press the bushings into their plates, square, to depth, clear of feed holes.',
      [...bushings, 'bushings'],
      {
        after: ['dry-trial'],
        with: 'They must be tight in their bores: a spun bore wants a sleeve.',
        caution: PRESS,
      },
    ),
    buildStep('check', 'bushings-size', 'Size the bushings and try the real shafts in them.', [], {
      after: ['bushings'],
      gaps: numbers.flatMap((number) =>
        PLATE_BUSHINGS.map((id) => onSectionId(id.replace('bushing', 'shaft-bushing'), number)),
      ),
      caution: 'Plate clamped while you hone.',
    }),
    washAgain('clean-bushings', [...everywhere(ends), ...bushings], 'bushings-size'),
  ];
  const ready = isPlates ? 'clean-bushings' : 'dry-trial';
  const all = numbers.flatMap((number) =>
    sectionSteps(
      {
        number,
        sections,
        after: number === 1 ? 'seal' : onSectionId('spin-2', number - 1),
      },
      isPlates ? PLATES : BLOCKS,
    ),
  );
  const closed = onSectionId('spin-2', sections);
  return [
    washAll([...everywhere(['body', 'drive', 'idler', ...ends]), 'plunger', 'spring']),
    dryTrial(sections === 1 ? 'both gears' : 'both gears of each section'),
    ...(isPlates ? pressed : []),
    proveDrain('drain', 'Pass a wire through the drain that is open.', 'plug', [ready]),
    sealIn(
      'Shaft seal in, square, to depth, spring side to the oil. Of a pair the outer one keeps dirt out.',
      ['seal'],
      ['dry-trial', 'drain'],
    ),
    ...withRenewals(all, {
      [firstOf]: ['o-rings'],
      ...(isPlates ? {} : { blocks: ['blocks'] }),
    }),
    valveIn('Relief valve'),
    proveDrain('drain-closed', 'Pass the wire again, now that the pump is closed.', 'plug', [
      closed,
      'seal',
    ]),
    buildStep(
      'check',
      'spin-final',
      'Fill the ports with oil and turn the shaft: even drag, some float.',
      [],
      {
        after: [closed, 'valve'],
        caution: EDGES,
      },
    ),
    ...handedOver('spin-final', 'Fill the case or the line before you start it.'),
  ];
}

const OIL_PUMP: readonly BuildStep[] = [
  washAll([
    'body',
    'drive',
    'idler',
    'plate',
    'bushing-drive-front',
    'bushing-drive-rear',
    'plunger',
    'spring',
  ]),
  dryTrial('both gears'),
  buildStep(
    'place',
    'body',
    'Body on the bench, deck up. The idler’s shaft is tight in it and below the deck.',
    ['body', 'bushing-drive-front', 'bushing-drive-rear'],
    { after: ['dry-trial'], strip: 'bolts', gaps: ['idler-shaft-height'] },
  ),
  sealIn(
    'Shaft seal in, square, to depth, spring side to the oil.',
    ['seal'],
    ['dry-trial', 'body'],
  ),
  buildStep(
    'place',
    'gears',
    'Both gears in, on their marks where they have them. The idler turns free, without rock.',
    ['drive', 'idler'],
    {
      strip: 'gears',
      after: ['body'],
      with: ON.fluid,
      caution: EDGES,
    },
  ),
  buildStep(
    'oil',
    'oil',
    'Oil the gears and fill the pockets with the oil that it will run in.',
    [],
    {
      after: ['gears'],
    },
  ),
  buildStep(
    'place',
    'cover',
    'Gasket of the named thickness, or none, then the cover, flat.',
    ['plate', 'o-rings'],
    {
      after: ['oil'],
      with: ON.dry,
    },
  ),
  ...clamped({ after: 'cover', how: 'Cover drawn down by hand, locks under the bolts.' }),
  valveIn('Relief valve'),
  buildStep(
    'check',
    'tongue',
    'The drive tongue has float in its slot, endways and sideways.',
    [],
    {
      after: ['spin-2'],
    },
  ),
  ...handedOver(
    'tongue',
    'Fill the pump and prime it by drill, or crank without firing until pressure.',
  ),
];

/** Returns the order of a gear pump, of a stack of them, or of an engine oil pump. */
export const externalAssembly: FamilyAssembly = ({ geometry }) => {
  const { build, ...g } = geometry as ExternalGeometry;
  return build === 'oil' ? OIL_PUMP : stack(build, sectionsIn({ build, ...g }));
};
