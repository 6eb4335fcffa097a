import { hasRole } from '@/core/pumps/kinds';
import { pumpOf } from '@/core/pumps/registry';
import { InputError } from '@/core/errors';
import { trimmed } from '@/core/quantity/format';
import { parseNumber } from '@/core/quantity/parse';
import { type Sheet } from '@/core/records/sheet';
import { TORQUE_UNITS } from '@/core/records/torqueUnits';
import { count, difference, numeral, range, sum, words, type Written } from '@/core/schema/written';
import { say } from '@/core/wording/say';
import { TORQUE_NAME } from '@/core/wording/torque';
import { saySheets } from '../saySheets';
import { newId } from '@/data/create';
import type { Lists, Of, Offered } from './list';

/** What is bought and what is bolted, as text. */
export interface WorkForms {
  sets: { id: string; name: string; over: string; price: string; days: string }[];
  fasteners: (Omit<Of<'fasteners'>, 'count' | 'torque' | 'torqueTo'> & {
    count: string;
    torque: string;
  })[];
}

const TORQUE_FAULT = 'Write the torque as one number, or as a range: 60–65.';

const torqueEnd: Written<number> = { ...numeral, write: (torque) => trimmed(torque, 2) };
const torqueRange = range(torqueEnd, { order: TORQUE_FAULT, ends: TORQUE_FAULT }, 'first');

/** A torque, or the two ends of one as the book gives them. */
const torque: typeof torqueRange = {
  ...torqueRange,
  read: (text, unit) => {
    if (/^\s*[–—-]|[–—-]\s*$/.test(text)) throw new InputError('text', 'half', TORQUE_FAULT);
    return torqueRange.read(text, unit);
  },
};

const isWithin = (text: string): boolean => {
  const ends = text.split(/[–—-]/).map((end) => parseNumber(end));
  return ends.every((end) => end === null || !Number.isFinite(end) || (end > 0 && end <= 5000));
};

/** A new entry of the list of gear sets. */
export const newSet = (id: string): WorkForms['sets'][number] => ({
  id,
  name: '',
  over: '',
  price: '',
  days: '',
});

/** Tells whether a pump has gears or rotors that are bought as a set. */
export const hasSets = (sheet: Sheet): boolean =>
  pumpOf(sheet).parts.some((part) => hasRole(part, 'set'));

/** Returns the lists of the gear sets and the bolts of a pump. */
export const workLists = ({ unit }: Offered): Lists<WorkForms> => ({
  sets: {
    title: 'Gears of another width',
    about:
      'Sets that can be bought wider or narrower than standard: an end clearance out of limits may need no cut.',
    blank: () => newSet(newId()),
    kept: ['id'],
    fields: [
      {
        name: 'name',
        label: 'Gear set',
        as: words,
        need: 'Enter a name for the gear set.',
        width: 150,
      },
      {
        name: 'over',
        key: 'over_mm',
        label: say('sheets.wider', { unit }),
        as: difference,
        need: 'Enter how much wider it is; below 0 where it is narrower.',
        none: 0,
        width: 100,
      },
      { name: 'price', label: 'Price', as: sum(2, 0), width: 100 },
      { name: 'days', label: 'Days', as: sum(1, 0), width: 100 },
    ],
  },
  fasteners: {
    title: '',
    about: '',
    blank: () => ({
      id: newId(),
      name: '',
      thread: '',
      count: '1',
      torque: '',
      unit: 'Nm',
      note: '',
    }),
    kept: ['id'],
    fields: [
      { name: 'name', label: 'Bolts', need: 'Enter a name for these bolts.', width: 150 },
      { name: 'thread', label: 'Thread', width: 90 },
      {
        name: 'count',
        label: 'Qty',
        as: count(1, 99, 'Enter 1 to 99.'),
        inputMode: 'numeric',
        width: 120,
      },
      {
        name: 'torque',
        key: ['torque', 'torqueTo'],
        label: 'Torque, or 60–65',
        as: torque,
        width: 150,
      },
      {
        name: 'unit',
        label: (number) => saySheets('sheets.torqueUnit', { number }),
        look: 'choice',
        options: TORQUE_UNITS.map((value) => ({ value, name: TORQUE_NAME[value] })),
      },
      { name: 'note', label: 'Note: pattern, thread lock, replace' },
    ],
    check: (row, wrong) => {
      if (!isWithin(row.torque))
        wrong('torque', saySheets('sheets.torqueRange', { unit: row.unit }));
    },
  },
});
