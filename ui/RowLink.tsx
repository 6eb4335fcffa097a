import type { Href } from 'expo-router';
import { LinkBox } from './LinkBox';
import { RowFace, useRowStyle } from './RowFace';

interface Props {
  readonly href: Href;
  readonly name: string;
  readonly about: string;
}

/** A line that leads on: what is there, and a word on it. */
export function RowLink({ href, name, about }: Props) {
  const style = useRowStyle();
  return (
    <LinkBox href={href} style={style}>
      <RowFace name={name} about={about} icon="chevron-right" />
    </LinkBox>
  );
}
