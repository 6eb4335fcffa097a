import { Button } from './Button';
import { Notice } from './Notice';

interface Props {
  readonly children: string;
  readonly onAgain: () => void;
  readonly onCancel: () => void;
}

/** Says that long work failed, and why: it can be tried again, or left. */
export function TryAgain({ children, onAgain, onCancel }: Props) {
  return (
    <Notice
      kind="error"
      actions={
        <>
          <Button mode="contained" onPress={onAgain}>
            Try again
          </Button>
          <Button mode="outlined" onPress={onCancel}>
            Cancel
          </Button>
        </>
      }
    >
      {children}
    </Notice>
  );
}
