import useLatestCallback from 'use-latest-callback';
import { evaluator } from '@/data/evaluator';
import type { Assessment } from '@/core/assessment/assessment';
import type { Felt } from '@/core/feeler/bounds';
import { useMemo, useState } from 'react';
import { leafReachWords } from '@/core/wording/leafReach';
import type { Job } from '@/core/records/job';
import { placementOf } from '@/core/pumps/registry';
import { paragraph } from '@/core/wording/say';
import { useShop } from '@/data/hooks';
import { Answers } from './Answers';
import { FootButton } from '@/ui/FootButton';
import { LeafInstruction } from './LeafInstruction';
import { OtherLeaf } from './OtherLeaf';
import type { PanelProps } from './panels';
import { StepPanel } from './StepPanel';
import { useMarks } from './useMarks';
import { roomWords } from '@/core/wording/step';

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

/** Leaf by leaf: where to lay the edge, which leaf to try, and the four answers. */
export function LeafPanel(props: PanelProps<'leaf'>) {
  const { job, shown, step, measuring } = props;
  const { unit } = useShop();
  const [choosing, setChoosing] = useState(false);
  const { characteristic } = shown;
  const marks = useMarks(job, shown, step.station);
  const reach = useReach(job, shown);
  const { edge } = placementOf(job.sheet, characteristic.id, step.station.id);
  const answer = useLatestCallback((felt: Felt) => measuring.answer(felt, true));

  return (
    <StepPanel
      {...props}
      marks={marks}
      caution={paragraph(roomWords(step, shown.limits, unit), reach || characteristic.caution)}
      instruction={<LeafInstruction job={job} step={step} follows={measuring.isProposed} />}
      foot={<FootButton name="Another leaf" onPress={() => setChoosing(!choosing)} />}
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
        <Answers onAnswer={answer} edge={edge !== undefined} />
      )}
    </StepPanel>
  );
}
