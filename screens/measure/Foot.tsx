import { METHOD, methodsFor, type MethodId } from '@/core/methods/list';
import type { Assessment } from '@/core/assessment/assessment';
import type { ReactNode } from 'react';
import { lastStanding } from '@/core/journal/commands';
import type { Job } from '@/core/records/job';
import { useWide } from '@/ui/useWidth';
import { FootButton } from '@/ui/FootButton';
import { FootRow } from '@/ui/FootRow';
import { UNDO_ASKS } from './useBounce';
import type { Measuring } from './useMeasuring';

interface Props {
  readonly job: Job;
  readonly shown: Assessment;
  /** The way in hand; the others are offered. */
  readonly way: MethodId | null;
  readonly measuring: Measuring;
  readonly onEvidence: () => void;
  /** Leaves the place in hand out; nothing where there is none. */
  readonly onSkip?: () => void;
  /** Between Undo and the rest. */
  readonly children?: ReactNode;
}

/** The lesser actions beneath every measuring panel: undo, evidence, the other ways of measuring. */
export function Foot({ job, shown, way, measuring, onEvidence, onSkip, children }: Props) {
  const wide = useWide();
  const { pending, undo, undoAsks, turnTo } = measuring;
  const { id } = shown.characteristic;
  const turn = (to: MethodId) => {
    // Leaves and sizes go on through the pump; a dial or a hand is for this one.
    const here = !METHOD[to].goesOn || job.cursor.characteristic !== null;
    void turnTo(here ? { way: to, characteristic: id } : { way: to });
  };
  const others = methodsFor(job.sheet, shown.characteristic).filter((w) => w !== way);
  return (
    <FootRow together>
      <FootButton
        name={undoAsks ? UNDO_ASKS : 'Undo'}
        disabled={lastStanding(job) === null && pending === null}
        onPress={() => void undo()}
      />
      {children}
      {wide ? null : <FootButton name="Evidence" onPress={onEvidence} />}
      {others.map((other) => (
        <FootButton
          key={other}
          name={METHOD[other].name(shown.characteristic)}
          onPress={() => turn(other)}
        />
      ))}
      {onSkip ? <FootButton name="Skip" spoken="Skip this place" onPress={onSkip} /> : null}
    </FootRow>
  );
}
