import type { Spelling } from '../language';

/** The words that North America spells, or says, otherwise. */
export const AMERICAN: Readonly<Record<string, string>> = {
  aluminium: 'aluminum',
  anticlockwise: 'counterclockwise',
  centre: 'center',
  centres: 'centers',
  colour: 'color',
  colours: 'colors',
  metre: 'meter',
  metres: 'meters',
  millimetre: 'millimeter',
  millimetres: 'millimeters',
};

const BRITISH = new RegExp(`\\b(?:${Object.keys(AMERICAN).join('|')})\\b`, 'gi');

const asIn = (model: string, word: string): string =>
  /^[A-Z]/.test(model) ? `${word.charAt(0).toUpperCase()}${word.slice(1)}` : word;

/** Returns a text of the app, which is written in British spelling, as it is spelled elsewhere. */
export const respelled = (text: string, spelling: Spelling): string =>
  spelling === 'british'
    ? text
    : text.replace(BRITISH, (word) => asIn(word, AMERICAN[word.toLowerCase()] ?? word));

/** Lists the words of a text that are spelled otherwise in North America. */
export const britishIn = (text: string): string[] => text.match(BRITISH) ?? [];
