import { Button } from './Button';
import { Notice } from './Notice';

interface Props {
  /** What is asked, as a sentence. */
  readonly children: string;
  readonly yes: string;
  readonly no: string;
  readonly onYes: () => void;
  readonly onNo: () => void;
}

/** Something that is not taken as it came until a person says yes or no to it. */
export function Question({ children, yes, no, onYes, onNo }: Props) {
  return (
    <Notice
      kind="error"
      actions={
        <>
          <Button mode="contained" onPress={onYes}>
            {yes}
          </Button>
          <Button mode="outlined" onPress={onNo}>
            {no}
          </Button>
        </>
      }
    >
      {children}
    </Notice>
  );
}
