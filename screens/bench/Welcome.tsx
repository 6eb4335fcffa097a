import { reasonOf } from '@/core/errors';
import { useQueryClient } from '@tanstack/react-query';
import { useRouter } from 'expo-router';
import { useState } from 'react';
import { StyleSheet, View } from 'react-native';
import { Button } from '@/ui/Button';
import { openDemo } from '@/data/demo';
import { Notice } from '@/ui/Notice';
import { Words } from '@/ui/Words';
import { say } from '@/core/wording/say';
import { layout } from '@/ui/layout';

/** An empty bench: what the app is for, and the ways to begin. */
export function Welcome() {
  const client = useQueryClient();
  const router = useRouter();
  const [state, setState] = useState<'idle' | 'busy' | Error>('idle');
  const open = async () => {
    setState('busy');
    try {
      await openDemo();
      await client.invalidateQueries();
    } catch (error) {
      setState(error as Error);
    }
  };
  return (
    <View style={styles.box}>
      <Words size="title" strong>
        No job on the bench yet
      </Words>
      <Words>
        Dial Bench leads you through measuring a pump, leaf by leaf, judges each clearance against
        its published limit, and keeps every reading in this browser.
      </Words>
      <Button mode="contained" contentStyle={layout.thumb} onPress={() => router.push('/now')}>
        Measure now, without a sheet
      </Button>
      <Button
        mode="outlined"
        loading={state === 'busy'}
        disabled={state === 'busy'}
        contentStyle={layout.thumb}
        onPress={() => void open()}
      >
        Open the demo: Highmoor Winter Depot
      </Button>
      <Words size="note" tone="muted">
        The depot, pumps and limits are invented; Shop takes them away again. To start your own,
        make a limit sheet under Sheets, copy a demo sheet, or import one.
      </Words>
      {state instanceof Error ? (
        <Notice kind="error">{say('bench.demoFailed', { error: reasonOf(state) })}</Notice>
      ) : null}
      <Notice kind="caution">
        The app calculates, the rebuilder decides: the maker’s manual, local codes and licensed
        practice come first.
      </Notice>
    </View>
  );
}

const styles = StyleSheet.create({
  box: { gap: 14, paddingVertical: 16 },
});
