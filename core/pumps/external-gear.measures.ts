import { type ExternalGeometry } from './external-gear.drawing';
import type { Characteristic, Dimension, Part, PartKind, PumpModel, Station } from './family';
import { type GearName, type Section } from './sections';
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
  rockDrive,
  swing,
  teeth,
} from './measures';
import { say } from '../wording/say';

/** The two ends of a section, by id and by word. */
export const ENDS = [
  ['front', 'front'],
  ['rear', 'rear'],
] as const;

const BEARING_NOTE = 'Never spin a bearing with compressed air.';

const tipStations = (gear: string): Station[] => [
  place('a', 'at the inlet', say('pumps.tipsToBody', { gear })),
  place('b', 'further in', say('pumps.tipsToBodyDeeper', { gear })),
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
      teeth(s.of(`teeth-${gear}`), s.word(say('pumps.teethOf', { gear: name })), s.of(gear)),
      feature(s.of(`shaft-${gear}`), s.word(say('pumps.shaftOf', { gear: name })), s.of(gear), {
        ground: 0,
      }),
    ],
    characteristics: [
      clearance(
        s.of(`tip-body-${gear}`),
        s.word(say('pumps.tipToBody', { gear: name })),
        'on the inlet side',
        {
          stations: tipStations(name),
          // A worn bushing lets the gear into the body: another one moves it back.
          rests: [
            s.of(`teeth-${gear}`),
            s.of(`bore-clean-${gear}`),
            ...carried.map((b) => s.of(`bushing-bore-${gear}-${b}`)),
          ],
          caution: BONE_DRY,
        },
      ),
      clearance(
        s.of(`body-track-${gear}`),
        s.word(say('pumps.cutIn', { gear: name })),
        'depth of the cut-in on the inlet side of the body',
        {
          terms: fit(s.of(`bore-track-${gear}`), s.of(`bore-clean-${gear}`)),
          caution: 'The cut-in ends in a burr: it cuts fingers and misleads the gauge.',
        },
      ),
      clearance(
        s.of(`shaft-runout-${gear}`),
        s.word(say('pumps.runout', { gear: name })),
        'TIR, on the journals in V-blocks',
        {
          rests: [s.of(`shaft-${gear}`)],
          swing: swing([
            place('middle', 'middle', say('pumps.runoutMiddle', { gear: name })),
            place('end', 'at the end', say('pumps.runoutEnd', { gear: name })),
          ]),
        },
      ),
    ],
    dimensions: [
      dimension(
        s.of(`bore-track-${gear}`),
        s.word(say('pumps.boreOverCutIn', { gear: name })),
        s.of('body'),
        'bore-gauge',
        [
          place('a', 'on the cut-in', say('pumps.gaugeCutIn', { gear: name })),
          place('b', 'cut-in, deeper', say('pumps.gaugeCutInDeeper', { gear: name })),
        ],
        { worked: { sleeved: 0 } },
      ),
      dimension(
        s.of(`bore-clean-${gear}`),
        s.word(say('pumps.boreBesideCutIn', { gear: name })),
        s.of('body'),
        'bore-gauge',
        [place('a', 'untouched', say('pumps.gaugeUnworn', { gear: name }))],
        { worked: { sleeved: 0 } },
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
        s.word(say('pumps.shaftInBushing', { gear: name, end })),
        'diametral',
        {
          terms: fit(s.of(`bushing-bore-${id}`), s.of(`journal-${id}`)),
          touch: finger(say('pumps.turnInBushing', { gear: name, end })),
          sides: true,
          caution: BEARING_NOTE,
        },
      ),
    ],
    dimensions: [
      dimension(
        s.of(`bushing-bore-${id}`),
        s.word(say('pumps.bushingBore', { gear: name, end })),
        s.of(part),
        'bore-gauge',
        insideBore(say('pumps.bushingOf', { gear: name, end })),
        { drawn_mm, field: 'shaftDiameter_mm', worked: HONED },
      ),
      dimension(
        s.of(`journal-${id}`),
        s.word(say('pumps.journal', { gear: name, end })),
        s.of(gear),
        'outside-mic',
        [
          place('a', 'first', say('pumps.micOverJournal', { gear: name, end })),
          place('b', '90° round', say('pumps.micOverJournalRound', { gear: name, end })),
        ],
        { drawn_mm, field: 'shaftDiameter_mm', worked: POLISHED },
      ),
    ],
  };
}

