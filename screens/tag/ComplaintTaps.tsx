import { useState } from 'react';
import { View } from 'react-native';
import { COMPLAINTS } from '@/core/causes/complaints';
import { tell } from '@/core/commands/telling';
import { ledgerOf } from '@/core/journal/ledger';
import type { Job } from '@/core/records/job';
import { counting } from '@/core/schema/voiding';
import { together } from '@/core/wording/say';
import { Notice } from '@/ui/Notice';
import { RowButton } from '@/ui/RowButton';
import { Tile, Tiles } from '@/ui/Tile';
import { layout } from '@/ui/layout';
import { useCommand } from '../job/useCommand';

/** What the customer complains of, by taps: what failed is looked for by them. */
export function ComplaintTaps({ job }: { readonly job: Job }) {
  const { run, error } = useCommand(job);
  const said = counting(ledgerOf(job).told).filter(({ answer }) => answer === 'yes');
  const isSaid = (id: string) => said.some(({ of }) => of === id);
  const names = COMPLAINTS.filter(({ id }) => isSaid(id)).map(({ words }) => words);
  const [open, setOpen] = useState(false);
  return (
    <View style={layout.stack}>
      <RowButton
        name="What it complains of"
        about={together(names) || 'not said'}
        open={open}
        onPress={() => setOpen(!open)}
      />
      {error ? <Notice kind="error">{error}</Notice> : null}
      {open ? (
        <Tiles label="What it complains of">
          {COMPLAINTS.map(({ id, words }) => (
            <Tile
              key={id}
              name={words}
              across={3}
              chosen={isSaid(id)}
              onPress={() => void run(tell(id, isSaid(id) ? null : 'yes'))}
            />
          ))}
        </Tiles>
      ) : null}
    </View>
  );
}
