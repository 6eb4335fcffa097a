import { answerClean, answerFitted } from '@/core/commands/job';
import { ScrollView, StyleSheet } from 'react-native';
import { hasRole } from '@/core/pumps/kinds';
import { pumpOf } from '@/core/pumps/registry';
import { SOLVENT } from '@/core/pumps/teardown/teardown';
import type { Job } from '@/core/records/job';
import { Choice } from '@/ui/Choice';
import { Notice } from '@/ui/Notice';
import { Tile, Tiles } from '@/ui/Tile';
import { scaled } from '@/ui/theme';
import { Words } from '@/ui/Words';
import { useCommand } from '../job/useCommand';

type State = 'dry' | 'wet';

function useAnswer(job: Job) {
  const { run, error } = useCommand(job);
  const answer = (state: State) => void run(answerClean(state));
  return { answer, error };
}

const STATES = [
  { value: 'dry', name: 'Clean and dry' },
  { value: 'wet', name: 'Wet' },
] as const;

/** What was answered, to be put right where the wrong one was touched. */
export function CleanChoice({ job }: { readonly job: Job }) {
  const { answer } = useAnswer(job);
  return (
    <Choice
      label="How the parts are measured"
      value={job.clean?.state ?? ''}
      options={STATES}
      onChange={(state) => answer(state as State)}
    />
  );
}

const BUSHINGS = [
  { value: 'old', name: 'As it came' },
  { value: 'new', name: 'New ones' },
] as const;

/** Tells whether a pump has a bushing that may be new already. */
export const hasBushing = ({ sheet }: Job): boolean =>
  pumpOf(sheet).parts.some((part) => hasRole(part, 'bears'));

/** Which bushing and seal are in: a body that goes to the machine shop should not take new ones along. */
export function FittedChoice({ job }: { readonly job: Job }) {
  const { run } = useCommand(job);
  return (
    <Choice
      label="Bushing and seal that are in"
      value={job.fitted ?? ''}
      options={BUSHINGS}
      onChange={(fitted) => void (fitted && run(answerFitted(fitted)))}
    />
  );
}

/** Asked once before the first reading: an oil film on a face falsifies a leaf. */
export function CleanGate({ job }: { readonly job: Job }) {
  const { answer, error } = useAnswer(job);
  return (
    <ScrollView contentContainerStyle={styles.page}>
      <Words size="instruction" strong style={styles.ask}>
        Are all parts clean and bone dry?
      </Words>
      <Words>
        Stone off nicks around dowels. Wipe the leaves. Oil fills the gap, so a leaf drags too
        early.
      </Words>
      {hasBushing(job) ? (
        <>
          <Words>
            Measure before you fit a new bushing and seal: they would be lost if the body is
            machined or scrapped. Which are in?
          </Words>
          <FittedChoice job={job} />
        </>
      ) : null}
      <Notice kind="caution">{SOLVENT}</Notice>
      {error ? <Notice kind="error">{error}</Notice> : null}
      <Tiles label="Are all parts clean and bone dry?">
        <Tile name="Clean and dry" note="go to Measure" onPress={() => answer('dry')} />
        <Tile name="Measure wet" note="shown in the report" onPress={() => answer('wet')} />
      </Tiles>
    </ScrollView>
  );
}

const styles = StyleSheet.create({
  page: { padding: 14, gap: 12, maxWidth: 720, width: '100%' },
  ask: { lineHeight: scaled(32) },
});
