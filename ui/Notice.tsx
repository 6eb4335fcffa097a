import type { ReactNode } from 'react';
import { StyleSheet, View } from 'react-native';
import Icon from './icons/Icon';
import { usePalette } from './theme';
import { Words } from './Words';
import { layout } from './layout';

interface Props {
  readonly kind: 'caution' | 'error' | 'word';
  readonly children: ReactNode;
  readonly actions?: ReactNode;
}

/** A caution where the step is, or what went wrong and what can be done. */
export function Notice({ kind, children, actions }: Props) {
  const palette = usePalette();
  const color = kind === 'error' ? palette.out : kind === 'caution' ? palette.brass : palette.line;
  return (
    <View
      role={kind === 'error' ? 'alert' : 'note'}
      style={[styles.notice, { borderColor: color, backgroundColor: palette.paper }]}
    >
      {kind === 'word' ? null : <Icon name="alert-outline" color={color} size={22} />}
      <View style={styles.text}>
        {typeof children === 'string' ? <Words size="body">{children}</Words> : children}
        {actions ? <View style={layout.wrap}>{actions}</View> : null}
      </View>
    </View>
  );
}

const styles = StyleSheet.create({
  notice: { flexDirection: 'row', gap: 10, borderLeftWidth: 4, padding: 12, borderRadius: 4 },
  text: { flex: 1, gap: 8, minWidth: 0 },
});
