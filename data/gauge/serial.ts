import type { GaugeListener, ReadingSource } from './source';
import { say } from '../../core/wording/say';

/** The part of Web Serial that is used: not every browser has it, and TypeScript does not know it. */
interface Port {
  open(options: { baudRate: number }): Promise<void>;
  close(): Promise<void>;
  readonly readable: ReadableStream<Uint8Array> | null;
}

interface Serial {
  requestPort(): Promise<Port>;
}

const serialOf = (): Serial | null =>
  typeof navigator === 'undefined'
    ? null
    : ((navigator as unknown as { serial?: Serial }).serial ?? null);

/** The usual speed of a gauge's own cable. */
const BAUD = 9600;

/** What a gauge sends in a line: a sign, a figure, perhaps a unit, among other signs. */
const FIGURE = /([+-]?\d*[.,]?\d+)\s*(mm|in|")?/i;

/** The reading in a line of a gauge: leading zeros and a plus dropped; null where there is none. */
export function readingIn(line: string): string | null {
  const found = FIGURE.exec(line);
  if (!found?.[1]) return null;
  const figure = found[1].replace(/^\+/, '').replace(/^(-?)0+(?=\d)/, '$1');
  return found[2] ? `${figure} ${found[2]}` : figure;
}

/** Cuts a stream of signs into lines, wherever its pieces happen to end. */
export async function readLines(
  stream: ReadableStream<Uint8Array>,
  onLine: (line: string) => void,
  stop: AbortSignal,
): Promise<void> {
  const reader = stream.getReader();
  const cancel = () => void reader.cancel().catch(() => undefined);
  stop.addEventListener('abort', cancel);
  const decoder = new TextDecoder();
  let rest = '';
  try {
    for (;;) {
      const { done, value } = await reader.read();
      if (done) return;
      const lines = (rest + decoder.decode(value, { stream: true })).split(/[\r\n]+/);
      rest = lines.pop() ?? '';
      lines.filter(Boolean).forEach(onLine);
    }
  } finally {
    stop.removeEventListener('abort', cancel);
    reader.releaseLock();
  }
}

async function listen(serial: Serial, listener: GaugeListener, stop: AbortSignal): Promise<void> {
  const port = await serial.requestPort();
  await port.open({ baudRate: BAUD });
  try {
    if (!port.readable || stop.aborted) return;
    listener.onState('ready');
    await readLines(
      port.readable,
      (line) => {
        const text = readingIn(line);
        if (text) listener.onReading({ text });
      },
      stop,
    );
  } finally {
    await port.close().catch(() => undefined);
  }
}

/** A gauge on a serial cable, where the browser lets a page have one. */
export const serial: ReadingSource = {
  id: 'serial',
  name: 'Serial gauge',
  about: 'A gauge on a serial or USB cable. The browser asks which one.',
  available: serialOf() !== null,
  connect: (listener) => {
    const port = serialOf();
    const stop = new AbortController();
    listener.onState('connecting');
    if (port) {
      listen(port, listener, stop.signal).then(
        () => listener.onState('lost', 'Gauge disconnected. Check the cable and connect again.'),
        () => listener.onState('lost', say('storage.noGauge')),
      );
    } else
      listener.onState(
        'lost',
        'This browser cannot use a serial gauge. Type the reading, or use another browser.',
      );
    return () => stop.abort();
  },
};
