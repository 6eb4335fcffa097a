import { bestOnShelf } from '@/core/pairing/choice';
import { holds, turns } from '@/core/pairing/roles';
import { say } from '@/core/wording/say';
import { choiceWords } from '@/core/wording/shelf';
import { RowButton } from '@/ui/RowButton';
import type { Deciding } from './useDeciding';
import { useShelfChoices } from './useShelfChoices';

interface Props {
  readonly deciding: Deciding;
  readonly onOpen: () => void;
}

/** What lies on the shelf that would bring this pump in as well, where work is planned. */
export function ShelfHint({ deciding: { job, shop, planned }, onOpen }: Props) {
  const choices = useShelfChoices(job, shop);
  const { sheet } = job;
  // Where neither the body nor what turns in it is to be worked on, nothing has to be looked for.
  const asked = planned.some(({ offer }) => holds(sheet, offer) || turns(sheet, offer));
  const best = asked ? bestOnShelf(sheet, choices ?? []) : null;
  if (!best) return null;
  return (
    <RowButton
      name={say('shelf.hint', { label: best.label })}
      about={choiceWords(sheet, best, shop.unit)}
      onPress={onOpen}
    />
  );
}
