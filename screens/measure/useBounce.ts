import { useRef, useState } from 'react';
import { announce } from '@/ui/announce';

/** A thumb in a glove that hits Undo so soon after an answer is in storage bounced, in ms. */
const BOUNCE_MS = 500;
/** So soon after the question it is the same bounce, in ms. */
const TREMBLE_MS = 200;

/** What Undo asks. */
export const UNDO_ASKS = 'Undo the last answer?';

/** Tells an Undo that was meant from a thumb that bounced off an answer: the first is asked about once. */
export function useBounce() {
  const answeredAt = useRef(0);
  const askedAt = useRef(0);
  const [asks, setAsks] = useState(false);
  return {
    asks,
    /** Notes what was done last: an answer, or something else. What was asked before is over. */
    note: (isAnswer: boolean) => {
      setAsks(false);
      answeredAt.current = isAnswer ? Date.now() : 0;
    },
    /** Tells whether an Undo that was hit is meant; where it may be a bounce, it asks. */
    isMeant: (): boolean => {
      const hitAt = Date.now();
      if (asks) {
        const isMeant = hitAt - askedAt.current >= TREMBLE_MS;
        if (isMeant) setAsks(false);
        return isMeant;
      }
      if (hitAt - answeredAt.current >= BOUNCE_MS) return true;
      askedAt.current = hitAt;
      setAsks(true);
      announce(UNDO_ASKS);
      return false;
    },
  };
}
