import { useEffect, useRef, useState } from 'react';
import type { Source } from '../../core/schema/fields';
import { serial } from './serial';
import { simulated } from './simulated';
import type { GaugeReading, GaugeState, ReadingSource } from './source';
import { wedge } from './wedge';

/** Every source that the app knows, the plain one first. */
export const SOURCES: readonly ReadingSource[] = [wedge, serial, simulated];

/** How the chosen gauge's line stands. */
export interface GaugeLine {
  readonly source: ReadingSource;
  readonly state: GaugeState;
  readonly why: string | null;
}

/** Listens to the chosen source; a simulated one is told anew what size is wanted. */
export function useGauge(
  id: Source,
  expected_mm: number | null,
  onReading: (reading: GaugeReading) => void,
): GaugeLine {
  const source = SOURCES.find((s) => s.id === id) ?? wedge;
  const [line, setLine] = useState<{ state: GaugeState; why: string | null }>({
    state: 'ready',
    why: null,
  });
  const latest = useRef(onReading);
  useEffect(() => {
    latest.current = onReading;
  });
  // A real gauge is not let go of because the size changes.
  const wanted = source.id === 'simulated' ? expected_mm : null;
  useEffect(
    () =>
      source.connect(
        {
          onReading: (reading) => latest.current(reading),
          onState: (state, why) => setLine({ state, why: why ?? null }),
        },
        wanted,
      ),
    [source, wanted],
  );
  return { source, ...line };
}
