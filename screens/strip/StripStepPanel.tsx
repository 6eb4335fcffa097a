import { noteStrip } from '@/core/commands/noting';
import { useState } from 'react';
import { StyleSheet, View } from 'react-native';
import { Button } from '@/ui/Button';
import type { Stripped } from '@/core/inspect/stripping';
import { partName } from '@/core/pumps/registry';
import { askOf, wayRoundOf } from '@/core/pumps/teardown/wayRound';
import type { Job } from '@/core/records/job';
import type { StripNote } from '@/core/records/entries/strip';
import { Choice } from '@/ui/Choice';
import { Columns } from '@/ui/Columns';
import { FootButton } from '@/ui/FootButton';
import { FootRow } from '@/ui/FootRow';
import { Notice } from '@/ui/Notice';
import { PumpPicture } from '@/ui/PumpPicture';
import { Remark } from '@/ui/Remark';
import { useWide } from '@/ui/useWidth';
import { WayChoice } from '@/ui/WayChoice';
import { scaled } from '@/ui/theme';
import { Heading, Words } from '@/ui/Words';
import { Photos } from '../job/Photos';
import { useCommand } from '../job/useCommand';
import { say } from '@/core/wording/say';
import { useNextFocus } from '@/ui/focus';

const STATES = [
  { value: 'there', name: 'Present' },
  { value: 'missing', name: 'Missing' },
  { value: 'wrong', name: 'Wrong part' },
] as const;

/** What a step without a way round is recorded as. */
const DONE: Readonly<Record<StripNote['state'], string>> = {
  there: 'Done',
  missing: 'Record as missing',
  wrong: 'Record as wrong part',
};

interface Props {
  readonly job: Job;
  readonly stripped: Stripped;
  readonly number: number;
  readonly of: number;
  readonly onNoted: () => void;
}

/** One step: what to do, its caution, and which way round the part lay; a touch of that notes it. */
export function StripStepPanel({ job, stripped: { step, note }, number, of, onNoted }: Props) {
  const { run, error } = useCommand(job);
  const [state, setState] = useState<StripNote['state']>(note?.state ?? 'there');
  const [remark, setRemark] = useState(note?.remark ?? '');
  const pictures = job.photos.some((p) => p.of === step.id);
  const [more, setMore] = useState(state !== 'there' || remark !== '' || pictures);
  const way = wayRoundOf(step.way);
  const part = partName(job.sheet, step.part);
  const wide = useWide();
  const next = useNextFocus(step.id);

  const take = async (chosen: string) => {
    const noted = { step: step.id, way: chosen, state, remark: remark.trim() };
    if (await run(noteStrip(noted))) onNoted();
  };
  const doing = (
    <View style={styles.panel}>
      <Heading size="strong" style={styles.muted}>
        {say('strip.stepOf', { number, all: of, part })}
      </Heading>
      <View ref={next} role="status" aria-label="Next">
        <Words size="instruction" strong style={styles.instruction}>
          {step.do}
        </Words>
      </View>
      {step.caution ? <Notice kind="caution">{step.caution}</Notice> : null}
      {error ? <Notice kind="error">{error}</Notice> : null}
      {more ? (
        <View style={styles.panel}>
          <Choice label="What did you find?" value={state} options={STATES} onChange={setState} />
          <Remark value={remark} onChange={setRemark} />
          <Photos job={job} of={step.id} />
        </View>
      ) : null}
      {way && state === 'there' ? (
        <WayChoice
          sheet={job.sheet}
          way={way}
          ask={askOf(way)}
          chosen={note?.way ?? null}
          onTake={(option) => void take(option)}
        />
      ) : (
        <Button mode="contained" contentStyle={styles.large} onPress={() => void take('')}>
          {DONE[state]}
        </Button>
      )}
      <FootRow>
        {more ? null : <FootButton name="Problem or photo" onPress={() => setMore(true)} />}
        {way && state === 'there' ? <FootButton name="Skip" onPress={() => void take('')} /> : null}
      </FootRow>
    </View>
  );
  if (!wide) return doing;
  return (
    <Columns
      first={doing}
      second={
        <View style={styles.drawing}>
          <PumpPicture sheet={job.sheet} size={360} />
        </View>
      }
    />
  );
}

const styles = StyleSheet.create({
  panel: { gap: 10 },
  muted: { opacity: 0.8 },
  instruction: { lineHeight: scaled(32), minHeight: scaled(64) },
  large: { minHeight: scaled(64) },
  drawing: { alignItems: 'center' },
});
