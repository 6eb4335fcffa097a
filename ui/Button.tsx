import type { ComponentProps } from 'react';
import { StyleSheet } from 'react-native';
import { Button as PaperButton } from 'react-native-paper';
import { TOUCH } from './theme';

/** A button as tall as a thumb needs it: Paper's own is lower. */
export function Button({ contentStyle, ...rest }: ComponentProps<typeof PaperButton>) {
  return <PaperButton {...rest} contentStyle={[styles.content, contentStyle]} />;
}

const styles = StyleSheet.create({ content: { minHeight: TOUCH, minWidth: TOUCH } });
