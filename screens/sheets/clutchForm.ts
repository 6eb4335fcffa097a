import { MOST_WASHERS, type Clutch } from '@/core/pumps/teardown/clutch';
import type { Reader } from './formReader';
import { say } from '@/core/wording/say';

/** A one-way clutch as text: its counts are empty where nobody has said. */
export type ClutchFields = Omit<Clutch, 'washers' | 'pins'> & { washers: string; pins: string };

const text = (count: number | null): string => (count === null ? '' : String(count));

export const toClutchForm = (clutches: readonly Clutch[]): ClutchFields[] =>
  clutches.map((c) => ({ ...c, washers: text(c.washers), pins: text(c.pins) }));

/** What the form says of the clutches; what is missing or cannot be is noted with its path. */
export const fromClutchForm = (clutches: readonly ClutchFields[], read: Reader): Clutch[] =>
  clutches.map((c, i) => {
    const counted = (field: 'washers' | 'pins', most: number) => {
      const path = `clutches.${i}.${field}`;
      const n = read.number(path, c[field]);
      if (n === null || (Number.isInteger(n) && n >= 0 && n <= most)) return n;
      read.wrong(path, say('sheets.howMany', { most }));
      return null;
    };
    const name = c.name.trim();
    if (name === '') read.wrong(`clutches.${i}.name`, 'A clutch needs a name.');
    return { ...c, name, washers: counted('washers', MOST_WASHERS), pins: counted('pins', 99) };
  });
