import type { ReactNode } from 'react';
import { View } from 'react-native';
import { say } from '@/core/wording/say';
import { Words } from './Words';

interface Props {
  /** What was typed since cannot be used. */
  readonly held: boolean;
  /** It is said beside it already. */
  readonly quiet?: boolean;
  readonly children: ReactNode;
}

/** The last good answer: greyed, and said to be the last, while what was typed since cannot be used. */
export const Held = ({ held, quiet = false, children }: Props) => (
  <>
    {held && !quiet ? <Words strong>{say('ui.held')}</Words> : null}
    <View style={{ gap: 12, opacity: held ? GREYED : 1 }}>{children}</View>
  </>
);

const GREYED = 0.5;
