import { type ExternalGeometry } from './external-gear.drawing';
import type { Characteristic, Dimension, Part, PartKind, PumpModel, Station } from './family';
import { BODY, gearKind, oneOfEach, ofWholePump, partKind, partOf, valveKinds } from './kinds';
import type { GearName, Gears } from './sections';
import {
  BONE_DRY,
  clearance,
  dimension,
  feature,
  finger,
  fit,
  GEAR_WIDTH,
  HONED,
  insideBore,
  place,
  POLISHED,
  resting,
  swing,
  teeth,
  backlash,
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
export function gearMeasures([gear, name]: GearName, carried: readonly string[]): Measures {
  return {
    features: [
      teeth(`teeth-${gear}`, say('pumps.teethOf', { gear: name }), gear),
      feature({
        id: `shaft-${gear}`,
        name: say('pumps.shaftOf', { gear: name }),
        part: gear,
        worked: { ground: 0 },
        unworked: 'A shaft that runs out is not straightened: the gears are replaced.',
      }),
    ],
    characteristics: [
      clearance({
        id: `tip-body-${gear}`,
        name: say('pumps.tipToBody', { gear: name }),
        convention: 'on the inlet side',
        stations: tipStations(name), // A worn bushing lets the gear into the body: another one moves it back.
        rests: resting(
          `teeth-${gear}`,
          `bore-clean-${gear}`,
          ...carried.map((b) => `bushing-bore-${gear}-${b}`),
        ),
        restoredBy: ['gears', 'body', 'sleeve'],
        runs: 'tip',
        caution: BONE_DRY,
      }),
      clearance({
        id: `body-track-${gear}`,
        name: say('pumps.cutIn', { gear: name }),
        convention: 'depth of the cut-in on the inlet side of the body',
        terms: fit(`bore-track-${gear}`, `bore-clean-${gear}`),
        restoredBy: ['body', 'sleeve'],
        caution: 'The cut-in ends in a burr: it cuts fingers and misleads the gauge.',
      }),
      clearance({
        id: `shaft-runout-${gear}`,
        name: say('pumps.runout', { gear: name }),
        convention: 'TIR, on the journals in V-blocks',
        rests: resting(`shaft-${gear}`),
        restoredBy: ['gears'],
        swing: swing([
          place('middle', 'middle', say('pumps.runoutMiddle', { gear: name })),
          place('end', 'at the end', say('pumps.runoutEnd', { gear: name })),
        ]),
      }),
    ],
    dimensions: [
      dimension({
        id: `bore-track-${gear}`,
        name: say('pumps.boreOverCutIn', { gear: name }),
        part: 'body',
        instrument: 'bore-gauge',
        stations: [
          place('a', 'on the cut-in', say('pumps.gaugeCutIn', { gear: name })),
          place('b', 'cut-in, deeper', say('pumps.gaugeCutInDeeper', { gear: name })),
        ],
        worked: { sleeved: 0 },
        remedies: ['sleeve'],
      }),
      dimension({
        id: `bore-clean-${gear}`,
        name: say('pumps.boreBesideCutIn', { gear: name }),
        part: 'body',
        instrument: 'bore-gauge',
        stations: [place('a', 'untouched', say('pumps.gaugeUnworn', { gear: name }))],
        worked: { sleeved: 0 },
        remedies: ['sleeve'],
      }),
    ],
  };
}

/** Returns a journal in its bushing: bore, journal, and what is left between. */
export function bushing(
  [gear, name]: GearName,
  end: string,
  part = `bushing-${gear}-${end}`,
): Measures {
  const id = `${gear}-${end}`;
  return {
    features: [],
    characteristics: [
      clearance({
        id: `shaft-bushing-${id}`,
        name: say('pumps.shaftInBushing', { gear: name, end }),
        convention: 'diametral',
        terms: fit(`bushing-bore-${id}`, `journal-${id}`),
        touch: finger(say('pumps.turnInBushing', { gear: name, end })),
        restoredBy: ['bushing', 'block'],
        runs: 'shaft',
        sides: true,
        caution: BEARING_NOTE,
      }),
    ],
    dimensions: [
      dimension({
        id: `bushing-bore-${id}`,
        name: say('pumps.bushingBore', { gear: name, end }),
        part,
        instrument: 'bore-gauge',
        stations: insideBore(say('pumps.bushingOf', { gear: name, end })),
        field: 'shaftDiameter_mm',
        worked: HONED,
        remedies: ['hone-bushing'],
      }),
      dimension({
        id: `journal-${id}`,
        name: say('pumps.journal', { gear: name, end }),
        part: gear,
        instrument: 'outside-mic',
        stations: [
          place('a', 'first', say('pumps.micOverJournal', { gear: name, end })),
          place('b', '90° round', say('pumps.micOverJournalRound', { gear: name, end })),
        ],
        field: 'shaftDiameter_mm',
        worked: POLISHED,
        remedies: ['polish-journal'],
      }),
    ],
  };
}

/** Returns the width of each gear of a section: another gear, another material. */
export const gearWidths = (gears: Gears): Dimension[] =>
  gears.map(([gear, name]) =>
    dimension({
      id: `${gear}-width`,
      name: say('pumps.widthOf', { gear: name }),
      part: gear,
      instrument: 'outside-mic',
      stations: [
        place('a', name, say('pumps.micBetweenTeeth', { part: name })),
        place('b', say('pumps.halfTurn', { part: name }), say('pumps.micHalfTurn', { part: name })),
      ],
      field: 'width_mm',
      ...GEAR_WIDTH,
    }),
  );

/** Returns the gap beside each gear of a section; the end clearance is the least and the most of both. */
export const besideGears = (around: string): Pick<Characteristic, 'terms' | 'besides'> => ({
  terms: fit(around, 'drive-width'),
  besides: [fit(around, 'idler-width')],
});

/** Returns the backlash of a section. */
export const gearBacklash = (gears: Gears, g: ExternalGeometry): Characteristic =>
  backlash(
    gears[1][1],
    gears.map(([gear]) => `teeth-${gear}`),
    { pitchRadius_mm: g.centreDistance_mm / 2, pitchFields: ['centreDistance_mm'] },
  );

/** Returns the depths on a plate or cover: on the track of each gear, and beside it where nothing has run. */
export const trackDepths = (
  gears: Gears,
  part: string,
  [trackId, faceId]: readonly [track: string, face: string],
  name: string,
  on: 'front' | 'rear' | 'cover',
  remedy: 'grind-plate' | 'grind-cover',
): Dimension[] =>
  (
    [
      [trackId, say('pumps.wornTrack', { part: name }), 'pumps.depthOnTrack'],
      [faceId, say('pumps.unwornFace', { part: name }), 'pumps.depthOnFace'],
    ] as const
  ).map(([id, words, where]) =>
    dimension({
      id,
      name: words,
      part,
      instrument: 'depth-mic',
      stations: gears.map(([gear, gearName]) =>
        place(gear, say('pumps.atPart', { part: gearName }), say(where, { on, gear: gearName })),
      ),
      also: ['height-gauge'],
      worked: { ground: 0, dressed: 0 },
      remedies: [remedy, 'lap'],
    }),
  );

/** Returns the width of a section's body, at its four corners. */
export const bodyWidth = (
  message: 'pumps.acrossBody' | 'pumps.acrossBodyAndPlates',
  field?: 'width_mm',
): Dimension =>
  dimension({
    id: 'body-width',
    name: 'Body width',
    part: 'body',
    instrument: 'outside-mic',
    stations: ['top left', 'top right', 'bottom left', 'bottom right'].map((where) =>
      place(where.replace(' ', '-'), where, say(message, { corner: where })),
    ),
    also: ['depth-mic', 'height-gauge'],
    ...(field ? { field } : {}),
    worked: { faced: -1, ground: -1 },
    remedies: ['grind-body'],
  });

/** The instructions with the straightedge lengthwise and across, by what the leaf measures. */
export const EDGE = {
  face: ['pumps.edgeLengthwiseFace', 'pumps.edgeAcrossFace'],
  down: ['pumps.edgeLengthwiseDown', 'pumps.edgeAcrossDown'],
  track: ['pumps.edgeLengthwiseTrack', 'pumps.edgeAcrossTrack'],
} as const;

/** Lists where a straightedge lies over the gears of a section: lengthwise and across, for each gear. */
export const edgePlaces = (gears: Gears, what: (typeof EDGE)[keyof typeof EDGE]): Station[] =>
  gears.flatMap(([gear, name]) => [
    place(gear, say('pumps.lengthwise', { part: name }), say(what[0], { gear: name })),
    place(`${gear}-across`, say('pumps.across', { part: name }), say(what[1], { gear: name })),
  ]);

const [PLUNGER, SPRING] = valveKinds('Relief plunger', 'Relief spring');

const DRIVE = gearKind('drive', 'Drive gear');
const IDLER = gearKind('idler', 'Driven gear');

/** Lists the plunger and the spring of the relief valve: they are of the whole pump. */
export const valveParts = (): Part[] => oneOfEach([PLUNGER, SPRING]).map(ofWholePump);

/** Returns the gears of a section; a name of its own for the one that the other drives. */
export const gearParts = (driven?: string): Part[] => [
  partOf(DRIVE),
  partOf(IDLER, driven === undefined ? {} : { name: driven }),
];

/**
 * Returns the kinds of parts by what carries the gears: bushings of their own, or blocks that are replaced
 * as such.
 */
const kindsWith = (bushing: PartKind, plate: PartKind): readonly PartKind[] => [
  BODY,
  DRIVE,
  IDLER,
  plate,
  bushing,
  PLUNGER,
  SPRING,
];

export const BUSHINGS = partKind('bushing', 'Bushings', 'bushing', 'sized', 'bears');
/** A block is bought with its bores done. Its kind is named as bushings are: sheets say so what it is made of. */
export const BLOCKS = partKind('bushing', 'Bushings', 'block', 'bears');
export const PLATES = partKind('plate', 'Plates or cover', 'plate');
/** The cover of an oil pump: a kind of the same name, since sheets say so what it is made of. */
export const OIL_COVER = partKind('plate', 'Plates or cover', 'cover');

/** The kinds of parts of each build. */
export const KINDS = {
  plates: kindsWith(BUSHINGS, PLATES),
  blocks: kindsWith(BLOCKS, PLATES),
  oil: kindsWith(BUSHINGS, OIL_COVER),
} as const;
