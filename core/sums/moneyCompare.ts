import { object } from 'yup';
import { repairOrNew } from '../workshop/repairOrNew';
import { perhaps, usually } from './fields';
import { sum } from './sum';

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
    repairComeback_percent: chance('Chance that the repair comes back'),
    newComeback_percent: chance('Chance that a new one comes back'),
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
  gives: {
    repair: ['Repair', 'money'],
    new: ['New', 'money'],
    better: ['Cheaper'],
    by: ['By', 'money'],
    evenRepairDays: ['Even at days of repair', 'd'],
    evenComeback_percent: ['Even at a chance of a comeback', '%'],
  },
});
