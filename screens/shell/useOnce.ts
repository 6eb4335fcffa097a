import { reasonOf } from '@/core/errors';
import { useRef, useState } from 'react';
import type { FieldValues, UseFormHandleSubmit } from 'react-hook-form';
import useLatestCallback from 'use-latest-callback';

/** So long after it is done a second tap is still a bounce: the screen may not have gone yet. */
const SETTLES_MS = 400;

/** Thrown by work that did nothing, where what is wrong stands at its field already. */
export class Refused extends Error {}

/** Returns work on what is in a form; where a field is wrong, that stands at the field and nothing is done. */
export const onceValid =
  <F extends FieldValues>(
    handleSubmit: UseFormHandleSubmit<F>,
    work: (fields: F) => Promise<unknown>,
  ) =>
  async (): Promise<void> => {
    let valid = true;
    const refuse = () => {
      valid = false;
    };
    await handleSubmit(work, refuse)();
    if (!valid) throw new Refused();
  };

export interface Once<A extends unknown[]> {
  readonly run: (...args: A) => void;
  /** What was wrong with it the last time; null for nothing, or where it stands at its field. */
  readonly failed: string | null;
  /** Takes the message away: somebody is putting it right. */
  readonly clear: () => void;
}

/**
 * Returns some work that is not begun again while it goes on, nor by a tap that bounces. Work that
 * throws has done nothing: it may be begun again at once.
 */
export function useOnce<A extends unknown[]>(work: (...args: A) => Promise<unknown>): Once<A> {
  const busy = useRef(false);
  const [failed, setFailed] = useState<string | null>(null);
  const run = useLatestCallback((...args: A) => {
    if (busy.current) return;
    busy.current = true;
    setFailed(null);
    const free = () => {
      busy.current = false;
    };
    work(...args).then(
      () => setTimeout(free, SETTLES_MS),
      (error: Error) => {
        free();
        setFailed(error instanceof Refused ? null : reasonOf(error));
      },
    );
  });
  return { run, failed, clear: () => setFailed(null) };
}
