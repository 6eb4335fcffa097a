import { useState } from 'react';
import { Button } from './Button';
import { Notice } from './Notice';
import { useEscape } from './keyboard';

interface Props {
  readonly ask: string;
  readonly warn: string;
  readonly sure: string;
  readonly onSure: () => void | Promise<void>;
}

/** A step that cannot be taken back: asked for, then said again with what it does. */
export function Confirm({ ask, warn, sure, onSure }: Props) {
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
      {warn}
    </Notice>
  );
}
