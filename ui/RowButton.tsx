import type { ReactNode } from 'react';
import { Pressable } from 'react-native';
import { say } from '@/core/wording/say';
import { RowFace, useRowStyle } from './RowFace';

interface Props {
  readonly name: string;
  readonly about: string;
  /** Left out where it leads to another page. */
  readonly open?: boolean;
  /** Before the words: how it stands. */
  readonly mark?: ReactNode;
  readonly onPress: () => void;
}

/** A line that opens what is under it, or leads on. */
export function RowButton({ name, about, open, mark, onPress }: Props) {
  const style = useRowStyle();
  return (
    <Pressable
      role="button"
      aria-expanded={open}
      aria-label={about ? say('ui.rowOf', { name, about }) : name}
      onPress={onPress}
      style={style}
    >
      <RowFace
        name={name}
        about={about}
        mark={mark}
        icon={open === undefined ? 'chevron-right' : open ? 'chevron-up' : 'chevron-down'}
      />
    </Pressable>
  );
}
