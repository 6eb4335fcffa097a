import useLatestCallback from 'use-latest-callback';
import { useRef, useState } from 'react';
import type { Assessment } from '@/core/assessment/assessment';
import type { Command, Stamp } from '@/core/commands/command';
import {
  addReading,
  againAt,
  recordWork,
  takenAt,
  turnTo,
  voidEntry,
  type PendingReading,
  type Taken,
} from '@/core/commands/measuring';
import { fallenSince } from '@/core/assessment/summary';
import { lastStanding } from '@/core/journal/commands';
import { zerosOf } from '@/core/instruments/gauges';
import { onlyTheTip, type LeafStep } from '@/core/methods/feeler';
import type { Answer, Reading, Step } from '@/core/methods/list';
import type { WorkEntry } from '@/core/records/entries/operation';
import type { Job } from '@/core/records/job';
import { evaluator } from '@/data/evaluator';
import { useShop } from '@/data/hooks';
import { useCommand } from '../job/useCommand';
import { useBounce } from './useBounce';

/** The tap that is waiting to be stored, the state of the job, and what can be done next. */
export interface Measuring {
  readonly all: readonly Assessment[];
  /** What the last tap decided, the worst first; empty once something else is done. */
  readonly fallen: readonly Assessment[];
  readonly step: Step | null;
  /** Whether the step is what the guidance proposes, and not chosen by hand. */
  readonly isProposed: boolean;
  readonly pending: PendingReading | null;
  readonly error: string | null;
  /**
   * Records what the hand answers at a step; whether it is in storage or pending: where it is neither, what was typed has
   * to stay.
   *
   * @param isAhead the instruction may be of the next step already, which is drawn a frame later
   */
  answer(answer: Answer, isAhead?: boolean): Promise<boolean>;
  settle(believe: 'new' | 'old'): Promise<void>;
  /** Notes work on a part; whether it is in storage. */
  work(operation: WorkEntry): Promise<boolean>;
  /** Takes the last entry back; hit right after an answer, it asks once whether that was meant. */
  undo(): Promise<void>;
  readonly undoAsks: boolean;
  strike(id: string, why: string): Promise<void>;
  turnTo(cursor: Partial<Job['cursor']>): Promise<void>;
  tryOther(step: LeafStep | null): void;
  /** Turns to the place of a size or a swing once more: what is read there counts with its mean. */
  readAgain(reading: Reading): void;
  /** Changes what is kept beside the readings: instruments, zeros, temperatures, rules. */
  readonly run: (command: Command) => Promise<boolean>;
  readonly make: () => Stamp;
}

/**
 * How all stood before the answer that made a job what it is. A job that was changed otherwise has none: what was decided
 * is said until something else is done.
 */
const BEFORE = new WeakMap<Job, readonly Assessment[]>();

interface Answering {
  readonly job: Job;
  /** The step that was chosen by hand; null for the one that is proposed. */
  readonly other: Step | null;
  readonly pending: PendingReading | null;
  readonly setPending: (pending: PendingReading | null) => void;
  readonly latest: () => Job | null;
  readonly make: () => Stamp;
  readonly runOn: (command: Command) => Promise<boolean>;
}

/** Takes what the hand answers, and settles what is pending. */
function useAnswering(on: Answering): Pick<Measuring, 'answer' | 'settle'> {
  const { job, other, pending, setPending, latest, make, runOn } = on;
  const shop = useShop();
  /** The job on which something was read last: until the screen shows the next, more of it is a bounce. */
  const readOn = useRef<Job | null>(null);
  const take = async (now: Job, { reading, pending: doubtful }: Taken): Promise<boolean> => {
    // Not stored: a figure that was typed for the next place must stay in its field.
    if (readOn.current === now) return false;
    if (!doubtful) {
      const stored = await runOn(addReading(reading, evaluator));
      if (stored) readOn.current = now;
      return stored;
    }
    setPending(doubtful);
    return true;
  };
  const answer = useLatestCallback(async (given: Answer, isAhead = false) => {
    // The instruction is there before all else is drawn: what is tapped then answers it.
    const now = (isAhead ? latest() : null) ?? job;
    const asked = other ?? evaluator.next(now);
    const isOther = asked?.way !== (other ?? evaluator.next(job))?.way;
    if (pending || !asked || isOther) return false;
    const room = { ...shop, zeros: zerosOf(now, shop), evaluator };
    return take(now, takenAt(now, asked, given, make(), room));
  });
  const settle = useLatestCallback(async (believe: 'new' | 'old') => {
    if (!pending) return;
    if (pending.kind === 'edge') {
      const { reading } = pending;
      await runOn(addReading(believe === 'new' ? reading : onlyTheTip(reading), evaluator));
    } else if (pending.kind === 'doubt') {
      if (believe === 'old') setPending(null);
      else await runOn(addReading(pending.reading, evaluator));
    } else {
      // The try that is not believed is kept all the same: set aside, it is not asked for again.
      const ids = believe === 'new' ? pending.against.map((r) => r.id) : [];
      const instead = { ids, why: 'replaced by a later try' };
      await runOn(addReading(pending.reading, evaluator, instead));
    }
  });
  return { answer, settle };
}

/**
 * What the measuring screen knows and does. Every reading is in storage before
 * the next instruction appears: the screen shows what storage holds, never
 * what it hopes to store.
 *
 * @param job as the screen draws it: the instruction may be of the next one already, which is drawn a frame later
 */
export function useMeasuring(job: Job): Measuring {
  const { run, make, latest, error } = useCommand(job);
  const [other, setOther] = useState<Step | null>(null);
  const bounce = useBounce();
  const [pending, setPending] = useState<PendingReading | null>(null);

  const all = evaluator.assess(job);
  const before = other ? undefined : BEFORE.get(job);
  const fallen = before ? fallenSince(before, all) : [];
  const step: Step | null = other ?? evaluator.next(job);
  const clear = () => {
    setOther(null);
    setPending(null);
  };
  /** Runs a command, and goes back to the proposed step once it is in storage. */
  const runOn = (command: Command, isAnswer = true): Promise<boolean> => {
    const was = evaluator.assess(latest() ?? job);
    return run(command, [], (stored) => {
      clear();
      BEFORE.set(stored, was);
      bounce.note(isAnswer);
    });
  };
  const answering = useAnswering({ job, other, pending, setPending, latest, make, runOn });
  const work = useLatestCallback((operation: WorkEntry) => runOn(recordWork(operation), false));
  const strike = useLatestCallback(async (id: string, why: string) => {
    if (await run(voidEntry(id, why))) bounce.note(false);
  });
  const undo = useLatestCallback(async () => {
    if (pending) return setPending(null);
    if (other) return setOther(null);
    if (!bounce.isMeant()) return;
    const last = lastStanding(latest() ?? job);
    if (last) await strike(last.id, 'undone');
  });
  const turn = useLatestCallback(async (cursor: Partial<Job['cursor']>) => {
    clear();
    bounce.note(false);
    await run(turnTo(cursor));
  });
  const tryOther = useLatestCallback((leaf: LeafStep | null) => {
    setOther(leaf && { way: 'leaf', ...leaf });
  });
  const readAgain = useLatestCallback((reading: Reading) => setOther(againAt(job, reading, all)));

  return {
    all,
    fallen,
    step,
    isProposed: other === null,
    pending,
    error,
    ...answering,
    work,
    undo,
    strike,
    undoAsks: bounce.asks,
    turnTo: turn,
    tryOther,
    readAgain,
    run,
    make,
  };
}
