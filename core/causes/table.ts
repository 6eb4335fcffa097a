import { COMPLAINTS } from './complaints';
import { CAUSES, SIGNS } from './causes';

/** Returns the rules as a table that other programs read: complaints, signs with their words, causes with what speaks for each. */
export const causesTable = () => ({
  complaints: COMPLAINTS,
  signs: SIGNS.map(({ id, words, ask }) => ({ id, words, asked: ask ?? null })),
  causes: CAUSES.map(
    ({ id, name, gives, strong, some, against, settle, change, makes, result }) => ({
      id,
      name,
      gives,
      strong,
      some,
      against,
      settle,
      change: change.map(({ words }) => words),
      makes: makes ?? [],
      result: result ?? false,
    }),
  ),
});
