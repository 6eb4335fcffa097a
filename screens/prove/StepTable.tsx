import { Pressable, StyleSheet, View } from 'react-native';
import type { StepResult } from '@/core/prove/compare';
import { sayProve } from '@/core/prove/say';
import { limitTexts, stateOf, stepVerdict, testedBare } from '@/core/prove/sayProve';
import { bareFlow, flowUnit } from '@/core/quantity/flow';
import type { ShopUnit } from '@/core/quantity/units';
import { VERDICT_WORD } from '@/core/wording/verdictWord';
import { PinRing } from '@/ui/PinRing';
import { TOUCH, usePalette } from '@/ui/theme';
import { Words } from '@/ui/Words';
import { layout } from '@/ui/layout';
import { resultId } from './useProve';

interface Props {
  readonly results: readonly StepResult[];
  readonly unit: ShopUnit;
  readonly chosen: string | null;
  readonly onChoose: (id: string) => void;
}

/** The steps of a test: what each gave before, what it gives now, and what is wanted. */
export function StepTable({ results, unit, chosen, onChoose }: Props) {
  const palette = usePalette();
  const line = { borderColor: palette.line };
  return (
    <View role="list" aria-label="Steps of the test">
      <View style={[styles.row, line]} aria-hidden>
        <Words size="note" tone="muted" style={layout.grow}>
          {sayProve('prove.headStep', { unit: flowUnit(unit) })}
        </Words>
        {['Before', 'Now'].map((head) => (
          <Words key={head} size="note" tone="muted" style={styles.figure}>
            {head}
          </Words>
        ))}
        <Words size="note" tone="muted" style={styles.limits}>
          Limit
        </Words>
        <View style={styles.mark} />
      </View>
      {results.map((result) => (
        <Row
          key={resultId(result)}
          result={result}
          unit={unit}
          isChosen={resultId(result) === chosen}
          onPress={() => onChoose(resultId(result))}
        />
      ))}
    </View>
  );
}

interface RowProps {
  readonly result: StepResult;
  readonly unit: ShopUnit;
  readonly isChosen: boolean;
  readonly onPress: () => void;
}

function Row({ result, unit, isChosen, onPress }: RowProps) {
  const palette = usePalette();
  const { step, test, run, before } = result;
  const ran = test ?? step ?? run;
  if (!ran) return null;
  const state = stateOf(ran, unit);
  const verdict = stepVerdict(result);
  const limits = limitTexts(result, unit);
  const cells = {
    before: before ? bareFlow(before.flow_lpm, 0.1, unit) : '–',
    now: test ? testedBare(test, unit) : run ? 'not cut' : '–',
    limit: limits.join(', ') || 'none',
  };
  const name = step?.name || state;
  return (
    <View role="listitem">
      <Pressable
        role="button"
        aria-pressed={isChosen}
        aria-label={sayProve('prove.row', {
          step: step?.name ? sayProve('prove.stepName', { name: step.name, state }) : state,
          ...cells,
          verdict: verdict === 'open' ? 'not judged' : VERDICT_WORD[verdict],
        })}
        onPress={onPress}
        style={[
          styles.row,
          { borderColor: palette.line },
          isChosen ? { backgroundColor: palette.paper } : null,
        ]}
      >
        <View style={layout.grow}>
          <Words strong={isChosen}>{name}</Words>
          {step?.name ? (
            <Words size="note" tone="muted">
              {state}
            </Words>
          ) : null}
        </View>
        <Words tone="muted" style={styles.figure}>
          {cells.before}
        </Words>
        <Words strong style={styles.figure}>
          {cells.now}
        </Words>
        <View style={styles.limits}>
          {limits.length === 0 ? (
            <Words tone="muted" style={styles.right}>
              –
            </Words>
          ) : null}
          {limits.map((text) => (
            <Words key={text} size="note" tone="muted" style={styles.right}>
              {text}
            </Words>
          ))}
        </View>
        <View style={styles.mark}>
          <PinRing verdict={verdict} size={24} />
        </View>
      </Pressable>
    </View>
  );
}

const styles = StyleSheet.create({
  row: {
    flexDirection: 'row',
    alignItems: 'center',
    gap: 6,
    minHeight: TOUCH,
    paddingHorizontal: 4,
    borderBottomWidth: 1,
  },
  figure: { width: 46, textAlign: 'right' },
  limits: { width: 72, textAlign: 'right' },
  right: { textAlign: 'right' },
  mark: { width: 28, alignItems: 'flex-end' },
});
