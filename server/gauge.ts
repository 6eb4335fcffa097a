import type { Request, Response } from 'express';
import { evenFrom, normalFrom, seedOf } from '../core/random';

/** Between two readings: as quick as a practised hand. */
const EVERY_MS = 1200;

/** Standard deviation of the simulated hand and gauge, in mm. */
const NOISE_MM = 0.0015;

/** What is measured where the page does not say. */
const AROUND_MM = 20;

/** A bench has no more gauges than this; whoever asks for more is no bench. */
const MOST_STREAMS = 50;

const HEADERS = {
  'Content-Type': 'text/event-stream',
  'Cache-Control': 'no-cache, no-transform',
  Connection: 'keep-alive',
};

/** Makes what answers with a stream of simulated readings near a size, as server-sent events: made up, seeded, and said to be so. */
export function gaugeStream(): (request: Request, response: Response) => void {
  let open = 0;
  return (request, response) => {
    const asked = Number(request.query.around ?? AROUND_MM);
    if (!Number.isFinite(asked) || asked < 0 || asked > 5000) {
      response.status(400).json({ error: 'around is a size in mm from 0 to 5000' });
      return;
    }
    if (request.method === 'HEAD') {
      response.writeHead(200, HEADERS).end();
      return;
    }
    if (open >= MOST_STREAMS) {
      response.status(503).json({ error: `at most ${MOST_STREAMS} gauges at once` });
      return;
    }
    open += 1;
    response.writeHead(200, HEADERS);
    const even = evenFrom(seedOf(`gauge ${asked}`));
    const send = () => {
      const mm = Math.max(0, asked + NOISE_MM * normalFrom(even));
      response.write(
        `event: reading\ndata: ${JSON.stringify({ text: `${mm.toFixed(3)} mm`, simulated: true })}\n\n`,
      );
    };
    response.write(': a simulated gauge\n\n');
    const timer = setInterval(send, EVERY_MS);
    // However it ends: closed by the page, broken off, or with the server.
    response.once('close', () => {
      clearInterval(timer);
      open -= 1;
    });
    response.on('error', () => response.destroy());
  };
}
