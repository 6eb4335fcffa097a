import type { ComponentProps } from 'react';
import { StyleSheet, type TextStyle } from 'react-native';
import { Button as PaperButton } from 'react-native-paper';
import { TOUCH } from './theme';

/** A button as tall as a thumb needs it, its words whole: Paper's own is lower, and cuts them to one line. */
export function Button({
  style,
  contentStyle,
  labelStyle,
  ...rest
}: ComponentProps<typeof PaperButton>) {
  return (
    <PaperButton
      {...rest}
      style={[styles.button, style]}
      contentStyle={[styles.content, contentStyle]}
      labelStyle={[WHOLE, labelStyle]}
    />
  );
}

/** Words that find no room on one line go on the next: a style of the browser. */
const WHOLE = { whiteSpace: 'normal' } as TextStyle;

const styles = StyleSheet.create({
  button: { maxWidth: '100%' },
  content: { minHeight: TOUCH, minWidth: TOUCH },
});
