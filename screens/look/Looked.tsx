import { useRouter } from 'expo-router';
import { StyleSheet, View } from 'react-native';
import { Button } from '@/ui/Button';
import { answerBeside, auxiliaryChecks, isAmiss } from '@/core/inspect/auxiliary';
import { decidedWords, seenWords } from '@/core/records/entries/finding';
import { askedFor, type Looked as Seen } from '@/core/inspect/looking';
import { laidWrong, noteWords, wrongParts } from '@/core/inspect/stripping';
import type { Verdict } from '@/core/metrology/verdict';
import { characteristicOf, partName } from '@/core/pumps/registry';
import type { Job } from '@/core/records/job';
import { useShop } from '@/data/hooks';
import { FootButton } from '@/ui/FootButton';
import { FootRow } from '@/ui/FootRow';
import { PinRing } from '@/ui/PinRing';
import { PumpPicture } from '@/ui/PumpPicture';
import { RowLink } from '@/ui/RowLink';
import { useWide } from '@/ui/useWidth';
import { Heading, Words } from '@/ui/Words';
import { markOf } from './SurfaceDrawing';
import { say } from '@/core/wording/say';
import { capital } from '@/core/quantity/letters';
import { useNextFocus } from '@/ui/focus';
import { layout } from '@/ui/layout';

interface Props {
  readonly job: Job;
  readonly looked: readonly Seen[];
  readonly onList: () => void;
}

/** Everything was looked at: what was found, and what that asks to be measured first. */
export function Looked({ job, looked, onList }: Props) {
  const router = useRouter();
  const { unit } = useShop();
  const wide = useWide();
  const next = useNextFocus('inspected');
  const found = looked.filter((l) => l.state === 'found');
  const differing = auxiliaryChecks(job).filter(isAmiss);
  const asked = askedFor(job);
  const after = job.closed ? 'report' : 'measure';
  return (
    <View ref={next} style={styles.panel}>
      <Heading size="instruction">
        {found.length === 0 ? say('look.allSound', { count: looked.length }) : 'Inspected'}
      </Heading>
      {found.map((l) => (
        <Found
          key={l.surface.id}
          mark={markOf(l)}
          name={l.surface.name}
          lines={l.findings.map((f) => `${seenWords(f, unit)}: ${decidedWords(f)}`)}
        />
      ))}
      {differing.map((c) => (
        <Found key={c.check.id} mark="out" name={c.check.name} lines={[answerBeside(c)]} />
      ))}
      {wrongParts(job).map(({ step, note }) => (
        <Found
          key={step.id}
          mark="out"
          name={partName(job.sheet, step.part)}
          lines={note ? [noteWords(step, note)] : []}
        />
      ))}
      {laidWrong(job).map(({ step, words }) => (
        <Found key={step.id} mark="out" name={partName(job.sheet, step.part)} lines={[words]} />
      ))}
      {asked.length > 0 ? (
        <>
          <Heading>Measure these first</Heading>
          {asked.map(({ characteristic, why }) => (
            <Words key={characteristic}>
              <Words strong>{`${characteristicOf(job.sheet, characteristic).name}: `}</Words>
              {capital(why)}.
            </Words>
          ))}
        </>
      ) : null}
      <RowLink
        href={`/job/${job.id}/why`}
        name="Why did it fail?"
        about="the cause says what must change too, or it comes back"
      />
      {wide ? (
        <View style={styles.drawing}>
          <PumpPicture sheet={job.sheet} size={400} />
        </View>
      ) : null}
      <Button
        mode="contained"
        contentStyle={styles.large}
        onPress={() => router.replace(`/job/${job.id}/${after}`)}
      >
        {job.closed ? 'Go to Report' : 'Go to Measure'}
      </Button>
      <FootRow>
        <FootButton name="All surfaces" onPress={onList} />
      </FootRow>
    </View>
  );
}

interface FoundProps {
  readonly mark: Verdict;
  readonly name: string;
  readonly lines: readonly string[];
}

/** One thing that is not as it should be. */
function Found({ mark, name, lines }: FoundProps) {
  return (
    <View style={styles.row}>
      <PinRing verdict={mark} size={28} />
      <View style={layout.grow}>
        <Words strong>{name}</Words>
        {lines.map((line) => (
          <Words key={line} size="note" tone="muted">
            {line}
          </Words>
        ))}
      </View>
    </View>
  );
}

const styles = StyleSheet.create({
  panel: { gap: 10 },
  row: { flexDirection: 'row', gap: 10, alignItems: 'center' },
  large: { minHeight: 64 },
  drawing: { alignItems: 'center' },
});
