import type { ReadingSource } from './source';

/** The server's simulated gauge: its readings are marked as simulated wherever they appear. */
export const simulated: ReadingSource = {
  id: 'simulated',
  name: 'Simulated gauge',
  about:
    'Simulated readings near the sheet’s size, from the app’s own server. For trying out only.',
  available: typeof EventSource !== 'undefined',
  connect: (listener, expected_mm) => {
    const around = expected_mm === null ? '' : `?around=${expected_mm}`;
    const stream = new EventSource(`/api/gauge${around}`);
    listener.onState('connecting');
    stream.addEventListener('open', () => listener.onState('ready'));
    stream.addEventListener('reading', (event) => {
      listener.onReading(JSON.parse((event as MessageEvent<string>).data) as { text: string });
    });
    stream.addEventListener('error', () => {
      listener.onState(
        'lost',
        'The simulated gauge needs the app’s server. Start it and try again.',
      );
    });
    return () => stream.close();
  },
};
