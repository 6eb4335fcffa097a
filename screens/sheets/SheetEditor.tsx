import { reasonOf } from '@/core/errors';
import { dequal } from 'dequal';
import { useLocalSearchParams, useRouter } from 'expo-router';
import { useState } from 'react';
import { FormProvider, type FieldPath } from 'react-hook-form';
import { Button } from '@/ui/Button';
import type { ShopUnit } from '@/core/quantity/units';
import type { Sheet } from '@/core/records/sheet';
import { useChange, useRemove } from '@/data/hooks';
import { fileName, saveAs } from '@/data/save';
import { sheetFile } from '@/data/transfer/files';
import { Choice } from '@/ui/Choice';
import { Confirm } from '@/ui/Confirm';
import { Notice } from '@/ui/Notice';
import { Page } from '@/ui/Page';
import { KeptNotices } from '../shell/KeptNotices';
import { useHeldUnit } from '../shell/useHeldUnit';
import { useKeptForm } from '../shell/useKeptForm';
import { LimitSection } from './LimitSection';
import { PumpSection } from './PumpSection';
import { SizeSection } from './SizeSection';
import type { Fault } from '@/core/schema/faults';
import { fromForm, toForm, type SheetForm } from './sheetForm';
import {
  BenchSection,
  FastenerSection,
  OwnSection,
  TestSection,
  VariantSection,
} from './ListSections';
import { BuildSection } from './BuildSection';
import { WorkSection } from './WorkSection';
import { paragraph } from '@/core/wording/say';
import { saySheets } from './saySheets';
import { isDone } from '../shell/isDone';
import { RowLink } from '@/ui/RowLink';
import { SaveButton } from '@/ui/SaveButton';

const SECTIONS = [
  { value: 'pump', name: 'Pump', holds: ['examples', 'model', 'note', 'geometry'] },
  { value: 'limits', name: 'Limits', holds: ['tiers', 'limits'] },
  { value: 'own', name: 'Own', holds: ['own'] },
  { value: 'sizes', name: 'Sizes', holds: ['nominal', 'materials', 'gasket'] },
  { value: 'work', name: 'Work', holds: ['metal', 'prices', 'newSizes', 'washers', 'sets'] },
  { value: 'fasteners', name: 'Bolts', holds: ['fasteners'] },
  { value: 'variants', name: 'Variants', holds: ['key', 'variants', 'mixes'] },
  { value: 'build', name: 'Build', holds: ['assembly', 'tools', 'handover'] },
  { value: 'test', name: 'Test', holds: ['testPoints'] },
  { value: 'bench', name: 'Bench', holds: ['strip', 'renew', 'also', 'small', 'clutches', 'book'] },
] as const;
type Section = (typeof SECTIONS)[number]['value'];

const SHOWN = {
  pump: PumpSection,
  limits: LimitSection,
  own: OwnSection,
  sizes: SizeSection,
  work: WorkSection,
  fasteners: FastenerSection,
  variants: VariantSection,
  build: BuildSection,
  test: TestSection,
  bench: BenchSection,
} as const satisfies Record<Section, unknown>;

/** The parts of the form as the notices name them. */
const PART_NAME: Readonly<Partial<Record<keyof SheetForm, string>>> = {
  model: 'The model',
  note: 'The note',
  geometry: 'The geometry',
  examples: 'Which sizes are examples',
  own: 'The checks of its own',
  tiers: 'The limit sets',
  limits: 'The limits',
  nominal: 'The nominal sizes',
  materials: 'The materials',
  gasket: 'The gasket',
  metal: 'What metal has to stay',
  prices: 'The prices',
  sets: 'The gear sets',
  fasteners: 'The bolts',
  key: 'The key',
  variants: 'The variants',
  mixes: 'Which parts go together',
  assembly: 'The steps of the build',
  tools: 'The tools',
  handover: 'The lines to hand over',
  testPoints: 'The steps of the test',
};

/** Returns the fields of a sheet that are not as they were before. */
const differing = (sheet: Sheet, before: Sheet): Partial<Sheet> =>
  Object.fromEntries(
    Object.entries(sheet).filter(([name, value]) => !dequal(value, before[name as keyof Sheet])),
  );

const sectionOf = (path: string): Section =>
  SECTIONS.find(({ holds }) => holds.some((field) => path.split('.')[0] === field))?.value ??
  'pump';

interface Props {
  readonly sheet: Sheet;
  readonly unit: ShopUnit;
}

