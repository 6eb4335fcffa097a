import { Wall } from '../shell/Wall';
import { useFigures } from '../shell/useFigures';
import { useRouter } from 'expo-router';
import { useState } from 'react';
import { View } from 'react-native';
import { HelperText, TextInput } from 'react-native-paper';
import { Button } from '@/ui/Button';
import { InputError, reasonOf } from '@/core/errors';
import { parseReading } from '@/core/quantity/parse';
import { bareUnit } from '@/core/quantity/units';
import {
  nextInStudy,
  withoutDoubles,
  withStudyReading,
  type Study,
  type StudyStep,
} from '@/core/records/study';
import { now } from '@/data/create';
import { useChange, useRemove, useShop } from '@/data/hooks';
import { Confirm } from '@/ui/Confirm';
import { Notice } from '@/ui/Notice';
import { Page } from '@/ui/Page';
import { ReadingPad } from '@/ui/ReadingPad';
import { useWide } from '@/ui/useWidth';
import { Heading, Words } from '@/ui/Words';
import { StudyResult } from './StudyResult';
import { sayShop } from './sayShop';
import { RecordPage } from '../shell/RecordPage';

/** A study: the next reading to make, and once all are there what they say. */
export const StudyScreen = () => (
  <RecordPage kind="study">{(study) => <StudyPage study={study} />}</RecordPage>
);

function StudyPage({ study }: { readonly study: Study }) {
  const router = useRouter();
  const { mutateAsync: remove } = useRemove('study');
  const step = nextInStudy(study);
  const single = withoutDoubles(study);
  return (
    <Page title={study.what}>
      {single === study ? null : <Doubles study={study} />}
      <Wall what="This study" record={{ kind: 'study', id: study.id }}>
        {step ? <StudyReading study={study} step={step} /> : <StudyResult study={single} />}
      </Wall>
      <Confirm
        ask="Delete this study"
        warn="The study and its readings will be deleted permanently. An uncertainty already in use stays."
        sure="Delete for good"
        onSure={async () => {
          await remove(study.id);
          router.replace('/shop/studies');
        }}
      />
    </Page>
  );
}

/** Who reads which part now. Earlier figures are not shown: nobody should be led by them. */
function StudyReading({ study, step }: { readonly study: Study; readonly step: StudyStep }) {
  const shop = useShop();
  const wide = useWide();
  const { apply, error } = useChange('study', study.id);
  const [refused, setRefused] = useState<string | null>(null);
  const unit = bareUnit('size', shop.unit);
  const total = study.people.length * study.parts.length * study.trials;
  const take = async (figure: string): Promise<boolean> => {
    try {
      const { mm } = parseReading(figure, 'size', unit);
      const reading = {
        ...step,
        at: now(),
        text: figure.trim(),
        unit,
        value_mm: mm,
        source: 'typed',
      } as const;
      // What is to be read is decided by what is in storage: a bounce of the key reads nothing twice.
      await apply((s) => withStudyReading(s, reading));
      return true;
    } catch (problem) {
      // What went wrong in storage is shown by its hook; what was typed stays.
      if (problem instanceof InputError) setRefused(reasonOf(problem));
      return false;
    }
  };
  const { field, text, put, enter, submit } = useFigures(take);
  const change = (next: string) => {
    put(next);
    setRefused(null);
  };
  const undo = () =>
    void apply((s) => ({ ...s, readings: s.readings.slice(0, -1) })).catch(() => undefined);
  return (
    <>
      <Words tone="muted">
        {sayShop('shop.readingOf', { number: study.readings.length + 1, all: total })}
      </Words>
      <View role="status" aria-label="Next">
        <Heading size="instruction">
          {sayShop('shop.personReads', { person: step.person, part: step.part })}
        </Heading>
      </View>
      <Words tone="muted">
        Put the part down and pick it up again. Do not look at earlier readings.
      </Words>
      {error ? <Notice kind="error">{reasonOf(error)}</Notice> : null}
      <TextInput
        ref={field}
        mode="outlined"
        label={sayShop('shop.reading', { unit })}
        aria-label="Reading"
        value={text}
        onChangeText={change}
        onSubmitEditing={submit}
        blurOnSubmit={false}
        autoFocus
        inputMode={wide ? 'text' : 'none'}
        error={refused !== null}
      />
      {refused ? (
        <HelperText type="error" role="alert" padding="none">
          {refused}
        </HelperText>
      ) : null}
      <ReadingPad value={text} last={null} onChange={change} onEnter={enter} />
      <Button mode="outlined" disabled={study.readings.length === 0} onPress={undo}>
        Undo last reading
      </Button>
    </>
  );
}

/** Said of a study in which a reading is there twice; the first of each counts. */
function Doubles({ study }: { readonly study: Study }) {
  const { apply, error } = useChange('study', study.id);
  const mend = () => void apply(withoutDoubles).catch(() => undefined);
  return (
    <Notice
      kind="caution"
      actions={
        <Button mode="outlined" onPress={mend}>
          Keep the first of each
        </Button>
      }
    >
      {error ? reasonOf(error) : 'Some readings are here twice. The first of each counts.'}
    </Notice>
  );
}
