import {
  BUILDS,
  externalGeometry,
  externalOutline,
  externalPlacement,
  type ExternalGeometry,
} from './external-gear.drawing';
import type {
  Characteristic,
  Dimension,
  Part,
  PartKind,
  PumpFamily,
  PumpModel,
  Station,
} from './family';
import { deck } from './pocket';
import { GEARS, sectionOf, type GearName, type Section } from './sections';
import { externalTeardown } from './teardown/external-gear';
import {
  BONE_DRY,
  clearance,
  dimension,
  feature,
  finger,
  fit,
  GROUND,
  HONED,
  insideBore,
  oneOfEach,
  place,
  POLISHED,
  reliefValve,
  swing,
  teeth,
} from './measures';

const ENDS = [
  ['front', 'front'],
  ['rear', 'rear'],
] as const;

const BEARING_NOTE = 'Never spin a bearing with compressed air.';

const tipStations = (gear: string): Station[] => [
  place(
    'a',
    'at the inlet',
    `Leaf between ${gear} tips and body on the inlet side, gear pulled away.`,
  ),
  place('b', 'further in', `Leaf between ${gear} tips and body, two teeth further in.`),
];

/** What one piece of a pump brings to its model. */
type Measures = Pick<PumpModel, 'features' | 'characteristics' | 'dimensions'>;

/** Clearances and sizes of what surrounds a gear, the same in both builds. */
function gearMeasures(s: Section, [gear, name]: GearName, carried: readonly string[]): Measures {
  return {
    features: [
      teeth(s.of(`teeth-${gear}`), s.word(`Teeth, ${name}`), s.of(gear)),
      feature(s.of(`shaft-${gear}`), s.word(`Shaft, ${name}`), s.of(gear), { ground: 0 }),
    ],
    characteristics: [
      clearance(s.of(`tip-body-${gear}`), s.word(`Tip to body, ${name}`), 'on the inlet side', {
        stations: tipStations(name),
        // A worn bushing lets the gear into the body: another one moves it back.
        rests: [
          s.of(`teeth-${gear}`),
          s.of(`bore-clean-${gear}`),
          ...carried.map((b) => s.of(`bushing-bore-${gear}-${b}`)),
        ],
        caution: BONE_DRY,
      }),
      clearance(
        s.of(`body-track-${gear}`),
        s.word(`Body track, ${name}`),
        'depth of the cut into the body on the inlet side',
        {
          terms: fit(s.of(`bore-track-${gear}`), s.of(`bore-clean-${gear}`)),
          caution: 'The cut has a burr at its ends: it cuts fingers and fools the gauge.',
        },
      ),
      clearance(
        s.of(`shaft-runout-${gear}`),
        s.word(`Shaft run-out, ${name}`),
        'full swing, on the journals in V-blocks',
        {
          rests: [s.of(`shaft-${gear}`)],
          swing: swing([
            place('middle', 'middle', `${name} shaft in V-blocks, dial in the middle. One turn.`),
            place('end', 'at the end', `${name} shaft in V-blocks, dial near its end. One turn.`),
          ]),
        },
      ),
    ],
    dimensions: [
      dimension(
        s.of(`bore-track-${gear}`),
        s.word(`Bore over the track, ${name}`),
        s.of('body'),
        'bore-gauge',
        [
          place(
            'a',
            'on the track',
            `Bore gauge in the ${name} bore, one foot on the inlet track.`,
          ),
          place('b', 'track, deeper', `Bore gauge on the track again, deeper in the ${name} bore.`),
        ],
      ),
      dimension(
        s.of(`bore-clean-${gear}`),
        s.word(`Bore beside the track, ${name}`),
        s.of('body'),
        'bore-gauge',
        [place('a', 'untouched', `Bore gauge in the ${name} bore where no tooth has rubbed.`)],
      ),
    ],
  };
}

