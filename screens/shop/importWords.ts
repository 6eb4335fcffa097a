import type { Count } from '@/core/records/merge';
import type { Effect, NotTaken, PlannedLine } from '@/data/transfer/plan';

const KIND = { job: 'Job', sheet: 'Sheet', study: 'Study', shop: 'Shop:', photo: 'Photo' } as const;

const EFFECT: Readonly<Record<Effect, string>> = {
  add: 'will be added',
  merge: 'will be brought together with the one here',
  older: 'is newer in the file and takes the place of the one here',
  unreadable: 'takes the place of one here that cannot be read, which is set aside as it is',
  same: 'is here already, unchanged',
  newer: 'stays as it is here, which is newer',
};

/** Fields of records as a person would call them. */
const FIELD: Readonly<Record<string, string>> = {
  tag: 'tag number',
  createdAt: 'when it was opened',
  by: 'who measures',
  feeler: 'leaf set',
  key: 'what was found of its variant',
  part_C: 'temperature of the parts',
  shop_C: 'temperature of the shop',
  rules: 'house rules',
  tier: 'limits that apply',
};

const number = (n: number, one: string): string => `${n} ${n === 1 ? one : `${one}s`}`;

function countWords({ here, file, fresh, others }: Count): string {
  const more =
    others > 0 ? ` and ${number(others, 'other entry').replace('entrys', 'entries')}` : '';
  return `: here ${number(here, 'reading')}, in the file ${file}: ${fresh} new${more}`;
}

/** Says what importing a record would do. */
export function lineWords({ kind, name, effect, count, kept }: PlannedLine): string {
  const counted = count && effect !== 'same' ? countWords(count) : '';
  const otherwise =
    kept.length > 0 && effect !== 'older'
      ? ` Otherwise in the file, and left as it is here: ${kept.map((k) => FIELD[k] ?? k).join(', ')}.`
      : '';
  return `${KIND[kind]} ${name} ${EFFECT[effect]}${counted}.${otherwise}`;
}

/** Says how many records are here as they are in the file. */
export const sameWords = (count: number): string =>
  count === 1
    ? 'One record is here already, unchanged.'
    : `${count} records are here already, unchanged.`;

/** Says why a record is not taken. */
export function notTakenWords({ kind, name, problems }: NotTaken): string {
  const why = problems.map(({ place, message }) => `${place}: ${message}`).join(' ');
  return `${KIND[kind]} ${name}: ${why}`;
}

/** Says what becomes of the photos; empty where there are none. */
export function photoWords(lines: readonly PlannedLine[]): string {
  const photos = lines.filter(({ kind }) => kind === 'photo');
  if (photos.length === 0) return '';
  const fresh = photos.filter(({ effect }) => effect === 'add').length;
  const here = photos.length - fresh;
  const known = here > 0 ? ` ${here} of them ${here === 1 ? 'is' : 'are'} here already.` : '';
  return `${number(photos.length, 'photo')} with them.${known}`;
}
