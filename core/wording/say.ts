import { IntlMessageFormat } from 'intl-messageformat';
import { language } from '../language';
import { capital, lower } from '../quantity/letters';
import { MESSAGES } from './messages';
import { respelled } from './spelling';

export type MessageKey = keyof typeof MESSAGES;

/** Messages by their keys: the app’s own, or those of a room that is loaded by itself. */
type Catalogue = Readonly<Record<string, string>>;

/** The text before the first of two signs: `n` of `n, plural, …` and of `n}`. */
type Before<S, Sign extends string> = S extends `${infer Head}${Sign}${string}` ? Head : S;
type Head<S> = Before<Before<S, '}'>, ','>;

/** Matches what stands behind a brace that opens a branch of a plural or a choice. */
type Branch = `${string} ${string}` | `{${string}` | '';

/** The names of a message’s parameters: a brace with a single word, and that is no branch. */
type ParametersIn<S> = S extends `${string}{${infer Rest}`
  ? (Head<Rest> extends Branch ? never : Head<Rest>) | ParametersIn<Rest>
  : never;

type Values<Text> = Readonly<Record<ParametersIn<Text>, string | number>>;

/** Nothing where a message has no parameters, else its values. */
type Given<Text> = [ParametersIn<Text>] extends [never] ? [] : [values: Values<Text>];

/** Puts values into a message. */
type Said = (values: Readonly<Record<string, string | number>>) => string;

/** Matches a text in which a parameter is a name in braces, and nothing is quoted: there is nothing to choose. */
const PLAIN = /^(?:[^{}']|\{\w+\})*$/;

const PARAMETER = /\{(\w+)\}/g;

/** Reads a message. Most are plain; what reads those with a plural or a choice is needed on few screens. */
function readMessage(text: string): Said {
  if (PLAIN.test(text)) {
    return (values) => text.replace(PARAMETER, (_, name: string) => String(values[name]));
  }
  const message = new IntlMessageFormat(text, 'en', undefined, { ignoreTag: true });
  return (values) => String(message.format(values));
}

/** Returns what reads the messages of a catalogue: each once for each spelling. */
function readerOf(messages: Catalogue): (key: string) => Said {
  const read = new Map<string, Said>();
  return (key) => {
    const { spelling } = language();
    const id = `${spelling}/${key}`;
    const known = read.get(id);
    if (known) return known;
    const made = readMessage(respelled(messages[key] ?? '', spelling));
    read.set(id, made);
    return made;
  };
}

/**
 * Makes what says the messages of a catalogue: a room that is loaded by itself brings its own.
 *
 * @param messages by their keys
 * @example
 * const sayHere = sayFrom({ left: '{left} of {all} left.' });
 * sayHere('left', { left: 2, all: 4 }); // '2 of 4 left.'
 */
export function sayFrom<const M extends Catalogue>(messages: M) {
  const read = readerOf(messages);
  return <K extends keyof M & string>(key: K, ...[values]: Given<M[K]>): string =>
    read(key)(values ?? {});
}

const messageOf = readerOf(MESSAGES);

/**
 * Says a message of the catalogue, whole, with its parameters put in.
 *
 * @param key of the message, `bench.noMatch`
 * @param values by the names that stand in braces in the message; figures come written with their unit
 * @example
 * say('judge.placesLeft', { left: 2, all: 4 }); // '2 of 4 places left.'
 */
export const say: <K extends MessageKey>(key: K, ...given: Given<(typeof MESSAGES)[K]>) => string =
  sayFrom(MESSAGES);

const SLOT = '\uFFFC';

/**
 * Says a message in two pieces, before and after one of its parameters, which is drawn in another way.
 *
 * @param slot the name of that parameter
 */
export function sayAround<K extends MessageKey, S extends ParametersIn<(typeof MESSAGES)[K]>>(
  key: K,
  slot: S,
  values: Omit<Values<(typeof MESSAGES)[K]>, S>,
): readonly [before: string, after: string] {
  const [before = '', after = ''] = messageOf(key)({ ...values, [slot]: SLOT }).split(SLOT);
  return [before, after];
}

/** Returns a text of the app’s own, without parameters, in the spelling in force. */
export const spelled = (text: string): string => respelled(text, language().spelling);

/** Returns a text as a sentence: with a capital, and a full stop where nothing ends it. */
export const sentence = (text: string): string =>
  /[.!?]$/.test(text) ? capital(text) : `${capital(text)}.`;

/** Sets whole sentences one after the other, and leaves out those that there is nothing to say of. */
export const paragraph = (...sentences: readonly (string | null | undefined | false)[]): string =>
  sentences.filter(Boolean).join(' ');

/** Names what is done or bought together, at the head of a line: `Drive gear and driven gear`. */
export const together = (names: readonly string[]): string =>
  listed(names.map((name, i) => (i === 0 ? name : lower(name))));

/** Lists names in a sentence: `A, B and C`; names that have commas of their own stand apart: `A, front; B, rear`. */
export const listed = (names: readonly string[]): string =>
  names.some((name) => name.includes(','))
    ? names.join('; ')
    : new Intl.ListFormat(language().spelling === 'american' ? 'en-US' : 'en-GB').format(names);
