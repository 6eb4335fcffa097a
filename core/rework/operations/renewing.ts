import type { Replacement } from '../../pumps/remedies';
import { bought, operation, PRESS, type Operation, type OperationTerms } from './operation';

/** Returns the operation that puts another part in the place of one. */
const renewing = (
  id: string,
  replaces: Replacement,
  order: string,
  terms: OperationTerms,
  more: Partial<Pick<Operation, 'per' | 'house'>> & { readonly name?: string } = {},
): Operation => {
  const { name = 'replace', ...made } = more;
  return operation(id, name, order, terms, { decision: 'replace', replaces, ...made });
};

/** Lists what puts in a part in place of another, or saves one that was to be replaced. */
export const RENEWING: readonly Operation[] = [
  // The hub first: a bushing is sized to the hub that runs in it.
  renewing('hub-renewed', 'hub', 'Replace the hub', bought(65, 3, 20)),
  renewing(
    'bushing-renewed',
    'bushing',
    'Replace the bushing',
    {
      ...bought(12, 0, 35, 15),
      caution: PRESS,
      tool: 'Press and driver, then hone',
      check: 'Clean it, slip the hub on, turn it, rock it: after every step of the hone.',
    },
    { name: 'replace and size' },
  ),
  renewing('gear-set', 'gears', 'Replace the gears', bought(95, 2), {
    name: 'replace as a set',
    per: 'section',
    house: 'gears',
  }),
  renewing('cover-renewed', 'cover', 'Replace the cover', bought(90, 4)),
  renewing('plate-renewed', 'plate', 'Replace the plate', bought(28, 2)),
  renewing('block-renewed', 'block', 'Replace the bushing block', bought(45, 3)),
  renewing('body-renewed', 'body', 'Replace the body', bought(210, 6, 20)),
  operation(
    'bores-sleeved',
    'have it sleeved',
    'Have the bores sleeved',
    { ...bought(130, 5, 0), by: 'out' },
    { decision: 'machine', insteadOfNew: true, remedy: 'sleeve' },
  ),
  renewing('rotor-renewed', 'rotor', 'Replace the rotor', bought(80, 4)),
  renewing('vanes-renewed', 'vanes', 'Replace the vanes', bought(36, 2), {
    name: 'replace as a set',
  }),
  renewing('ring-renewed', 'ring', 'Replace the cam ring', bought(70, 4)),
  renewing('slide-renewed', 'slide', 'Replace the slide', bought(60, 4)),
  renewing('bearing-renewed', 'bearing', 'Replace the bearing', {
    ...bought(24, 1, 20, 5),
    caution: PRESS,
  }),
  renewing('plunger-renewed', 'plunger', 'Replace the plunger', bought(14, 2, 5)),
  renewing('spring-renewed', 'spring', 'Replace the spring', {
    ...bought(6, 2, 5),
    caution: 'A loaded spring can fly out. Guide it; keep your face clear.',
  }),
  renewing('shaft-renewed', 'shaft', 'Replace the shaft', bought(40, 3)),
];
