import { ScrollView } from 'react-native';
import { say } from '@/core/wording/say';
import { useShop } from '@/data/hooks';
import { Button } from '@/ui/Button';

interface Props {
  readonly wanted: string;
  readonly onChange: (words: string) => void;
}

/** The searches that the shop keeps: a touch looks for it, another shows all jobs again. */
export function KeptSearches({ wanted, onChange }: Props) {
  const { searches } = useShop();
  if (searches.length === 0) return null;
  return (
    <ScrollView horizontal contentContainerStyle={{ gap: 8 }}>
      {searches.map(({ id, name, words }) => {
        const isOn = words === wanted.trim();
        return (
          <Button
            key={id}
            mode={isOn ? 'contained-tonal' : 'outlined'}
            compact
            icon={isOn ? 'close' : undefined}
            accessibilityLabel={isOn ? say('bench.stopSearch', { name }) : name}
            onPress={() => onChange(isOn ? '' : words)}
          >
            {name}
          </Button>
        );
      })}
    </ScrollView>
  );
}
