import { dequal } from 'dequal';
import { checkChange } from '../../core/records/changed';
import type { Kinds } from '../../core/records/decode';
import { idIn } from '../../core/records/file';
import { merged, type Count } from '../../core/records/merge';
import { isLoose, type RecordKind } from '../../core/records/migrate';
import type { Photo } from '../../core/records/photo';
import { FileError, type FileProblem } from '../../core/records/problems';
import { asideKey, keyOf, load, opened, readAll, textsInPlace, UnreadableRecord } from '../records';
import { sealKey } from '../seal';
import { keysUnder } from '../storage';
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
  /** What the file says otherwise and what stays as it is here. */
  readonly kept: readonly string[];
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

/** Returns what would become of a record of a file beside the one of its id that is here. */
export async function plannedFor<K extends RecordKind>(kind: K, file: Kinds[K]): Promise<Planned> {
  const key = keyOf(kind, file.id);
  const there = await readAll(kind, file.id);
  const basis = there.get(sealKey(key)) ?? null;
  const line = { kind, id: file.id, name: NAME[kind](file), basis };
  const take = (effect: Effect, record: Kinds[K], more: Partial<PlannedLine> = {}): Planned => ({
    ...{ ...line, count: null, kept: [], ...more },
    effect,
    texts: textsInPlace(kind, record, there),
  });
  let here: Kinds[K] | null;
  try {
    here = opened(kind, file.id, there)?.record ?? null;
  } catch (error) {
    if (!(error instanceof UnreadableRecord)) throw error;
    const anew = take('unreadable', file);
    return { ...anew, texts: { ...anew.texts, [asideKey(key)]: error.raw } };
  }
  if (!here) return take('add', file);
  const { record, count, kept } = merged(kind, here, file);
  if (record === here) {
    return { ...line, count, kept, effect: dequal(here, file) ? 'same' : 'newer', texts: {} };
  }
  checkChange(kind, here, record);
  const wentOnThere = record.revision === file.revision;
  return take(wentOnThere ? 'older' : 'merge', record, { count, kept });
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
      this.planned.push(await plannedFor<RecordKind>(kind, record));
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
    const taken = new Set(
      this.planned.flatMap(({ kind, id }) => (SHOWING.includes(kind) ? [id] : [])),
    );
    for (const { head, place } of this.pictures) {
      const belongs = taken.has(head.job) && this.shown.get(head.job)?.includes(head.id);
      if (belongs) this.planned.push(plannedPhoto(head, here));
      else this.refuse('photo', head, problem(place, 'It belongs to nothing that is imported.'));
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
    kept: [],
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
  return { planned, notTaken, notes: source.notes };
}
