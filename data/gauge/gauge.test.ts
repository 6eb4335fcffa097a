import { TextDecoder } from 'node:util';
import { readingIn, readLines, serial } from './serial';

// The page's own; the test's page has none.
Object.assign(globalThis, { TextDecoder });

const bytes = (...pieces: string[]): ReadableStream<Uint8Array> =>
  ({
    getReader() {
      const left = pieces.map((p) => Uint8Array.from(p, (c) => c.charCodeAt(0)));
      return {
        read: () =>
          Promise.resolve(left.length > 0 ? { done: false, value: left.shift() } : { done: true }),
        cancel: () => Promise.resolve(),
        releaseLock: () => undefined,
      };
    },
  }) as unknown as ReadableStream<Uint8Array>;

describe('a serial gauge', () => {
  it.each([
    ['+0020.055mm', '20.055 mm'],
    ['D  -0.012', '-0.012'],
    ['20,055', '20,055'],
    ['.0035', '.0035'],
    ['ready', null],
  ])('%j is read as %j', (line, text) => {
    expect(readingIn(line)).toBe(text);
  });
  it('sends lines that arrive in pieces', async () => {
    const lines: string[] = [];
    const stop = new AbortController();
    await readLines(
      bytes('20.0', '55\r\n20', '.056\r', '\n20.057'),
      (l) => lines.push(l),
      stop.signal,
    );
    expect(lines).toEqual(['20.055', '20.056']);
  });
  it('says so where the browser gives no port', () => {
    const states: string[] = [];
    const close = serial.connect(
      { onReading: () => undefined, onState: (state, why) => states.push(`${state} ${why ?? ''}`) },
      null,
    );
    close();
    expect(states).toEqual([
      'connecting ',
      'lost This browser cannot use a serial gauge. Type the reading, or use another browser.',
    ]);
    expect(serial.available).toBe(false);
  });
});
