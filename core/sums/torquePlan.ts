import { array, number, object } from 'yup';
import { InputError } from '../errors';
import { exact } from '../schema/fields';
import { crissCross, NM_PER, setShare, type TorqueUnit } from '../workshop/torquePlan';
import { choice, notBelow, perhaps, positive } from './fields';
import { sayFrom } from '../wording/say';
import { sum } from './sum';

const WORDS = {
  set: 'Set {value} {unit} for {full} {unit}.',
  plain: 'Set {value} {unit} at the last stage.',
  same: 'That is {metric} N·m, {foot} lbf·ft, {inch} lbf·in.',
  order: 'Order: {order}.',
  ring: 'Last a round in ring order, as a check: none may turn.',
  dry: 'Threads dry or oiled as the figure means it. No impact tool. A bolt that turns without rising comes out.',
  stage: 'Stage {number}',
  brief: '{value} {unit}',
  line: 'the extension stands across the wrench',
  Nm: 'N·m',
  lbft: 'lbf·ft',
  lbin: 'lbf·in',
  drawn: 'Bolts on their circle with the turn of each: {order}.',
} as const;

const say = sayFrom(WORDS);

/** So many bolts have room for their numbers. */
const MOST_DRAWN = 16;

const UNITS = ['Nm', 'lbft', 'lbin'] as const satisfies readonly TorqueUnit[];

/** Checks that stages rise to the whole; the first one that does not is named. */
function checkStages(stages: readonly number[]): void {
  const flat = stages.findIndex((share, i) => i > 0 && share <= (stages[i - 1] ?? 0));
  if (flat > 0) throw new InputError(`stages[${flat}]`, 'not-rising', 'Stages have to rise.');
  if (stages.at(-1) !== 1)
    throw new InputError(
      `stages[${stages.length - 1}]`,
      'not-whole',
      'The last stage is the whole torque: 1.',
    );
}

/** Tells what is set on a wrench, and in which order bolts are drawn up. */
export const torquePlanOf = sum({
  input: object({
    bolts: positive('Bolts, evenly round a circle', 'count').integer().max(200),
    value: positive('Torque', 'count'),
    unit: choice('Unit', UNITS),
    stages: array(number().required().moreThan(0).max(1))
      .required()
      .min(1)
      .max(12)
      .meta({ label: 'Stages, as shares' }),
    wrench: exact({
      length_mm: positive('Wrench, grip to square'),
      extension_mm: notBelow('Extension, square to bolt'),
      angle_deg: perhaps('Extension out of line', '°').min(0).max(180),
    })
      .nullable()
      .default(undefined)
      .notRequired(),
  }),
  example: {
    bolts: 8,
    value: 42,
    unit: 'lbft',
    stages: [0.33, 0.66, 1],
    wrench: { length_mm: 400, extension_mm: 60 },
  },
  answer: ({ bolts, value, unit, stages, wrench }) => {
    checkStages(stages);
    const share = wrench ? setShare({ ...wrench, angle_deg: wrench.angle_deg ?? 0 }) : 1;
    const newtonMetres = value * NM_PER[unit];
    const order = crissCross(bolts);
    return {
      Nm: newtonMetres,
      lbft: newtonMetres / NM_PER.lbft,
      lbin: newtonMetres / NM_PER.lbin,
      stages: stages.map((stage) => ({ value: value * stage * share, order })),
    };
  },
  page: {
    words: WORDS,
    asks: [
      { at: 'value', how: 'From the maker’s manual.' },
      { at: 'unit', usual: 'Nm', names: { Nm: 'N·m', lbft: 'lbf·ft', lbin: 'lbf·in' } },
      { at: 'bolts' },
      {
        at: 'stages',
        usual: '0.33 0.66 1',
        how: 'As shares of the torque, the last one 1, with a blank between.',
      },
      { at: 'wrench.length_mm', more: true, how: 'Middle of the grip to the square.' },
      { at: 'wrench.extension_mm', more: true, how: 'Square to bolt, in line with the wrench.' },
      { at: 'wrench.angle_deg', more: true, how: '90 across the wrench changes nothing.' },
    ],
    says: (given, { Nm, lbft, lbin, stages }, f) => {
      const value = f.plain(stages.at(-1)?.value ?? 0, 1);
      const [unit, full] = [say(given.unit), f.plain(given.value, 1)];
      const hasWrench = given.wrench != null;
      return {
        mark: 'good',
        head: hasWrench ? say('set', { value, unit, full }) : say('plain', { value, unit }),
        rest: [
          say('order', { order: (stages[0]?.order ?? []).join(', ') }),
          say('ring'),
          say('same', { metric: f.plain(Nm, 1), foot: f.plain(lbft, 1), inch: f.plain(lbin, 0) }),
          say('dry'),
        ],
      };
    },
    brief: ({ stages }, f, given) =>
      say('brief', { value: f.plain(stages.at(-1)?.value ?? 0, 1), unit: say(given.unit) }),
    weigh: ({ stages }) => stages.at(-1)?.value ?? null,
    changes: (given) =>
      given.wrench && given.wrench.angle_deg !== 90
        ? [{ what: say('line'), input: { ...given, wrench: { ...given.wrench, angle_deg: 90 } } }]
        : [],
    rowsName: 'What to set',
    rows: (given, { stages }, f) =>
      stages.map(({ value }, i) => [
        say('stage', { number: i + 1 }),
        say('brief', { value: f.plain(value, 1), unit: say(given.unit) }),
      ]),
    picture: ({ bolts }, { stages }, f, pens) => {
      const order = stages[0]?.order ?? [];
      const [middle, ring] = [{ x: 180, y: 100 }, 74];
      const at = (bolt: number) => pens.onClock(((bolt - 1) * 360) / bolts, ring, middle);
      // Of many bolts the lines would hide what they show.
      const isClear = bolts <= MOST_DRAWN;
      const size = Math.min(15, (ring * Math.PI) / bolts);
      return {
        height: 200,
        said: say('drawn', { order: order.join(', ') }),
        parts: [
          pens.circle(middle, ring, { line: 'line' }),
          ...(isClear ? [pens.line(order.map(at), { line: 'blue', width: 1 })] : []),
          ...order.flatMap((bolt, turn) => {
            const { x, y } = at(bolt);
            return [
              pens.circle({ x, y }, size, { fill: turn === 0 ? 'worked' : 'paper', line: 'ink' }),
              ...(isClear ? [pens.words(f.plain(turn + 1, 0), x, y + 5, 'middle')] : []),
            ];
          }),
        ],
      };
    },
    takes: { value: 'torque', unit: 'torque_unit', bolts: 'bolts' },
    formula: {
      line: 'set = T·L/(L + E·cos φ)',
      symbols: [
        ['L', 'wrench, from the middle of the grip to the square'],
        ['E', 'extension, from the square to the bolt'],
        ['φ', 'angle of the extension out of line'],
      ],
      source: 'the lever rule of statics; ISO 80000-4',
      assumed: ['Bolts evenly round a circle, numbered in order.'],
    },
    caution: 'Each bolt in its own hole, none on the bottom of it.',
  },
  gives: {
    Nm: ['Torque in N·m', 'count'],
    lbft: ['Torque in lbf·ft', 'count'],
    lbin: ['Torque in lbf·in', 'count'],
    stages: ['Stages'],
  },
});
