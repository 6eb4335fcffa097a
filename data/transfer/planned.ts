import { piecesIn } from '../../core/journal/pieces';
import { checkChange } from '../../core/records/changed';
import type { Kinds } from '../../core/records/decode';
import {
  merged,
  type Bringing,
  type Choose,
  type Count,
  type Difference,
  type Merge,
} from '../../core/records/merge';
import { sawBefore } from '../../core/records/written';
import type { RecordKind } from '../../core/records/kind';
import { FileError } from '../../core/records/problems';
import type { PumpKind } from '../../core/pumps/registry';
import { deviceHere } from '../device';
import { asideKey, keyOf, load, opened, readAll, UnreadableRecord } from '../opened';
import { FAR, goneKey, orNull, photosOf, textsInBulk, textsInstead } from '../texts';
import type { Trace } from '../../core/records/trace';
import { sealKey } from '../seal';
import { WHOLE } from './choices';
import { readText } from '../storage';

/**
 * What importing a record would do to what is kept here: `add` it, `merge` it with the one that is
 * here, put it in the place of an `older` one or of one that cannot be read, or nothing, where it is
 * here already, as it is (`same`) or `newer`.
 */
export type Effect = 'add' | 'merge' | 'older' | 'unreadable' | 'same' | 'newer';

/** What is shown of a record before it is imported. */
export interface PlannedLine {
  readonly kind: RecordKind;
  readonly id: string;
  readonly name: string;
  readonly effect: Effect;
  readonly count: Count | null;
  /** What comes to be otherwise here than it was. */
  readonly changed: readonly Difference[];
  /** What the file says otherwise and what stays as it is here: the file is older there. */
  readonly kept: readonly Difference[];
  /** What was changed here and in the file since they were last the same: a person chooses. */
  readonly clashes: readonly Difference[];
  /** The label that a part gets because its own is on another part here; null where it keeps its own. */
  readonly relabelled: string | null;
  /** The pump that its fields are of, so that they can be named; null where they are of none, or it is not known. */
  readonly pump: PumpKind | null;
}

/** A record that is to be written. */
export interface Planned extends PlannedLine {
  /** What has to be written, by key; of a photo whose picture is still in the file, nothing yet. */
  readonly texts: Readonly<Record<string, string | null>>;
  /** The seal of the record that it was brought together with; null where there was none. */
  readonly basis: string | null;
  /** The record as it lies in the file, where it is brought together with one that is here; null where that needs nothing. */
  readonly file: Kinds[RecordKind] | null;
  /** What a table was made of, by field; null for a file that says itself who wrote what. */
  readonly base: ReadonlyMap<string, unknown> | null;
  /** The photos that it shows once it is taken. */
  readonly photos: readonly string[];
  /** The parts from the shelf that a job has in its pump once it is taken. */
  readonly pieces: readonly string[];
}

const NAME: { [K in RecordKind]: (record: Kinds[K]) => string } = {
  job: ({ tag }) => tag,
  sheet: ({ model }) => model,
  study: ({ what }) => what,
  part: ({ label }) => label,
  photo: () => 'photo',
  trace: () => 'run',
  shop: () => 'settings and instruments',
};

/** What is planned where nothing is brought together. */
const NOTHING_PLANNED = {
  count: null,
  changed: [],
  kept: [],
  clashes: [],
  relabelled: null,
  pump: null,
  file: null,
  base: null,
} as const;

/** Chooses nothing. */
const UNASKED: Choose = () => null;

/** Tells whether what two copies come to is a record that holds together. */
function isSound<K extends RecordKind>(kind: K, here: Kinds[K], record: Kinds[K]): boolean {
  try {
    checkChange(kind, here, record);
    return true;
  } catch (error) {
    if (error instanceof FileError) return false;
    throw error;
  }
}

/** Said of a record whose copies cannot be brought together. */
const APART =
  'What was done on it there does not fit the one that is here, and the other way round. Nothing of it was taken.';

/**
 * Brings two copies together. Where their fields do not go together it is asked once whose all of them are: the file's, with
 * what was done here, or those that are here, and nothing of the file.
 *
 * @throws FileError where what was done in the one does not go with the other
 */
function mergedSoundly<K extends RecordKind>(
  kind: K,
  here: Kinds[K],
  file: Kinds[K],
  bringing: Bringing,
): Merge<Kinds[K]> {
  const merge = merged(kind, here, file, bringing);
  if (merge.record === here || isSound(kind, here, merge.record)) return merge;
  const theirs = merged(kind, here, file, { ...bringing, choose: () => 'file', asks: 'all' });
  if (!isSound(kind, here, theirs.record)) {
    throw new FileError([{ place: 'the record', message: APART }]);
  }
  const whole = { field: WHOLE, here: null, file: null };
  const side = bringing.choose(whole);
  if (side === 'file') return theirs;
  const stays = { ...merge, record: here, changed: [], kept: [], asInFile: false };
  return side === 'here' ? { ...stays, count: null, clashes: [] } : { ...stays, clashes: [whole] };
}

