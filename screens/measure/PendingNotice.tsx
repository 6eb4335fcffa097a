import type { FeelerReading } from '@/core/methods/feeler';
import { Button } from 'react-native-paper';
import { stackOf } from '@/core/feeler/bounds';
import { formatLength } from '@/core/quantity/format';
import type { ShopUnit } from '@/core/quantity/units';
import { Notice } from '@/ui/Notice';
import { FELT_WORDS } from './Answers';
import type { PendingReading } from '@/core/commands/measuring';

interface Props {
  readonly pending: PendingReading;
  readonly unit: ShopUnit;
  readonly onSettle: (believe: 'new' | 'old') => void;
}

/** A reading that is not taken as it came: a person says what to believe. */
export function PendingNotice({ pending, unit, onSettle }: Props) {
  const [yes, no] =
    pending.kind === 'doubt' ? ['Keep it', 'Drop it'] : ['Strike the earlier', 'Drop this one'];
  return (
    <Notice
      kind="error"
      actions={
        <>
          <Button mode="contained" onPress={() => onSettle('new')}>
            {yes}
          </Button>
          <Button mode="outlined" onPress={() => onSettle('old')}>
            {no}
          </Button>
        </>
      }
    >
      {pending.kind === 'doubt' ? `${pending.why} Is it right?` : contradictionWords(pending, unit)}
    </Notice>
  );
}

/** Two tries that cannot both be true. */
function contradictionWords(
  { reading, against }: Extract<PendingReading, { kind: 'contradiction' }>,
  unit: ShopUnit,
): string {
  const words = ({ leaves_mm, felt }: FeelerReading) =>
    `${formatLength(stackOf(leaves_mm), 'gap', unit)} ${FELT_WORDS[felt].name.toLowerCase()}`;
  const earlier = against.map(words).join(', ');
  return `${words(reading)} cannot be true together with ${earlier} at this place. Wipe leaf and face, try again, and say which to believe.`;
}
