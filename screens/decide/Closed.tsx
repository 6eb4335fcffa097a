import { closedBy } from '@/core/rework/decision/moved';
import { closedWords } from '@/core/wording/worked';
import { Notice } from '@/ui/Notice';
import type { Deciding } from './useDeciding';

/** The running clearances that work closed, in red. */
export function Closed({ deciding: { rework, shop } }: { readonly deciding: Deciding }) {
  return closedBy(rework.all).map((a) => (
    <Notice key={a.characteristic.id} kind="error">
      {closedWords(a, shop.unit)}
    </Notice>
  ));
}
