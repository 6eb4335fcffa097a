import { object, type TestContext } from 'yup';
import { flowAt_m3s, inletBore, inletLosses, inletMaxSpeed, type Inlet } from '../hydraulics/inlet';
import { dashFor, boreOfDash } from '../workshop/interfaces/dash';
import { choice, notBelow, perhaps } from './fields';
import { inletFields, wayFields } from './inletFields';
import { sayFrom } from '../wording/say';
import type { Figures } from './kinds';
import type { Ask, Formula } from './page';
import type { Pens, Picture } from './picture';
import { sum } from './sum';

const WORDS = {
  byVelocity: 'Good to {rpm}: then the oil in the port is at its highest speed.',
  starves: 'Starves over {rpm}: it howls, pits and seizes.',
  lift: 'It never fills: the height alone takes the pressure.',
  air: 'It never fills: the air pressure is not over the least that it needs.',
  there: 'At that speed {inlet} absolute stand at the inlet.',
  cold: 'Cold oil is thicker: see what it does at its lowest temperature, too.',
  brief: 'good to {rpm}',
  port: 'port and hose are {bore}',
  lower: 'the pump sits {height} lower',
  needs: 'It needs a bore of {bore}: the next dash is {dash}.',
  needsMore: 'It needs a bore of {bore}: wider than any dash that is listed.',
  noBore: 'No bore is wide enough: the height alone takes the pressure.',
  noAir: 'No bore is wide enough: the air pressure is not over the least that it needs.',
  noPort: 'No port is wide enough: the hose takes the pressure. Widen it as well.',
  byPressure: 'By pressure',
  bySpeed: 'By the speed of the oil',
  boreBrief: '{bore}',
  boreNone: 'no bore',
  slower: 'the pump turns at {rpm}',
  atLift: 'The height takes',
  atPort: 'Port, bends and strainer take',
  atLine: 'The hose takes',
  left: 'Left at the inlet, absolute',
  least: 'least {bar}',
  drawn:
    'What the way of the oil takes of the air pressure at {rpm}: {left} are left at the inlet, {least} is the least.',
} as const;

const say = sayFrom(WORDS);

/** Says how a way of oil is asked for; bores apart. */
const WAY: readonly Ask[] = [
  { at: 'cc_rev', how: 'From the sheet, or from its own page here.' },
  { at: 'oil', usual: 'Hydraulic oil VG 46' },
  { at: 'oil_C', usual: 20, how: 'The coldest at which it has to run at this speed.' },
  { at: 'lineLength_m', usual: 1 },
  { at: 'lift_m', usual: 0, how: 'Below the oil: with a minus.' },
];

const WAY_MORE: readonly Ask[] = [
  { at: 'gearSets', usual: 1, more: true },
  {
    at: 'k',
    usual: 2.5,
    more: true,
    how: 'In velocity heads: an elbow about 1, a strainer about 1.',
  },
  { at: 'velocityLimit_ms', usual: 1.5, more: true, how: 'Suction 0.5 to 1.5 m/s, 1.6 to 5 ft/s.' },
  {
    at: 'atmosphere_bar',
    usual: 1.01325,
    more: true,
    how: 'Less high up: by about 0.12 bar for every 1000 m, 0.5 psi for every 1000 ft.',
  },
  { at: 'least_bar', usual: 0.8, more: true, how: 'From the maker’s manual.' },
];

const WAY_TAKES = { cc_rev: 'cc', gearSets: 'gear_sets', oil: 'oil' } as const;

const INLET_FORMULA: Formula = {
  line: 'p_in = p_atm − ρgh − (1 + K)·ρv²/2 − f·(L/D)·ρv²/2',
  symbols: [
    ['h', 'height of the pump over the oil'],
    ['K', 'loss of bends and strainer, in velocity heads at the port'],
    ['f', '64/Re below Re 2300, 0.316/Re^¼ from there'],
    ['L, D', 'length and bore of the hose'],
  ],
  source: 'Bernoulli; Darcy and Weisbach; Hagen and Poiseuille; Blasius',
  assumed: ['K of 2.5 and a least pressure of 0.8 bar, where nobody knows better.'],
};

