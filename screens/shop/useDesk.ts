import { useEffect, useRef, useState } from 'react';
import type { Outcome } from '@/data/transfer/desk';
import type { OnProgress, Progress } from '@/data/transfer/progress';
import { openDesk, type RemoteDesk } from '@/data/transfer/remote';

/** A long work that goes on beside the page. */
export interface Desk {
  /** How far it is; null while nothing goes on. */
  readonly progress: Progress | null;
  readonly run: <T>(
    work: (desk: RemoteDesk, tell: OnProgress) => Promise<Outcome<T>>,
  ) => Promise<Outcome<T>>;
  readonly cancel: () => void;
}

/** Opens a transfer desk when it is first needed, and closes it with the screen. */
export function useDesk(): Desk {
  const desk = useRef<RemoteDesk | null>(null);
  const [progress, setProgress] = useState<Progress | null>(null);
  useEffect(() => () => desk.current?.close(), []);
  return {
    progress,
    run: async (work) => {
      desk.current ??= openDesk();
      setProgress({ what: 'Opening', done: 0, of: null });
      // A word of how far it is may come after the word that it is done.
      let done = false;
      try {
        return await work(desk.current, (progress) => {
          if (!done) setProgress(progress);
        });
      } finally {
        done = true;
        setProgress(null);
      }
    },
    cancel: () => desk.current?.cancel(),
  };
}
