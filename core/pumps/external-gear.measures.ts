import { type ExternalGeometry } from './external-gear.drawing';
import type { Characteristic, Dimension, Part, PartKind, PumpModel, Station } from './family';
import { GEARS, type GearName, type Section } from './sections';
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
  place,
  POLISHED,
  swing,
  teeth,
} from './measures';

/** The two ends of a section, by id and by word. */
export const ENDS = [
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

/** Describes what one piece of a pump brings to its model. */
type Measures = Pick<PumpModel, 'features' | 'characteristics' | 'dimensions'>;

/** Returns clearances and sizes of what surrounds a gear, the same in both builds. */
export function gearMeasures(
  s: Section,
  [gear, name]: GearName,
  carried: readonly string[],
): Measures {
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

/** Returns a journal in its bushing: bore, journal, and what is left between; drawn size in mm. */
export function bushing(
  s: Section,
  [gear, name]: GearName,
  end: string,
  drawn_mm: number,
  part = `bushing-${gear}-${end}`,
): Measures {
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
        s.of(part),
        'bore-gauge',
        insideBore(`${name} ${end} bushing`),
        { drawn_mm, field: 'shaftDiameter_mm', worked: HONED },
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
        { drawn_mm, field: 'shaftDiameter_mm', worked: POLISHED },
      ),
    ],
  };
}

/** Returns the width of each gear of a section: another gear, another material. */
export const gearWidths = (s: Section, g: ExternalGeometry): Dimension[] =>
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
      { drawn_mm: g.width_mm, field: 'width_mm', worked: GROUND },
    ),
  );

/** Returns the gap beside each gear of a section; the end clearance is the least and the most of both. */
export const besideGears = (
  s: Section,
  around: string,
): Pick<Characteristic, 'terms' | 'besides'> => ({
  terms: fit(around, s.of('drive-width')),
  besides: [fit(around, s.of('idler-width'))],
});

/** Returns the backlash of a section: the shaft gear rocked against the idler, at three turns. */
export const backlash = (s: Section, g: ExternalGeometry): Characteristic =>
  clearance(s.of('backlash'), s.word('Backlash'), 'at the pitch circle', {
    swing: swing(
      [0, 120, 240].map((turn) =>
        place(
          `turn-${turn}`,
          turn === 0 ? 'as it lies' : `${turn}° on`,
          `Hold the idler, stylus on a shaft gear tooth${turn === 0 ? '' : `, gears ${turn}° on`}. Rock it: full swing.`,
        ),
      ),
      { pitchRadius_mm: g.centreDistance_mm / 2, pitchFields: ['centreDistance_mm'] },
    ),
    rests: GEARS.map(([gear]) => s.of(`teeth-${gear}`)),
    caution: 'Fingers out of the mesh while rocking the gear.',
  });

/** Returns the depths on a plate or cover: on the track of each gear, and beside it where nothing has run. */
export const trackDepths = (
  s: Section,
  part: string,
  [trackId, faceId]: readonly [track: string, face: string],
  name: string,
): Dimension[] =>
  (
    [
      [trackId, `${name}, gear track`, 'on the gear track'],
      [faceId, `${name}, untouched face`, 'on the bare face'],
    ] as const
  ).map(([id, words, where]) =>
    dimension(
      s.of(id),
      s.word(words),
      s.of(part),
      'depth-mic',
      GEARS.map(([gear, gearName]) =>
        place(
          gear,
          `at the ${gearName}`,
          `Depth mic across the ${name.toLowerCase()}, spindle ${where} at the ${gearName}.`,
        ),
      ),
      { also: ['height-gauge'], worked: { ground: 0, dressed: 0 } },
    ),
  );

/** Returns the width of a section's body, at its four corners. */
export const bodyWidth = (s: Section, words: string, drawn_mm?: number): Dimension =>
  dimension(
    s.of('body-width'),
    s.word('Body width'),
    s.of('body'),
    'outside-mic',
    ['top left', 'top right', 'bottom left', 'bottom right'].map((where) =>
      place(where.replace(' ', '-'), where, `Outside mic over the body’s faces, ${where}${words}.`),
    ),
    {
      also: ['depth-mic', 'height-gauge'],
      ...(drawn_mm === undefined ? {} : { drawn_mm, field: 'width_mm' }),
      worked: { faced: -1, ground: -1 },
    },
  );

/** Lists where an edge lies over the gears of a section: lengthwise and across, for each gear. */
export const edgePlaces = (what: string): Station[] =>
  GEARS.flatMap(([gear, name]) => [
    place(gear, `${name}, lengthwise`, `Edge lengthwise over both bores, ${what} at the ${name}.`),
    place(`${gear}-across`, `${name}, across`, `Edge across the ${name}, ${what} beside it.`),
  ]);

/** Describes what a section brings to the model of its pump. */
export type Pieces = Omit<PumpModel, 'kinds'>;

/** The kinds of parts of both builds. */
export const KINDS: readonly PartKind[] = [
  { id: 'body', name: 'Body' },
  { id: 'drive', name: 'Shaft gear' },
  { id: 'idler', name: 'Idler' },
  { id: 'plate', name: 'Plates or cover' },
  { id: 'bushing', name: 'Bushings' },
  { id: 'plunger', name: 'Relief plunger' },
  { id: 'spring', name: 'Relief spring' },
];

/** Returns one piece of a section; named by its kind where there is one of that. */
export function part(s: Section, kind: string, name?: string, id = kind): Part {
  const named = name ?? KINDS.find((k) => k.id === kind)?.name ?? kind;
  return { id: s.of(id), kind, name: s.word(named) };
}
