import {
  Fragment,
  useCallback,
  useDeferredValue,
  useState,
  type ReactElement,
  type ReactNode,
} from 'react';
import {
  ScrollView,
  StyleSheet,
  useWindowDimensions,
  View,
  type NativeScrollEvent,
  type NativeSyntheticEvent,
} from 'react-native';
import { PageHead } from './Page';
import { usePalette } from './theme';
import { useRoom } from './useWidth';

interface Props<T> {
  readonly title: string;
  readonly actions?: ReactNode;
  /** Finds a line: it stays in sight while all else scrolls. */
  readonly search: ReactNode;
  /** Stands above the search, and scrolls away. */
  readonly children?: ReactNode;
  readonly label: string;
  readonly items: readonly T[];
  readonly keyOf: (item: T) => string;
  readonly row: (item: T) => ReactElement;
  /** The height of its lowest line, in px: by it is known how many are in sight. */
  readonly lowest?: number;
}

/** No line is lower than this, in px. */
const LOWEST = 48;

/** So many screens of lines are drawn beyond the one that is shown. */
const AHEAD = 2;

/**
 * A room's page with a list as long as it likes. Its head scrolls with it, so that a small screen shows lines; only as
 * many lines are drawn as somebody has scrolled to, and a few screens more.
 */
export function ListPage<T>({
  title,
  actions,
  search,
  children,
  label,
  items,
  keyOf,
  row,
  lowest = LOWEST,
}: Props<T>) {
  const { plate } = usePalette();
  const { low } = useRoom();
  const { height } = useWindowDimensions();
  const first = Math.ceil(height / lowest);
  // What is in sight first; a screen of lines more once that is drawn.
  const least = useDeferredValue(2 * first, first);
  const [seen, setSeen] = useState(0);
  const scrolled = useCallback(
    ({
      nativeEvent: { contentOffset, layoutMeasurement },
    }: NativeSyntheticEvent<NativeScrollEvent>) => {
      const reached = Math.ceil(
        (contentOffset.y + (AHEAD + 1) * layoutMeasurement.height) / lowest,
      );
      setSeen((now) => Math.max(now, reached));
    },
    [lowest],
  );
  const shown = items.slice(0, Math.max(least, seen));
  const head = <PageHead title={title} actions={actions} />;
  return (
    <ScrollView
      style={styles.fill}
      stickyHeaderIndices={STICKY}
      onScroll={scrolled}
      scrollEventThrottle={50}
    >
      <View style={styles.head}>
        {low ? null : head}
        {children}
      </View>
      <View style={{ backgroundColor: plate }}>
        <View style={[styles.search, low && styles.beside]}>
          {low ? head : null}
          <View style={low ? styles.fill : null}>{search}</View>
        </View>
      </View>
      <View role="list" aria-label={label} style={styles.list}>
        {shown.map((item) => (
          <Fragment key={keyOf(item)}>{row(item)}</Fragment>
        ))}
      </View>
    </ScrollView>
  );
}

const STICKY = [1];

const styles = StyleSheet.create({
  fill: { flex: 1, minHeight: 0, minWidth: 0 },
  head: { paddingHorizontal: 16, paddingTop: 12, gap: 10, width: '100%', maxWidth: 860 },
  search: { paddingHorizontal: 16, paddingVertical: 6, width: '100%', maxWidth: 860 },
  // On its side a phone has the width for both in one line.
  beside: { flexDirection: 'row', alignItems: 'center', gap: 12, paddingVertical: 2 },
  list: { paddingHorizontal: 16, paddingBottom: 32, width: '100%', maxWidth: 860 },
});
