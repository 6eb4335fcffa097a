import { sampleOf } from '../../core/trace/sample';
import type { StandSource } from './source';

/** Samples a second that are asked for. */
const HZ = 5;

/** Returns what an event says as JSON; null where that is none. */
function jsonOf(text: string): unknown {
  try {
    return JSON.parse(text) as unknown;
  } catch {
    return null;
  }
}

/** The server's simulated flow bench: its runs are marked as simulated wherever they appear. */
export const simulatedStand: StandSource = {
  id: 'simulated',
  name: 'Simulated stand',
  available: typeof EventSource !== 'undefined',
  connect: (listener, { cc, slip, rpm, bar, seed }) => {
    const asked = new URLSearchParams({
      cc: cc.toFixed(3),
      slip: slip.toFixed(3),
      rpm: rpm.toFixed(0),
      bar: bar.toFixed(2),
      seed,
      hz: String(HZ),
    });
    const stream = new EventSource(`/api/flow-bench?${asked.toString()}`);
    stream.addEventListener('open', () => listener.onReady());
    stream.addEventListener('sample', (event) => {
      const sample = sampleOf(jsonOf((event as MessageEvent<string>).data));
      if (sample) listener.onSample(sample);
    });
    stream.addEventListener('error', () => {
      // A stream that opens again would begin another run.
      stream.close();
      listener.onLost();
    });
    return () => stream.close();
  },
};
