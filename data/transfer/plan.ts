import { idIn } from '../../core/records/readFile';
import { isLoose } from '../../core/records/loose';
import type { RecordKind } from '../../core/records/kind';
import { PHOTOGRAPHED, type Photo } from '../../core/records/photo';
import { FileError, type FileProblem } from '../../core/records/problems';
import { keyOf, load } from '../opened';
import { heldApart } from './labels';
import { keysUnder } from '../storage';
import type { PhotoHead } from './pictures';
import type { Course } from './progress';
import type { Offered, Source } from './source';
import { say } from '../../core/wording/say';
import { plannedFor, plannedPhoto, plannedTrace, type Planned } from './planned';
import type { Trace } from '../../core/records/trace';

/** A record that is not taken, why, and as it lies in the file. */
export interface NotTaken {
  readonly kind: RecordKind;
  readonly name: string;
  readonly problems: readonly FileProblem[];
  readonly raw: unknown;
}

/** What an import would do. Nothing was changed yet. */
export interface ImportPlan {
  readonly planned: readonly Planned[];
  readonly notTaken: readonly NotTaken[];
  readonly notes: readonly string[];
}

/** Tells whether photos belong to records of a kind. */
const isShowing = (kind: RecordKind): boolean => PHOTOGRAPHED.some((one) => one === kind);

const problem = (place: string, message: string): FileProblem[] => [{ place, message }];

/** Everything that is known of a file while its records come, one at a time. */
class Planning {
  /** @param here all that the keys in storage name: most records of a backup are not there, and need not be looked for */
  constructor(private readonly here: ReadonlySet<string>) {}

  readonly planned: Planned[] = [];
  readonly notTaken: NotTaken[] = [];
  /** The record that each photo belongs to: as the file says, or as it is here. */
  private readonly owners = new Map<string, string>();
  private readonly pictures: { head: PhotoHead; place: string }[] = [];
  private readonly pieces: { trace: Trace; place: string }[] = [];
  /** The photos that each job, loose part or sheet of the file shows. */
  private readonly shown = new Map<string, readonly string[]>();

  async take(offered: Offered): Promise<void> {
    if ('head' in offered) return this.takePhoto(offered.head, offered.place);
    const { kind, record, problems, raw } = offered;
    if (!record) return this.refuse(kind, raw, problems);
    if (kind === 'photo') return this.takePhoto(record as Photo, offered.place);
    if (kind === 'trace') {
      this.pieces.push({ trace: record as Trace, place: offered.place });
      return;
    }
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
          isNew: !this.here.has(record.id),
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
      const at = this.planned.findIndex(({ kind, id }) => isShowing(kind) && id === owner);
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
        isShowing(kind) ? [[id, photos] as const] : [],
      ),
    );
    for (const { head, place } of this.pictures) {
      const photos = taken.get(head.job);
      const belongs = photos && this.shown.get(head.job)?.includes(head.id);
      // A photo that was taken away here since stays so.
      if (belongs && photos.includes(head.id)) {
        this.planned.push(plannedPhoto(head.id, here.has(keyOf('photo', head.id))));
      } else if (!belongs)
        this.refuse('photo', head, problem(place, 'It belongs to nothing that is imported.'));
    }
  }

  /** Takes the runs of the jobs that are taken, and refuses others. */
  async endRuns(): Promise<void> {
    const jobs = new Set(this.planned.flatMap(({ kind, id }) => (kind === 'job' ? [id] : [])));
    for (const { trace, place } of this.pieces) {
      if (jobs.has(trace.job)) this.planned.push(await plannedTrace(trace));
      else this.refuse('trace', trace, problem(place, 'It belongs to nothing that is imported.'));
    }
  }

  /** Returns the first photo of a record that is another's; null for none. */
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

/**
 * Looks at every record of a file and says what importing it would do. Nothing is changed.
 *
 * @throws FileError with everything that is wrong where nothing can be taken: the file is none of
 *   ours, or it is a single job and something in it is wrong; Cancelled
 */
export async function planImport(source: Source, course: Course): Promise<ImportPlan> {
  const keys = await keysUnder('');
  const planning = new Planning(new Set(keys.flatMap((key) => key.split('/'))));
  for await (const offered of source.records(course)) await planning.take(offered);
  await planning.end(new Set(await keysUnder('photo/')));
  await planning.endRuns();
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