/** A journal in its bushing: bore, journal, and what is left between. */
function bushing(s: Section, [gear, name]: GearName, end: string, drawn_mm: number): Measures {
  const id = `${gear}-${end}`;
  return {
    features: [],
    characteristics: [
      clearance(
        s.of(`shaft-bushing-${id}`),
        s.word(`Shaft in bushing, ${name} ${end}`),
        'diametral',
        {
          terms: fit(s.of(`bushing-bore-${id}`), s.of(`journal-${id}`)),
          touch: finger(`${name} journal in its ${end} bushing, dry: does it turn, does it rock?`),
          sides: true,
          caution: BEARING_NOTE,
        },
      ),
    ],
    dimensions: [
      dimension(
        s.of(`bushing-bore-${id}`),
        s.word(`Bushing bore, ${name} ${end}`),
        s.of(`bushing-${id}`),
        'bore-gauge',
        insideBore(`${name} ${end} bushing`),
        { drawn_mm, worked: HONED },
      ),
      dimension(
        s.of(`journal-${id}`),
        s.word(`Journal, ${name} ${end}`),
        s.of(gear),
        'outside-mic',
        [
          place('a', 'first', `Outside mic over the ${name} ${end} journal.`),
          place('b', '90° on', `Outside mic over the ${name} ${end} journal, 90° on.`),
        ],
        { drawn_mm, worked: POLISHED },
      ),
    ],
  };
}

/** The width of each gear of a section: another gear, another material. */
const gearWidths = (s: Section, g: ExternalGeometry): Dimension[] =>
  GEARS.map(([gear, name]) =>
    dimension(
      s.of(`${gear}-width`),
      s.word(`Width, ${name}`),
      s.of(gear),
      'outside-mic',
      [
        place('a', name, `Outside mic over the ${name}, between two teeth.`),
        place('b', `${name}, half a turn on`, `Outside mic over the ${name}, half a turn on.`),
      ],
      { drawn_mm: g.width_mm, worked: GROUND },
    ),
  );

/** The gap beside each gear of a section; the end clearance is the least and the most of both. */
const besideGears = (s: Section, around: string): Pick<Characteristic, 'terms' | 'besides'> => ({
  terms: fit(around, s.of('drive-width')),
  besides: [fit(around, s.of('idler-width'))],
});

const backlash = (s: Section, g: ExternalGeometry): Characteristic =>
  clearance(s.of('backlash'), s.word('Backlash'), 'at the pitch circle', {
    swing: swing(
      [0, 120, 240].map((turn) =>
        place(
          `turn-${turn}`,
          turn === 0 ? 'as it lies' : `${turn}° on`,
          `Hold the idler, stylus on a shaft gear tooth${turn === 0 ? '' : `, gears ${turn}° on`}. Rock it: full swing.`,
        ),
      ),
      g.centreDistance_mm / 2,
    ),
    rests: GEARS.map(([gear]) => s.of(`teeth-${gear}`)),
    caution: 'Fingers out of the mesh while rocking the gear.',
  });

const edgePlaces = (what: string): Station[] =>
  GEARS.flatMap(([gear, name]) => [
    place(gear, `${name}, lengthwise`, `Edge lengthwise over both bores, ${what} at the ${name}.`),
    place(`${gear}-across`, `${name}, across`, `Edge across the ${name}, ${what} beside it.`),
  ]);

/** What a section brings to the model of its pump. */
type Pieces = Omit<PumpModel, 'kinds'>;

const KINDS: readonly PartKind[] = [
  { id: 'body', name: 'Body' },
  { id: 'drive', name: 'Shaft gear' },
  { id: 'idler', name: 'Idler' },
  { id: 'plate', name: 'Plates or cover' },
  { id: 'bushing', name: 'Bushings' },
  { id: 'plunger', name: 'Relief plunger' },
  { id: 'spring', name: 'Relief spring' },
];

/** One piece of a section; named by its kind where there is one of that. */
function part(s: Section, kind: string, name?: string, id = kind): Part {
  const named = name ?? KINDS.find((k) => k.id === kind)?.name ?? kind;
  return { id: s.of(id), kind, name: s.word(named) };
}

