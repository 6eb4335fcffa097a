import { number, object, type TestContext } from 'yup';
import { InputError } from '../errors';
import { LPM } from '../hydraulics/film';
import { area_m2 } from '../hydraulics/inlet';
import { MM_PER } from '../quantity/units';
import {
  identify,
  type FlangeFit,
  type ShaftFit,
  type PortFit,
  type PortFlangeFit,
  type Identified,
  type Mixed,
} from '../workshop/interfaces/identify';
import { boreOfDash } from '../workshop/interfaces/dash';
import { choice, perhaps } from './fields';
import { listed, sayFrom, sentence } from '../wording/say';
import { type Figures } from './kinds';
import { sum } from './sum';

const WORDS = {
  flange: 'flange {size}, {bolts}',
  two: 'two bolts',
  four: 'four bolts',
  shaft: 'shaft {size}',
  shaftTeeth: 'shaft {size}, {teeth} teeth {pitch}',
  port: 'port {name}, {standard}',
  flangePort: 'port flange code {code}, {size} in',
  several: 'Several fit: {which}.',
  near: 'None fits; near is {which}.',
  none: 'No size that is listed.',
  gauge: 'Tell them apart with a pitch gauge: {which}.',
  both: 'Two codes nearly agree: {which}. Measure both spacings again.',
  ring: 'Ring {inside} × {section}. It is renewed each time.',
  elbow:
    'An elbow that turns: nut right back, new ring, by hand to the washer, back at most one turn, hold it, tighten the nut.',
  pipe: 'A pipe thread: it seals on a washer or by its face, as its maker says.',
  metric: 'A metric pilot is near: its bolts are not listed here.',
  rules: 'The standard itself rules.',
  brief: '{what}',
  ofFlange: 'flange {size}',
  ofShaft: 'shaft {size}',
  ofPilot: 'pilot {size}',
  ofBolts: 'bolts {size}',
  mixedSizes: 'Mixed: {a}, {b}.',
  pilot: 'pilot {size}',
  across: 'shaft {size}',
  bolts: 'bolts {size}',
  drawn: 'The mount to scale as it was measured: pilot, bolts and shaft.',
} as const;

const say = sayFrom(WORDS);

const flangeWords = ({ size, bolts }: FlangeFit): string =>
  bolts === null ? size : say('flange', { size, bolts: say(bolts === 2 ? 'two' : 'four') });

const shaftWords = ({ size, teeth, pitch }: ShaftFit): string =>
  teeth === null || pitch === null
    ? say('shaft', { size })
    : say('shaftTeeth', { size, teeth, pitch });

const portWords = ({ name, standard }: PortFit): string => say('port', { name, standard });

const portFlangeWords = ({ code, size }: PortFlangeFit): string =>
  say('flangePort', { code, size });

const offWords = (mm: number, f: Figures): string =>
  mm < 0 ? f.size(mm) : ['+', f.size(mm)].join('');

/** The groups of an answer, each with how one of its sizes is named. */
const named = ({ flange, shaft, port, flangePort }: Identified) =>
  [
    flange && {
      group: flange,
      words: flange.fits.map(flangeWords),
      near: flange.near.map(flangeWords),
    },
    shaft && { group: shaft, words: shaft.fits.map(shaftWords), near: shaft.near.map(shaftWords) },
    port && { group: port, words: port.fits.map(portWords), near: port.near.map(portWords) },
    flangePort && {
      group: flangePort,
      words: flangePort.fits.map(portFlangeWords),
      near: flangePort.near.map(portFlangeWords),
    },
  ].filter((one) => one !== null);

const MIXED_WORDS = {
  pilot: 'ofPilot',
  bolts: 'ofBolts',
  flange: 'ofFlange',
  shaft: 'ofShaft',
} as const;

const mixedWords = ({ of: [first, second], sizes: [a, b] }: Mixed): string =>
  say('mixedSizes', {
    a: say(MIXED_WORDS[first], { size: a }),
    b: say(MIXED_WORDS[second], { size: b }),
  });

const over = (label: string, unit?: Parameters<typeof perhaps>[1]) =>
  perhaps(label, unit).moreThan(0);

const FIGURES = {
  pilot_mm: over('Pilot diameter'),
  boltSpacing_mm: over('Bolt spacing'),
  splineTeeth: over('Spline teeth', 'count').integer(),
  shaftDiameter_mm: over('Shaft diameter'),
  threadMajor_mm: over('Outside of a male thread'),
  threadMinor_mm: over('Inside of a female thread'),
  pitch_mm: over('Pitch'),
  tpi: over('Threads per inch', 'count'),
  flangeLong_mm: over('Port flange, long spacing'),
  flangeShort_mm: over('Port flange, short spacing'),
};

