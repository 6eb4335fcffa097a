import { StyleSheet, View } from 'react-native';
import { TERMS } from '@/core/wording/terms';
import { TermEntry } from '@/ui/Meaning';
import { Page } from '@/ui/Page';
import { Words } from '@/ui/Words';

/** Every word of the trade that the app explains, beneath each other. */
export function WordsScreen() {
  return (
    <Page title="Words of the trade">
      <Words>
        A word with dots beneath it explains itself where it stands. Here are all of them.
      </Words>
      <View style={styles.list}>
        {TERMS.map(({ id }) => (
          <TermEntry key={id} id={id} />
        ))}
      </View>
    </Page>
  );
}

const styles = StyleSheet.create({ list: { gap: 14, maxWidth: 720 } });
