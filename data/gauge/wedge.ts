import type { ReadingSource } from './source';

/** A pad, or a cable that types: nothing to connect, what it types arrives in the field. */
export const wedge: ReadingSource = {
  id: 'typed',
  name: 'Typed',
  about: 'The pad, a keyboard, or a gauge cable that types and ends with Enter.',
  available: true,
  connect: (listener) => {
    listener.onState('ready');
    return () => undefined;
  },
};
