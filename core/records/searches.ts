import { array } from 'yup';
import { exact, identifier, line, once } from '../schema/fields';

/** Limits the searches: more of them are not found again on the bench. */
const MOST_SEARCHES = 20;

/** Lists the searches that a shop keeps: each stands on the bench by its name. */
export const searches = once(
  array(
    exact({
      id: identifier(),
      name: line().required('Give the search a name'),
      words: line().required('Say what is looked for'),
    }),
  )
    .required()
    .max(MOST_SEARCHES, 'At most 20 searches. Delete one first.'),
  'A search is there twice',
  ({ id }) => id,
);
