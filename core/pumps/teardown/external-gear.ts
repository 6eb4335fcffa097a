import { onTheShaft, type FittedAsRule } from './fitted';
import { coverTrack } from './pocket';
import { LARGER_PORT, PORTS_BY_SIZE } from './rotation';
import { partId } from '../ids';
import { GEAR_AND_IDLER, GEARS, onSectionIds, teardownOnSection, type GearName } from '../sections';
import {
  alsoCheck,
  ANY_CHECKS,
  asks,
  atStation,
  OIL_PUMP_CHECKS,
  on,
  renewal,
  step,
  STUCK_SHAFT,
  surface,
  treated,
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

const ENDS = ['front', 'rear'] as const;

const EACH_BUSHING = GEARS.flatMap(([gear]) => ENDS.map((end) => `bushing-${gear}-${end}`));

/** Says where a gear's mark goes, as a share of the half-side. */
const HEIGHT = { drive: -0.4, idler: 0.4 } as const;

/** Returns a gear and the bore that it runs in: what bearing wear lets it cut. */
function gearSurfaces([gear, name]: GearName, journal: Surface): Surface[] {
  return [
    treated(
      ['sleeve'],
      `bore-${gear}`,
      say('pumps.boreInletSide', { gear: name }),
      'body',
      'wall',
      atStation(`bore-track-${gear}`, 'a'),
      asks(
        [`tip-body-${gear}`, `body-track-${gear}`],
        'bearing wear lets the gear cut into the body',
        ['walked-in', 'scored', 'ridge', 'polished'],
      ),
    ),
    surface(
      `teeth-${gear}`,
      say('pumps.teethAndFaces', { gear: name }),
      gear,
      'teeth',
      on('body', 0.28, HEIGHT[gear]),
      asks(['backlash', 'end'], 'marked teeth or faces leak'),
    ),
    journal,
  ];
}

const journalOf = ([gear, name]: GearName): Surface =>
  treated(
    ['polish-journal'],
    `journals-${gear}`,
    say('pumps.journalsOf', { gear: name }),
    gear,
    'journal',
    on('shaft', gear === 'drive' ? 0.67 : -0.67, 0),
    asks(
      [`shaft-bushing-${gear}-front`, `shaft-bushing-${gear}-rear`, `tip-body-${gear}`],
      'blue or scored: it ran tight or dry',
    ),
  );

/** Lists the surfaces of one section of a stack between its plates. */
function plateSection(): Surface[] {
  return [
    ...GEARS.flatMap((gear) => gearSurfaces(gear, journalOf(gear))),
    ...ENDS.map((end) =>
      treated(
        ['grind-plate'],
        `plate-${end}`,
        say('pumps.plate', { end }),
        `plate-${end}`,
        'face',
        end === 'front' ? atStation('plate-wear-front', 'a') : on('plate', -0.4, 0.2),
        asks([`plate-wear-${end}`, 'end'], 'wear of the plate adds to the end clearance'),
      ),
    ),
    ...ENDS.map((end) =>
      treated(
        ['grind-gasket-side'],
        `gasket-face-${end}`,
        say('pumps.plateGasketSide', { end }),
        `plate-${end}`,
        'face',
        on('plate', end === 'front' ? 0.62 : -0.62, 0.2),
      ),
    ),
    surface(
      'bushings',
      'Bushings',
      EACH_BUSHING,
      'bearing',
      on('bushing', 0.55, 0),
      asks(
        ['shaft-bushing-drive-front', 'shaft-bushing-drive-rear', 'tip-body-drive'],
        'a loose bushing lets the gears cut into the body',
      ),
    ),
  ];
}

/** Lists the surfaces of one section of a stack between its bushing blocks. */
function blockSection(): Surface[] {
  return [
    ...GEARS.flatMap((gear) => gearSurfaces(gear, journalOf(gear))),
    ...ENDS.map((end) =>
      treated(
        ['grind-block'],
        `block-${end}`,
        say('pumps.block', { end }),
        `block-${end}`,
        'bearing',
        on('bushing', end === 'front' ? 0.55 : -0.55, 0),
        asks(
          ['end', `shaft-bushing-drive-${end}`, 'tip-body-drive'],
          'a worn block opens the end clearance and lets the gears cut into the body',
        ),
      ),
    ),
  ];
}

/** Describes the casting of a section: cracked, one of a stack is replaced, and a single pump is done with. */
const castingOf = (sections: number): Surface => ({
  ...surface('ears', 'Body, ears and ports', 'body', 'casting', on('empty', -0.66, -0.72)),
  ...(sections > 1 ? { ofSection: true as const } : {}),
});

/** Lists where the lips of the shaft seals run: the inner one holds the oil, the outer one keeps dirt out. */
const SEAL_TRACKS: readonly Surface[] = [
  treated(
    ['polish-seal-track'],
    'seal-track-inner',
    'Shaft, under the inner seal',
    'drive',
    'seal-track',
    on('shaft', 0.74, 0.08),
  ),
  {
    ...treated(
      ['polish-seal-track'],
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
    castingOf(1),
    ...COMMON,
    treated(
      ['face-deck'],
      'deck',
      'Deck',
      'body',
      'face',
      on('empty', 0.72, 0.05),
      asks(['end'], 'the straightedge rests on the deck'),
    ),
    ...GEAR_AND_IDLER.flatMap((gear) =>
      gearSurfaces(gear, gear[0] === 'idler' ? idlerShaft : journalOf(gear)),
    ),
    coverTrack('wear mark of the gears', 'end clearance', 'plate', 'a'),
  ];
}

const stripSection: readonly StripStep[] = [
  step('plates', 'plate', 'Mark the side of each plate, then lift the plates off.', {
    way: 'relief',
  }),
  step('gears', 'drive', 'Mark the meshing teeth, then pull both gears.', {
    way: 'mark',
    caution: STUCK_SHAFT,
  }),
];

const stripBlocks: readonly StripStep[] = [
  step('gears', 'drive', 'Mark the meshing teeth, then push gears and blocks out together.', {
    way: 'mark',
    caution: STUCK_SHAFT,
  }),
  step(
    'blocks',
    'bushing',
    'See which side each block’s relief groove is on, then pull the block off its gears.',
    {
      way: 'relief',
    },
  ),
];

/** Asks which port is the inlet: the larger one; with the shaft gear uppermost that names the rotation. */
const largerPort: AlsoCheck = alsoCheck(
  LARGER_PORT,
  'Larger port',
  'Shaft end towards you, shaft gear uppermost. Which port is larger?',
  PORTS_BY_SIZE,
);

type Build = 'plates' | 'blocks' | 'oil';

/** Lists what is looked at and taken out of each section of a stack. */
const SECTION: Readonly<Record<Exclude<Build, 'oil'>, Pick<Teardown, 'surfaces' | 'strip'>>> = {
  plates: { surfaces: plateSection(), strip: stripSection },
  blocks: { surfaces: blockSection(), strip: stripBlocks },
};

/** The bushings that a house renews, counted by section; an oil pump’s are pressed in for good. */
const RENEWED: Readonly<
  Record<Build, { readonly renew: (sections: number) => Renewal[]; readonly parts: string[] }>
> = {
  plates: {
    renew: (sections) => [renewal('bushings', 'Bushings, set of four', sections, 'house')],
    parts: EACH_BUSHING,
  },
  blocks: {
    renew: (sections) => [renewal('blocks', 'Bushing blocks, pair', sections, 'house')],
    parts: ENDS.map((end) => `block-${end}`),
  },
  oil: { renew: () => [], parts: [] },
};

/** Returns what such a pump has as a rule: an oil pump inside the engine neither seal nor drain, a stack floating gears. */
function fittedOf(oil: boolean, sections: number): FittedAsRule {
  if (oil) return onTheShaft(0, 'none');
  const { usual, asked } = onTheShaft(1, 'hole');
  if (sections === 1) return { usual, asked };
  return { usual: { ...usual, gearFit: 'floats' }, asked: [...asked, 'gearFit'] };
}

/** Returns what happens to an external gear pump, its stack or its oil pump build, before any instrument. */
export function externalTeardown(build: Build, sections: number): Teardown {
  const oil = build === 'oil';
  const numbers = Array.from({ length: sections }, (_, i) => i + 1);
  const stack = oil
    ? []
    : numbers.map((number) => {
        const { surfaces, ...rest } = SECTION[build];
        const section = { ...rest, surfaces: [castingOf(sections), ...surfaces], also: [] };
        return teardownOnSection(section, number, sections);
      });
  const { renew, parts } = RENEWED[build];
  return {
    surfaces: [
      ...(oil ? oilSurfaces() : [...COMMON, ...SEAL_TRACKS, ...stack.flatMap((s) => s.surfaces)]),
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
        : stack.flatMap((s) => s.strip)),
      step('seal', 'body', 'Remove the shaft seal. Do not mark the seal bore.', { way: 'lip' }),
      valveStep('plunger', 'relief valve'),
    ],
    renew: [
      renewal('seal', 'Shaft seal'),
      renewal('o-rings', 'O-rings and plate seals, set', sections),
      ...renew(sections),
    ],
    renewed: Object.fromEntries(
      renew(sections).map(({ id }) => [
        id,
        numbers.flatMap((number) => onSectionIds(parts.map(partId), number)),
      ]),
    ),
    also: [largerPort, ...(oil ? OIL_PUMP_CHECKS : ANY_CHECKS)],
    clutches: [],
    fitted: fittedOf(oil, sections),
  };
}
