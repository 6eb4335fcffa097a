import type { ReactNode } from 'react';
import { yupResolver } from '@hookform/resolvers/yup';
import { useQueryClient } from '@tanstack/react-query';
import { useRouter } from 'expo-router';
import { type UseFormSetValue, type Control, useWatch, type Resolver } from 'react-hook-form';
import { StyleSheet, View } from 'react-native';
import { TextInput } from 'react-native-paper';
import { Button } from '@/ui/Button';
import { object, string } from 'yup';
import {
  families,
  FAMILY_IDS,
  findFamily,
  familyOf,
  problemsOf,
  teardownOf,
} from '@/core/pumps/registry';
import type { Fitted, FittedAsRule } from '@/core/pumps/teardown/fitted';
import { DESCRIBED, line } from '@/core/schema/fields';
import { FittedChoices, fromFittedForm, toFittedForm, type FittedFields } from './FittedChoices';
import { answersIn, askedOf, exampleOf, OPTION_WORD } from '../shell/geometryFields';
import { KeptNotices } from '../shell/KeptNotices';
import { useKeptForm } from '../shell/useKeptForm';
import { onceValid, useOnce } from '../shell/useOnce';
import { sentence } from '@/core/wording/say';
import { createSheet } from '@/data/create';
import { KEYS } from '@/data/hooks';
import { Choice } from '@/ui/Choice';
import { Columns } from '@/ui/Columns';
import { Field } from '@/ui/Field';
import { Notice } from '@/ui/Notice';
import { Page } from '@/ui/Page';
import { PumpPicture } from '@/ui/PumpPicture';
import { Words } from '@/ui/Words';

const fields = object({
  model: line().trim().required('A sheet needs a model name.'),
  family: string().required(),
  /** What is asked of the pump, by field of its family. */
  said: object().required(),
  fitted: object().required(),
});

type Form = {
  model: string;
  family: string;
  said: Record<string, string>;
  /** What is fitted, where that is not as the build has it as a rule. */
  fitted: Partial<FittedFields>;
};

/** The answers as figures and choices: those of the family at hand, where they can be its pump's. */
function answersOf({ family, said }: Form): {
  said: Record<string, number | string>;
  wrong: string | null;
} {
  const example = familyOf(family).example as Record<string, unknown>;
  const answers = answersIn(family, askedOf(family), said);
  const problems = problemsOf({ family, geometry: { ...example, ...answers } }, DESCRIBED);
  const wrong = problems.find(({ field }) => field in answers)?.message ?? null;
  return { said: answers, wrong };
}

/** What the pump at hand has of seals and drains as a rule, and what is asked of them. */
function ruleOf({ family, said }: Pick<Form, 'family' | 'said'>): FittedAsRule {
  const { example } = familyOf(family);
  const answers = answersOf({ model: '', family, said, fitted: {} });
  const geometry = answers.wrong ? example : { ...example, ...answers.said };
  return teardownOf({ family, geometry }).fitted;
}

/** What was answered of seals and drains, the rule of its build where nobody touched it. */
function fittedIn(form: Form): Partial<Fitted> {
  const { usual, asked } = ruleOf(form);
  const said = fromFittedForm({ ...toFittedForm(usual), ...form.fitted });
  return Object.fromEntries(asked.map((field) => [field, said[field]]));
}

/** A new limit sheet: the model's name and what kind of pump it is; the rest is filled in after. */
export function NewSheetScreen() {
  const router = useRouter();
  const client = useQueryClient();
  const kept = useKeptForm<Form>({
    key: 'new-sheet',
    stored: { model: '', family: FAMILY_IDS[0] ?? '', said: {}, fitted: {} },
    resolver: yupResolver(fields) as unknown as Resolver<Form>,
  });
  const { control, handleSubmit, setValue } = kept.form;
  const [family, said, fitted] = useWatch({ control, name: ['family', 'said', 'fitted'] });
  const rule = ruleOf({ family, said });
  const has = { ...toFittedForm(rule.usual), ...fitted };
  const chosen = findFamily(family);
  const make = onceValid(handleSubmit, async (form) => {
    const answers = answersOf(form);
    if (answers.wrong) throw new Error(sentence(answers.wrong));
    const id = await kept.make(() =>
      createSheet(form.model, form.family, answers.said, fittedIn(form)),
    );
    await client.invalidateQueries({ queryKey: KEYS.sheets });
    router.replace(`/sheets/${id}`);
  });
  const { run: create, failed } = useOnce(make);
  return (
    <Page title="New limit sheet">
      <KeptNotices kept={kept} />
      <Columns
        first={kindOfPump(control, family, setValue)}
        second={
          <>
            {chosen ? (
              <View style={styles.drawing}>
                <PumpPicture
                  sheet={{ model: chosen.name, family: chosen.id, geometry: chosen.example }}
                  size={200}
                />
                <Words size="note" tone="muted">
                  You start with an example pump. Enter this pump’s own sizes next.
                </Words>
              </View>
            ) : null}
            {askedOf(family).map(({ name, label, options }) =>
              options.length > 0 ? (
                <View key={name}>
                  <Words strong>{label}</Words>
                  <Choice
                    label={label}
                    stacked
                    value={said[name] ?? exampleOf(family, name)}
                    options={options.map((value) => ({ value, name: OPTION_WORD[value] ?? value }))}
                    onChange={(value) => setValue('said', { ...said, [name]: value })}
                  />
                </View>
              ) : (
                <TextInput
                  key={name}
                  mode="outlined"
                  label={label}
                  aria-label={label}
                  inputMode="numeric"
                  value={said[name] ?? exampleOf(family, name)}
                  onChangeText={(value) => setValue('said', { ...said, [name]: value })}
                />
              ),
            )}
            <FittedChoices
              asked={rule.asked}
              value={has}
              onChange={(field, value) => setValue('fitted', { ...fitted, [field]: value })}
            />
            {failed ? <Notice kind="error">{failed}</Notice> : null}
            <Button mode="contained" onPress={() => create()}>
              Create sheet
            </Button>
          </>
        }
      />
    </Page>
  );
}

const styles = StyleSheet.create({ drawing: { alignItems: 'center', gap: 4 } });

/** Which model it is, and what kind of pump. */
function kindOfPump(
  control: Control<Form>,
  family: string,
  setValue: UseFormSetValue<Form>,
): ReactNode {
  return (
    <>
      <Field control={control} name="model" label="Model" autoFocus />
      <Words strong>What kind of pump</Words>
      <Choice
        label="Kind of pump"
        stacked
        value={family}
        options={families().map(({ id, name }) => ({ value: id, name }))}
        onChange={(id) => {
          setValue('family', id);
          setValue('said', {});
          setValue('fitted', {});
        }}
      />
    </>
  );
}