/** A way of oil that both sums answer. */
const EXAMPLE_WAY = {
  cc_rev: 24,
  gearSets: 1,
  lineLength_m: 0.9,
  lift_m: 0.3,
  k: 2.5,
  density_kgm3: 841,
  mu_Pas: 0.0174,
  atmosphere_bar: 1.01325,
  least_bar: 0.8,
  velocityLimit_ms: 1.5,
};

/** Draws what the way of the oil takes of the atmosphere, step by step, down to what is left at the inlet. */
function ladder(inlet: Inlet, rpm: number, f: Figures, pens: Pens): Picture {
  const { lift_bar, port_bar, line_bar } = inletLosses(inlet, flowAt_m3s(inlet, rpm));
  const raised = Math.max(0, -lift_bar);
  const left = inlet.atmosphere_bar - lift_bar - port_bar - line_bar;
  const steps = [
    { name: say('atLift'), taken: Math.max(0, lift_bar) },
    { name: say('atPort'), taken: port_bar },
    { name: say('atLine'), taken: line_bar },
  ];
  let rest = inlet.atmosphere_bar + raised;
  const bars = steps.map(({ name, taken }) => {
    rest -= taken;
    const pieces = [
      { value: Math.max(0, rest), ink: 'worked' as const },
      { value: taken, ink: 'brass' as const },
    ];
    return { name, pieces, total: f.bar(taken) };
  });
  const least = { at: inlet.least_bar, text: say('least', { bar: f.bar(inlet.least_bar) }) };
  return pens.bars({
    bars: [
      ...bars,
      {
        name: say('left'),
        pieces: [{ value: Math.max(0, left), ink: left < inlet.least_bar ? 'out' : 'in' }],
        total: f.bar(left),
      },
    ],
    lines: [{ ...least, ink: 'out' }],
    said: say('drawn', { rpm: f.rpm(rpm), left: f.bar(left), least: f.bar(inlet.least_bar) }),
  });
}

/** Tells how fast a pump may run before its inlet starves it. */
export const inletMaxSpeedOf = sum({
  input: object(inletFields),
  example: { ...EXAMPLE_WAY, portDiameter_mm: 25.4, lineDiameter_mm: 25.4 },
  answer: (inlet) => inletMaxSpeed({ ...inlet, velocityLimit_ms: inlet.velocityLimit_ms ?? null }),
  page: {
    words: WORDS,
    asks: [
      ...WAY.slice(0, 1),
      { at: 'portDiameter_mm', how: 'The shank of a drill that just goes in.' },
      { at: 'lineDiameter_mm' },
      ...WAY.slice(1),
      ...WAY_MORE,
    ],
    says: ({ lift_m }, { rpm, limitedBy, inlet_bar }, f) => ({
      mark: rpm === 0 ? 'bad' : limitedBy === 'velocity' ? 'good' : 'bad',
      head:
        rpm === 0
          ? say(lift_m > 0 ? 'lift' : 'air')
          : say(limitedBy === 'velocity' ? 'byVelocity' : 'starves', { rpm: f.rpm(rpm) }),
      rest: [rpm > 0 ? say('there', { inlet: f.bar(inlet_bar) }) : '', say('cold')].filter(Boolean),
    }),
    brief: ({ rpm }, f) => say('brief', { rpm: f.rpm(rpm) }),
    weigh: ({ rpm }) => rpm,
    changes: (given, _, f) => {
      const narrower = Math.min(given.portDiameter_mm, given.lineDiameter_mm);
      const dash = dashFor(narrower + 1);
      const wider = dash === null ? null : boreOfDash(dash);
      return [
        ...(wider === null
          ? []
          : [
              {
                what: say('port', { bore: f.size(wider) }),
                input: {
                  ...given,
                  portDiameter_mm: Math.max(wider, given.portDiameter_mm),
                  lineDiameter_mm: Math.max(wider, given.lineDiameter_mm),
                },
              },
            ]),
        {
          what: say('lower', { height: f.reach(0.3) }),
          input: { ...given, lift_m: given.lift_m - 0.3 },
        },
      ];
    },
    picture: (inlet, { rpm }, f, pens) =>
      ladder({ ...inlet, velocityLimit_ms: inlet.velocityLimit_ms ?? null }, rpm, f, pens),
    takes: WAY_TAKES,
    formula: INLET_FORMULA,
    beside: ['inlet.bore'],
  },
  gives: {
    rpm: ['Highest speed', '1/min'],
    limitedBy: ['Limited by'],
    inlet_bar: ['Inlet pressure there, absolute', 'bar'],
  },
});

