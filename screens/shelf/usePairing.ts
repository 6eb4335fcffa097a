import { reasonOf } from '@/core/errors';
import { useEffect, useState } from 'react';
import type { LoosePart, PairingRules } from '@/core/pairing/fit';
import type { BuildList, LockedPair } from '@/core/pairing/pairing';
import type { ShelfPart } from '@/core/records/part';
import { RemotePairer } from '@/data/pairing';

/** What is paired, and by what. */
export interface PairingTask {
  readonly rules: PairingRules;
  readonly bodies: readonly ShelfPart[];
  readonly gears: readonly ShelfPart[];
  /** Pairs made by hand, body first. */
  readonly locked: readonly LockedPair[];
}

/** How far the pairing is, and what it came to. */
export interface PairingCourse {
  readonly list: BuildList | null;
  /** As a share of the whole; null while nothing goes on. */
  readonly share: number | null;
  readonly error: string | null;
  readonly stopped: boolean;
  readonly stop: () => void;
  readonly again: () => void;
}

/** Only what pairing needs to know crosses into its thread. */
const loose = ({ id, parts, variant, sizes }: ShelfPart): LoosePart => ({
  id,
  parts,
  variant,
  sizes,
});

interface Done {
  readonly of: PairingTask | null;
  readonly list: BuildList | null;
  readonly share: number;
  readonly error: string | null;
}

const NOTHING: Done = { of: null, list: null, share: 0, error: null };

/** Pairs what is on the shelf in a thread of its own, again whenever something changes; it can be called off. */
export function usePairing(task: PairingTask): PairingCourse {
  const [done, setDone] = useState<Done>(NOTHING);
  const [stopped, setStopped] = useState(false);
  const [attempt, setAttempt] = useState(0);
  useEffect(() => {
    if (stopped) return;
    let isLeft = false;
    const set = (part: Partial<Done>) => {
      if (!isLeft) setDone((now) => ({ ...now, ...part }));
    };
    const remote = new RemotePairer();
    const { rules, bodies, gears, locked } = task;
    remote
      .pair(rules, bodies.map(loose), gears.map(loose), locked, (share) => set({ share }))
      .then(
        (list) => set({ of: task, list, error: null, share: 0 }),
        (error: Error) => set({ of: task, list: null, error: reasonOf(error), share: 0 }),
      );
    return () => {
      isLeft = true;
      remote.close();
    };
  }, [task, stopped, attempt]);
  const isDone = done.of === task;
  return {
    list: done.list,
    share: isDone || stopped ? null : done.share,
    error: isDone ? done.error : null,
    stopped,
    stop: () => setStopped(true),
    again: () => {
      setDone(NOTHING);
      setStopped(false);
      setAttempt((count) => count + 1);
    },
  };
}
