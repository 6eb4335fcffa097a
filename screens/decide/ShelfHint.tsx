import { StyleSheet, View } from 'react-native';
import { bestOnShelf } from '@/core/pairing/choice';
import { holds, turns } from '@/core/pairing/roles';
import { say } from '@/core/wording/say';
import { choiceWords } from '@/core/wording/shelf';
import { Button } from '@/ui/Button';
import { usePalette } from '@/ui/theme';
import { Words } from '@/ui/Words';
import type { Deciding } from './useDeciding';
import { useShelfChoices } from './useShelfChoices';

interface Props {
  readonly deciding: Deciding;
  readonly onOpen: () => void;
}

/** What lies on the shelf that would bring this pump in as well, where work is planned. */
export function ShelfHint({ deciding: { job, shop, planned }, onOpen }: Props) {
  const palette = usePalette();
  const choices = useShelfChoices(job, shop);
  const { sheet } = job;
  // Where neither the body nor what turns in it is to be worked on, nothing has to be looked for.
  const asked = planned.some(({ offer }) => holds(sheet, offer) || turns(sheet, offer));
  const best = asked ? bestOnShelf(sheet, choices ?? []) : null;
  if (!best) return null;
  const { label } = best;
  return (
    <View style={[styles.row, { borderColor: palette.line, backgroundColor: palette.paper }]}>
      <Words style={styles.words}>
        {say('shelf.hint', { label, work: choiceWords(sheet, best, shop.unit) })}
      </Words>
      <Button mode="outlined" onPress={onOpen}>
        See the shelf
      </Button>
    </View>
  );
}

const styles = StyleSheet.create({
  row: {
    flexDirection: 'row',
    flexWrap: 'wrap',
    alignItems: 'center',
    gap: 8,
    borderWidth: 1,
    borderRadius: 8,
    padding: 10,
  },
  words: { flexGrow: 1, flexBasis: 160, minWidth: 0 },
});
