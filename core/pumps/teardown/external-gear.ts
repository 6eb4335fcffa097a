import { coverTrack } from './pocket';
import { GEAR_AND_IDLER, sectionOf, type GearName, type Section } from '../sections';
import {
  alsoCheck,
  asks,
  at,
  OIL_PUMP_CHECKS,
  on,
  renewal,
  step,
  STUCK_SHAFT,
  surface,
  UNDER_LOAD,
  valveStep,
  valveSurfaces,
  type AlsoCheck,
  type Renewal,
  type StripStep,
  type Surface,
  type Teardown,
} from './teardown';
import { say } from '../../wording/say';

/** Says where a gear's mark goes, as a share of the half-side. */
const HEIGHT = { drive: -0.4, idler: 0.4 } as const;

/** Returns a gear and the bore that it runs in: what bearing wear lets it cut. */
function gearSurfaces({ of, word }: Section, [gear, name]: GearName, journal: Surface): Surface[] {
  return [
    surface(
      of(`bore-${gear}`),
      word(say('pumps.boreInletSide', { gear: name })),
      of('body'),
      'wall',
      at(of(`bore-track-${gear}`), 'a'),
      asks(
        [of(`tip-body-${gear}`), of(`body-track-${gear}`)],
        'bearing wear lets the gear cut into the body',
        ['walked-in', 'scored', 'ridge', 'polished'],
      ),
    ),
    surface(
      of(`teeth-${gear}`),
      word(say('pumps.teethAndFaces', { gear: name })),
      of(gear),
      'teeth',
      on('body', 0.28, HEIGHT[gear]),
      asks([of('backlash'), of('end')], 'marked teeth or faces leak'),
    ),
    journal,
  ];
}

const journalOf = ({ of, word }: Section, [gear, name]: GearName): Surface =>
  surface(
    of(`journals-${gear}`),
    word(say('pumps.journalsOf', { gear: name })),
    of(gear),
    'journal',
    on('shaft', gear === 'drive' ? 0.67 : -0.67, 0),
    asks(
      [of(`shaft-bushing-${gear}-front`), of(`shaft-bushing-${gear}-rear`), of(`tip-body-${gear}`)],
      'blue or scored: it ran tight or dry',
    ),
  );

/** Lists the surfaces of one section of a stack between its plates. */
function plateSection(s: Section): Surface[] {
  const { of, word } = s;
  return [
    ...s.gears.flatMap((gear) => gearSurfaces(s, gear, journalOf(s, gear))),
    ...(['front', 'rear'] as const).map((end) =>
      surface(
        of(`plate-${end}`),
        word(say('pumps.plate', { end })),
        of(`plate-${end}`),
        'face',
        end === 'front' ? at(of('plate-wear-front'), 'a') : on('plate', -0.4, 0.2),
        asks([of(`plate-wear-${end}`), of('end')], 'wear of the plate adds to the end clearance'),
      ),
    ),
    ...(['front', 'rear'] as const).map((end) =>
      surface(
        of(`gasket-face-${end}`),
        word(say('pumps.plateGasketSide', { end })),
        of(`plate-${end}`),
        'face',
        on('plate', end === 'front' ? 0.62 : -0.62, 0.2),
      ),
    ),
    surface(
      of('bushings'),
      word('Bushings'),
      'bushing',
      'bearing',
      on('bushing', 0.55, 0),
      asks(
        [of('shaft-bushing-drive-front'), of('shaft-bushing-drive-rear'), of('tip-body-drive')],
        'a loose bushing lets the gears cut into the body',
      ),
    ),
  ];
}

/** Lists the surfaces of one section of a stack between its bushing blocks. */
function blockSection(s: Section): Surface[] {
  const { of, word } = s;
  return [
    ...s.gears.flatMap((gear) => gearSurfaces(s, gear, journalOf(s, gear))),
    ...(['front', 'rear'] as const).map((end) =>
      surface(
        of(`block-${end}`),
        word(say('pumps.block', { end })),
        of(`block-${end}`),
        'bearing',
        on('bushing', end === 'front' ? 0.55 : -0.55, 0),
        asks(
          [of('end'), of(`shaft-bushing-drive-${end}`), of('tip-body-drive')],
          'a worn block opens the end clearance and lets the gears cut into the body',
        ),
      ),
    ),
  ];
}

/** Describes the casting of a section: cracked, one of a stack is replaced, and a single pump is done with. */
const castingOf = ({ of, word }: Section, sections: number): Surface => ({
  ...surface(
    of('ears'),
    word('Body, ears and ports'),
    of('body'),
    'casting',
    on('empty', -0.66, -0.72),
  ),
  ...(sections > 1 ? { ofSection: true as const } : {}),
});

