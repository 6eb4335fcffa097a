import { evaluator } from '@/data/evaluator';
import type { Assessment } from '@/core/assessment/assessment';
import type { LeafStep } from '@/core/guidance/step';
import { markedWords } from '@/core/methods/feeler';
import { useMemo, useState } from 'react';
import { StyleSheet } from 'react-native';
import { leafReachWords } from '@/core/wording/leafReach';
import type { Job } from '@/core/records/job';
import { formatLength, unitName } from '@/core/quantity/format';
import type { ShopUnit } from '@/core/quantity/units';
import { useShop } from '@/data/hooks';
import { Words } from '@/ui/Words';
import { Answers } from './Answers';
import { FootButton } from '@/ui/FootButton';
import { OtherLeaf } from './OtherLeaf';
import type { Openers } from './panels';
import { StepPanel } from './StepPanel';
import { useMarks } from './useMarks';
import type { Measuring } from './useMeasuring';

interface Props extends Openers {
  readonly job: Job;
  readonly shown: Assessment;
  readonly step: LeafStep;
  readonly measuring: Measuring;
}

/** What the set cannot tell of a characteristic, said before its first try and no longer. */
function useReach(job: Job, shown: Assessment): string {
  const { unit } = useShop();
  const { sheet, feeler, rules } = job;
  const { characteristic, limits, stations } = shown;
  const untried = stations.every((s) => s.tries.length === 0);
  return useMemo(
    () =>
      untried && limits
        ? leafReachWords(evaluator.ladder({ feeler, rules }), limits, sheet, characteristic, unit)
        : '',
    [untried, limits, sheet, feeler, rules, characteristic, unit],
  );
}

/** Why it does not begin with the book's leaf; empty where it does. */
function roomWords({ room_mm }: LeafStep, { limits }: Assessment, unit: ShopUnit): string {
  if (room_mm === undefined || limits?.upper_mm == null) return '';
  const [room, book] = [room_mm, limits.upper_mm].map((mm) => formatLength(mm, 'gap', unit));
  return `Tried against ${room}, not the book’s ${book} ${unitName('gap', unit)}: the rest is room for wear of the cover.`;
}

/** Leaf by leaf: where to lay the edge, which leaf to try, and the four answers. */
export function LeafPanel({ job, shown, step, measuring, ...openers }: Props) {
  const { unit } = useShop();
  const [choosing, setChoosing] = useState(false);
  const { characteristic } = shown;
  const marks = useMarks(job, shown, step.station);
  const reach = useReach(job, shown);
  const { leaves_mm, marked_mm, total_mm } = step.stack;

  return (
    <StepPanel
      {...openers}
      job={job}
      shown={shown}
      measuring={measuring}
      step={{ way: 'leaf', ...step }}
      target={characteristic.id}
      stations={characteristic.stations}
      marks={marks}
      caution={[roomWords(step, shown, unit), reach || characteristic.caution]
        .filter(Boolean)
        .join(' ')}
      instruction={
        <Words size="instruction" strong style={styles.instruction}>
          {step.station.instruction} Try{' '}
          <Words size="reading" strong tone="blue" style={styles.leaf}>
            {markedWords(marked_mm ?? leaves_mm, unit)}
          </Words>
          {leaves_mm.length > 1 ? (
            <Words tone="muted"> = {formatLength(total_mm, 'gap', unit)} together</Words>
          ) : marked_mm ? (
            <Words tone="muted"> (mic’d {formatLength(total_mm, 'gap', unit)})</Words>
          ) : null}
        </Words>
      }
      foot={<FootButton name="Other leaf" onPress={() => setChoosing(!choosing)} />}
    >
      {choosing ? (
        <OtherLeaf
          job={job}
          shown={shown}
          step={step}
          onChoose={(chosen) => {
            setChoosing(false);
            if (chosen) measuring.tryOther(chosen);
          }}
        />
      ) : (
        <Answers onAnswer={measuring.answer} />
      )}
    </StepPanel>
  );
}

const styles = StyleSheet.create({
  // Two lines are kept free: the drawing stays as large as it is, and the answers where they are.
  instruction: { lineHeight: 32, minHeight: 64 },
  leaf: { lineHeight: 32 },
});
