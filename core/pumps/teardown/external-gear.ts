import { coverTrack } from './pocket';
import { GEARS, sectionOf, type GearName, type Section } from '../sections';
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

/** Says where a gear's mark goes, as a share of the half-side. */
const HEIGHT = { drive: -0.4, idler: 0.4 } as const;

/** Returns a gear and the bore that it runs in: what bearing wear lets it cut. */
function gearSurfaces({ of, word }: Section, [gear, name]: GearName, journal: Surface): Surface[] {
  return [
    surface(
      of(`bore-${gear}`),
      word(`Bore of the ${name}, inlet side`),
      of('body'),
      'wall',
      at(of(`bore-track-${gear}`), 'a'),
      asks(
        [of(`tip-body-${gear}`), of(`body-track-${gear}`)],
        'a track in the body is what bearing wear does',
        ['walked-in', 'scored', 'ridge', 'polished'],
      ),
    ),
    surface(
      of(`teeth-${gear}`),
      word(`Teeth and faces of the ${name}`),
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
    word(`Journals of the ${name}`),
    of(gear),
    'journal',
    on('shaft', gear === 'drive' ? 0.67 : -0.67, 0),
    asks(
      [of(`shaft-bushing-${gear}-front`), of(`shaft-bushing-${gear}-rear`), of(`tip-body-${gear}`)],
      'blue or scored means that it ran tight or dry',
    ),
  );

/** One section of a stack between its plates. */
function plateSection(s: Section): Surface[] {
  const { of, word } = s;
  return [
    ...GEARS.flatMap((gear) => gearSurfaces(s, gear, journalOf(s, gear))),
    ...(['front', 'rear'] as const).map((end) =>
      surface(
        of(`plate-${end}`),
        word(`Plate, ${end}`),
        of(`plate-${end}`),
        'face',
        end === 'front' ? at(of('plate-wear-front'), 'a') : on('plate', -0.4, 0.2),
        asks([of(`plate-wear-${end}`), of('end')], 'wear of the plate adds to the end clearance'),
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

/** One section of a stack between its bushing blocks. */
function blockSection(s: Section): Surface[] {
  const { of, word } = s;
  return [
    ...GEARS.flatMap((gear) => gearSurfaces(s, gear, journalOf(s, gear))),
    ...(['front', 'rear'] as const).map((end) =>
      surface(
        of(`block-${end}`),
        word(`Bushing block, ${end}`),
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

/** The casting of a section: cracked, one of a stack is replaced, and a single pump is done with. */
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

const COMMON: readonly Surface[] = [
  surface('shaft-drive', 'Shaft end, splines or key', 'drive', 'drive', on('shaft', 0.82, 0)),
];

const ONE = sectionOf(1, 1);

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
      asks(['end'], 'the edge lies on the deck'),
    ),
    ...GEARS.flatMap((gear) =>
      gearSurfaces(ONE, gear, gear[0] === 'idler' ? idlerShaft : journalOf(ONE, gear)),
    ),
    coverTrack('gear track', 'end clearance', 'plate', 'a'),
  ];
}

const stripSection = ({ of, word }: Section): StripStep[] => [
  step(of('plates'), 'plate', word('Plates off, each with its side marked.'), { way: 'relief' }),
  step(of('gears'), 'drive', word('Mark the mesh, then draw both gears.'), {
    way: 'mark',
    caution: STUCK_SHAFT,
  }),
];

const stripBlocks = ({ of, word }: Section): StripStep[] => [
  step(of('gears'), 'drive', word('Push gears and blocks out together, mesh marked.'), {
    way: 'mark',
    caution: STUCK_SHAFT,
  }),
  step(
    of('blocks'),
    'bushing',
    word('Note each block’s relief side, then pull it off its gears.'),
    {
      way: 'relief',
    },
  ),
];

/** In a stack the shaft drives gears that sit on it by key or spline: a loose one wears both. */
const looseGear = ({ of, word }: Section): AlsoCheck =>
  alsoCheck(
    of('gear-loose'),
    word('Shaft gear on its shaft'),
    word('Rock the shaft gear on its key or splines: how does it sit?'),
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
            ...sections.flatMap((s) => [
              castingOf(s, sections.length),
              ...(build === 'blocks' ? blockSection(s) : plateSection(s)),
            ]),
          ]),
      ...valveSurfaces('Relief'),
    ],
    strip: [
      step('plug', 'body', 'Note which drain hole is open, before the pump is turned.', {
        way: 'drain',
        right: 'left',
      }),
      step(
        'bolts',
        'body',
        'Note where the inlet port lies. Scribe a line over all joints, bolts out crosswise.',
        {
          way: 'port',
          caution: UNDER_LOAD,
        },
      ),
      ...(oil
        ? [step('gears', 'drive', 'Mark the mesh, then lift both gears out.', { way: 'mark' })]
        : sections.flatMap(build === 'blocks' ? stripBlocks : stripSection)),
      step('seal', 'body', 'Shaft seal out; the bore is not to be marked.', { way: 'lip' }),
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
