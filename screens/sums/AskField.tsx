import { useId } from 'react';
import { StyleSheet, View } from 'react-native';
import { HelperText, TextInput } from 'react-native-paper';
import { GENERIC_FLUIDS } from '@/core/hydraulics/grades';
import type { ShopUnit } from '@/core/quantity/units';
import { spelled } from '@/core/wording/say';
import type { Ask } from '@/core/sums/page';
import { sayRoom } from '@/core/sums/room';
import type { Sum } from '@/core/sums/sum';
import { factsOf, OIL, shownText, type Entry } from '@/core/sums/workOut';
import { useShop } from '@/data/hooks';
import { Choice } from '@/ui/Choice';
import { Pick } from '@/ui/Pick';
import { TOUCH, TYPE } from '@/ui/theme';
import { Words } from '@/ui/Words';

interface Props {
  readonly sum: Sum;
  readonly ask: Ask;
  readonly entry: Entry | undefined;
  readonly unit: ShopUnit;
  readonly error: string | undefined;
  /** Says where its figure is from, where a job filled it in. */
  readonly source: string | undefined;
  /** It had the focus last: how it is taken stays until another has it, or what is touched next would move away. */
  readonly isHinted: boolean;
  readonly onFocus: () => void;
  readonly onType: (text: string) => void;
}

/** More than these, or longer names, are picked from a list. */
const [BESIDE, LONGEST] = [4, 40] as const;

/** One field of a sum: a figure, a row of them, or a choice; how it is taken beneath while it has the focus. */
export function AskField(props: Props) {
  const { sum, ask, error } = props;
  const { choices } = factsOf(sum, ask);
  if (ask.at === OIL) return <OilField {...props} />;
  return choices.length > 0 ? (
    <View style={styles.wide}>
      <ChoiceOf {...props} choices={choices} />
      {props.source ? (
        <Words size="note" tone="muted">
          {props.source}
        </Words>
      ) : null}
      {error ? (
        <Words tone="out" role="alert">
          {error}
        </Words>
      ) : null}
    </View>
  ) : (
    <FigureField {...props} />
  );
}

function ChoiceOf({ sum, ask, entry, onType, choices }: Props & { choices: readonly string[] }) {
  const label = spelled(factsOf(sum, ask).label);
  const options = choices.map((value) => ({ value, name: spelled(ask.names?.[value] ?? value) }));
  const value = entry?.text ?? '';
  const length = options.reduce((sum, { name }) => sum + name.length, 0);
  if (options.length > BESIDE || length > LONGEST)
    return <Pick label={label} value={value} options={options} onChange={onType} />;
  return (
    <>
      <Words size="note">{ask.how ? [label, spelled(ask.how)].join('. ') : label}</Words>
      <Choice label={label} value={value} options={options} onChange={onType} lines={2} />
    </>
  );
}

function OilField({ entry, source, onType }: Props) {
  const { fluids } = useShop();
  const known = [...new Set([...fluids, ...GENERIC_FLUIDS].map(({ name }) => name))];
  return (
    <View style={styles.wide}>
      <Pick
        label={sayRoom('oilAsked')}
        value={entry?.text ?? ''}
        options={known.map((name) => ({ value: name, name }))}
        onChange={onType}
      />
      {source ? (
        <Words size="note" tone="muted">
          {source}
        </Words>
      ) : null}
    </View>
  );
}

function FigureField(props: Props) {
  const { sum, ask, entry, unit, error, source, isHinted, onFocus, onType } = props;
  const wrong = useId();
  const { kind, label, isList } = factsOf(sum, ask);
  const name = spelled(label);
  const inUnit = ask.isClock ? '' : (kind?.unit(unit) ?? '');
  const full = inUnit ? sayRoom('field', { label: name, unit: inUnit }) : name;
  const hint = source ?? (isHinted && ask.how ? spelled(ask.how) : null);
  return (
    <View style={isList ? styles.wide : styles.half}>
      <Words size="note" aria-hidden>
        {full}
      </Words>
      <TextInput
        mode="outlined"
        dense
        aria-label={full}
        value={shownText(sum, ask, entry, unit)}
        onChangeText={onType}
        onFocus={onFocus}
        // A row of figures wants blanks between them; a single one the keys for figures.
        inputMode={isList ? 'text' : 'decimal'}
        error={Boolean(error)}
        style={styles.input}
        {...(error ? { 'aria-invalid': true, 'aria-describedby': wrong } : {})}
      />
      {error ? (
        <HelperText type="error" role="alert" padding="none" nativeID={wrong}>
          {error}
        </HelperText>
      ) : hint ? (
        <HelperText type="info" padding="none">
          {hint}
        </HelperText>
      ) : null}
    </View>
  );
}

const styles = StyleSheet.create({
  half: { flexGrow: 1, flexBasis: '46%', minWidth: 150 },
  wide: { flexBasis: '100%', gap: 4 },
  input: { fontSize: TYPE.strong, height: TOUCH },
});
