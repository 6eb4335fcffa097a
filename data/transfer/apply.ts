import { chosenFrom, WHOLE, type SideChoice } from './choices';
import { checkChange } from '../../core/records/changed';
import type { RecordKind } from '../../core/records/kind';
import { FileError } from '../../core/records/problems';
import { foundBy } from '../../core/records/readFile';
import { say } from '../../core/wording/say';
import { aloneInStore, whileLabelsHold } from '../locks';
import { heldApart } from './labels';
import { misplacedBy, type Misplaced } from './misplaced';
import { keyOf, opened } from '../opened';
import { textsInPlace } from '../texts';
import { sealKey } from '../seal';
import { dropTexts, readTexts, writeTexts } from '../storage';
import { announce } from '../tabs';
import { plannedFor, plannedTrace, type Planned } from './planned';
import type { Trace } from '../../core/records/trace';
import { type ImportPlan, type NotTaken } from './plan';
import type { Course } from './progress';
import type { Source } from './source';

/** So much text of pictures is written at once. */
const AT_ONCE = 8_000_000;

/** The pictures that were written, by their keys, and those that turned out to be odd. */
interface Pictures {
  readonly written: readonly string[];
  readonly notTaken: readonly NotTaken[];
}

/** Writes the pictures that a plan takes; an odd one costs itself. Nobody shows them until their jobs are written. */
async function writePictures(
  wanted: ReadonlySet<string>,
  source: Source,
  course: Course,
): Promise<Pictures> {
  const notTaken: NotTaken[] = [];
  const written: string[] = [];
  let batch: Record<string, string | null> = {};
  let size = 0;
  let done = 0;
  const flush = async () => {
    await writeTexts(batch, 'relaxed');
    written.push(...Object.keys(batch));
    batch = {};
    size = 0;
  };
  try {
    for await (const photo of source.pictures(wanted)) {
      await course.at('Photos', done++, wanted.size);
      const place = say('storage.photo', { id: photo.id });
      const { record, problems } = foundBy({ kind: 'photo', place, raw: photo }, () => {
        checkChange('photo', null, photo);
        return photo;
      });
      if (!record) {
        notTaken.push({ kind: 'photo', name: photo.id, problems, raw: photo });
        continue;
      }
      Object.assign(batch, textsInPlace('photo', photo, new Map()));
      size += photo.jpeg.length;
      if (size > AT_ONCE) await flush();
    }
    await flush();
  } catch (error) {
    await dropTexts(written).catch(() => undefined);
    throw error;
  }
  return { written, notTaken };
}

/**
 * Returns what has to be written of a record now: brought together anew by what was chosen, or where it changed since the
 * plan was made.
 *
 * @throws FileError where something would have to be chosen that nobody was shown
 */
async function upToDate(
  planned: Planned,
  seal: string | null,
  choices: readonly SideChoice[],
): Promise<Planned> {
  const { kind, id, file, base, clashes } = planned;
  if (seal === planned.basis && clashes.length === 0) return planned;
  const record = file ?? opened(kind, id, new Map(Object.entries(planned.texts)))?.record;
  if (!record) return planned;
  if (kind === 'trace') return plannedTrace(record as Trace);
  const anew = await plannedFor<RecordKind>(kind, record, {
    choose: chosenFrom(choices, kind, id),
    base,
  });
  if (anew.clashes.length === 0) return anew;
  throw anew.clashes.some(({ field }) => field === WHOLE)
    ? refusal(planned, NOT_TOGETHER)
    : refusal(planned, CHANGED_SINCE);
}

type Texts = Record<string, string | null>;

/** What was left out, and what has to be looked at, once a file is taken. */
export interface Applied {
  /** The pictures that could not be taken after all. */
  readonly notTaken: readonly NotTaken[];
  /** The parts that two records say different things of. */
  readonly misplaced: readonly Misplaced[];
}

const refusal = ({ kind, name }: Planned, message: string): FileError =>
  new FileError([{ place: say('shop.record', { kind, name }), message }]);

/** Said where a person chose some from here and some from the file that make no whole record. */
const NOT_TOGETHER =
  'What was chosen does not go together. Nothing was imported: choose the file again, and take all of it from one side.';

/** Said where what a file brings was changed here as well while somebody looked at it. */
const CHANGED_SINCE =
  'It was changed here while you looked at the file. Nothing was imported: choose the file again.';

/**
 * Does what a plan says and a person chose, all of it or nothing. What was changed since the plan was made is brought
 * together once more, so that nothing of it is lost.
 *
 * @throws Cancelled, StorageError, FileError where something was changed here meanwhile that the file changes too
 */
export async function applyImport(
  { planned }: ImportPlan,
  source: Source,
  course: Course,
  choices: readonly SideChoice[] = [],
): Promise<Applied> {
  const records = planned.filter(
    ({ texts, clashes }) => clashes.length > 0 || Object.keys(texts).length > 0,
  );
  const pictures = new Set(
    planned.flatMap(({ kind, id, effect }) => (kind === 'photo' && effect === 'add' ? [id] : [])),
  );
  const { odd, taken } = await whileLabelsHold(() =>
    aloneInStore(async () => {
      const { written, notTaken: odd } = await writePictures(pictures, source, course);
      try {
        const keys = records.map(({ kind, id }) => sealKey(keyOf(kind, id)));
        const seals = await readTexts(keys);
        const now: Planned[] = [];
        for (const [i, record] of records.entries()) {
          await course.at('Writing', i, records.length);
          now.push(await upToDate(record, seals[keys[i] ?? ''] ?? null, choices));
        }
        const apart = await heldApart(now);
        // A table says its labels itself.
        const refused = source.whole ? apart.find((one, i) => one !== now[i]) : undefined;
        if (refused) throw refusal(refused, CHANGED_SINCE);
        await writeTexts(Object.assign({}, ...apart.map(({ texts }) => texts)) as Texts);
        return { odd, taken: apart };
      } catch (error) {
        await dropTexts(written).catch(() => undefined);
        throw error;
      }
    }),
  );
  announce('everything');
  return { notTaken: odd, misplaced: await misplacedBy(taken) };
}
