import { FREE_TURNS, MOST_WASHERS, TAB_SIDES, type Clutch } from '../pumps/teardown/clutch';
import { alsoCheck, type AlsoCheck } from '../pumps/teardown/teardown';

const count = (n: number): string => (n === 0 ? 'none' : String(n));

const UP_TO = Array.from({ length: MOST_WASHERS + 1 }, (_, n) => count(n));

const pinsCheck = (id: string, name: string, pins: number | null): AlsoCheck =>
  pins === null
    ? alsoCheck(
        id,
        `${name}, rollers or pins`,
        'Rollers, pins and their springs: how do they sit?',
        ['all in place', 'one is loose', 'one is missing'],
        'all in place',
      )
    : alsoCheck(
        id,
        `${name}, loose pins`,
        `Count the loose rollers or pins: are all ${pins} there?`,
        [`all ${pins}`, 'fewer', 'more'],
        `all ${pins}`,
      );

/** Returns the small checks of one clutch: how it turns and lies, what belongs to it, how its race has worn. */
export function clutchChecks(clutch: Clutch): AlsoCheck[] {
  const { id, name, free, seenFrom, turned, tabs, washers, pins } = clutch;
  return [
    alsoCheck(
      `${id}-free`,
      `${name}, free turning`,
      `Seen from the ${seenFrom}, which way does the ${turned} turn free?`,
      [...FREE_TURNS, 'both', 'neither'],
      free,
    ),
    alsoCheck(
      `${id}-tabs`,
      `${name}, tabs`,
      'On which side do the cage’s tabs lie?',
      [...TAB_SIDES],
      tabs,
    ),
    alsoCheck(
      `${id}-washers`,
      `${name}, washers`,
      'How many washers lie with it?',
      UP_TO,
      washers === null ? '' : count(washers),
    ),
    pinsCheck(`${id}-pins`, name, pins),
    alsoCheck(
      `${id}-race`,
      `${name}, race`,
      'Race wiped: what does the nail find?',
      ['smooth', 'marked', 'dented'],
      'smooth',
    ),
  ];
}
