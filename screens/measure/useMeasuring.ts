import { useCallback, useMemo, useRef, useState } from 'react';
import { ledgerOf } from '@/core/journal/ledger';
import { assessJob, type Assessment } from '@/core/judge/assess';
import { conflictsWith } from '@/core/judge/conflict';
import { doubtOfSize, doubtOfSwing } from '@/core/judge/doubt';
import { gaugeFor, indicatorFor, sizeReadingOf, swingReadingOf } from '@/core/judge/gauges';
import { letGo, movedOn, nextStep, type Step } from '@/core/judge/next';
import type { LeafStep } from '@/core/judge/leaves';
import type { Felt } from '@/core/metrology/bracket';
import { lastStanding, record, withReading, withStruck } from '@/core/journal/commands';
import type { Operation } from '@/core/records/entry';
import type { Job } from '@/core/records/job';
import { targetOf } from '@/core/journal/target';
import { dimensionOf, dimensionsFor } from '@/core/pumps/registry';
import type {
  LeafReading,
  Reading,
  SizeReading,
  Source,
  SwingReading,
  TouchFelt,
} from '@/core/records/parts';
import { newId, now } from '@/data/create';
import { useChange, useShop } from '@/data/hooks';
import { useStable } from './useStable';

/** A try that contradicts what stands: held until a person says which to believe. */
interface Contradiction {
  readonly kind: 'contradiction';
  readonly reading: LeafReading;
  readonly against: readonly LeafReading[];
}

/** A figure that is hard to believe: held for a yes. */
interface Doubt {
  readonly kind: 'doubt';
  readonly reading: Reading;
  readonly why: string;
}

export type Held = Contradiction | Doubt;

/** A figure from the pad or a gauge. */
export interface Figure {
  readonly text: string;
  readonly unit: 'mm' | 'in' | 'thou';
  readonly read_mm: number;
  readonly source: Source;
  /** Of a lever indicator. */
  readonly lever_deg?: number;
  readonly contactRadius_mm?: number | null;
}

/** The tap that is waiting to be stored, the state of the job, and what can be done next. */
export interface Measuring {
  readonly all: readonly Assessment[];
  readonly step: Step | null;
  readonly held: Held | null;
  readonly error: string | null;
  answer(felt: Felt): Promise<void>;
  touch(felt: TouchFelt): Promise<void>;
  settle(believe: 'new' | 'old'): Promise<void>;
  /** Whether the figure is in storage or held; where it is neither, what was typed has to stay. */
  read(figure: Figure): Promise<boolean>;
  /** Notes work on a part; whether it is in storage. */
  work(operation: Operation): Promise<boolean>;
  undo(): Promise<void>;
  strike(id: string, why: string): Promise<void>;
  turnTo(cursor: Partial<Job['cursor']>): Promise<void>;
  tryOther(step: LeafStep | null): void;
  /** Turns to the place of a size or a swing once more: what is read there counts with its mean. */
  readAgain(reading: SizeReading | SwingReading): void;
  /** Changes what is kept beside the readings: instruments, zeros, temperatures, rules. */
  change(apply: (job: Job) => Job): Promise<boolean>;
}

/** The step that reads a place again; null where the pump has it no more. */
function againAt(job: Job, r: SizeReading | SwingReading, all: readonly Assessment[]): Step | null {
  const station = targetOf(job.sheet, r).stations.find((s) => s.id === r.station);
  if (!station) return null;
  if (r.kind === 'swing') return { way: 'swing', characteristic: r.characteristic, station };
  const dimension = dimensionOf(job.sheet, r.dimension);
  const inHand = job.cursor.characteristic;
  const rests = all.filter((a) => dimensionsFor(a.characteristic).includes(r.dimension));
  const of = rests.find((a) => a.characteristic.id === inHand) ?? rests[0];
  return of ? { way: 'size', characteristic: of.characteristic.id, dimension, station } : null;
}

/**
 * What the measuring screen knows and does. Every reading is in storage before
 * the next instruction appears: the screen shows what storage holds, never
 * what it hopes to store.
 */