/** Returns the width of each gear of a section: another gear, another material. */
export const gearWidths = (s: Section, g: ExternalGeometry): Dimension[] =>
  s.gears.map(([gear, name]) =>
    dimension(
      s.of(`${gear}-width`),
      s.word(say('pumps.widthOf', { gear: name })),
      s.of(gear),
      'outside-mic',
      [
        place('a', name, say('pumps.micBetweenTeeth', { part: name })),
        place('b', say('pumps.halfTurn', { part: name }), say('pumps.micHalfTurn', { part: name })),
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

/** Returns the backlash of a section: the drive gear rocked against the driven gear, at three turns. */
export const backlash = (s: Section, g: ExternalGeometry): Characteristic =>
  clearance(s.of('backlash'), s.word('Backlash'), 'at the pitch circle', {
    swing: swing(
      [0, 120, 240].map((turn) =>
        place(
          `turn-${turn}`,
          turn === 0 ? 'as installed' : say('pumps.turned', { degrees: turn }),
          rockDrive(s.gears[1][1], turn),
        ),
      ),
      { pitchRadius_mm: g.centreDistance_mm / 2, pitchFields: ['centreDistance_mm'] },
    ),
    rests: s.gears.map(([gear]) => s.of(`teeth-${gear}`)),
    caution: 'Fingers out of the mesh while rocking the gear.',
  });

/** Returns the depths on a plate or cover: on the track of each gear, and beside it where nothing has run. */
export const trackDepths = (
  s: Section,
  part: string,
  [trackId, faceId]: readonly [track: string, face: string],
  name: string,
  on: 'front' | 'rear' | 'cover',
): Dimension[] =>
  (
    [
      [trackId, say('pumps.wornTrack', { part: name }), 'pumps.depthOnTrack'],
      [faceId, say('pumps.unwornFace', { part: name }), 'pumps.depthOnFace'],
    ] as const
  ).map(([id, words, where]) =>
    dimension(
      s.of(id),
      s.word(words),
      s.of(part),
      'depth-mic',
      s.gears.map(([gear, gearName]) =>
        place(gear, say('pumps.atPart', { part: gearName }), say(where, { on, gear: gearName })),
      ),
      { also: ['height-gauge'], worked: { ground: 0, dressed: 0 } },
    ),
  );

/** Returns the width of a section's body, at its four corners. */
export const bodyWidth = (
  s: Section,
  message: 'pumps.acrossBody' | 'pumps.acrossBodyAndPlates',
  drawn_mm?: number,
): Dimension =>
  dimension(
    s.of('body-width'),
    s.word('Body width'),
    s.of('body'),
    'outside-mic',
    ['top left', 'top right', 'bottom left', 'bottom right'].map((where) =>
      place(where.replace(' ', '-'), where, say(message, { corner: where })),
    ),
    {
      also: ['depth-mic', 'height-gauge'],
      ...(drawn_mm === undefined ? {} : { drawn_mm, field: 'width_mm' }),
      worked: { faced: -1, ground: -1 },
    },
  );

/** The instructions with the straightedge lengthwise and across, by what the leaf measures. */
export const EDGE = {
  face: ['pumps.edgeLengthwiseFace', 'pumps.edgeAcrossFace'],
  down: ['pumps.edgeLengthwiseDown', 'pumps.edgeAcrossDown'],
  track: ['pumps.edgeLengthwiseTrack', 'pumps.edgeAcrossTrack'],
} as const;

/** Lists where a straightedge lies over the gears of a section: lengthwise and across, for each gear. */
export const edgePlaces = (s: Section, what: (typeof EDGE)[keyof typeof EDGE]): Station[] =>
  s.gears.flatMap(([gear, name]) => [
    place(gear, say('pumps.lengthwise', { part: name }), say(what[0], { gear: name })),
    place(`${gear}-across`, say('pumps.across', { part: name }), say(what[1], { gear: name })),
  ]);

/** Describes what a section brings to the model of its pump. */
export type Pieces = Omit<PumpModel, 'kinds'>;

/** The kinds of parts of both builds. */
export const KINDS: readonly PartKind[] = [
  { id: 'body', name: 'Body' },
  { id: 'drive', name: 'Drive gear' },
  { id: 'idler', name: 'Driven gear' },
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