/** Lists where the lips of the shaft seals run: the inner one holds the oil, the outer one keeps dirt out. */
const SEAL_TRACKS: readonly Surface[] = [
  surface(
    'seal-track-inner',
    'Shaft, under the inner seal',
    'drive',
    'seal-track',
    on('shaft', 0.74, 0.08),
  ),
  {
    ...surface(
      'seal-track-outer',
      'Shaft, under the outer seal',
      'drive',
      'seal-track',
      on('shaft', 0.9, 0.08),
    ),
    keepsOut: true,
  },
];

const COMMON: readonly Surface[] = [
  surface('shaft-drive', 'Shaft end, splines or key', 'drive', 'drive', on('shaft', 0.82, 0)),
];

const ONE = sectionOf(1, 1, GEAR_AND_IDLER);

function oilSurfaces(): Surface[] {
  const idlerShaft = surface(
    'idler-shaft',
    'Idler shaft, pressed in',
    'body',
    'journal',
    on('empty', 0, 0.4),
    asks(['idler-shaft-fit', 'idler-shaft-height'], 'the idler has worn its shaft'),
  );
  return [
    castingOf(ONE, 1),
    ...COMMON,
    surface(
      'deck',
      'Deck',
      'body',
      'face',
      on('empty', 0.72, 0.05),
      asks(['end'], 'the straightedge rests on the deck'),
    ),
    ...ONE.gears.flatMap((gear) =>
      gearSurfaces(ONE, gear, gear[0] === 'idler' ? idlerShaft : journalOf(ONE, gear)),
    ),
    coverTrack('wear mark of the gears', 'end clearance', 'plate', 'a'),
  ];
}

const stripSection = ({ of, word }: Section): StripStep[] => [
  step(of('plates'), 'plate', word('Mark the side of each plate, then lift the plates off.'), {
    way: 'relief',
  }),
  step(of('gears'), 'drive', word('Mark the meshing teeth, then pull both gears.'), {
    way: 'mark',
    caution: STUCK_SHAFT,
  }),
];

const stripBlocks = ({ of, word }: Section): StripStep[] => [
  step(
    of('gears'),
    'drive',
    word('Mark the meshing teeth, then push gears and blocks out together.'),
    {
      way: 'mark',
      caution: STUCK_SHAFT,
    },
  ),
  step(
    of('blocks'),
    'bushing',
    word('See which side each block’s relief groove is on, then pull the block off its gears.'),
    {
      way: 'relief',
    },
  ),
];

/** Asks, in a stack, how the gear sits on its shaft by key or spline: a loose one wears both. */
const looseGear = ({ of, word }: Section): AlsoCheck =>
  alsoCheck(
    of('gear-loose'),
    word('Drive gear on its shaft'),
    word('Rock the drive gear on its key or splines. How does it fit?'),
    ['tight', 'rocks', 'slides'],
    'tight',
  );

type Build = 'plates' | 'blocks' | 'oil';

/** The bushings that a house renews, counted by section; an oil pump’s are pressed in for good. */
const RENEWED_BUSHINGS: Readonly<Record<Build, (sections: number) => Renewal[]>> = {
  plates: (sections) => [renewal('bushings', 'Bushings, set of four', sections, 'house')],
  blocks: (sections) => [renewal('blocks', 'Bushing blocks, pair', sections, 'house')],
  oil: () => [],
};

/** Returns what happens to an external gear pump, its stack or its oil pump build, before any instrument. */
export function externalTeardown(build: Build, sections: readonly Section[]): Teardown {
  const oil = build === 'oil';
  return {
    surfaces: [
      ...(oil
        ? oilSurfaces()
        : [
            ...COMMON,
            ...SEAL_TRACKS,
            ...sections.flatMap((s) => [
              castingOf(s, sections.length),
              ...(build === 'blocks' ? blockSection(s) : plateSection(s)),
            ]),
          ]),
      ...valveSurfaces('Relief'),
    ],
    strip: [
      step('plug', 'body', 'See which drain hole is open before you turn the pump over.', {
        way: 'drain',
        right: 'left',
      }),
      step(
        'bolts',
        'body',
        'See where the inlet port is. Scribe a line across all joints. Remove the bolts crosswise.',
        {
          way: 'port',
          caution: UNDER_LOAD,
        },
      ),
      ...(oil
        ? [
            step('gears', 'drive', 'Mark the meshing teeth, then lift both gears out.', {
              way: 'mark',
            }),
          ]
        : sections.flatMap(build === 'blocks' ? stripBlocks : stripSection)),
      step('seal', 'body', 'Remove the shaft seal. Do not mark the seal bore.', { way: 'lip' }),
      valveStep('plunger', 'relief valve'),
    ],
    renew: [
      renewal('seal', 'Shaft seal'),
      renewal('o-rings', 'O-rings and plate seals, set', oil ? 1 : sections.length),
      ...RENEWED_BUSHINGS[build](sections.length),
    ],
    also: oil ? OIL_PUMP_CHECKS : sections.length > 1 ? sections.map(looseGear) : [],
    clutches: [],
  };
}
