import { object } from 'yup';
import { repairOrNew } from '../workshop/repairOrNew';
import { perhaps, usually } from './fields';
import { sayFrom } from '../wording/say';
import { sum } from './sum';

const WORDS = {
  repair: 'Repair is {by} cheaper.',
  repairUpTo: 'Repair is {by} cheaper, up to {days} days.',
  new: 'A new one is {by} cheaper.',
  even: 'Both cost the same.',
  noPrice: 'The repair comes to {repair}. Enter the price of a new one.',
  chance: 'They are even at a comeback chance of {percent}%.',
  empty: 'What is left empty counts as nothing.',
  repairRow: 'Repair',
  newRow: 'New',
  brief: '{better} by {by}',
  briefNone: '{repair} for the repair',
  briefEven: 'the same',
  repairWord: 'repair',
  newWord: 'new',
  day: 'the repair takes a day longer',
  comeback: 'the repair comes back twice as often',
  hour: 'the work takes an hour longer',
  paid: 'paid for work, parts or the new pump',
  waiting: 'waiting',
  back: 'comebacks, by their chance',
  drawn:
    'Both costs as bars: what is paid, what waiting costs, and what comebacks cost by their chance.',
} as const;

const say = sayFrom(WORDS);

/** Decimals of a sum of money. */
const CENTS = 2;

const money = (label: string) => usually(label, 0, 'money').min(0);
const days = (label: string) => usually(label, 0, 'd').min(0);
const chance = (label: string) => usually(label, 0, '%').min(0).max(100);

/** Tells whether a repair or a new pump is cheaper, waiting and comebacks counted. */
export const moneyCompare = sum({
  input: object({
    partsCost: money('Parts'),
    minutes: usually('Work', 0, 'min').min(0),
    ratePerHour: money('Rate per hour'),
    outsideCost: money('Outside machining'),
    repairDays: days('Days of the repair'),
    price: perhaps('Price of a new one', 'money').min(0),
    newDays: days('Days till a new one is there'),
    downPerDay: money('A day down costs'),
    repairComeback_percent: chance('Repair comes back'),
    newComeback_percent: chance('New one comes back'),
    comebackCost: money('A comeback costs'),
  }),
  example: {
    partsCost: 210,
    minutes: 150,
    ratePerHour: 72,
    outsideCost: 95,
    repairDays: 3,
    price: 980,
    newDays: 9,
    downPerDay: 60,
    repairComeback_percent: 10,
    newComeback_percent: 2,
    comebackCost: 350,
  },
  answer: ({ price, ...given }) => repairOrNew({ ...given, price: price ?? null }),
  page: {
    words: WORDS,
    asks: [
      { at: 'partsCost', usual: '' },
      { at: 'minutes', usual: '' },
      { at: 'ratePerHour', usual: '' },
      { at: 'repairDays', usual: '' },
      { at: 'price' },
      { at: 'newDays', usual: '' },
      { at: 'downPerDay', usual: '' },
      { at: 'outsideCost', usual: '' },
      { at: 'repairComeback_percent', usual: '' },
      { at: 'newComeback_percent', usual: '' },
      { at: 'comebackCost', usual: '' },
    ],
    says: (_, answer, f) => {
      const { better, by, evenRepairDays, evenComeback_percent } = answer;
      const difference = f.plain(by ?? 0, CENTS);
      const days = evenRepairDays === null ? null : f.plain(evenRepairDays, 1);
      const head = () => {
        if (better === null) return say('noPrice', { repair: f.plain(answer.repair, CENTS) });
        if (better === 'even') return say('even');
        if (better === 'new') return say('new', { by: difference });
        return days === null
          ? say('repair', { by: difference })
          : say('repairUpTo', { by: difference, days });
      };
      return {
        mark: better === null ? 'unknown' : 'good',
        head: head(),
        rest: [
          evenComeback_percent === null
            ? ''
            : say('chance', { percent: f.plain(evenComeback_percent, 0) }),
          say('empty'),
        ].filter(Boolean),
      };
    },
    brief: ({ better, by, repair }, f) =>
      better === null
        ? say('briefNone', { repair: f.plain(repair, CENTS) })
        : better === 'even'
          ? say('briefEven')
          : say('brief', {
              better: say(better === 'new' ? 'newWord' : 'repairWord'),
              by: f.plain(by ?? 0, CENTS),
            }),
    weigh: (answer) => answer.repair - (answer.new ?? 0),
    changes: (given) => [
      { what: say('day'), input: { ...given, repairDays: given.repairDays + 1 } },
      { what: say('hour'), input: { ...given, minutes: given.minutes + 60 } },
      {
        what: say('comeback'),
        input: {
          ...given,
          repairComeback_percent: Math.min(100, 2 * given.repairComeback_percent),
        },
      },
    ],
    rows: (_, answer, f) => [
      [say('repairRow'), f.plain(answer.repair, CENTS)],
      ...(answer.new === null ? [] : [[say('newRow'), f.plain(answer.new, CENTS)] as const]),
    ],
    picture: (given, answer, f, pens) => {
      const bar = (name: string, total: number, days: number, percent: number) => {
        const [waiting, back] = [days * given.downPerDay, (percent / 100) * given.comebackCost];
        const pieces = [
          { value: total - waiting - back, ink: 'steel' as const },
          { value: waiting, ink: 'brass' as const },
          { value: back, ink: 'out' as const },
        ];
        return { name, pieces, total: f.plain(total, CENTS) };
      };
      const repair = bar(
        say('repairRow'),
        answer.repair,
        given.repairDays,
        given.repairComeback_percent,
      );
      const fresh =
        answer.new === null
          ? []
          : [bar(say('newRow'), answer.new, given.newDays, given.newComeback_percent)];
      return pens.bars({
        bars: [repair, ...fresh],
        key: [
          ['steel', say('paid')],
          ['brass', say('waiting')],
          ['out', say('back')],
        ],
        said: say('drawn'),
      });
    },
    takes: { ratePerHour: 'rate', downPerDay: 'down_day', comebackCost: 'comeback' },
    formula: {
      line: 'parts + minutes/60·rate + outside, or price; each + days·day + chance·comeback',
      symbols: [
        ['day', 'what a day down costs'],
        ['comeback', 'what one costs'],
      ],
      source: 'expected cost',
      assumed: [],
    },
  },
  gives: {
    repair: ['Repair', 'money'],
    new: ['New', 'money'],
    better: ['Cheaper'],
    by: ['By', 'money'],
    evenRepairDays: ['Even at days of repair', 'd'],
    evenComeback_percent: ['Even at a chance of a comeback', '%'],
  },
});
