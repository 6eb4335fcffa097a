import type { ReactNode } from 'react';
import { ScrollView, StyleSheet, View } from 'react-native';
import { useTitle } from './title';
import { Heading } from './Words';
import { layout } from './layout';

interface Props {
  readonly title: string;
  readonly actions?: ReactNode;
  /** Of a job's stage it is a part: the job's own heading stands over it. */
  readonly within?: boolean;
  /** Nothing in it takes the focus: it takes it itself, to be scrolled by keys. */
  readonly still?: boolean;
  readonly children: ReactNode;
}

/** A room's page: a heading with its actions, and what scrolls beneath; as wide in every room. */
export function Page({ title, actions, within, still, children }: Props) {
  return (
    <ScrollView
      style={layout.fill}
      contentContainerStyle={styles.page}
      {...(still ? { tabIndex: 0 as const } : {})}
    >
      <PageHead title={title} actions={actions} within={within} />
      {children}
    </ScrollView>
  );
}

/** The heading of a page with its actions. */
export function PageHead({ title, actions, within = false }: Omit<Props, 'children' | 'still'>) {
  useTitle(within ? null : title);
  return (
    <View style={styles.head}>
      <Heading level={within ? 2 : 1} size="title" style={layout.fill}>
        {title}
      </Heading>
      {actions}
    </View>
  );
}

const styles = StyleSheet.create({
  page: { padding: 16, paddingBottom: 32, gap: 14, width: '100%', maxWidth: 1160 },
  head: {
    flexDirection: 'row',
    alignItems: 'center',
    gap: 8,
    minHeight: 48,
    flexWrap: 'wrap',
    alignContent: 'center',
  },
});
