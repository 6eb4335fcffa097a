import { ScrollView, StyleSheet } from 'react-native';
import { SOLVENT } from '@/core/pumps/teardown/teardown';
import type { Job } from '@/core/records/job';
import { Notice } from '@/ui/Notice';
import { Tile, Tiles } from '@/ui/Tile';
import { Words } from '@/ui/Words';
import { useWriting } from '../job/useWriting';

/** Asked once before the first reading: an oil film on a face falsifies a leaf. */
export function CleanGate({ job }: { readonly job: Job }) {
  const { write, error } = useWriting(job);
  const answer = (state: 'dry' | 'wet') =>
    void write((j, { at, by }) => ({ ...j, clean: { at, by, state } }));
  return (
    <ScrollView contentContainerStyle={styles.page}>
      <Words size="instruction" strong style={styles.ask}>
        Are all parts clean and bone dry?
      </Words>
      <Words>
        Nicks around dowels stoned off, leaves wiped. An oil film is a gap that is not there: a leaf
        drags where it would slide.
      </Words>
      <Notice kind="caution">{SOLVENT}</Notice>
      {error ? <Notice kind="error">{error}</Notice> : null}
      <Tiles label="Are all parts clean and bone dry?">
        <Tile name="Clean and dry" note="on to measuring" onPress={() => answer('dry')} />
        <Tile name="Measure it wet" note="the report says so" onPress={() => answer('wet')} />
      </Tiles>
    </ScrollView>
  );
}

const styles = StyleSheet.create({
  page: { padding: 14, gap: 12, maxWidth: 720, width: '100%' },
  ask: { lineHeight: 32 },
});
