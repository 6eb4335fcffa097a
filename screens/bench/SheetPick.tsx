import { useState } from 'react';
import { View } from 'react-native';
import { Searchbar } from 'react-native-paper';
import { familyOf } from '@/core/pumps/registry';
import { sheetName, type Sheet } from '@/core/records/sheet';
import { Choice } from '@/ui/Choice';
import { Words } from '@/ui/Words';
import { say } from '@/core/wording/say';
import { layout } from '@/ui/layout';

/** More sheets than these are searched rather than read through. */
const FEW = 6;

interface Props {
  /** The ones used last first. */
  readonly sheets: readonly Sheet[];
  readonly chosen: string;
  readonly onChange: (id: string) => void;
}

const nameOf = (s: Sheet): string =>
  [sheetName(s), familyOf(s.family).name, s.invented ? 'invented limits' : '']
    .filter(Boolean)
    .join(' · ');

/** The sheet of a new job: the last used ones at once, any other by a few letters of its name or family. */
export function SheetPick({ sheets, chosen, onChange }: Props) {
  const [wanted, setWanted] = useState('');
  const letters = wanted.trim().toLowerCase();
  const found = sheets.filter((s) => nameOf(s).toLowerCase().includes(letters));
  const shown = found.filter((s, i) => i < FEW || s.id === chosen);
  return (
    <View style={layout.stack}>
      {sheets.length > FEW ? (
        <Searchbar
          role="searchbox"
          value={wanted}
          onChangeText={setWanted}
          placeholder="Model or kind of pump"
          aria-label="Find a sheet"
          elevation={0}
        />
      ) : null}
      {shown.length > 0 ? (
        <Choice
          stacked
          label="Limit sheet"
          value={chosen}
          options={shown.map((s) => ({ value: s.id, name: nameOf(s) }))}
          onChange={onChange}
        />
      ) : (
        <Words tone="muted">{say('bench.noSheet', { text: wanted.trim() })}</Words>
      )}
      {found.length > shown.length ? (
        <Words size="note" tone="muted">
          {say('bench.moreSheets', { count: found.length - shown.length })}
        </Words>
      ) : null}
    </View>
  );
}
