import { Button } from './Button';

interface Props {
  /** Something was typed that is not stored. */
  readonly isDirty: boolean;
  readonly onPress: () => void;
  /** What the button says while there is something to save. */
  readonly word?: string;
}

/** Saves a form; says so once everything in it is stored. */
export const SaveButton = ({ isDirty, onPress, word = 'Save' }: Props) => (
  <Button mode="contained" disabled={!isDirty} onPress={onPress}>
    {isDirty ? word : 'Saved'}
  </Button>
);
