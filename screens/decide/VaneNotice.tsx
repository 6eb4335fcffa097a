import { vaneOutlook } from '@/core/rework/decision/vanes';
import { vaneWords } from '@/core/wording/vane';
import { Notice } from '@/ui/Notice';
import { Words } from '@/ui/Words';
import type { Deciding } from './useDeciding';

/** What of the vanes stays in their slots, and how long; an alarm where one can leave its slot. */
export function VaneNotice({ deciding }: { readonly deciding: Deciding }) {
  const { rework, shop } = deciding;
  const outlook = vaneOutlook(rework);
  if (!outlook) return null;
  const words = vaneWords(outlook, shop.unit);
  return outlook.verdict === 'escapes' ? (
    <Notice kind="error">{words}</Notice>
  ) : (
    <Words>{words}</Words>
  );
}
