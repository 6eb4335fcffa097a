import type { Request, Response } from 'express';

/** A bench has no more instruments than this; whoever asks for more is no bench. */
const MOST_STREAMS = 50;

const HEADERS = {
  'Content-Type': 'text/event-stream',
  'Cache-Control': 'no-cache, no-transform',
  Connection: 'keep-alive',
};

/** What a simulated instrument sends, once it is asked for. */
export interface Sends {
  /** Says what it is, in a line that no program reads. */
  readonly is: string;
  readonly event: string;
  readonly every_ms: number;
  /** Returns what comes next. */
  next(): object;
}

/**
 * Makes what answers with a stream of a simulated instrument, as server-sent events.
 *
 * @param ask reads what the address asks for: what is sent, or the words of what is wrong with it
 */
export function eventStream(
  ask: (query: Request['query']) => Sends | string,
): (request: Request, response: Response) => void {
  let open = 0;
  return (request, response) => {
    const sends = ask(request.query);
    if (typeof sends === 'string') {
      response.status(400).json({ error: sends });
      return;
    }
    if (request.method === 'HEAD') {
      response.writeHead(200, HEADERS).end();
      return;
    }
    if (open >= MOST_STREAMS) {
      response.status(503).json({ error: `at most ${MOST_STREAMS} instruments at once` });
      return;
    }
    open += 1;
    response.writeHead(200, HEADERS);
    const { is, event, every_ms } = sends;
    const send = () => response.write(`event: ${event}\ndata: ${JSON.stringify(sends.next())}\n\n`);
    response.write(`: ${is}\n\n`);
    const timer = setInterval(send, every_ms);
    // However it ends: closed by the page, broken off, or with the server.
    response.once('close', () => {
      clearInterval(timer);
      open -= 1;
    });
    response.on('error', () => response.destroy());
  };
}
