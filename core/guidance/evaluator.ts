import type { DimensionId } from '../pumps/ids';
import { assess, type Remembering } from '../assessment/assess';
import type { Assessment } from '../assessment/assessment';
import type { Measured } from '../assessment/measured';
import { quantitiesOf, type Quantity } from '../assessment/quantity';
import { ladderOf, type Ladder } from '../feeler/ladder';
import { Eras } from '../journal/eras';
import { indexed, reindexed, type IndexedJournal } from '../journal/indexed';
import type { Ledger } from '../journal/ledger';
import { NOTHING_SKIPPED, Skipped } from '../journal/skipped';
import { sameItems } from '../journal/targets';
import { pumpOf } from '../pumps/registry';
import type { WorkEntry } from '../records/entries/operation';
import type { Job } from '../records/job';
import { counting } from '../schema/voiding';
import { letGo, nextIn } from './next';
import type { Expectations } from './shopPast';
import type { Step } from '../methods/list';

/** Every value that is known of a job's pump. */
export interface State {
  /** Each characteristic: before, now, predicted and its verdict, in the order of the work. */
  readonly characteristics: readonly Assessment[];
  /** Each dimension of which something is known, by its id, in the pump's order. */
  readonly dimensions: ReadonlyMap<DimensionId, Quantity>;
}

/** Keeps what was assessed last of each characteristic, with what that rests on. */
class LastAssessments implements Remembering {
  private readonly last: Map<string, { basis: readonly unknown[]; result: Assessment }>;

  constructor(before?: LastAssessments) {
    this.last = new Map(before?.last);
  }

  assessment(id: string, basis: readonly unknown[], work: () => Assessment): Assessment {
    const known = this.last.get(id);
    if (known && sameItems(known.basis, basis)) return known.result;
    const result = work();
    this.last.set(id, { basis, result });
    return result;
  }
}

const NO_PAST: Expectations = new Map();

/** Describes what was worked out of a job as it stood. */
interface Worked {
  readonly job: Job;
  readonly index: IndexedJournal;
  readonly measured: Measured;
  readonly all: readonly Assessment[];
  /** Its state, once somebody asked for that. */
  state: State | null;
}

/** Lists the rules that values and verdicts rest on. */
const rulesIn = ({ ladder, decision, bushing, floors }: Measured): readonly unknown[] => [
  ...[ladder, decision, bushing, floors],
];

/**
 * Answers every question of value and of what to do next on a job. From one call to the next it keeps
 * what did not change, so that a tap costs the assessment of one characteristic out of sixty. Who asks
 * what if on a copy of a job does so on a branch, and leaves the evaluator of the real job as it is.
 */
export class Evaluator {
  private eras = new Eras();
  private remembered = new LastAssessments();
  private feeler: {
    readonly of: Job['feeler'];
    readonly rules: Job['rules'];
    readonly ladder: Ladder;
  } | null = null;
  private readonly steps = new WeakMap<Job, Step | null>();
  private skips: { readonly of: Ledger['skips']; readonly skipped: Skipped } | null = null;
  private worked: Worked | null = null;
  private past: { readonly model: string; readonly gaps: Expectations } | null = null;

  /** Assesses every characteristic of a job's pump, in the order of the work. */
  assess(job: Job): readonly Assessment[] {
    return this.workedOut(job).all;
  }

  /** Returns the state of a job's pump after everything in its journal; the same one for as long as nothing changed. */
  state(job: Job): State {
    const worked = this.workedOut(job);
    worked.state ??= { characteristics: worked.all, dimensions: quantitiesOf(worked.measured) };
    return worked.state;
  }

  /** Returns what to do next on a job, or null where nothing is left. */
  next(job: Job): Step | null {
    const known = this.steps.get(job);
    if (known !== undefined) return known;
    const { all, measured } = this.workedOut(job);
    const past = this.past?.model === job.sheet.model ? this.past.gaps : NO_PAST;
    const { now: counted, ladder, skipped } = measured;
    const step = nextIn({ job, all, counted, skipped, ladder, past });
    this.steps.set(job, step);
    return step;
  }

  /**
   * Takes over what the shop's other pumps of a model make expect. A step that was told already stays
   * as it is: the leaf that is in the hand is not taken out of it.
   */
  expect(model: string, gaps: Expectations): void {
    this.past = { model, gaps };
  }

  /** Returns the job after a reading: a characteristic in hand that nothing more is to be told of is let go. */
  movedOn(job: Job): Job {
    return job.cursor.characteristic !== null && this.next(job) === null ? letGo(job) : job;
  }

  /** Returns the ladder of a job's feeler set; the same one for as long as the set is the same. */
  ladder({ feeler, rules }: Pick<Job, 'feeler' | 'rules'>): Ladder {
    const last = this.feeler;
    const { ladder: manner, record } = rules;
    if (last?.of === feeler && last.rules.ladder === manner && last.rules.record === record) {
      return last.ladder;
    }
    const ladder = ladderOf(feeler, manner, record);
    this.feeler = { of: feeler, rules, ladder };
    return ladder;
  }

  /**
   * Makes an evaluator that begins with what this one knows and asks what if: what it works out is
   * its own, but for the next tries that their common ladder remembers.
   */
  branch(): Evaluator {
    const branch = new Evaluator();
    branch.eras = this.eras;
    branch.remembered = new LastAssessments(this.remembered);
    branch.feeler = this.feeler;
    branch.skips = this.skips;
    branch.worked = this.worked;
    branch.past = this.past;
    return branch;
  }

  private workedOut(job: Job): Worked {
    const last = this.worked;
    if (last?.job === job) return last;
    const index = last ? reindexed(last.index, job) : indexed(job);
    const measured = this.measured(job, index);
    const same =
      last !== null &&
      index === last.index &&
      sameItems(
        [last.job.sheet, last.job.tier, ...rulesIn(last.measured)],
        [job.sheet, job.tier, ...rulesIn(measured)],
      );
    const all = same ? last.all : assess(measured, this.remembered);
    const state = same ? last.state : null;
    return (this.worked = { job, index, measured: same ? last.measured : measured, all, state });
  }

  /** The same object for as long as nothing more is left out: what was assessed with it still holds. */
  private skippedIn({ skips }: Ledger): Skipped {
    if (this.skips?.of !== skips) {
      const all = counting(skips);
      this.skips = { of: skips, skipped: all.length > 0 ? new Skipped(all) : NOTHING_SKIPPED };
    }
    return this.skips.skipped;
  }

  private measured(job: Job, index: IndexedJournal): Measured {
    const pump = pumpOf(job.sheet);
    const past = new Map<string, ReturnType<Eras['counted']>>();
    return {
      sheet: job.sheet,
      tier: job.tier,
      ladder: this.ladder(job),
      decision: job.rules.decision,
      bushing: job.rules.bushing,
      floors: job.floors,
      operations: counting(index.ledger.operations),
      skipped: this.skippedIn(index.ledger),
      now: this.eras.counted(pump, index),
      before: (operation: WorkEntry) => {
        const counted = past.get(operation.id) ?? this.eras.counted(pump, index, operation);
        past.set(operation.id, counted);
        return counted;
      },
    };
  }
}

/** Assesses a job once; who asks again and again keeps an `Evaluator`. */
export const assessJob = (job: Job): readonly Assessment[] => new Evaluator().assess(job);

/** Returns what to do next on a job once; who asks again and again keeps an `Evaluator`. */
export const nextStep = (job: Job): Step | null => new Evaluator().next(job);

/** Returns the state of a job's pump once; who asks again and again keeps an `Evaluator`. */
export const stateOf = (job: Job): State => new Evaluator().state(job);