/** One section between its wear plates, gears carried in bushings at both ends. */
function plateSection(g: ExternalGeometry, s: Section): Pieces {
  const ends = ENDS.map(([end]) => end);
  const gears = GEARS.map((gear) => gearMeasures(s, gear, ends));
  const bushings = GEARS.flatMap((gear) =>
    ENDS.map(([end]) => bushing(s, gear, end, g.shaftDiameter_mm)),
  );
  const plates = ENDS.map(([end]) =>
    clearance(
      s.of(`plate-wear-${end}`),
      s.word(`Plate wear, ${end}`),
      'depth of the gear track under the untouched face',
      {
        stations: [
          place(
            'drive',
            'shaft gear',
            `Edge along the ${end} plate, leaf on the shaft gear’s track.`,
          ),
          place('idler', 'idler', `Edge along the ${end} plate, leaf on the idler’s track.`),
        ],
        rests: [s.of(`plate-face-${end}`)],
        caution: 'A plate’s edges are sharp, and its coating marks easily.',
      },
    ),
  );
  return {
    parts: [
      part(s, 'body', 'Body'),
      ...GEARS.map(([gear]) => part(s, gear)),
      ...ENDS.map(([end]) => part(s, 'plate', `Plate, ${end}`, `plate-${end}`)),
      ...GEARS.flatMap(([gear, name]) =>
        ENDS.map(([end]) =>
          part(s, 'bushing', `Bushing, ${name} ${end}`, `bushing-${gear}-${end}`),
        ),
      ),
    ],
    features: [
      ...gears.flatMap((m) => m.features),
      ...ENDS.map(([end]) =>
        feature(
          s.of(`plate-face-${end}`),
          s.word(`Face of the plate, ${end}`),
          s.of(`plate-${end}`),
          {
            ground: 0,
            dressed: 0,
          },
        ),
      ),
    ],
    characteristics: [
      ...gears.flatMap(({ characteristics: [tips] }) => (tips ? [tips] : [])),
      backlash(s, g),
      clearance(s.of('end'), s.word('End clearance'), 'total of both sides', {
        ...besideGears(s, s.of('body-width')),
        gasket: true,
      }),
      ...gears.flatMap(({ characteristics }) => characteristics.slice(1)),
      ...bushings.flatMap((b) => b.characteristics),
      ...plates,
      clearance(
        s.of('end-plates'),
        s.word('End with plates'),
        'end clearance and the wear of both plates together, against the end limit',
        {
          sum: [s.of('end'), s.of('plate-wear-front'), s.of('plate-wear-rear')],
          gasket: true,
        },
      ),
    ],
    dimensions: [
      dimension(
        s.of('body-width'),
        s.word('Body width'),
        s.of('body'),
        'outside-mic',
        ['top left', 'top right', 'bottom left', 'bottom right'].map((where) =>
          place(
            where.replace(' ', '-'),
            where,
            `Outside mic over the body’s faces, ${where}, with its plates where the book says so.`,
          ),
        ),
        { drawn_mm: g.width_mm, worked: { faced: -1, ground: -1 } },
      ),
      ...gearWidths(s, g),
      ...gears.flatMap((m) => m.dimensions),
      ...bushings.flatMap((b) => b.dimensions),
    ],
  };
}