/** Checks that a hose that stays says how wide it is. */
const lineGiven = (
  { change, lineDiameter_mm }: { change?: string; lineDiameter_mm?: number | null },
  context: TestContext,
) =>
  change !== 'port' ||
  lineDiameter_mm != null ||
  context.createError({ path: 'lineDiameter_mm', message: 'Missing' });

/** Tells which bore carries a speed. */
export const inletBoreOf = sum({
  input: object({
    ...wayFields,
    portDiameter_mm: perhaps('Inlet port').moreThan(0).max(1000),
    lineDiameter_mm: perhaps('Hose bore').moreThan(0).max(1000),
    rpm: notBelow('Pump speed', '1/min'),
    change: choice('What gets wider', ['both', 'port']),
  }).test('has a line', lineGiven),
  example: { ...EXAMPLE_WAY, rpm: 2400, change: 'both' },
  answer: ({ rpm, change, ...inlet }) => {
    const bore = inletBore(
      {
        ...inlet,
        velocityLimit_ms: inlet.velocityLimit_ms ?? null,
        portDiameter_mm: inlet.portDiameter_mm ?? 1,
        lineDiameter_mm: inlet.lineDiameter_mm ?? 1,
      },
      rpm,
      change,
    );
    const { bore_mm, byPressure_mm, byVelocity_mm, why } = bore;
    const dash = bore_mm === null ? null : dashFor(bore_mm);
    return { bore_mm, byPressure_mm, byVelocity_mm, dash, why };
  },
  page: {
    words: WORDS,
    asks: [
      { at: 'rpm' },
      ...WAY,
      { at: 'change', names: { both: 'Port and hose', port: 'The port alone' }, usual: 'both' },
      { at: 'lineDiameter_mm', only: { change: ['port'] } },
      ...WAY_MORE,
    ],
    says: ({ lift_m }, { bore_mm, dash, why }, f) => ({
      mark: bore_mm === null ? 'bad' : 'good',
      head:
        bore_mm === null
          ? say(why === 'line' ? 'noPort' : lift_m > 0 ? 'noBore' : 'noAir')
          : dash === null
            ? say('needsMore', { bore: f.size(bore_mm) })
            : say('needs', { bore: f.size(bore_mm), dash }),
      rest: [say('cold')],
    }),
    brief: ({ bore_mm }, f) =>
      bore_mm === null ? say('boreNone') : say('boreBrief', { bore: f.size(bore_mm) }),
    weigh: ({ bore_mm }) => bore_mm,
    changes: (given, _, f) => [
      {
        what: say('slower', { rpm: f.rpm(given.rpm * 0.9) }),
        input: { ...given, rpm: given.rpm * 0.9 },
      },
      {
        what: say('lower', { height: f.reach(0.3) }),
        input: { ...given, lift_m: given.lift_m - 0.3 },
      },
    ],
    rows: (_, { byPressure_mm, byVelocity_mm }, f) => [
      ...(byPressure_mm === null ? [] : [[say('byPressure'), f.size(byPressure_mm)] as const]),
      ...(byVelocity_mm === null ? [] : [[say('bySpeed'), f.size(byVelocity_mm)] as const]),
    ],
    picture: (given, { bore_mm }, f, pens) => {
      if (bore_mm === null || given.rpm === 0) return null;
      const line_mm = given.change === 'both' ? bore_mm : (given.lineDiameter_mm ?? bore_mm);
      const bores = { portDiameter_mm: bore_mm, lineDiameter_mm: line_mm, velocityLimit_ms: null };
      return ladder({ ...given, ...bores }, given.rpm, f, pens);
    },
    takes: { ...WAY_TAKES, rpm: 'pump_rpm' },
    formula: INLET_FORMULA,
    beside: ['inlet.maxSpeed', 'port.flow'],
  },
  gives: {
    bore_mm: ['Bore', 'mm'],
    byPressure_mm: ['By pressure', 'mm'],
    byVelocity_mm: ['By velocity', 'mm'],
    dash: ['Next dash number', 'count'],
    why: ['Why none is wide enough'],
  },
});
