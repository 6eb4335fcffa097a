import { Button } from 'react-native-paper';
import { Notice } from './Notice';

interface Props {
  readonly error: Error | null;
  /** Where they can be set aside: begins anew with the usual settings. */
  readonly onAnew?: (() => void) | undefined;
}

/** Says that the shop's settings cannot be read, and that the usual ones stand in for them. */
export function ShopUnread({ error, onAnew }: Props) {
  if (!error) return null;
  return (
    <Notice
      kind="error"
      actions={
        onAnew ? (
          <Button mode="outlined" onPress={onAnew}>
            Set them aside and begin with the usual ones
          </Button>
        ) : null
      }
    >
      {`The shop’s settings and instruments cannot be read. The usual ones are used instead, and what is stored is left as it is. ${error.message}`}
    </Notice>
  );
}
