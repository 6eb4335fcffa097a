import type { Count, Difference } from '@/core/records/merge';
import type { ShopUnit } from '@/core/quantity/units';
import { fieldName, fieldWords } from '@/core/wording/fieldWords';
import type { Effect, PlannedLine } from '@/data/transfer/planned';
import type { NotTaken } from '@/data/transfer/plan';
import { whereWords } from '@/core/wording/shelf';
import type { Misplaced } from '@/data/transfer/misplaced';
import { WHOLE } from '@/data/transfer/choices';
import { listed, paragraph, say } from '@/core/wording/say';
import { sayShop } from './sayShop';

const EFFECT = {
  add: 'shop.importAdd',
  merge: 'shop.importMerge',
  older: 'shop.importOlder',
  unreadable: 'shop.importUnreadable',
  same: 'shop.importSame',
  newer: 'shop.importNewer',
} as const satisfies Readonly<Record<Effect, string>>;

/** So many changes of a record are said one by one. */
const SAID = 6;

function countWords({ others, ...readings }: Count): string {
  const counted = sayShop('shop.importCount', readings);
  return others > 0 ? sayShop('shop.importCountOthers', { others, readings: counted }) : counted;
}

/** Says what importing a record would do, and what comes to be otherwise by it. */
export function lineWords(line: PlannedLine, unit: ShopUnit): string {
  const { kind, name, effect, count, changed, kept } = line;
  const context = { kind, pump: line.pump, unit };
  const sentences = [say(EFFECT[effect], { record: say('shop.record', { kind, name }) })];
  if (count && effect !== 'same') sentences.push(countWords(count));
  for (const { field, here, file } of changed.slice(0, SAID)) {
    sentences.push(
      sayShop('shop.importChange', {
        field: fieldName(context, field, file ?? here),
        here: fieldWords(context, field, here, file),
        file: fieldWords(context, field, file, here),
      }),
    );
  }
  if (line.relabelled) {
    sentences.push(sayShop('shop.importRelabelled', { label: name, other: line.relabelled }));
  }
  const more = changed.length - SAID;
  if (more > 0) sentences.push(sayShop('shop.importChangeMore', { more }));
  if (kept.length > 0) {
    const names = kept.map(({ field, here, file }) => fieldName(context, field, here ?? file));
    sentences.push(
      sayShop('shop.importKept', { fields: listed([...new Set(names)].slice(0, SAID)) }),
    );
  }
  return paragraph(...sentences);
}

/** What is shown of a field that a person chooses. */
export interface ClashWords {
  readonly title: string;
  readonly here: string;
  readonly file: string;
}

/** Says what both copies have in a field that was changed in both. */
export function clashWords(line: PlannedLine, clash: Difference, unit: ShopUnit): ClashWords {
  const { kind, name, pump } = line;
  const record = say('shop.record', { kind, name });
  if (clash.field === WHOLE) {
    const title = sayShop('shop.clashOf', { record, field: sayShop('shop.wholeRecord') });
    return { title, here: 'All as here', file: 'All as in the file' };
  }
  const context = { kind, pump, unit };
  const field = fieldName(context, clash.field, clash.here ?? clash.file);
  return {
    title: sayShop('shop.clashOf', { record, field }),
    here: sayShop('shop.clashHere', {
      value: fieldWords(context, clash.field, clash.here, clash.file),
    }),
    file: sayShop('shop.clashFile', {
      value: fieldWords(context, clash.field, clash.file, clash.here),
    }),
  };
}

/** Says how many records are here as they are in the file. */
export const sameWords = (count: number): string => sayShop('shop.alreadyHere', { count });

/** Says why a record is not taken. */
export function notTakenWords({ kind, name, problems }: NotTaken): string {
  const why = paragraph(...problems.map((p) => say('shop.fileProblem', p)));
  return sayShop('shop.importRefused', { record: say('shop.record', { kind, name }), why });
}

/** Says what becomes of the photos; empty where there are none. */
export function photoWords(lines: readonly PlannedLine[]): string {
  const photos = lines.filter(({ kind }) => kind === 'photo');
  if (photos.length === 0) return '';
  const here = photos.filter(({ effect }) => effect !== 'add').length;
  const counted = sayShop('shop.importPhotos', { count: photos.length });
  return here > 0 ? sayShop('shop.importPhotosHere', { here, photos: counted }) : counted;
}

/** Says of a part that two records say different things of it, and what can be done. */
export function misplacedWords({ label, tag, part }: Misplaced): string {
  const place = whereWords(part) || 'on the shelf';
  return tag === null
    ? sayShop('shop.misplacedShelf', { label, tag: part.takenFor })
    : sayShop('shop.misplacedJob', { label, tag, place });
}
