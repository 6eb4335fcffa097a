import { useQuery } from '@tanstack/react-query';
import { useMemo } from 'react';
import { useFormContext, useWatch } from 'react-hook-form';
import type { ShopUnit } from '@/core/quantity/units';
import { MOST_SHEET_PHOTOS, type Sheet } from '@/core/records/sheet';
import { paragraph } from '@/core/wording/say';
import { Field } from '@/ui/Field';
import { Heading, Words } from '@/ui/Words';
import { ListEditor } from './ListEditor';
import { toListForms } from './listForm';
import { sheetLists } from './lists/lists';
import { saySheets } from './saySheets';
import type { SheetForm } from './sheetForm';
import { RecordPhotos } from '../shell/RecordPhotos';

interface Props {
  readonly sheet: Sheet;
  readonly unit: ShopUnit;
}

/** The usual build of a pump: it is loaded with the stage that builds, not with the sheets. */
function useUsual(sheet: Sheet) {
  const { data } = useQuery({
    queryKey: ['usual build'],
    queryFn: async () => {
      const { assemblyOf, watchLinesOf } = await import('../job/after');
      return { assemblyOf, watchLinesOf };
    },
    staleTime: Infinity,
  });
  return useMemo(
    () => (data ? { steps: [...data.assemblyOf(sheet)], lines: data.watchLinesOf(sheet) } : null),
    [data, sheet],
  );
}

/** The photos of the tool of an entry, once that is on the sheet. */
function PhotosAt({ sheet, index }: { readonly sheet: Sheet; readonly index: number }) {
  const { control } = useFormContext<SheetForm>();
  const id = useWatch({ control, name: `tools.${index}.id` });
  return sheet.tools.some((tool) => tool.id === id) ? (
    <RecordPhotos kind="sheet" record={sheet} of={id} most={MOST_SHEET_PHOTOS} />
  ) : (
    <Words size="note" tone="muted">
      Save the sheet, then add a photo or a drawing.
    </Words>
  );
}

/** How the pump goes back together, the tools that were made for it, and what is said to whoever gets it back. */
export function BuildSection({ sheet, unit }: Props) {
  const { control } = useFormContext<SheetForm>();
  const assembly = useWatch({ control, name: 'assembly' });
  const usual = useUsual(sheet);
  const steps = assembly.length > 0 ? assembly : (usual?.steps ?? []);
  const lists = sheetLists(sheet, unit, [], steps);
  const usualSteps = useMemo(
    () => (usual ? toListForms({ ...sheet, assembly: usual.steps }, unit).assembly : null),
    [usual, sheet, unit],
  );
  return (
    <>
      <ListEditor name="assembly" lists={lists} {...(usualSteps ? { usual: usualSteps } : {})} />
      <ListEditor name="tools" lists={lists} more={(i) => <PhotosAt sheet={sheet} index={i} />} />
      <Heading>What to watch, for whoever gets it back</Heading>
      <Field control={control} name="handover" label="A line for each thing" multiline />
      {usual ? (
        <Words size="note" tone="muted">
          {saySheets('sheets.usualLines', { lines: paragraph(...usual.lines) })}
        </Words>
      ) : null}
    </>
  );
}