export function useMeasuring(job: Job): Measuring {
  const shop = useShop();
  const { apply: change, error } = useChange('job', job.id);
  const busy = useRef(false);
  const [other, setOther] = useState<Step | null>(null);
  const [held, setHeld] = useState<Held | null>(null);

  const all = useMemo(() => assessJob(job), [job]);
  const proposed = useMemo(() => nextStep(job, all), [job, all]);
  const step: Step | null = other ?? proposed;
  const by = shop.person || job.by;

  /** One change at a time: a second tap on the same instruction is a bounce of the thumb. */
  const store = useCallback(
    async (apply: (j: Job) => Job): Promise<boolean> => {
      if (busy.current) return false;
      busy.current = true;
      try {
        await change(apply);
        return true;
      } catch {
        // The hook keeps the error; the screen shows it and stays where it is.
        return false;
      } finally {
        busy.current = false;
      }
    },
    [change],
  );

  const add = async (reading: Reading, struck: readonly string[] = [], why = '') => {
    const strike = { at: reading.at, by, why };
    const stored = await store((j) => movedOn(withReading(withStruck(j, struck, strike), reading)));
    if (!stored) return false;
    setOther(null);
    setHeld(null);
    return true;
  };

  const answer = useStable(async (felt: Felt) => {
    if (step?.way !== 'leaf' || held) return;
    const reading: LeafReading = {
      id: newId(),
      kind: 'leaf',
      at: now(),
      by,
      instrument: job.feeler.name,
      characteristic: step.characteristic,
      station: step.station.id,
      leaves_mm: [...step.stack.leaves_mm],
      marked_mm: step.stack.marked_mm ? [...step.stack.marked_mm] : null,
      felt,
      struck: null,
    };
    const against = conflictsWith(job, reading, reading);
    if (against.length > 0) setHeld({ kind: 'contradiction', reading, against });
    else await add(reading);
  });

  const touch = useStable(async (felt: TouchFelt) => {
    if (step?.way !== 'touch') return;
    const { characteristic, station } = step;
    const test = all.find((a) => a.characteristic.id === characteristic)?.characteristic.touch;
    await add({
      id: newId(),
      kind: 'touch',
      at: now(),
      by,
      instrument: test?.test === 'sweep' ? 'Straight edge' : 'By hand',
      characteristic,
      station: station.id,
      felt,
      struck: null,
    });
  });

  const settle = useStable(async (believe: 'new' | 'old') => {
    if (!held) return;
    if (believe === 'old') setHeld(null);
    else if (held.kind === 'doubt') await add(held.reading);
    else
      await add(
        held.reading,
        held.against.map((r) => r.id),
        'contradicted by a later try',
      );
  });

  const read: Measuring['read'] = useStable(async (figure) => {
    if ((step?.way !== 'size' && step?.way !== 'swing') || held) return false;
    const { text, unit, read_mm, source } = figure;
    const entry = { id: newId(), at: now(), by, text, unit, read_mm, source };
    const room = { instruments: shop.instruments, zeros: [...shop.zeros, ...ledgerOf(job).zeros] };
    if (step.way === 'size') {
      const { dimension, station } = step;
      const reading = sizeReadingOf(job, room, dimension, station.id, entry);
      const gauge = gaugeFor(room, job, dimension);
      const why = doubtOfSize(job, dimension, reading, gauge, shop.unit);
      if (!why) return add(reading);
      setHeld({ kind: 'doubt', reading, why });
      return true;
    }
    const shown = all.find((a) => a.characteristic.id === step.characteristic);
    if (!shown) return false;
    const reading = swingReadingOf(job, room, shown.characteristic, step.station.id, entry, {
      lever_deg: figure.lever_deg ?? 0,
      contactRadius_mm: figure.contactRadius_mm ?? null,
    });
    const gauge = indicatorFor(room, job);
    const upper = shown.limits?.upper_mm ?? null;
    const why = doubtOfSwing(shown.characteristic, upper, reading, gauge, shop.unit);
    if (!why) return add(reading);
    setHeld({ kind: 'doubt', reading, why });
    return true;
  });

  const work = useStable(async (operation: Operation) => {
    const stored = await store((j) => letGo(record(j, operation)));
    if (stored) {
      setOther(null);
      setHeld(null);
    }
    return stored;
  });

  const strike = useStable(async (id: string, why: string) => {
    await store((j) => withStruck(j, [id], { at: now(), by, why }));
  });

  const undo = useStable(async () => {
    if (held) return setHeld(null);
    if (other) return setOther(null);
    const last = lastStanding(job);
    if (last) await strike(last.id, 'undone');
  });

  const turnTo = useStable(async (cursor: Partial<Job['cursor']>) => {
    setOther(null);
    setHeld(null);
    await store((j) => ({ ...j, cursor: { ...j.cursor, ...cursor } }));
  });

  return {
    all,
    step,
    held,
    error: error?.message ?? null,
    answer,
    touch,
    settle,
    read,
    work,
    undo,
    strike,
    turnTo,
    tryOther: (leaf) => setOther(leaf && { way: 'leaf', ...leaf }),
    readAgain: (reading) => setOther(againAt(job, reading, all)),
    change: store,
  };
}