/** An oil pump: gears in a pocket under a flat cover, the idler on a shaft pressed into the body. */
function oilPump(g: ExternalGeometry, s: Section): Pieces {
  const [drive, idler] = GEARS.map((gear, i) =>
    gearMeasures(s, gear, i === 0 ? ENDS.map(([end]) => end) : []),
  );
  const gears = [drive, idler].filter((m) => m !== undefined);
  const bushings = ENDS.map(([end]) => bushing(s, GEARS[0], end, g.shaftDiameter_mm));
  return {
    parts: [
      part(s, 'body', 'Body'),
      ...GEARS.map(([gear]) => part(s, gear)),
      part(s, 'plate', 'Cover'),
      ...ENDS.map(([end]) => part(s, 'bushing', `Bushing, ${end}`, `bushing-drive-${end}`)),
    ],
    features: [
      deck,
      ...gears.flatMap((m) => m.features),
      feature('cover-face', 'Face of the cover', 'plate', { ground: 0, dressed: 0 }),
    ],
    characteristics: [
      clearance('end', 'End clearance', 'gear face to deck line', {
        stations: edgePlaces('leaf on the gear face'),
        ...besideGears(s, 'pocket-depth'),
        gasket: true,
        caution: BONE_DRY,
      }),
      ...gears.flatMap(({ characteristics: [tips] }) => (tips ? [tips] : [])),
      backlash(s, g),
      ...gears.flatMap(({ characteristics: [, track] }) => (track ? [track] : [])),
      clearance('idler-shaft-height', 'Idler shaft height', 'its end under the deck line', {
        terms: [{ dimension: 'idler-shaft-depth', factor: 1 }],
        caution: 'A pressed shaft stays in: do not drive it to bring it to height.',
      }),
      clearance('idler-shaft-fit', 'Idler on its shaft', 'diametral', {
        terms: fit('idler-bore', 'idler-shaft-diameter'),
        touch: finger('Idler on its shaft, dry: does it turn, does it rock?'),
        sides: true,
      }),
      ...bushings.flatMap((b) => b.characteristics),
      ...(drive?.characteristics.slice(2) ?? []),
      clearance('cover-wear', 'Cover wear', 'depth of the gear track under the untouched face', {
        stations: edgePlaces('leaf on the gear track'),
        rests: ['cover-face'],
        caution: 'Lay the cover so that it cannot tip.',
      }),
      clearance(
        'end-cover',
        'End with cover',
        'end clearance and cover wear together, against the end limit',
        { sum: ['end', 'cover-wear'], gasket: true },
      ),
    ],
    dimensions: [
      dimension(
        'pocket-depth',
        'Pocket depth',
        'body',
        'depth-mic',
        GEARS.flatMap(([gear, name]) => [
          place(
            `${gear}-a`,
            `${name} side`,
            `Depth mic on the deck, down to the floor of the ${name}.`,
          ),
          place(`${gear}-b`, `${name}, far side`, `Depth mic again, across the ${name}’s pocket.`),
        ]),
        {
          caution: 'Gears out. Fingers clear of the spindle.',
          drawn_mm: g.width_mm,
          worked: { faced: -1, sunk: 1 },
        },
      ),
      ...gearWidths(s, g),
      ...gears.flatMap((m) => m.dimensions),
      dimension(
        'idler-shaft-depth',
        'Idler shaft under the deck',
        'body',
        'depth-mic',
        [
          place('a', 'shaft end', 'Depth mic on the deck, spindle on the end of the idler shaft.'),
          place('b', 'shaft end, turned', 'The same with the base turned 90°.'),
        ],
        { worked: { faced: -1 } },
      ),
      dimension('idler-bore', 'Idler bore', 'idler', 'bore-gauge', insideBore('idler'), {
        worked: HONED,
      }),
      dimension(
        'idler-shaft-diameter',
        'Idler shaft',
        'body',
        'outside-mic',
        [
          place('a', 'first', 'Outside mic over the idler shaft where the gear runs.'),
          place('b', '90° on', 'Outside mic over the idler shaft, 90° on.'),
        ],
        { worked: POLISHED },
      ),
      ...bushings.flatMap((b) => b.dimensions),
    ],
  };
}

const sectionsOf = (g: ExternalGeometry): Section[] =>
  Array.from({ length: g.sections }, (_, i) => sectionOf(i + 1, g.sections));

function model(g: ExternalGeometry): PumpModel {
  const relief = reliefValve('body');
  const sections =
    g.build === BUILDS[1]
      ? [oilPump(g, sectionOf(1, 1))]
      : sectionsOf(g).map((section) => plateSection(g, section));
  const valve = ['plunger', 'spring'];
  return {
    kinds: KINDS,
    parts: [
      ...sections.flatMap((s) => s.parts),
      ...oneOfEach(KINDS.filter((k) => valve.includes(k.id))),
    ],
    features: sections.flatMap((s) => s.features),
    characteristics: [...sections.flatMap((s) => s.characteristics), ...relief.characteristics],
    dimensions: [...sections.flatMap((s) => s.dimensions), ...relief.dimensions],
  };
}

/** External gear pump: two equal gears side by side, singly, in a stack of up to four, or as an oil pump. */
export const externalGear: PumpFamily<ExternalGeometry> = {
  id: 'external-gear',
  name: 'External gear',
  geometry: externalGeometry,
  example: {
    build: 'plates',
    sections: 1,
    teeth: 12,
    centreDistance_mm: 42,
    tipDiameter_mm: 48.6,
    pressureAngle_deg: 25,
    boreDiameter_mm: 48.74,
    shaftDiameter_mm: 20,
    width_mm: 30,
    wall_mm: 18,
  },
  cautions: [
    'Relief springs and end covers are under load: let them off under control, face turned away.',
    'A stack is heavy: lift it with a second pair of hands or a sling.',
    'Solvent and hot wash: gloves and glasses. Compressed air never spins a bearing.',
    'Oil under pressure injects through skin: no hand near a leak; see a doctor at once.',
  ],
  model,
  teardown: (g) => externalTeardown(g.build, sectionsOf(g)),
  outline: externalOutline,
  placement: externalPlacement,
};
