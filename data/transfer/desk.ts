import type { SideChoice } from './choices';
import { reasonOf } from '../../core/errors';
import { FileError, type FileProblem } from '../../core/records/problems';
import { renewSummaries, type ListedJob } from '../summaries';
import { applyImport, type Applied } from './apply';
import { writeBackup, type Backup } from './backup';
import { planImport, type ImportPlan, type NotTaken } from './plan';
import { type PlannedLine } from './planned';
import { Cancelled, Course, IN_BROWSER, type OnProgress } from './progress';
import { openSource, type Source } from './source';

/** What an import would do, as it is shown. */
export interface Preview {
  readonly lines: readonly PlannedLine[];
  readonly notTaken: readonly NotTaken[];
  readonly notes: readonly string[];
}

/** How a long work ended: with its result, called off, or with everything that is wrong. */
export type Outcome<T> =
  | { readonly ok: true; readonly value: T }
  | { readonly ok: false; readonly cancelled: boolean; readonly problems: readonly FileProblem[] };

/** Runs some work and returns how it ended: an error does not cross from one thread to another as it is. */
async function outcomeOf<T>(work: () => Promise<T>): Promise<Outcome<T>> {
  try {
    return { ok: true, value: await work() };
  } catch (error) {
    const problems =
      error instanceof FileError
        ? error.problems
        : [{ place: IN_BROWSER, message: reasonOf(error) }];
    return { ok: false, cancelled: error instanceof Cancelled, problems };
  }
}

/** A list of thousands is not drawn anew more often than that. */
const SHOWN_EVERY_MS = 2000;

/** Where files go in and out: one long work at a time, which says how far it is and can be called off. */
export class TransferDesk {
  private course: Course | null = null;
  private open: { readonly source: Source; readonly plan: ImportPlan } | null = null;

  private begin(tell: OnProgress): Course {
    this.course?.cancel();
    this.course = new Course(tell);
    return this.course;
  }

  /** Looks at a file and returns what importing it would do; `apply` does that. */
  plan(file: Blob, tell: OnProgress): Promise<Outcome<Preview>> {
    const course = this.begin(tell);
    return outcomeOf(async () => {
      const source = await openSource(file);
      const plan = await planImport(source, course);
      this.open = { source, plan };
      const lines = plan.planned.map(
        ({ texts: _, basis: __, file: ___, base: _b, photos: _p, pieces: _q, ...line }) => line,
      );
      return { lines, notTaken: plan.notTaken, notes: plan.notes };
    });
  }

  /** Does what was planned last and a person chose, all of it or nothing. */
  apply(tell: OnProgress, choices: readonly SideChoice[] = []): Promise<Outcome<Applied>> {
    const course = this.begin(tell);
    return outcomeOf(async () => {
      if (!this.open) throw new Error('No file was looked at. Choose it again.');
      const applied = await applyImport(this.open.plan, this.open.source, course, choices);
      this.open = null;
      return applied;
    });
  }

  /** Writes a backup of everything that this browser keeps. */
  backup(tell: OnProgress): Promise<Outcome<Backup>> {
    const course = this.begin(tell);
    return outcomeOf(() => writeBackup(course));
  }

  /**
   * Makes anew what lists show of jobs, and stores it.
   *
   * @param show is handed those that are there, now and then
   */
  async renew(ids: readonly string[], show: (jobs: readonly ListedJob[]) => void): Promise<void> {
    let shown = performance.now();
    let made: ListedJob[] = [];
    const tell = () => {
      show(made);
      [shown, made] = [performance.now(), []];
    };
    await renewSummaries(ids, (jobs) => {
      made.push(...jobs);
      if (performance.now() - shown > SHOWN_EVERY_MS) tell();
    });
    tell();
  }

  cancel(): void {
    this.course?.cancel();
  }
}
