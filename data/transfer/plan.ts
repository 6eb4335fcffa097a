import { checkChange } from '../../core/records/changed';
import type { Kinds } from '../../core/records/decode';
import { idIn } from '../../core/records/file';
import {
  merged,
  type Bringing,
  sawBefore,
  type Choose,
  type Count,
  type Difference,
  type Merge,
} from '../../core/records/merge';
import { isLoose, type RecordKind } from '../../core/records/migrate';
import type { Photo } from '../../core/records/photo';
import { FileError, type FileProblem } from '../../core/records/problems';
import type { PumpKind } from '../../core/pumps/registry';
import { deviceHere } from '../device';
import {
  asideKey,
  FAR,
  goneKey,
  keyOf,
  load,
  opened,
  photosOf,
  readAll,
  textsInPlace,
  textsInstead,
  UnreadableRecord,
} from '../records';
import { sealKey } from '../seal';
import { WHOLE } from './choices';
import { heldApart } from './labels';
import { keysUnder, readText } from '../storage';
import type { PhotoHead } from './pictures';
import type { Course } from './progress';
import type { Offered, Source } from './source';
import { say } from '../../core/wording/say';

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

/** A record that is not taken, why, and as it lies in the file. */
export interface NotTaken {
  readonly kind: RecordKind;
  readonly name: string;
  readonly problems: readonly FileProblem[];
  readonly raw: unknown;
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
}

/** What an import would do. Nothing was changed yet. */
export interface ImportPlan {
  readonly planned: readonly Planned[];
  readonly notTaken: readonly NotTaken[];
  readonly notes: readonly string[];
}

const NAME: { [K in RecordKind]: (record: Kinds[K]) => string } = {
  job: ({ tag }) => tag,
  sheet: ({ model }) => model,
  study: ({ what }) => what,
  part: ({ label }) => label,
  photo: () => 'photo',
  shop: () => 'settings and instruments',
};

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
  'What was done on it there does not go with the one here: they are of different pumps. Nothing of it was taken.';

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

/**
 * Returns what would become of a record of a file beside the one of its id that is here.
 *
 * @throws FileError where the two come to no sound record, whatever is chosen
 */
