import { acceptedIn } from '@/core/journal/accepted';
import { sayDecide } from './sayDecide';
import { RowButton } from '@/ui/RowButton';
import { StageMark } from '@/ui/StageMark';
import { unlimitedIn } from './unlimited';
import type { Deciding } from './useDeciding';

interface Props {
  readonly deciding: Deciding;
  readonly onOpen: () => void;
}

/** How many checks were measured without a published limit, and how many of them a person has accepted. */
export function AcceptRow({ deciding, onOpen }: Props) {
  const { job, rework } = deciding;
  const gaps = unlimitedIn(rework.all);
  if (gaps.length === 0) return null;
  const accepted = acceptedIn(job);
  const count = gaps.filter((a) => accepted.has(a.characteristic.id)).length;
  return (
    <RowButton
      name={sayDecide('rework.unlimited', { count: gaps.length })}
      about={sayDecide('rework.unlimitedAccepted', { accepted: count, all: gaps.length })}
      mark={<StageMark standing={count === gaps.length ? 'done' : 'open'} size={22} />}
      onPress={onOpen}
    />
  );
}
