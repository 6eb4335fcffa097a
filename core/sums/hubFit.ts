import { object } from 'yup';
import { hubFit, type HubAnswer, type HubVerdict } from '../workshop/hubFit';
import { lengths, limitFields, limitsIn, perhaps, positive, usually } from './fields';
import { sayFrom } from '../wording/say';
import { type Figures } from './kinds';
import { sum } from './sum';

const WORDS = {
  in: 'In: {gap} cold.',
  inHot: 'In: {gap} cold, {hot} hot.',
  hone: 'Tight: hone {by}, in {count, plural, one {one step} other {# steps}}. Measure first at bore {bore}.',
  loose: 'Loose: {gap}, most {upper}. Renew the bushing.',
  uneven: 'Uneven: {gap}. No honing brings all of it in. Renew the bushing.',
  conflict: 'This window closes hot: cold it needs {least}, and {upper} is the most.',
  open: 'The clearance is {gap}. Enter the window of your school.',
  hot: 'Then {hot} is left when hot.',
  heat: 'When hot: enter the heat of hub and body, and how the body grows.',
  wash: 'After each step: wash, hub on, rock it. At the end once all the way in, as your school has it.',
  step: 'Step {number}, try',
  stepMeasure: 'Step {number}, measure',
  brief: '{gap}, {verdict}',
  hotter: 'the hub runs at {celsius}',
  inWord: 'in',
  honeWord: 'tight',
  looseWord: 'loose',
  unevenWord: 'uneven',
  conflictWord: 'closes hot',
  openWord: 'not to be told',
  hub: 'hub',
  window: 'dashed: the window',
  drawn:
    'The hub in its bushing: {smallest} where it is closest, {largest} where it is widest, all round drawn large.',
} as const;

const say = sayFrom(WORDS);

const VERDICT = {
  in: 'inWord',
  hone: 'honeWord',
  loose: 'looseWord',
  uneven: 'unevenWord',
  conflict: 'conflictWord',
  open: 'openWord',
} as const satisfies Readonly<Record<HubVerdict, keyof typeof WORDS>>;

const gapText = ({ clearance_mm: { smallest, largest } }: HubAnswer, f: Figures): string =>
  f.bareGap(smallest) === f.bareGap(largest)
    ? f.gap(smallest)
    : [f.bareGap(smallest), f.gap(largest)].join('–');

/** So wide is the widest clearance drawn, in px. */
const RING_PX = 24;

/** Steel, in 1/K. */
const STEEL_per_K = 11.7e-6;

const warmth = (label: string) => usually(label, 20, '°C').min(-40).max(200);

