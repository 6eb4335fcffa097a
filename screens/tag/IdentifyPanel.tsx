import type { ShopUnit } from '@/core/quantity/units';
import { type ReactNode, useMemo, useState } from 'react';
import { setFields, answerKey, forgetKey } from '@/core/commands/job';
import { StyleSheet, View } from 'react-native';
import { Button } from '@/ui/Button';
import { checksOf, type Check } from '@/core/inspect/checks';
import { identify, type KeyState } from '@/core/inspect/identify';
import { answerWords, shownWords, standingWords } from '@/core/wording/key';
import type { Job } from '@/core/records/job';
import { SERIAL, type KeyAnswer } from '@/core/records/key';
import { useShop } from '@/data/hooks';
import { FootButton } from '@/ui/FootButton';
import { FootRow } from '@/ui/FootRow';
import { ListRow } from '@/ui/ListRow';
import { Notice } from '@/ui/Notice';
import { type Palette, usePalette } from '@/ui/theme';
import { Heading, Words } from '@/ui/Words';
import { useCommand } from '../job/useCommand';
import { CheckCard } from './CheckCard';
import { MixPanel } from './MixPanel';
import { say } from '@/core/wording/say';
import { layout } from '@/ui/layout';

interface Props {
  readonly job: Job;
  /** Called when the person is through, or puts it off. */
  readonly onDone: () => void;
}

/** Which variant it is: the one check that splits best what is left, what remains, and why. */
export function IdentifyPanel({ job, onDone }: Props) {
  const palette = usePalette();
  const { run, error } = useCommand(job);
  const [backing, setBacking] = useState(false);
  const { sheet, key } = job;
  const { unit } = useShop();
  const state = useMemo(() => identify(sheet, key, unit), [sheet, key, unit]);
  const checks = checksOf(sheet);
  const { next, standing, left } = state;
  const found = standing === 'one' ? left[0] : undefined;
  const asking: Check | null = found && !backing ? null : next;

  const answer = (given: KeyAnswer) => void run(answerKey(given));
  const again = (check: string) => void run(forgetKey(check));
  const take = async (variant: string) => {
    if (await run(setFields({ variant }))) onDone();
  };
  return (
    <View style={styles.panel}>
      <Heading size="strong">{say('tag.which', { model: sheet.model })}</Heading>
      {standing === 'contradicted' || (standing === 'alike' && left.length > 1) ? (
        <Notice kind="caution">
          {standing === 'contradicted'
            ? say('tag.checkAnswers', { state: standingWords(state) })
            : standingWords(state)}
        </Notice>
      ) : (
        <Words>{standingWords(state)}</Words>
      )}
      {error ? <Notice kind="error">{error}</Notice> : null}
      {asking ? (
        <CheckCard
          key={asking.id}
          check={asking}
          known={asking.id === SERIAL ? job.serial : ''}
          onAnswer={answer}
        />
      ) : null}
      {found ? (
        <Button mode="contained" contentStyle={styles.large} onPress={() => void take(found.id)}>
          {say('tag.use', { variant: found.name })}
        </Button>
      ) : null}
      {key.length > 0 ? given(key, checks, palette, unit, again) : null}
      <Heading>
        {left.length === 0 ? 'Variants' : say('tag.possible', { count: left.length })}
      </Heading>
      {candidates(state, job, asking, unit, take)}
      <FootRow>
        {found && next && !backing ? (
          <FootButton name="One more check" onPress={() => setBacking(true)} />
        ) : null}
        <FootButton name={job.variant ? 'Close' : 'Not now'} onPress={onDone} />
      </FootRow>
      {job.variant !== null && sheet.variants.length > 1 ? <MixPanel job={job} /> : null}
    </View>
  );
}

const styles = StyleSheet.create({
  panel: { gap: 10 },
  large: { minHeight: 64 },
  row: {
    flexDirection: 'row',
    alignItems: 'center',
    gap: 10,
    minHeight: 52,
    borderBottomWidth: 1,
    paddingVertical: 4,
    paddingLeft: 6,
  },
});

/** The variants, with what rules each of them out. */
function candidates(
  state: KeyState,
  job: Job,
  asking: Check | null,
  unit: ShopUnit,
  take: (variant: string) => Promise<void>,
) {
  return (
    <View>
      {state.candidates.map(({ variant, objections }) => {
        const out = objections.length > 0;
        const chosen = job.variant === variant.id;
        const why = objections.map((o) => o.words).join('; ');
        // What it would show at the check in hand, for eyes that are on the pump already.
        const there = asking ? shownWords(variant, asking, unit) : '';
        const fits = there ? say('tag.shouldShow', { feature: there }) : 'still possible';
        const said = chosen ? 'taken' : out ? say('tag.ruledOut', { why }) : fits;
        return (
          <ListRow
            key={variant.id}
            name={variant.name}
            note={said}
            spoken={say('tag.chooseAnyway', { variant: variant.name, status: said })}
            here={chosen}
            strong={!out}
            nameTone={out ? 'muted' : 'ink'}
            onPress={() => void take(variant.id)}
          />
        );
      })}
    </View>
  );
}

/** What was answered so far, each to be answered anew. */
function given(
  key: Job['key'],
  checks: readonly Check[],
  palette: Palette,
  unit: ShopUnit,
  again: (check: string) => void,
): ReactNode {
  return (
    <View>
      {key.map((given) => {
        const check = checks.find((c) => c.id === given.check);
        return check ? (
          <View key={check.id} style={[styles.row, { borderColor: palette.line }]}>
            <View style={layout.grow}>
              <Words size="note" tone="muted">
                {check.ask}
              </Words>
              <Words strong>{answerWords(check, given, unit)}</Words>
            </View>
            <Button
              mode="text"
              accessibilityLabel={say('tag.change', { question: check.ask })}
              onPress={() => again(check.id)}
            >
              Change
            </Button>
          </View>
        ) : null;
      })}
    </View>
  );
}
