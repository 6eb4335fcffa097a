import { View } from 'react-native';
import { useNextFocus } from '@/ui/focus';
import { FootButton } from '@/ui/FootButton';
import { FootRow } from '@/ui/FootRow';

interface Props {
  /** The panel that it leads back from. */
  readonly panel: string;
  readonly onDone: () => void;
}

/** Leads back from a panel to the step; the focus comes here when the panel opens. */
export function BackToMeasure({ panel, onDone }: Props) {
  const next = useNextFocus(panel);
  return (
    <View ref={next}>
      <FootRow>
        <FootButton name="Back to Measure" onPress={onDone} />
      </FootRow>
    </View>
  );
}
