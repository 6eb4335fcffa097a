import { partName, type PumpKind } from '../pumps/registry';
import { alsoCheck, type AlsoCheck } from '../pumps/teardown/teardown';
import type { Sheet } from '../records/sheet';
import type { SmallPart } from '../records/teardown';
import { lower } from '../quantity/letters';
import { say } from '../wording/say';

/** More than so many missing ones are not told apart. */
const MOST_TOLD = 3;

/** Says how many of some small parts are missing: the answers of their check, none missing first. */
function answersFor(count: number): readonly (readonly [answer: string, missing: number])[] {
  if (count === 1)
    return [
      ['there', 0],
      ['missing', 1],
    ];
  const some = Array.from({ length: Math.min(MOST_TOLD, count - 1) }, (_, i) => i + 1);
  return [
    [say('inspect.allPins', { count }), 0],
    ...some.map((missing) => [say('inspect.missing', { missing }), missing] as const),
    ['all missing', count],
  ];
}

/** Names small parts by what they are on: `Keys, drive gear`. */
export const smallName = (pump: PumpKind, { part, kind, count }: SmallPart): string =>
  say('inspect.small', { part: lower(partName(pump, part)), kind, count });

/** Returns the id of the check that counts some small parts. */
const checkId = ({ id }: SmallPart): string => `small-${id}`;

/** Returns the check that counts some small parts. */
export function countCheck(pump: PumpKind, small: SmallPart): AlsoCheck {
  const { part, kind, count } = small;
  const answers = answersFor(count).map(([answer]) => answer);
  const ask = say('inspect.countSmall', { part: lower(partName(pump, part)), kind, count });
  return alsoCheck(checkId(small), smallName(pump, small), ask, answers, answers[0]);
}

/** Describes small parts of a pump of which some were missing. */
export interface MissingSmall {
  readonly small: SmallPart;
  readonly name: string;
  readonly missing: number;
}

/**
 * Lists the small parts of which some are missing.
 *
 * @param answers what was answered, by the id of the check
 */
export const missingSmall = (
  sheet: PumpKind & Pick<Sheet, 'small'>,
  answers: (check: string) => string | null,
): MissingSmall[] =>
  sheet.small.flatMap((small) => {
    const said = answers(checkId(small));
    const [, missing = 0] = answersFor(small.count).find(([answer]) => answer === said) ?? [];
    const name = say('inspect.small', {
      part: lower(partName(sheet, small.part)),
      kind: small.kind,
      count: missing,
    });
    return missing > 0 ? [{ small, missing, name }] : [];
  });
