import { kindId, surfaceId } from '@/core/pumps/ids';
import { useFormContext, useWatch } from 'react-hook-form';
import { pumpOf, teardownOf } from '@/core/pumps/registry';
import { DEFECTS } from '@/core/pumps/teardown/defects';
import { wayRoundOf, WAYS_ROUND } from '@/core/pumps/teardown/wayRound';
import type { ShopUnit } from '@/core/quantity/units';
import { blankSheet, type Sheet } from '@/core/records/sheet';
import { CONSEQUENCES, SMALL_KINDS, type SmallKind } from '@/core/records/teardown';
import { saidOf } from '@/core/pumps/teardown/fitted';
import { newId } from '@/data/create';
import { Choice } from '@/ui/Choice';
import { Field } from '@/ui/Field';
import { Pick } from '@/ui/Pick';
import { CONSEQUENCE_NAME } from '../look/consequences';
import { toBenchForm } from './benchForm';
import { ClutchSection } from './ClutchSection';
import { ListEditor } from './ListEditor';
import type { SheetForm } from './sheetForm';
import { say } from '@/core/wording/say';

const WHEN = [
  { value: 'always', name: 'Always' },
  { value: 'house', name: 'By house rule' },
] as const;

const wayWords = (mark: string, ways: string, from?: string): string =>
  from ? say('sheets.waySeen', { mark, from, ways }) : say('sheets.way', { mark, ways });

const WAYS = [
  { value: '', name: 'only that it is done' },
  ...WAYS_ROUND.map(({ id, name, seen, clock, options }) => ({
    value: id,
    name: wayWords(name, clock ? 'by the clock' : options.map((o) => o.name).join(', '), seen),
  })),
];

const SMALL_NAME: Readonly<Record<SmallKind, string>> = {
  key: 'Keys',
  clip: 'Clips',
  pin: 'Pins',
  washer: 'Washers',
};

interface Props {
  readonly sheet: Sheet;
  readonly unit: ShopUnit;
}

