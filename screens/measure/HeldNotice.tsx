import { Button } from 'react-native-paper';
import { stackOf } from '@/core/metrology/bracket';
import { formatLength } from '@/core/quantity/format';
import type { ShopUnit } from '@/core/quantity/units';
import type { LeafReading } from '@/core/records/parts';
import { Notice } from '@/ui/Notice';
import { FELT_WORDS } from './Answers';
import type { Held } from './useMeasuring';

interface Props {
  readonly held: Held;
  readonly unit: ShopUnit;
  readonly onSettle: (believe: 'new' | 'old') => void;
}

/** A reading that is not taken as it came: a person says what to believe. */
export function HeldNotice({ held, unit, onSettle }: Props) {
  const [yes, no] =
    held.kind === 'doubt' ? ['Keep it', 'Drop it'] : ['Strike the earlier', 'Drop this one'];
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
      {held.kind === 'doubt' ? `${held.why} Is it right?` : contradictionWords(held, unit)}
    </Notice>
  );
}

/** Two tries that cannot both be true. */
function contradictionWords(
  { reading, against }: Extract<Held, { kind: 'contradiction' }>,
  unit: ShopUnit,
): string {
  const words = ({ leaves_mm, felt }: LeafReading) =>
    `${formatLength(stackOf(leaves_mm), 'gap', unit)} ${FELT_WORDS[felt].name.toLowerCase()}`;
  const earlier = against.map(words).join(', ');
  return `${words(reading)} cannot be true together with ${earlier} at this place. Wipe leaf and face, try again, and say which to believe.`;
}