/** Holds the form of a sheet: what is wrong is pointed at, what only looks wrong is asked about once. */
function useSheetForm({ sheet, unit: shopUnit }: Props, onPoint: (path: string) => void) {
  const { apply: change, error } = useChange('sheet', sheet.id);
  const [wrong, setWrong] = useState<readonly Fault[]>([]);
  const [doubts, setDoubts] = useState<readonly Fault[]>([]);
  const { held: unit, follow, take } = useHeldUnit(shopUnit);
  const kept = useKeptForm<SheetForm>({
    key: `sheet/${sheet.id}`,
    stored: toForm(sheet, unit),
    unit,
    onUnit: take,
  });
  const { handleSubmit, setError, formState, clearErrors } = kept.form;
  follow(formState.isDirty);
  const point = (list: readonly Fault[]) => {
    list.forEach(({ path, message }) => setError(path as FieldPath<SheetForm>, { message }));
    const first = list[0];
    if (first) onPoint(first.path);
  };
  const store = handleSubmit(async (fields) => {
    const result = fromForm(fields, sheet, unit);
    setWrong(result.errors);
    if (result.errors.length > 0) {
      setDoubts([]);
      return point(result.errors);
    }
    const asked = dequal(doubts, result.doubts);
    if (result.doubts.length > 0 && !asked) {
      setDoubts(result.doubts);
      return point(result.doubts);
    }
    setDoubts([]);
    await kept.save((check) =>
      isDone(
        change((stored) => {
          check(toForm(stored, unit));
          return { ...stored, ...differing(result.sheet, sheet) };
        }),
      ),
    );
  });
  const save = () => {
    // What was wrong at a field that is not on show would hold the next attempt up, unseen.
    clearErrors();
    void store();
  };
  return { kept, unit, error, wrong, doubts, save };
}

/** What stands in the way of storing a sheet, and what it is for. */
function SheetNotices({
  sheet,
  form: { kept, error, wrong, doubts },
}: {
  readonly sheet: Sheet;
  readonly form: ReturnType<typeof useSheetForm>;
}) {
  return (
    <>
      {sheet.invented ? (
        <Notice kind="caution">
          Invented pump and invented limits, for the demo. Never use them for a real pump.
        </Notice>
      ) : null}
      <KeptNotices kept={kept} labels={PART_NAME} />
      {error ? <Notice kind="error">{reasonOf(error)}</Notice> : null}
      {wrong.length > 0 ? (
        <Notice kind="error">
          {saySheets('sheets.fix', { count: wrong.length, first: wrong[0]?.message ?? '' })}
        </Notice>
      ) : null}
      {doubts.length > 0 ? (
        <Notice kind="caution">
          {saySheets('sheets.checkThis', { doubts: paragraph(...doubts.map((d) => d.message)) })}
        </Notice>
      ) : null}
    </>
  );
}

/** A limit sheet in its sections, at the field that its address names; figures in shop shorthand; jobs already begun keep the sheet as it was. */
export function SheetEditor({ sheet, unit: shopUnit }: Props) {
  const router = useRouter();
  const { mutateAsync: removeSheet } = useRemove('sheet');
  const { field } = useLocalSearchParams<{ field?: string }>();
  const [section, setSection] = useState<Section>(field ? sectionOf(String(field)) : 'limits');
  const form = useSheetForm({ sheet, unit: shopUnit }, (path) => setSection(sectionOf(path)));
  const { kept, unit, doubts, save } = form;
  const Shown = SHOWN[section];
  return (
    <FormProvider {...kept.form}>
      <Page
        title={sheet.model}
        actions={
          <SaveButton
            isDirty={kept.form.formState.isDirty}
            word={doubts.length > 0 ? 'Save anyway' : 'Save'}
            onPress={save}
          />
        }
      >
        <SheetNotices sheet={sheet} form={form} />
        <Choice strip label="Section" value={section} options={SECTIONS} onChange={setSection} />
        <Shown sheet={sheet} unit={unit} />
        <RowLink
          href={`/sheets/${sheet.id}/history`}
          name="What our own pumps say"
          about="every check that the shop measured on this model"
        />
        <Button
          mode="outlined"
          icon="file-export-outline"
          onPress={async () => saveAs(fileName(sheet.model, 'json'), await sheetFile(sheet))}
        >
          Export this sheet
        </Button>
        <Confirm
          ask="Delete this sheet"
          warn="The sheet will be deleted permanently. Jobs already started keep their copy."
          sure="Delete for good"
          onSure={async () => {
            await removeSheet(sheet.id);
            router.replace('/sheets');
          }}
        />
      </Page>
    </FormProvider>
  );
}
