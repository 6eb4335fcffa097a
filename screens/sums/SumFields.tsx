import { useState } from 'react';
import { StyleSheet, View } from 'react-native';
import type { ShopUnit } from '@/core/quantity/units';
import type { Ask } from '@/core/sums/page';
import { sayRoom } from '@/core/sums/room';
import type { Sum } from '@/core/sums/sum';
import { factWords } from '@/core/sums/job/fill';
import { figuresFor } from '@/core/sums/kinds';
import { asked, type Entry } from '@/core/sums/workOut';
import { RowButton } from '@/ui/RowButton';
import { layout } from '@/ui/layout';
import { AskField } from './AskField';
import { type JobOf } from './useJobOf';
import { type SumState } from './useSum';

interface FieldsProps {
  readonly sum: Sum;
  readonly state: SumState;
  readonly of: JobOf | null;
}

/** The fields in the order in which people can get them; what few need behind a line of its own. */
export function Fields({ sum, state, of }: FieldsProps) {
  const { typed, unit, outcome, type } = state;
  const all = sum.page ? asked(sum.page as never, typed) : [];
  const more = all.filter((ask) => ask.more);
  const isWrong = more.some(({ at }) => outcome.errors[at] !== undefined);
  const [open, setOpen] = useState(false);
  const [hinted, setHinted] = useState<string | null>(null);
  const shown = open || isWrong;
  const field = (ask: Ask) => (
    <AskField
      key={ask.at}
      sum={sum}
      ask={ask}
      entry={typed[ask.at]}
      unit={unit}
      error={outcome.errors[ask.at]}
      source={of ? sourceOf(of, ask, typed[ask.at], unit) : undefined}
      isHinted={hinted === ask.at}
      onFocus={() => setHinted(ask.at)}
      onType={(text) => type(ask.at, text)}
    />
  );
  return (
    <View style={layout.stack}>
      <View style={styles.fields}>{all.filter((ask) => !ask.more).map(field)}</View>
      {more.length > 0 ? (
        <RowButton
          name={sayRoom('more')}
          about={sayRoom('moreAbout', { count: more.length })}
          open={shown}
          onPress={() => setOpen(!open)}
        />
      ) : null}
      {shown ? <View style={styles.fields}>{more.map(field)}</View> : null}
    </View>
  );
}

/** Says where a figure is from that a job filled in; nothing where somebody typed another over it. */
function sourceOf({ filled, job }: JobOf, { at }: Ask, entry: Entry | undefined, unit: ShopUnit) {
  const fact = filled.facts[at];
  return fact && fact.text === entry?.text && entry.unit === 'mm'
    ? factWords(fact, job.tag, figuresFor(unit))
    : undefined;
}

const styles = StyleSheet.create({
  fields: { flexDirection: 'row', flexWrap: 'wrap', gap: 8 },
});