/** Checks that something was measured, and the pitch in one way. */
function somethingGiven(
  input: Readonly<Partial<Record<keyof typeof FIGURES, number | null>>>,
  context: TestContext,
) {
  const refuse = (path: string, message: string) => context.createError({ path, message });
  if (input.pitch_mm != null && input.tpi != null)
    return refuse('tpi', 'A pitch or threads per inch, not both');
  const names = Object.keys(FIGURES) as (keyof typeof FIGURES)[];
  return names.some((name) => input[name] != null) || refuse('pilot_mm', 'Measure one of them');
}

/** Tells which standard flange, shaft and port it is. */
export const interfaceIdentify = sum({
  input: object({
    ...FIGURES,
    bolts: number().nullable().oneOf([2, 4, null], 'Two or four').meta({ label: 'Bolts' }),
    spacingIs: choice('Spacing of four bolts', ['across', 'side'], 'across'),
  }).test('something', somethingGiven),
  example: { pilot_mm: 101.55, boltSpacing_mm: 146.3, splineTeeth: 13, shaftDiameter_mm: 22.1 },
  answer: ({ tpi, bolts, spacingIs, ...given }) =>
    identify({
      pilot_mm: given.pilot_mm ?? null,
      boltSpacing_mm: given.boltSpacing_mm ?? null,
      bolts: bolts === 2 || bolts === 4 ? bolts : null,
      spacingIs,
      splineTeeth: given.splineTeeth ?? null,
      shaftDiameter_mm: given.shaftDiameter_mm ?? null,
      threadMajor_mm: given.threadMajor_mm ?? null,
      threadMinor_mm: given.threadMinor_mm ?? null,
      pitch_mm: given.pitch_mm ?? (tpi == null ? null : MM_PER.in / tpi),
      flangeLong_mm: given.flangeLong_mm ?? null,
      flangeShort_mm: given.flangeShort_mm ?? null,
    }),
  page: {
    words: WORDS,
    asks: [
      { at: 'pilot_mm', how: 'The round shoulder that centres the pump.' },
      { at: 'boltSpacing_mm', how: 'Middle to middle; of four across the circle.' },
      { at: 'splineTeeth', how: 'Count them.' },
      { at: 'shaftDiameter_mm', how: 'Over the teeth, or of the straight shaft.' },
      { at: 'threadMajor_mm', how: 'Outside of the fitting that goes in.' },
      { at: 'tpi', how: 'With a pitch gauge.' },
      { at: 'pitch_mm', more: true, how: 'In place of threads per inch.' },
      { at: 'threadMinor_mm', more: true, how: 'Inside of the port itself.' },
      { at: 'bolts', more: true, names: { 2: 'Two', 4: 'Four' } },
      { at: 'spacingIs', more: true, names: { across: 'Across the circle', side: 'Along a side' } },
      { at: 'flangeLong_mm', more: true },
      { at: 'flangeShort_mm', more: true },
    ],
    says: (_, answer, f) => {
      const groups = named(answer);
      const isBad = groups.some(({ group }) => group.status === 'none' || group.status === 'near');
      const isOpen = groups.some(({ group }) => group.status === 'several');
      const [mixed] = answer.mixed;
      const sure = groups
        .filter(({ group }) => group.status === 'fits')
        .map(({ words }) => words[0] ?? '');
      const doubts = groups.flatMap(({ group, words, near }) => {
        if (group.status === 'several') return [say('several', { which: listed(words) })];
        if (group.status === 'near') return [say('near', { which: near[0] ?? '' })];
        return group.status === 'none' ? [say('none')] : [];
      });
      const head = mixed
        ? mixedWords(mixed)
        : sure.length > 0
          ? sentence(listed(sure))
          : (doubts[0] ?? say('none'));
      const port = answer.port?.status === 'fits' ? answer.port.fits[0] : undefined;
      const [inside, section] = port?.ring_mm ?? [];
      const codes = answer.flangePort;
      const close = [...(codes?.fits ?? []), ...(codes?.near ?? [])];
      return {
        mark: mixed || isBad ? 'bad' : isOpen ? 'unknown' : 'good',
        head,
        rest: [
          ...doubts.filter((words) => words !== head),
          answer.port?.status === 'several'
            ? say('gauge', { which: listed(answer.port.fits.map(portWords)) })
            : '',
          new Set(close.map(({ code }) => code)).size > 1
            ? say('both', { which: listed(close.map(portFlangeWords)) })
            : '',
          inside !== undefined && section !== undefined
            ? say('ring', { inside: f.size(inside), section: f.size(section) })
            : '',
          port && port.ring_mm.length > 0 ? say('elbow') : '',
          port?.standard === 'ISO 228-1' ? say('pipe') : '',
          answer.flange &&
          answer.flange.fits.length === 0 &&
          answer.flange.near.some(({ bolts }) => bolts === null)
            ? say('metric')
            : '',
          say('rules'),
        ].filter(Boolean),
      };
    },
    brief: (answer) =>
      say('brief', {
        what: listed(named(answer).map(({ words, near }) => words[0] ?? near[0] ?? say('none'))),
      }),
    weigh: () => null,
    rows: (_, { flange, shaft, port, flangePort }, f) => {
      const figures = (offs: readonly (number | null)[]) =>
        offs.flatMap((mm) => (mm === null ? [] : [offWords(mm, f)])).join(', ');
      return [
        ...(flange?.fits ?? []).map(
          (fit) => [flangeWords(fit), figures([fit.pilotOff_mm, fit.spacingOff_mm])] as const,
        ),
        ...(shaft?.fits ?? []).map((fit) => [shaftWords(fit), figures([fit.off_mm])] as const),
        ...(port?.fits ?? []).map((fit) => [portWords(fit), figures([fit.off_mm])] as const),
        ...(flangePort?.fits ?? []).map(
          (fit) => [portFlangeWords(fit), figures([fit.longOff_mm, fit.shortOff_mm])] as const,
        ),
      ];
    },
    picture: (given, answer, f, pens) => {
      const [fit] = answer.flange?.fits ?? [];
      const { pilot_mm, boltSpacing_mm, shaftDiameter_mm, spacingIs } = given;
      const holes = given.bolts ?? fit?.bolts ?? 2;
      if (pilot_mm == null && boltSpacing_mm == null && shaftDiameter_mm == null) return null;
      const across_mm =
        (boltSpacing_mm ?? 0) * (holes === 4 && spacingIs === 'side' ? Math.SQRT2 : 1);
      const [middle, most] = [
        { x: 180, y: 92 },
        Math.max(across_mm, pilot_mm ?? 0, shaftDiameter_mm ?? 0),
      ];
      const px = 148 / most;
      const first = holes === 4 ? 45 : 90;
      const bolts = Array.from({ length: boltSpacing_mm == null ? 0 : holes }, (_, i) =>
        pens.onClock(first + (360 / holes) * i, (across_mm / 2) * px, middle),
      );
      return {
        height: 186,
        said: say('drawn'),
        parts: [
          ...(boltSpacing_mm == null
            ? []
            : [pens.circle(middle, (across_mm / 2) * px, { line: 'muted', dashed: true })]),
          ...(pilot_mm == null
            ? []
            : [
                pens.circle(middle, (pilot_mm / 2) * px, { fill: 'casting', line: 'ink' }),
                pens.words(say('pilot', { size: f.size(pilot_mm) }), 8, 16),
              ]),
          ...(shaftDiameter_mm == null
            ? []
            : [
                pens.circle(middle, (shaftDiameter_mm / 2) * px, { fill: 'steel', line: 'ink' }),
                pens.words(say('across', { size: f.size(shaftDiameter_mm) }), 352, 16, 'end'),
              ]),
          ...bolts.map((bolt) => pens.circle(bolt, 7, { fill: 'paper', line: 'ink' })),
          ...(boltSpacing_mm == null
            ? []
            : [pens.words(say('bolts', { size: f.size(boltSpacing_mm) }), 8, 182)]),
        ],
      };
    },
    formula: {
      line: 'measured − table, each figure by itself, then all of one part together',
      symbols: [],
      source: 'SAE J744, ISO 3019-1; SAE J1926-1, ISO 6149-1, ISO 228-1; ISO 6162 (SAE J518)',
      assumed: [
        'Fits: pilot 0.4 mm, bolts 1 mm, straight shaft 0.15 mm, spline 0.4 mm, pitch 0.045 mm, port flange 0.8 mm; a male thread 0.45 under to 0.1 over.',
      ],
    },
    beside: ['port.flow'],
  },
  gives: {
    flange: ['Mount'],
    shaft: ['Shaft'],
    port: ['Port'],
    flangePort: ['Port flange'],
    mixed: ['Of two sizes'],
  },
});

