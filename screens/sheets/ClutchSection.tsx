import { useFormContext, useWatch } from 'react-hook-form';
import {
  CLUTCH_SIDES,
  FREE_TURNS,
  RACES,
  TAB_SIDES,
  unsaidClutch,
} from '@/core/pumps/teardown/clutch';
import { newId } from '@/data/create';
import { Field } from '@/ui/Field';
import { Pick } from '@/ui/Pick';
import { toClutchForm, type ClutchFields } from './clutchForm';
import { ListEditor } from './ListEditor';
import type { SheetForm } from './sheetForm';
import { say } from '@/core/wording/say';

const asThey = <T extends string>(words: readonly T[]) =>
  words.map((value) => ({ value, name: value }));
const orUnsaid = <T extends string>(words: readonly T[]) => [
  { value: '' as const, name: 'not chosen' },
  ...asThey(words),
];

/** What is chosen of a clutch: the field, its question and its answers. */
const CHOICES = [
  ['turned', 'Which race is turned', asThey(RACES)],
  ['seenFrom', 'Viewed from', asThey(CLUTCH_SIDES)],
  ['free', 'Turns freely', orUnsaid(FREE_TURNS)],
  ['tabs', 'Cage’s tabs on', orUnsaid(TAB_SIDES)],
] as const;

const blank = (): ClutchFields => toClutchForm([unsaidClutch(newId(), '')])[0] as ClutchFields;

interface Props {
  /** Those that a unit of this kind has as a rule. */
  readonly usual: readonly ClutchFields[];
}

/** The one-way clutches of the unit, one entry each: what is right of them. */
export function ClutchSection({ usual }: Props) {
  const { control, setValue } = useFormContext<SheetForm>();
  const clutches = useWatch({ control, name: 'clutches' });
  return (
    <ListEditor
      name="clutches"
      title="One-way clutches"
      about="What is right of each. Look asks what was found, and says where that is something else."
      blank={blank}
      usual={usual}
    >
      {(i) => (
        <>
          <Field control={control} name={`clutches.${i}.name`} label="Clutch" />
          {CHOICES.map(([field, ask, options]) => (
            <Pick<string>
              key={field}
              label={say('sheets.clutchField', { field: ask, number: i + 1 })}
              value={clutches[i]?.[field] ?? ''}
              options={options}
              onChange={(value) =>
                setValue(`clutches.${i}.${field}`, value as never, { shouldDirty: true })
              }
            />
          ))}
          <Field
            control={control}
            name={`clutches.${i}.washers`}
            label="Washers with it; empty where it is not said"
            inputMode="numeric"
          />
          <Field
            control={control}
            name={`clutches.${i}.pins`}
            label="Loose rollers or pins; empty for a cage"
            inputMode="numeric"
          />
        </>
      )}
    </ListEditor>
  );
}
