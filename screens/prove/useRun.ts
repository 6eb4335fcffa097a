import { useCallback, useEffect, useRef, useState } from 'react';
import { noteTest, type TestSaid } from '@/core/commands/testing';
import type { PlanStep } from '@/core/prove/plan';
import type { StandPump } from '@/core/prove/stand';
import type { Sample } from '@/core/trace/sample';
import { newId } from '@/data/create';
import { Recorder, type RunState } from '@/data/stand/recorder';
import { simulatedStand } from '@/data/stand/simulated';
import type { Commanding } from '../job/useCommand';

/** A run that is going on, or has just ended. */
export interface Run {
  readonly id: string;
  readonly step: PlanStep;
  readonly samples: readonly Sample[];
  readonly state: RunState;
}

/** What a run is noted as while nobody has cut it. */
export const uncutOf = (step: PlanStep, run: string, from: TestSaid['from']): TestSaid => ({
  point: step.id,
  drive_rpm: step.drive_rpm,
  ratio: step.ratio,
  pressure_bar: step.pressure_bar,
  oil_C: step.oil_C,
  sections: [...step.sections],
  flow_lpm: null,
  half95_lpm: null,
  from,
  run,
  from_s: null,
  to_s: null,
  remark: '',
});

/** Between two pictures of what comes, in ms: a chart that is drawn ten times a second leaves no time for taps. */
const DRAWN_MS = 400;
/** A long run takes longer to draw: so much longer for each sample, in ms. */
const EACH_MS = 0.1;

/** Runs a stand and keeps what it sends; a page that is left ends the run, and what came stays. */
export function useRun(job: string, run: Commanding['run']) {
  const [current, setCurrent] = useState<Run | null>(null);
  const recorder = useRef<Recorder | null>(null);
  const end = useCallback(async () => {
    await recorder.current?.end();
    recorder.current = null;
  }, []);
  useEffect(() => () => void end(), [end]);
  const start = useCallback(
    async (step: PlanStep, pump: StandPump) => {
      await end();
      const id = newId();
      setCurrent({ id, step, samples: [], state: 'connecting' });
      // The job says that there is a run before its first sample is kept: whatever happens, it is found again.
      if (!(await run(noteTest(uncutOf(step, id, 'simulated'))))) {
        setCurrent(null);
        return;
      }
      let drawn = 0;
      const become = (change: Partial<Run>) =>
        setCurrent((was) => (was?.id === id ? { ...was, ...change } : was));
      recorder.current = new Recorder(
        job,
        id,
        simulatedStand,
        { ...pump, seed: id },
        {
          onSamples: (samples) => {
            if (Date.now() - drawn < DRAWN_MS + EACH_MS * samples.length) return;
            drawn = Date.now();
            become({ samples: [...samples] });
          },
          onState: (state) => become({ state }),
        },
      );
    },
    [end, run, job],
  );
  const stop = useCallback(async () => {
    const samples = (await recorder.current?.end()) ?? [];
    recorder.current = null;
    return samples;
  }, []);
  return { current, start, stop };
}
