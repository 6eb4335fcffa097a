import { StyleSheet, View } from 'react-native';
import { ThemeProvider } from 'react-native-paper';
import { Page } from '@/ui/Page';
import { DARK_THEME, LIGHT_THEME, usePalette } from '@/ui/theme';
import { Heading, Words } from '@/ui/Words';
import { ANSWERS } from './answers';
import { PICTURES } from './pictures';
import type { Specimen } from './specimen';
import { WORDS } from './words';
import { layout } from '@/ui/layout';

const CASES = [WORDS, ANSWERS, PICTURES];
const THEMES = [LIGHT_THEME, DARK_THEME];

/** Every widget in each of its states, light and dark beside each other; for who works on the app. */
export function GalleryScreen() {
  return (
    <Page title="Gallery of widgets">
      {CASES.map(({ title, specimens }) => (
        <View key={title} style={styles.case}>
          <Heading>{title}</Heading>
          {specimens.map((specimen) => (
            <View key={specimen.name} style={styles.specimen}>
              <Words tone="muted">{specimen.name}</Words>
              <View style={layout.wrap}>
                {THEMES.map((theme) => (
                  <ThemeProvider key={String(theme.dark)} theme={theme}>
                    <Shown {...specimen} />
                  </ThemeProvider>
                ))}
              </View>
            </View>
          ))}
        </View>
      ))}
    </Page>
  );
}

function Shown({ of }: Specimen) {
  const { plate, line } = usePalette();
  return <View style={[styles.shown, { backgroundColor: plate, borderColor: line }]}>{of}</View>;
}

const styles = StyleSheet.create({
  case: { gap: 18 },
  specimen: { gap: 6 },
  shown: { flexGrow: 1, flexBasis: 320, minWidth: 0, padding: 14, gap: 8, borderWidth: 1 },
});
