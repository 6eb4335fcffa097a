import { setLocale } from 'yup';
import { say } from '../wording/say';

/** Names what a field holds. */
const THING: Readonly<Record<string, string>> = {
  string: 'a text',
  number: 'a number',
  boolean: 'yes or no',
  array: 'a list',
  object: 'a group of fields',
};

/*
 * Says what is wrong with a field that has no words of its own: people read it beside the name of the field. This runs before
 * any schema is made.
 */
setLocale({
  mixed: {
    default: 'Not what belongs here',
    required: 'Missing',
    defined: 'Missing',
    notNull: 'Missing',
    oneOf: ({ values }: { values: unknown }) => say('records.oneOf', { values: String(values) }),
    notType: ({ type }: { type: string }) =>
      say('records.notType', { thing: THING[type] ?? 'something else' }),
  },
  string: {
    matches: 'Not written as it has to be',
    min: ({ min }: { min: number }) => say('records.leastCharacters', { least: min }),
    max: ({ max }: { max: number }) => say('records.mostCharacters', { most: max }),
  },
  number: {
    min: ({ min }: { min: number }) => say('records.atLeast', { least: min }),
    max: ({ max }: { max: number }) => say('records.atMost', { most: max }),
    moreThan: ({ more }: { more: number }) => say('records.moreThan', { bound: more }),
    integer: 'Not a whole number',
  },
  array: {
    min: ({ min }: { min: number }) => say('records.fewestItems', { least: min }),
    max: ({ max }: { max: number }) => say('records.mostItems', { most: max }),
  },
  object: {
    noUnknown: ({ unknown }: { unknown: unknown }) =>
      say('records.fieldUnknown', { fields: String(unknown).slice(0, 200) }),
  },
});
