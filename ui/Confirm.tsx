import { useState, type ReactNode } from 'react';
import { Button } from './Button';
import { Notice } from './Notice';
import { Words } from './Words';
import { useEscape } from './keyboard';

interface Props {
  readonly ask: string;
  readonly warn: string;
  readonly sure: string;
  readonly onSure: () => void | Promise<void>;
  /** What is to be chosen with it. */
  readonly children?: ReactNode;
}

/** A step that cannot be taken back: asked for, then said again with what it does. */
export function Confirm({ ask, warn, sure, onSure, children }: Props) {
  const [asking, setAsking] = useState(false);
  useEscape(asking ? () => setAsking(false) : undefined);
  if (!asking) {
    return (
      <Button mode="text" icon="trash-can-outline" onPress={() => setAsking(true)}>
        {ask}
      </Button>
    );
  }
  return (
    <Notice
      kind="error"
      actions={
        <>
          <Button mode="outlined" onPress={() => setAsking(false)}>
            Cancel
          </Button>
          <Button mode="contained" onPress={() => void onSure()}>
            {sure}
          </Button>
        </>
      }
    >
      <Words>{warn}</Words>
      {children}
    </Notice>
  );
}
