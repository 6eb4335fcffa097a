import { FREE_TURNS, MOST_WASHERS, TAB_SIDES, type Clutch } from '../pumps/teardown/clutch';
import { alsoCheck, type AlsoCheck } from '../pumps/teardown/teardown';
import { say } from '../wording/say';

const count = (n: number): string => (n === 0 ? 'none' : String(n));

const UP_TO = Array.from({ length: MOST_WASHERS + 1 }, (_, n) => count(n));

const pinsCheck = (id: string, name: string, pins: number | null): AlsoCheck =>
  pins === null
    ? alsoCheck(
        id,
        say('inspect.rollers', { clutch: name }),
        'Look at the rollers, pins and springs. Are all in place?',
        ['all in place', 'one is loose', 'one is missing'],
        'all in place',
      )
    : alsoCheck(
        id,
        say('inspect.loosePins', { clutch: name }),
        say('inspect.countPins', { count: pins }),
        [say('inspect.allPins', { count: pins }), 'fewer', 'more'],
        say('inspect.allPins', { count: pins }),
      );

/** Answers that a clutch, of those that units of this kind have, is not in this one. */
export const NOT_HERE = 'not in this unit';

/**
 * Returns the small checks of one clutch: how it turns and lies, what belongs to it, how its race has worn. One that is
 * not in the unit has nothing more to be asked.
 *
 * @param answer what was answered to a check, by its id; null where nobody answered
 */
export function clutchChecks(
  clutch: Clutch,
  answer: (check: string) => string | null = () => null,
): AlsoCheck[] {
  const [turns, ...rest] = checksOf(clutch);
  return turns && answer(turns.id) === NOT_HERE ? [turns] : [...(turns ? [turns] : []), ...rest];
}

function checksOf(clutch: Clutch): AlsoCheck[] {
  const { id, name, free, seenFrom, turned, tabs, washers, pins } = clutch;
  return [
    alsoCheck(
      `${id}-free`,
      say('inspect.freeTurning', { clutch: name }),
      say('inspect.whichWayFree', { side: seenFrom, part: turned }),
      [...FREE_TURNS, 'both', 'neither', NOT_HERE],
      free,
    ),
    alsoCheck(
      `${id}-tabs`,
      say('inspect.tabs', { clutch: name }),
      'Which side are the cage tabs on?',
      [...TAB_SIDES],
      tabs,
    ),
    alsoCheck(
      `${id}-washers`,
      say('inspect.washers', { clutch: name }),
      'How many washers are with it?',
      UP_TO,
      washers === null ? '' : count(washers),
    ),
    pinsCheck(`${id}-pins`, name, pins),
    {
      ...alsoCheck(
        `${id}-race`,
        say('inspect.race', { clutch: name }),
        'Wipe the race. What does a fingernail feel?',
        ['smooth', 'marked', 'dented'],
        'smooth',
      ),
      asksFor: [{ answer: 'marked', remedy: 'roughen-race' }],
    },
  ];
}
