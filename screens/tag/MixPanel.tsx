import type { KindId } from '@/core/pumps/ids';
import { mixPart } from '@/core/commands/job';
import { StyleSheet, View } from 'react-native';
import { mixOf, originOf, type Mixed } from '@/core/inspect/mixing';
import { partName, pumpOf } from '@/core/pumps/registry';
import type { Job } from '@/core/records/job';
import { Pick } from '@/ui/Pick';
import { PinRing } from '@/ui/PinRing';
import { Heading, Words } from '@/ui/Words';
import { useCommand } from '../job/useCommand';
import { say } from '@/core/wording/say';
import { layout } from '@/ui/layout';

const SAID: Readonly<
  Record<Mixed['verdict'], readonly [mark: 'in' | 'out' | 'open', word: string]>
> = {
  fits: ['in', 'Fits'],
  'fits-not': ['out', 'Does not fit'],
  unsaid: ['open', 'The sheet does not say'],
};

/** Parts that come from two pumps: which part is of which variant, and what may go together. */
export function MixPanel({ job }: { readonly job: Job }) {
  const { run } = useCommand(job);
  const { variants } = job.sheet;
  const { kinds } = pumpOf(job.sheet);
  const nameOf = (id: string | null) => variants.find((v) => v.id === id)?.name ?? 'not chosen';
  const partOf = (id: string) => partName(job.sheet, id);
  const mixed = mixOf(job);
  const from = (part: KindId, variant: string) => void run(mixPart(part, variant));
  return (
    <View style={layout.stack}>
      <Heading>Mixed parts</Heading>
      {mixed.map((m) => {
        const [mark, word] = SAID[m.verdict];
        return (
          <View key={`${m.part} ${m.against}`} style={styles.row}>
            <PinRing verdict={mark} size={28} />
            <View style={layout.grow}>
              <Words strong>
                {say('judge.mix', {
                  verdict: word,
                  part: partOf(m.part),
                  of: nameOf(m.of),
                  against: partOf(m.against),
                  in: nameOf(m.in),
                })}
              </Words>
              {m.note ? (
                <Words size="note" tone="muted">
                  {m.note}
                </Words>
              ) : null}
            </View>
          </View>
        );
      })}
      {kinds.map(({ id, name }) => (
        <Pick
          key={id}
          label={say('tag.partOf', { part: name })}
          value={originOf(job, id) ?? ''}
          options={variants.map((v) => ({ value: v.id, name: v.name }))}
          onChange={(variant) => from(id, variant)}
        />
      ))}
    </View>
  );
}

const styles = StyleSheet.create({
  row: { flexDirection: 'row', gap: 10, alignItems: 'center' },
});