const FLOW_WORDS = {
  carries: 'A bore of {bore} carries {flow} at {speed}.',
  speed: 'Through a bore of {bore} {flow} run at {speed}.',
  usual:
    'Usual: suction 0.5 to 1.5 m/s (1.6 to 5 ft/s), return 2 to 3 (7 to 10), pressure 3 to 6 (10 to 20).',
  brief: '{flow}',
  curve: 'flow',
  axes: '{unit} over the speed of the oil in {speed}',
  drawn: 'Flow through this bore over the speed of the oil: {flow} at {speed}.',
} as const;

/** The fastest that a line of pressure is laid out for. */
const FASTEST_ms = 6;

const sayFlow = sayFrom(FLOW_WORDS);

/** Tells the third of bore, velocity and flow. */
export const portFlow = sum({
  input: object({
    bore_mm: over('Bore'),
    dash: over('Dash number', 'count'),
    velocity_ms: over('Oil speed', 'm/s'),
    flow_lpm: over('Flow', 'l/min'),
  }),
  example: { dash: 16, velocity_ms: 1.2 },
  answer: ({ bore_mm, dash, velocity_ms, flow_lpm }) => {
    if (bore_mm != null && dash != null)
      throw new InputError('dash', 'twice', 'A bore or a dash number, not both');
    const known_mm = bore_mm ?? (dash == null ? null : boreOfDash(dash));
    const given = [known_mm, velocity_ms, flow_lpm].filter((one) => one != null).length;
    if (given === 3) throw new InputError('flow_lpm', 'too-much', 'Two of the three');
    if (known_mm !== null && velocity_ms != null)
      return { bore_mm: known_mm, velocity_ms, flow_lpm: velocity_ms * area_m2(known_mm) * LPM };
    if (known_mm !== null && flow_lpm != null)
      return { bore_mm: known_mm, velocity_ms: flow_lpm / LPM / area_m2(known_mm), flow_lpm };
    if (velocity_ms != null && flow_lpm != null) {
      const area = flow_lpm / LPM / velocity_ms;
      return { bore_mm: Math.sqrt((4 * area) / Math.PI) * 1000, velocity_ms, flow_lpm };
    }
    const missing = known_mm === null ? 'bore_mm' : 'velocity_ms';
    throw new InputError(missing, 'missing', 'Two of the three');
  },
  page: {
    words: FLOW_WORDS,
    asks: [
      { at: 'dash', how: 'Sixteenths of an inch; or the bore itself below.' },
      {
        at: 'velocity_ms',
        how: 'Suction 0.5 to 1.5 m/s (1.6 to 5 ft/s), return 2 to 3 (7 to 10), pressure 3 to 6 (10 to 20).',
      },
      { at: 'flow_lpm', how: 'Two of the three.' },
      { at: 'bore_mm', more: true },
    ],
    says: ({ velocity_ms }, { flow_lpm, bore_mm, velocity_ms: speed }, f) => ({
      mark: 'good',
      head: sayFlow(velocity_ms == null ? 'speed' : 'carries', {
        bore: f.size(bore_mm),
        flow: f.flow(flow_lpm),
        speed: f.speed(speed),
      }),
      rest: [sayFlow('usual')],
    }),
    brief: ({ flow_lpm }, f) => sayFlow('brief', { flow: f.flow(flow_lpm) }),
    weigh: ({ flow_lpm }) => flow_lpm,
    picture: (_, { bore_mm, velocity_ms, flow_lpm }, f, pens) =>
      pens.chart({
        from: 0,
        to: Math.max(FASTEST_ms, 1.3 * velocity_ms),
        at: velocity_ms,
        label: (speed) => f.bareSpeed(speed),
        curves: [
          {
            name: sayFlow('curve'),
            of: (speed) => f.inFlow(speed * area_m2(bore_mm) * LPM),
          },
        ],
        decimals: 0,
        axes: sayFlow('axes', { unit: f.flowUnit, speed: f.speedUnit }),
        said: sayFlow('drawn', { flow: f.flow(flow_lpm), speed: f.speed(velocity_ms) }),
      }),
    formula: {
      line: 'Q = v·A; bore = dash/16 in',
      symbols: [
        ['v', 'speed of the oil'],
        ['A', 'of the bore'],
      ],
      source: 'continuity',
      assumed: [],
    },
    beside: ['interface.identify', 'inlet.maxSpeed'],
  },
  gives: {
    bore_mm: ['Bore', 'mm'],
    velocity_ms: ['Oil speed', 'm/s'],
    flow_lpm: ['Flow', 'l/min'],
  },
});
