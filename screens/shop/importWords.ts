import type { Count } from '@/core/records/merge';
import type { Effect, NotTaken, PlannedLine } from '@/data/transfer/plan';
import { listed, paragraph, say } from '@/core/wording/say';

const EFFECT = {
  add: 'shop.importAdd',
  merge: 'shop.importMerge',
  older: 'shop.importOlder',
  unreadable: 'shop.importUnreadable',
  same: 'shop.importSame',
  newer: 'shop.importNewer',
} as const satisfies Readonly<Record<Effect, string>>;

/** Fields of records as a person would call them. */
const FIELD: Readonly<Record<string, string>> = {
  tag: 'tag number',
  createdAt: 'when it was opened',
  by: 'measured by',
  feeler: 'leaf set',
  key: 'variant checks',
  part_C: 'temperature of the parts',
  shop_C: 'temperature of the shop',
  rules: 'house rules',
  tier: 'limits to use',
};

function countWords({ others, ...readings }: Count): string {
  const counted = say('shop.importCount', readings);
  return others > 0 ? say('shop.importCountOthers', { others, readings: counted }) : counted;
}

/** Says what importing a record would do. */
export function lineWords({ kind, name, effect, count, kept }: PlannedLine): string {
  const sentences = [say(EFFECT[effect], { record: say('shop.record', { kind, name }) })];
  if (count && effect !== 'same') sentences.push(countWords(count));
  if (kept.length > 0 && effect !== 'older') {
    sentences.push(say('shop.importKept', { fields: listed(kept.map((k) => FIELD[k] ?? k)) }));
  }
  return paragraph(...sentences);
}

/** Says how many records are here as they are in the file. */
export const sameWords = (count: number): string => say('shop.alreadyHere', { count });

/** Says why a record is not taken. */
export function notTakenWords({ kind, name, problems }: NotTaken): string {
  const why = paragraph(...problems.map((p) => say('shop.fileProblem', p)));
  return say('shop.importRefused', { record: say('shop.record', { kind, name }), why });
}

/** Says what becomes of the photos; empty where there are none. */
export function photoWords(lines: readonly PlannedLine[]): string {
  const photos = lines.filter(({ kind }) => kind === 'photo');
  if (photos.length === 0) return '';
  const here = photos.filter(({ effect }) => effect !== 'add').length;
  const counted = say('shop.importPhotos', { count: photos.length });
  return here > 0 ? say('shop.importPhotosHere', { here, photos: counted }) : counted;
}