/** The work before any instrument: the strip, what is renewed, the small checks, what the book says of defects. */
export function BenchSection({ sheet, unit }: Props) {
  const { control, setValue } = useFormContext<SheetForm>();
  const [strip, renew, book, small] = useWatch({
    control,
    name: ['strip', 'renew', 'book', 'small'],
  });
  const parts = pumpOf(sheet).kinds.map((p) => ({ value: p.id, name: p.name }));
  const surfaces = teardownOf(sheet).surfaces.map((s) => ({ value: s.id, name: s.name }));
  const defects = DEFECTS.map((d) => ({ value: d.id, name: d.name }));
  const dirty = { shouldDirty: true };
  const usual = toBenchForm(blankSheet(sheet, saidOf(sheet)), unit);
  return (
    <>
      <ListEditor
        name="strip"
        title="Strip"
        about="Enter steps in teardown order. The notes are shown in reverse for assembly."
        blank={() => ({
          id: newId(),
          part: kindId(parts[0]?.value ?? ''),
          do: '',
          way: '',
          right: '',
          caution: '',
        })}
        usual={usual.strip}
      >
        {(i) => (
          <>
            <Field
              control={control}
              name={`strip.${i}.do`}
              label={say('sheets.step', { number: i + 1 })}
              multiline
            />
            <Pick
              label="Part"
              value={strip[i]?.part ?? kindId('')}
              options={parts}
              onChange={(id) => setValue(`strip.${i}.part`, id, dirty)}
            />
            <Pick
              label="To record before it comes out"
              value={strip[i]?.way ?? ''}
              options={WAYS}
              onChange={(id) => {
                setValue(`strip.${i}.way`, id, dirty);
                setValue(`strip.${i}.right`, '', dirty);
              }}
            />
            {wayRoundOf(strip[i]?.way ?? '') ? (
              <Pick
                label="Right on this pump"
                value={strip[i]?.right ?? ''}
                options={[
                  { value: '', name: 'not chosen' },
                  ...(wayRoundOf(strip[i]?.way ?? '')?.options ?? []).map(({ id, name }) => ({
                    value: id,
                    name,
                  })),
                ]}
                onChange={(id) => setValue(`strip.${i}.right`, id, dirty)}
              />
            ) : null}
            <Field control={control} name={`strip.${i}.caution`} label="Caution" />
          </>
        )}
      </ListEditor>
      <ListEditor
        name="renew"
        title="Always replaced"
        about="Added to every job’s order list."
        blank={() => ({ id: newId(), name: '', count: '1', when: 'always' })}
        usual={usual.renew}
      >
        {(i) => (
          <>
            <Field control={control} name={`renew.${i}.name`} label="Part" />
            <Field control={control} name={`renew.${i}.count`} label="Qty" inputMode="numeric" />
            <Choice
              label={say('sheets.replaceWhen', { number: i + 1 })}
              value={renew[i]?.when ?? 'always'}
              options={WHEN}
              onChange={(when) => setValue(`renew.${i}.when`, when, dirty)}
            />
          </>
        )}
      </ListEditor>
      <ListEditor
        name="also"
        title="Other checks"
        about="Checks of the same visit that have no clearance."
        blank={() => ({ id: newId(), name: '', ask: '', options: '', expected: '' })}
        usual={usual.also}
      >
        {(i) => (
          <>
            <Field control={control} name={`also.${i}.name`} label="Check" />
            <Field control={control} name={`also.${i}.ask`} label="Question" />
            <Field control={control} name={`also.${i}.options`} label="Answers, separated by ;" />
            <Field
              control={control}
              name={`also.${i}.expected`}
              label="Expected answer; empty if only recorded"
            />
          </>
        )}
      </ListEditor>
      <ListEditor
        name="small"
        title="Small parts to count"
        about="Keys, clips, pins and washers that ought to be there. Missing ones go on the order list."
        blank={() => ({
          id: newId(),
          part: kindId(parts[0]?.value ?? ''),
          count: '1',
          kind: 'key',
        })}
      >
        {(i) => (
          <>
            <Choice
              label={say('sheets.smallKind', { number: i + 1 })}
              value={small[i]?.kind ?? 'key'}
              options={SMALL_KINDS.map((value) => ({ value, name: SMALL_NAME[value] }))}
              onChange={(kind) => setValue(`small.${i}.kind`, kind, dirty)}
            />
            <Pick
              label={say('sheets.smallPart', { number: i + 1 })}
              value={small[i]?.part ?? kindId('')}
              options={parts}
              onChange={(id) => setValue(`small.${i}.part`, id, dirty)}
            />
            <Field
              control={control}
              name={`small.${i}.count`}
              label="How many"
              inputMode="numeric"
            />
          </>
        )}
      </ListEditor>
      <ClutchSection usual={usual.clutches} />
      <ListEditor
        name="book"
        title="Manual’s rules for defects"
        about="Overrides trade rules and house rules."
        blank={() => ({
          surface: surfaces[0]?.value ?? surfaceId(''),
          defect: 'scored',
          upTo: '',
          consequence: 'pass',
          source: '',
        })}
      >
        {(i) => (
          <>
            <Pick
              label="Surface"
              value={book[i]?.surface ?? surfaceId('')}
              options={surfaces}
              onChange={(id) => setValue(`book.${i}.surface`, id, dirty)}
            />
            <Pick
              label="Defect"
              value={book[i]?.defect ?? 'scored'}
              options={defects}
              onChange={(id) => setValue(`book.${i}.defect`, id, dirty)}
            />
            <Field
              control={control}
              name={`book.${i}.upTo`}
              label={say('sheets.depthUpTo', { unit })}
              inputMode="decimal"
            />
            <Choice
              label={say('sheets.actionFor', { number: i + 1 })}
              value={book[i]?.consequence ?? 'pass'}
              options={CONSEQUENCES.map((value) => ({ value, name: CONSEQUENCE_NAME[value] }))}
              onChange={(value) => setValue(`book.${i}.consequence`, value, dirty)}
            />
            <Field control={control} name={`book.${i}.source`} label="Source" />
          </>
        )}
      </ListEditor>
    </>
  );
}
