import { evenFrom, normalFrom, seedOf } from '../core/random';
import { eventStream } from './stream';

/** Between two readings: as quick as a practised hand. */
const EVERY_MS = 1200;

/** Standard deviation of the simulated hand and gauge, in mm. */
const NOISE_MM = 0.0015;

/** What is measured where the page does not say. */
const AROUND_MM = 20;

/** Makes what answers with a stream of simulated readings near a size: made up, seeded, and said to be so. */
export const gaugeStream = () =>
  eventStream((query) => {
    const asked = Number(query.around ?? AROUND_MM);
    if (!Number.isFinite(asked) || asked < 0 || asked > 5000)
      return 'around is a size in mm from 0 to 5000';
    const even = evenFrom(seedOf(`gauge ${asked}`));
    return {
      is: 'a simulated gauge',
      event: 'reading',
      every_ms: EVERY_MS,
      next: () => {
        const mm = Math.max(0, asked + NOISE_MM * normalFrom(even));
        return { text: `${mm.toFixed(3)} mm`, simulated: true };
      },
    };
  });