/** Says what a merge does to the record that is here. */
function effectOf({ changed, clashes, count, asInFile }: Merge<unknown>): Effect {
  if (clashes.length > 0) return 'merge';
  const brings = changed.length + (count ? count.fresh + count.others : 0) > 0;
  if (brings) return asInFile ? 'older' : 'merge';
  return asInFile ? 'same' : 'newer';
}

/** What is known of a record before it is planned. */
interface Planning extends Partial<Pick<Bringing, 'choose' | 'base'>> {
  /** Nothing lies here under its id, nor ever did: it need not be looked for. */
  readonly isNew?: boolean;
}

const NOTHING_THERE: ReadonlyMap<string, null> = new Map();

/** Lists what belongs to a record and lies elsewhere. */
const holdings = (record: Kinds[RecordKind]) => ({
  photos: photosOf(record),
  pieces: 'journal' in record ? piecesIn(record).map(({ id }) => id) : [],
});

/**
 * Returns what would become of a record of a file beside the one of its id that is here.
 *
 * @throws FileError where the two come to no sound record, whatever is chosen
 */
export async function plannedFor<K extends RecordKind>(
  kind: K,
  file: Kinds[K],
  { choose = UNASKED, base = null, isNew = false }: Planning = {},
): Promise<Planned> {
  const key = keyOf(kind, file.id);
  const there = isNew ? NOTHING_THERE : await readAll(kind, file.id);
  const device = await deviceHere();
  const line = {
    ...NOTHING_PLANNED,
    kind,
    id: file.id,
    name: NAME[kind](file),
    base,
    basis: there.get(sealKey(key)) ?? null,
  };
  const anew = async (effect: Effect): Promise<Planned> => {
    const gone = isNew ? 0 : Number(await readText(goneKey(key))) || 0;
    const record = sawBefore(file, device, effect === 'unreadable' ? FAR : gone);
    return { ...line, effect, ...holdings(record), texts: textsInBulk(kind, record, there) };
  };
  let here: Kinds[K] | null;
  try {
    here = opened(kind, file.id, there)?.record ?? null;
  } catch (error) {
    if (!(error instanceof UnreadableRecord)) throw error;
    const taken = await anew('unreadable');
    return { ...taken, texts: { ...taken.texts, [asideKey(key)]: error.raw } };
  }
  if (!here) return anew('add');
  const merge = mergedSoundly(kind, here, file, { choose, device, base });
  const { record, count, changed, kept, clashes } = merge;
  return {
    ...line,
    count,
    changed,
    kept,
    clashes,
    effect: effectOf(merge),
    pump: changed.length + kept.length + clashes.length > 0 ? await pumpIn(file) : null,
    file: record === here && clashes.length === 0 ? null : file,
    ...holdings(record),
    texts: record === here || clashes.length > 0 ? {} : textsInstead(kind, here, record, there),
  };
}

/** Returns the pump that the fields of a sheet or a loose part are of; null for none, or where its sheet is not here. */
async function pumpIn(record: Kinds[RecordKind]): Promise<PumpKind | null> {
  if ('geometry' in record) return { family: record.family, geometry: record.geometry };
  if (!('parts' in record && 'sizes' in record)) return null;
  const sheet = await load('sheet', record.sheet).catch(() => null);
  return sheet && { family: sheet.family, geometry: sheet.geometry };
}

/** Returns what becomes of a piece of a run: one that grew since is the same run, longer. */
export async function plannedTrace(file: Trace): Promise<Planned> {
  const there = await readAll('trace', file.id);
  const here = orNull(() => opened('trace', file.id, there)?.record ?? null);
  const effect =
    here === null ? 'add' : file.samples.length > here.samples.length ? 'older' : 'same';
  return {
    ...NOTHING_PLANNED,
    kind: 'trace',
    id: file.id,
    name: NAME.trace(file),
    basis: there.get(sealKey(keyOf('trace', file.id))) ?? null,
    photos: [],
    pieces: [],
    texts: effect === 'same' ? {} : textsInBulk('trace', file, there),
    effect,
  };
}

/** Returns what becomes of a photo: it is never changed, and one that is here stays. */
export const plannedPhoto = (id: string, isHere: boolean): Planned => ({
  ...NOTHING_PLANNED,
  kind: 'photo',
  id,
  name: 'photo',
  basis: null,
  photos: [],
  pieces: [],
  texts: {},
  effect: isHere ? 'same' : 'add',
});
