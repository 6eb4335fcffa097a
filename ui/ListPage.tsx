import type { ReactElement, ReactNode } from 'react';
import { FlatList, StyleSheet, View } from 'react-native';
import { PageHead } from './Page';

interface Props<T> {
  readonly title: string;
  readonly actions?: ReactNode;
  /** Stands above the list and stays there. */
  readonly children?: ReactNode;
  readonly label: string;
  readonly items: readonly T[];
  readonly keyOf: (item: T) => string;
  readonly row: (item: T) => ReactElement;
}

/** A room's page with a list as long as it likes: only what is on the screen is drawn. */
export function ListPage<T>({ title, actions, children, label, items, keyOf, row }: Props<T>) {
  return (
    <View style={styles.fill}>
      <View style={styles.head}>
        <PageHead title={title} actions={actions} />
        {children}
      </View>
      <FlatList
        role="list"
        aria-label={label}
        data={items}
        keyExtractor={keyOf}
        renderItem={({ item }) => row(item)}
        // What a phone shows at once: the rest follows when the first can be touched.
        initialNumToRender={10}
        maxToRenderPerBatch={12}
        updateCellsBatchingPeriod={16}
        windowSize={9}
        style={styles.fill}
        contentContainerStyle={styles.list}
      />
    </View>
  );
}

const styles = StyleSheet.create({
  fill: { flex: 1, minHeight: 0 },
  head: { padding: 16, paddingBottom: 8, gap: 14, width: '100%', maxWidth: 860 },
  list: { paddingHorizontal: 16, paddingBottom: 32, width: '100%', maxWidth: 860 },
});
