import { reasonOf } from '@/core/errors';
import { Button } from './Button';
import { Notice } from './Notice';
import { say } from '@/core/wording/say';

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
            Set them aside and start with the usual ones
          </Button>
        ) : null
      }
    >
      {say('ui.shopUnread', { error: reasonOf(error) })}
    </Notice>
  );
}
