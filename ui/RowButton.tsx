import type { ReactNode } from 'react';
import { Pressable } from 'react-native';
import { RowFace, useRowStyle } from './RowFace';

interface Props {
  readonly name: string;
  readonly about: string;
  readonly open: boolean;
  /** Before the words: how it stands. */
  readonly mark?: ReactNode;
  readonly onPress: () => void;
}

/** A line that opens what is under it. */
export function RowButton({ name, about, open, mark, onPress }: Props) {
  const style = useRowStyle();
  return (
    <Pressable
      role="button"
      aria-expanded={open}
      aria-label={`${name}: ${about}`}
      onPress={onPress}
      style={style}
    >
      <RowFace name={name} about={about} mark={mark} icon={open ? 'chevron-up' : 'chevron-down'} />
    </Pressable>
  );
}
