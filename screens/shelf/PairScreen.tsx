import { useMemo, useState } from 'react';
import { useLocalSearchParams, useRouter } from 'expo-router';
import { holds, lyingFor, turns } from '@/core/pairing/roles';
import type { ShelfPart } from '@/core/records/part';
import { sheetName, type Sheet } from '@/core/records/sheet';
import { sayShelf } from './sayShelf';
import { useParts, useSheets } from '@/data/hooks';
import { Button } from '@/ui/Button';
import { Page } from '@/ui/Page';
import { Pick } from '@/ui/Pick';
import { Words } from '@/ui/Words';
import { PairPanel } from './PairPanel';

/** What lies on the shelf for one model, by what it does in a pump. */
interface Model {
  readonly sheet: Sheet;
  readonly bodies: readonly ShelfPart[];
  readonly gears: readonly ShelfPart[];
}

/** Lists the models of which both bodies and what turns in them lie on the shelf, those with most pumps first. */
function modelsOn(shelf: readonly ShelfPart[], sheets: readonly Sheet[]): Model[] {
  const pumps = ({ bodies, gears }: Model) => Math.min(bodies.length, gears.length);
  return sheets
    .map((sheet): Model => {
      const lying = lyingFor(shelf, sheet);
      return {
        sheet,
        bodies: lying.filter((part) => holds(sheet, part)),
        gears: lying.filter((part) => turns(sheet, part)),
      };
    })
    .filter((model) => pumps(model) > 0)
    .sort((a, b) => pumps(b) - pumps(a));
}

/** As many pumps inside the limits as the shelf allows, with the least metal taken off. */
export function PairScreen() {
  const router = useRouter();
  const { data: parts } = useParts();
  const { data: sheets } = useSheets();
  const { sheet: wanted } = useLocalSearchParams<{ sheet?: string }>();
  const [asked, setAsked] = useState(wanted ?? '');
  const models = useMemo(
    () => modelsOn(parts?.records ?? [], sheets?.records ?? []),
    [parts, sheets],
  );
  if (!parts || !sheets) return null;
  const model = models.find(({ sheet }) => sheet.id === asked) ?? models[0];
  return (
    <Page title="Pair up">
      {model ? (
        <>
          <Pick
            label="Pump"
            value={model.sheet.id}
            options={models.map(({ sheet, bodies, gears }) => ({
              value: sheet.id,
              name: sayShelf('shelf.modelOption', {
                model: sheetName(sheet),
                bodies: bodies.length,
                sets: gears.length,
              }),
            }))}
            onChange={setAsked}
          />
          <PairPanel key={model.sheet.id} {...model} />
        </>
      ) : (
        <Words>
          No pump can be put together yet: the shelf needs a measured body and a measured gear set
          of the same pump.
        </Words>
      )}
      <Button mode="text" onPress={() => router.navigate('/shelf')}>
        Back to Shelf
      </Button>
    </Page>
  );
}