export async function plannedFor<K extends RecordKind>(
  kind: K,
  file: Kinds[K],
  { choose = UNASKED, base = null }: Partial<Pick<Bringing, 'choose' | 'base'>> = {},
): Promise<Planned> {
  const key = keyOf(kind, file.id);
  const there = await readAll(kind, file.id);
  const device = await deviceHere();
  const line = {
    ...{
      kind,
      id: file.id,
      name: NAME[kind](file),
      pump: null,
      count: null,
      file: null,
      base,
      relabelled: null,
    },
    ...{ changed: [], kept: [], clashes: [], basis: there.get(sealKey(key)) ?? null },
  };
  const anew = async (effect: Effect): Promise<Planned> => {
    const gone = Number(await readText(goneKey(key))) || 0;
    const record = sawBefore(file, device, effect === 'unreadable' ? FAR : gone);
    return { ...line, effect, photos: photosOf(record), texts: textsInPlace(kind, record, there) };
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
    ...{ ...line, count, changed, kept, clashes, effect: effectOf(merge) },
    pump: changed.length + kept.length + clashes.length > 0 ? await pumpIn(file) : null,
    ...{ file: record === here && clashes.length === 0 ? null : file, photos: photosOf(record) },
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

/** The kinds of record that photos belong to. */
const SHOWING: readonly RecordKind[] = ['job', 'part'];

const problem = (place: string, message: string): FileProblem[] => [{ place, message }];

/** Everything that is known of a file while its records come, one at a time. */
class Planning {
  readonly planned: Planned[] = [];
  readonly notTaken: NotTaken[] = [];
  /** The record that each photo belongs to: as the file says, or as it is here. */
  private readonly owners = new Map<string, string>();
  private readonly pictures: { head: PhotoHead; place: string }[] = [];
  /** The photos that each job or loose part of the file shows. */
  private readonly shown = new Map<string, readonly string[]>();

  async take(offered: Offered): Promise<void> {
    if ('head' in offered) return this.takePhoto(offered.head, offered.place);
    const { kind, record, problems, raw } = offered;
    if (!record) return this.refuse(kind, raw, problems);
    if (kind === 'photo') return this.takePhoto(record as Photo, offered.place);
    if ('photos' in record) {
      this.shown.set(
        record.id,
        record.photos.map(({ id }) => id),
      );
    }
    try {
      this.planned.push(
        await plannedFor<RecordKind>(kind, record, {
          base: 'base' in offered ? offered.base : null,
        }),
      );
    } catch (error) {
      if (!(error instanceof FileError)) throw error;
      this.refuse(kind, raw, error.problems);
    }
  }

  private refuse(kind: RecordKind, raw: unknown, problems: readonly FileProblem[]): void {
    const loose = (isLoose(raw) ? raw : {}) as Partial<
      Record<'tag' | 'label' | 'model' | 'what', unknown>
    >;
    const name = [loose.tag, loose.label, loose.model, loose.what, idIn(raw)].find(
      (n) => typeof n === 'string' && n,
    );
    this.notTaken.push({ kind, name: String(name ?? 'without a name'), problems, raw });
  }

  private takePhoto(head: PhotoHead, place: string): void {
    this.owners.set(head.id, head.job);
    this.pictures.push({ head, place });
  }

  /** Refuses what shows a photo of something else, then takes the photos of what is left. */
  async end(here: ReadonlySet<string>): Promise<void> {
    for (const [owner, photos] of this.shown) {
      const foreign = await this.foreignPhoto(owner, photos, here);
      if (foreign === null) continue;
      const at = this.planned.findIndex(({ kind, id }) => SHOWING.includes(kind) && id === owner);
      const [out] = at < 0 ? [] : this.planned.splice(at, 1);
      if (!out) continue;
      const message = say('storage.foreignPhoto', { photo: foreign });
      this.notTaken.push({
        kind: out.kind,
        name: out.name,
        problems: problem('photos', message),
        raw: out.texts,
      });
    }
    const taken = new Map(
      this.planned.flatMap(({ kind, id, photos }) =>
        SHOWING.includes(kind) ? [[id, photos] as const] : [],
      ),
    );
    for (const { head, place } of this.pictures) {
      const photos = taken.get(head.job);
      const belongs = photos && this.shown.get(head.job)?.includes(head.id);
      // A photo that was taken away here since stays so.
      if (belongs && photos.includes(head.id)) this.planned.push(plannedPhoto(head, here));
      else if (!belongs)
        this.refuse('photo', head, problem(place, 'It belongs to nothing that is imported.'));
    }
  }

  /** Returns the first photo of a job or a loose part that is another's; null for none. */
  private async foreignPhoto(
    shownBy: string,
    photos: readonly string[],
    here: ReadonlySet<string>,
  ): Promise<string | null> {
    for (const id of photos) {
      const inFile = this.owners.get(id);
      if (inFile !== undefined && inFile !== shownBy) return id;
      const owner = here.has(keyOf('photo', id)) ? await ownerHere(id) : null;
      if (owner !== null && owner !== shownBy) return id;
    }
    return null;
  }
}

/** Returns the owner of a photo that is here; null where it cannot be read. */
async function ownerHere(id: string): Promise<string | null> {
  const photo = await load('photo', id).catch(() => null);
  return photo?.job ?? null;
}

/** A photo is never changed: one that is here stays. */
function plannedPhoto({ id }: PhotoHead, here: ReadonlySet<string>): Planned {
  const effect = here.has(keyOf('photo', id)) ? 'same' : 'add';
  return {
    kind: 'photo',
    id,
    name: 'photo',
    effect,
    count: null,
    ...{ changed: [], kept: [], clashes: [], pump: null, file: null, base: null, photos: [] },
    relabelled: null,
    basis: null,
    texts: {},
  };
}

/**
 * Looks at every record of a file and says what importing it would do. Nothing is changed.
 *
 * @throws FileError with everything that is wrong where nothing can be taken: the file is none of
 *   ours, or it is a single job and something in it is wrong; Cancelled
 */
export async function planImport(source: Source, course: Course): Promise<ImportPlan> {
  const planning = new Planning();
  for await (const offered of source.records(course)) await planning.take(offered);
  await planning.end(new Set(await keysUnder('photo/')));
  const { planned, notTaken } = planning;
  for (const { key, raw } of source.aside) {
    const problems = problem(
      key,
      'It could not be read where the backup was made. It is in the backup as it was.',
    );
    notTaken.push({ kind: key.split('/')[0] as RecordKind, name: key, problems, raw });
  }
  if (source.whole && notTaken.length > 0) {
    throw new FileError(notTaken.flatMap(({ problems }) => problems));
  }
  return { planned: await heldApart(planned), notTaken, notes: source.notes };
}
