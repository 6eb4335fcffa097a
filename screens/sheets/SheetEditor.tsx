import { reasonOf } from '@/core/errors';
import { dequal } from 'dequal';
import { useRouter } from 'expo-router';
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
import { BenchSection, FastenerSection, OwnSection, VariantSection } from './ListSections';
import { WorkSection } from './WorkSection';
import { paragraph, say } from '@/core/wording/say';

const SECTIONS = [
  { value: 'pump', name: 'Pump', holds: ['examples', 'model', 'note', 'geometry'] },
  { value: 'limits', name: 'Limits', holds: ['tiers', 'limits'] },
  { value: 'own', name: 'Own', holds: ['own'] },
  { value: 'sizes', name: 'Sizes', holds: ['nominal', 'materials', 'gasket'] },
  { value: 'work', name: 'Work', holds: ['metal', 'prices', 'newSizes', 'washers', 'sets'] },
  { value: 'fasteners', name: 'Bolts', holds: ['fasteners'] },
  { value: 'variants', name: 'Variants', holds: ['key', 'variants', 'mixes'] },
  { value: 'bench', name: 'Bench', holds: ['strip', 'renew', 'also', 'small', 'clutches', 'book'] },
] as const;
type Section = (typeof SECTIONS)[number]['value'];

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
};

/** Returns the fields of a sheet that are not as they were before. */
const differing = (sheet: Sheet, before: Sheet): Partial<Sheet> =>
  Object.fromEntries(
    Object.entries(sheet).filter(([name, value]) => !dequal(value, before[name as keyof Sheet])),
  );

const sectionOf = (path: string): Section =>
  SECTIONS.find(({ holds }) => holds.some((field) => path.split('.')[0] === field))?.value ??
  'pump';

/** A limit sheet in its sections, figures in shop shorthand; jobs already begun keep the sheet as it was. */
export function SheetEditor({
  sheet,
  unit: shopUnit,
}: {
  readonly sheet: Sheet;
  readonly unit: ShopUnit;
}) {
  const router = useRouter();
  const { apply: change, error } = useChange('sheet', sheet.id);
  const { mutateAsync: removeSheet } = useRemove('sheet');
  const [section, setSection] = useState<Section>('limits');
  const [wrong, setWrong] = useState<readonly Fault[]>([]);
  const [doubts, setDoubts] = useState<readonly Fault[]>([]);
  const { held: unit, follow, take } = useHeldUnit(shopUnit);
  const kept = useKeptForm<SheetForm>({
    key: `sheet/${sheet.id}`,
    stored: toForm(sheet, unit),
    unit,
    onUnit: take,
  });
  const { form } = kept;
  const { handleSubmit, setError, formState, clearErrors } = form;
  follow(formState.isDirty);

  const point = (list: readonly Fault[]) => {
    list.forEach(({ path, message }) => setError(path as FieldPath<SheetForm>, { message }));
    const first = list[0];
    if (first) setSection(sectionOf(first.path));
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
      change((stored) => {
        check(toForm(stored, unit));
        return { ...stored, ...differing(result.sheet, sheet) };
      }).then(
        () => true,
        // The error stays with the hook and is shown; the form keeps what was typed.
        () => false,
      ),
    );
  });
  const save = () => {
    // What was wrong at a field that is not on show would hold the next attempt up, unseen.
    clearErrors();
    return store();
  };
  const word = formState.isDirty ? (doubts.length > 0 ? 'Save anyway' : 'Save') : 'Saved';
  return (
    <FormProvider {...form}>
      <Page
        title={sheet.model}
        actions={
          <Button mode="contained" disabled={!formState.isDirty} onPress={() => void save()}>
            {word}
          </Button>
        }
      >
        {sheet.invented ? (
          <Notice kind="caution">
            Invented pump and invented limits, for the demo. Never use them for a real pump.
          </Notice>
        ) : null}
        <KeptNotices kept={kept} labels={PART_NAME} />
        {error ? <Notice kind="error">{reasonOf(error)}</Notice> : null}
        {wrong.length > 0 ? (
          <Notice kind="error">
            {say('sheets.fix', { count: wrong.length, first: wrong[0]?.message ?? '' })}
          </Notice>
        ) : null}
        {doubts.length > 0 ? (
          <Notice kind="caution">
            {say('sheets.checkThis', { doubts: paragraph(...doubts.map((d) => d.message)) })}
          </Notice>
        ) : null}
        <Choice strip label="Section" value={section} options={SECTIONS} onChange={setSection} />
        {section === 'pump' ? <PumpSection sheet={sheet} unit={unit} /> : null}
        {section === 'limits' ? <LimitSection sheet={sheet} unit={unit} /> : null}
        {section === 'own' ? <OwnSection sheet={sheet} unit={unit} /> : null}
        {section === 'sizes' ? <SizeSection sheet={sheet} unit={unit} /> : null}
        {section === 'work' ? <WorkSection sheet={sheet} unit={unit} /> : null}
        {section === 'fasteners' ? <FastenerSection sheet={sheet} unit={unit} /> : null}
        {section === 'variants' ? <VariantSection sheet={sheet} unit={unit} /> : null}
        {section === 'bench' ? <BenchSection sheet={sheet} unit={unit} /> : null}
        <Button
          mode="outlined"
          icon="file-export-outline"
          onPress={() => saveAs(fileName(sheet.model, 'json'), sheetFile(sheet))}
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
