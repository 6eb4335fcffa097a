import { useMemo, useState } from 'react';
import { View } from 'react-native';
import { otherPumps } from '@/core/flow/otherPump';
import type { Job } from '@/core/records/job';
import { sayFlow } from '@/core/wording/sayFlow';
import { useSheets } from '@/data/hooks';
import { RowButton } from '@/ui/RowButton';
import { Words } from '@/ui/Words';
import { layout } from '@/ui/layout';
import { SizedFlow } from './SizedFlow';
import { useFlowBasis } from './useFlow';

/** Pumps and cartridges of the shop’s other sheets: what each would deliver in place of this one. */
export function OtherPumps({ job }: { readonly job: Job }) {
  const { data: sheets } = useSheets();
  const basis = useFlowBasis(job);
  const others = useMemo(() => otherPumps(basis, sheets?.records ?? []), [basis, sheets]);
  const [chosen, setChosen] = useState<string | null>(null);
  if (!sheets) return null;
  return (
    <View style={layout.stack}>
      <Words strong>Another pump or cartridge</Words>
      {others.length === 0 ? <Words>{sayFlow('flow.otherNone')}</Words> : null}
      {others.map(({ sheet: { id, model }, basis: other, cc_rev }) => (
        <View key={id} style={layout.stack}>
          <RowButton
            name={model}
            about={sayFlow('flow.otherMoves', { cc: cc_rev.toFixed(1) })}
            open={chosen === id}
            onPress={() => setChosen(chosen === id ? null : id)}
          />
          {chosen === id ? <SizedFlow basis={basis} other={other} also="flow.otherAlso" /> : null}
        </View>
      ))}
    </View>
  );
}