/** Tells how a hub fits its bushing cold and hot, and how far the bushing is honed. */
export const hubFitOf = sum({
  input: object({
    hub_mm: positive('Hub').min(5).max(300),
    bores_mm: lengths('Bushing bores, pressed in', 1, 'At least one bore', 20),
    hub_C: warmth('Hub as measured'),
    bore_C: warmth('Bushing as measured'),
    ...limitFields,
    hubHot_C: perhaps('Hub at work', '°C').min(-40).max(300),
    bodyHot_C: perhaps('Body at work', '°C').min(-40).max(300),
    alphaBody_per_K: perhaps('Expansion of the body', '1/K').min(0).max(1e-4),
    alphaHub_per_K: usually('Expansion of the hub', STEEL_per_K, '1/K').min(0).max(1e-4),
    floorHot_mm: usually('Least clearance when hot', 0.005).min(0),
    u_mm: usually('Uncertainty', 0.004).min(0),
    step_mm: usually('Most honed in a step', 0.005).moreThan(0),
    last_mm: usually('Last step', 0.0025).moreThan(0),
    aim_mm: perhaps('Clearance to hone to').min(0),
  }),
  example: { hub_mm: 40, bores_mm: [40.041, 40.044], lower_mm: 0.05, upper_mm: 0.07 },
  answer: ({ alphaBody_per_K, hubHot_C, bodyHot_C, aim_mm, lower_mm, upper_mm, ...given }) =>
    hubFit({
      ...given,
      limits: limitsIn({ lower_mm, upper_mm }),
      alphaBody_per_K: alphaBody_per_K ?? null,
      hubHot_C: hubHot_C ?? null,
      bodyHot_C: bodyHot_C ?? null,
      aim_mm: aim_mm ?? null,
    }),
  page: {
    words: WORDS,
    asks: [
      { at: 'hub_mm', how: 'Mic over the hub where it runs.' },
      { at: 'bores_mm', how: 'Bore gauge, pressed in, two ways, with a blank between.' },
      { at: 'lower_mm', how: 'Of your school: free-running or snug.' },
      { at: 'upper_mm' },
      { at: 'hubHot_C', more: true, how: 'A converter hub runs hotter than its body.' },
      { at: 'bodyHot_C', more: true },
      { at: 'alphaBody_per_K', more: true, how: 'Aluminium about 22, cast iron about 11.' },
      { at: 'hub_C', more: true },
      {
        at: 'bore_C',
        more: true,
        how: 'A warm bore reads over: aluminium by 2 parts in 10,000 for every 10 °C.',
      },
      { at: 'alphaHub_per_K', more: true },
      { at: 'floorHot_mm', more: true },
      { at: 'u_mm', more: true },
      { at: 'step_mm', more: true },
      { at: 'last_mm', more: true },
      { at: 'aim_mm', more: true, how: 'Left empty: the middle of what is in.' },
    ],
    says: (given, answer, f) => {
      const { verdict, hot_mm, hone_mm, stops, least_mm } = answer;
      const gap = gapText(answer, f);
      const upper = f.gap(given.upper_mm ?? 0);
      const heads = {
        in: () =>
          hot_mm === null ? say('in', { gap }) : say('inHot', { gap, hot: f.gap(hot_mm) }),
        hone: () =>
          say('hone', {
            by: f.gap(hone_mm),
            count: stops.length,
            bore: f.size(stops.find((stop) => stop.measure)?.bore_mm ?? 0),
          }),
        loose: () => say('loose', { gap, upper }),
        uneven: () => say('uneven', { gap }),
        conflict: () => say('conflict', { least: f.gap(least_mm ?? 0), upper }),
        open: () => say('open', { gap }),
      };
      return {
        mark: verdict === 'in' ? 'good' : verdict === 'open' ? 'unknown' : 'bad',
        head: heads[verdict](),
        rest: [
          verdict === 'hone' ? say('wash') : '',
          verdict !== 'open' && answer.coldLeast_mm === null ? say('heat') : '',
        ].filter(Boolean),
      };
    },
    brief: (answer, f) =>
      say('brief', { gap: gapText(answer, f), verdict: say(VERDICT[answer.verdict]) }),
    weigh: ({ hot_mm, clearance_mm }) => hot_mm ?? clearance_mm.smallest,
    changes: (given, _, f) =>
      given.hubHot_C == null
        ? []
        : [
            {
              what: say('hotter', { celsius: f.celsius(given.hubHot_C + 20) }),
              input: { ...given, hubHot_C: given.hubHot_C + 20 },
            },
          ],
    rowsName: 'Bores at which the hone stops',
    rows: (_, { stops }, f) =>
      stops.map(
        ({ bore_mm, measure }, i) =>
          [say(measure ? 'stepMeasure' : 'step', { number: i + 1 }), f.size(bore_mm)] as const,
      ),
    picture: (given, { clearance_mm }, f, pens) => {
      const [middle, hub] = [{ x: 180, y: 92 }, 58];
      const { smallest, largest } = clearance_mm;
      const ends = [given.lower_mm, given.upper_mm].flatMap((end) => (end == null ? [] : [end]));
      const px = RING_PX / Math.max(Math.abs(smallest), Math.abs(largest), ...ends, 0.01);
      const bore = (mm: number) => hub + mm * px;
      return {
        height: 186,
        said: say('drawn', { smallest: f.gap(smallest), largest: f.gap(largest) }),
        parts: [
          pens.circle(middle, hub + RING_PX + 6, { fill: 'vane', line: 'ink' }),
          pens.oval(middle, bore(largest), bore(smallest), { fill: 'paper', line: 'ink' }),
          pens.circle(middle, hub, { fill: 'steel', line: 'ink' }),
          ...ends.map((mm) => pens.circle(middle, bore(mm), { line: 'out', dashed: true })),
          pens.words(say('hub'), 180, 96, 'middle'),
          pens.words(f.gap(largest), 272, 96, 'start'),
          pens.words(f.gap(smallest), 88, 96, 'end'),
          ...(ends.length > 0 ? [pens.words(say('window'), 352, 16, 'end', 'out')] : []),
        ],
      };
    },
    takes: {
      hub_mm: 'shaft',
      bores_mm: 'plus_places',
      lower_mm: 'lower',
      upper_mm: 'upper',
      hubHot_C: 'minus_hot',
      bodyHot_C: 'plus_hot',
      alphaBody_per_K: 'plus_alpha',
      alphaHub_per_K: 'minus_alpha',
    },
    formula: {
      line: 'hot = bore·(1 + α_b(T_b − 20)) − hub·(1 + α_h(T_h − 20))',
      symbols: [
        ['α', 'expansion, of the body and of the hub'],
        ['T', 'temperature at work, of the body and of the hub'],
      ],
      source: 'ISO 1; linear expansion',
      assumed: [
        'The bushing follows its body.',
        'To hone: to the middle of what is in, in equal steps and a small last one.',
      ],
    },
    caution:
      'Clamp the body for the hone. Bushing edges cut. Wash the grit out before the hub goes in.',
  },
  gives: {
    clearance_mm: ['Clearance at 20 °C', 'mm'],
    hot_mm: ['Clearance when hot', 'mm'],
    coldLeast_mm: ['Cold clearance that stays open when hot', 'mm'],
    least_mm: ['Least that is in, cold', 'mm'],
    hone_mm: ['To hone', 'mm'],
    stops: ['Stops of the hone'],
    verdict: ['Verdict'],
  },
});
