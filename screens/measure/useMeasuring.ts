import useLatestCallback from 'use-latest-callback';
import { useRef, useState } from 'react';
import type { Assessment } from '@/core/assessment/assessment';
import type { Command, Stamp } from '@/core/commands/command';
import {
  addReading,
  againAt,
  answerLeaf,
  onlyTheTip,
  recordSize,
  recordSwing,
  recordTouch,
  recordWork,
  turnTo,
  voidEntry,
  type EnteredFigure,
  type PendingReading,
  type Taken,
} from '@/core/commands/measuring';
import type { Felt } from '@/core/feeler/bounds';
import type { LeafStep, Step } from '@/core/guidance/step';
import { fallenSince } from '@/core/assessment/summary';
import { lastStanding } from '@/core/journal/commands';
import { zerosOf } from '@/core/instruments/gauges';
import type { AttributeFelt } from '@/core/methods/attribute';
import type { DimensionalReading } from '@/core/methods/dimensional';
import type { IndicatorReading } from '@/core/methods/indicator';
import type { WorkEntry } from '@/core/records/entry';
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
  answer(felt: Felt): Promise<void>;
  touch(felt: AttributeFelt): Promise<void>;
  settle(believe: 'new' | 'old'): Promise<void>;
  /** Whether the figure is in storage or pending; where it is neither, what was typed has to stay. */
  read(figure: EnteredFigure): Promise<boolean>;
  /** Notes work on a part; whether it is in storage. */
  work(operation: WorkEntry): Promise<boolean>;
  /** Takes the last entry back; hit right after an answer, it asks once whether that was meant. */
  undo(): Promise<void>;
  readonly undoAsks: boolean;
  strike(id: string, why: string): Promise<void>;
  turnTo(cursor: Partial<Job['cursor']>): Promise<void>;
  tryOther(step: LeafStep | null): void;
  /** Turns to the place of a size or a swing once more: what is read there counts with its mean. */
  readAgain(reading: DimensionalReading | IndicatorReading): void;
  /** Changes what is kept beside the readings: instruments, zeros, temperatures, rules. */
  readonly run: (command: Command) => Promise<boolean>;
  readonly make: () => Stamp;
}

/**
 * How all stood before the answer that made a job what it is. A job that was changed otherwise has none: what was decided
 * is said until something else is done.
 */
const BEFORE = new WeakMap<Job, readonly Assessment[]>();

/**
 * What the measuring screen knows and does. Every reading is in storage before
 * the next instruction appears: the screen shows what storage holds, never
 * what it hopes to store.
 *
 * @param job as the screen draws it: the instruction may be of the next one already, which is drawn a frame later
 */
export function useMeasuring(job: Job): Measuring {
  const shop = useShop();
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
  /** The job on which something was read last: until the screen shows the next, more of it is a bounce. */
  const readOn = useRef<Job | null>(null);
  const take = async (on: Job, { reading, pending: doubtful }: Taken): Promise<boolean> => {
    // Not stored: a figure that was typed for the next place must stay in its field.
    if (readOn.current === on) return false;
    if (!doubtful) {
      const stored = await runOn(addReading(reading, evaluator));
      if (stored) readOn.current = on;
      return stored;
    }
    setPending(doubtful);
    return true;
  };

  const answer = useLatestCallback(async (felt: Felt) => {
    // The instruction is there before all else is drawn: what is tapped then answers it.
    const now = latest() ?? job;
    const asked = other ?? evaluator.next(now);
    if (asked?.way === 'leaf' && !pending) {
      await take(now, answerLeaf(now, asked, felt, make(), evaluator));
    }
  });
  const touch = useLatestCallback(async (felt: AttributeFelt) => {
    if (step?.way === 'touch')
      await take(job, { reading: recordTouch(job, step, felt, make()), pending: null });
  });
  const settle = useLatestCallback(async (believe: 'new' | 'old') => {
    if (!pending) return;
    const { reading } = pending;
    if (pending.kind === 'edge') {
      await runOn(
        addReading(believe === 'new' ? pending.reading : onlyTheTip(pending.reading), evaluator),
      );
    } else if (pending.kind === 'doubt') {
      if (believe === 'old') setPending(null);
      else await runOn(addReading(reading, evaluator));
    } else {
      // The try that is not believed is kept all the same: set aside, it is not asked for again.
      const ids = believe === 'new' ? pending.against.map((r) => r.id) : [];
      await runOn(addReading(reading, evaluator, { ids, why: 'replaced by a later try' }));
    }
  });
  const read = useLatestCallback(async (figure: EnteredFigure) => {
    if (pending) return false;
    const room = { ...shop, zeros: zerosOf(job, shop) };
    if (step?.way === 'size') return take(job, recordSize(job, step, figure, make(), room));
    if (step?.way !== 'swing') return false;
    const shown = all.find((a) => a.characteristic.id === step.characteristic);
    return shown
      ? take(job, recordSwing(job, shown, step.station.id, figure, make(), room))
      : false;
  });
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
  const readAgain = useLatestCallback((reading: DimensionalReading | IndicatorReading) =>
    setOther(againAt(job, reading, all)),
  );

  return {
    all,
    fallen,
    step,
    isProposed: other === null,
    pending,
    error,
    answer,
    touch,
    settle,
    read,
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
