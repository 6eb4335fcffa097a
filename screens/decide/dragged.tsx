import { createContext, useContext, useMemo, useState, type ReactNode } from 'react';
import type { Amounts } from '@/core/rework/solver/problem';
import type { Settings } from './useDeciding';

/** The amounts of a plan's works in the hand. */
interface Dragging {
  /** As planned, but for what is dragged. */
  readonly amounts: Amounts;
  readonly dragged: Amounts;
  readonly drag: (id: string, amount_mm: number) => void;
}

const NOTHING: Amounts = new Map();

const Hand = createContext<Dragging>({ amounts: NOTHING, dragged: NOTHING, drag: () => undefined });

/** Returns the amounts in the hand: who asks for them is drawn again with each move, and nobody else. */
export const useDragged = (): Dragging => useContext(Hand);

interface Props {
  readonly planned: Amounts;
  /** What is wished of the operations: another wish lets go of what is dragged. */
  readonly settings: Settings;
  readonly children: ReactNode;
}

/** Holds the amounts that are dragged for all beneath it. */
export function DraggedAmounts({ planned, settings, children }: Props) {
  const [held, setHeld] = useState({ settings, dragged: NOTHING });
  const dragged = held.settings === settings ? held.dragged : NOTHING;
  const hand = useMemo((): Dragging => {
    const moved = [...dragged].filter(([id]) => planned.has(id));
    return {
      amounts: moved.length > 0 ? new Map([...planned, ...moved]) : planned,
      dragged,
      drag: (id, mm) => setHeld({ settings, dragged: new Map([...dragged, [id, mm]]) }),
    };
  }, [planned, settings, dragged]);
  return <Hand value={hand}>{children}</Hand>;
}
