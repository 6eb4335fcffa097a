import { StyleSheet, type TextStyle } from 'react-native';
import type { LeafStep } from '@/core/methods/feeler';
import type { Job } from '@/core/records/job';
import { leafInstruction } from '@/core/wording/step';
import { evaluator } from '@/data/evaluator';
import { useRecord, useShop } from '@/data/hooks';
import { Dotted, Explained } from '@/ui/Explained';
import { scaled } from '@/ui/theme';
import { useRoom } from '@/ui/useWidth';
import { Words } from '@/ui/Words';

interface InstructionProps {
  readonly job: Job;
  readonly step: LeafStep;
  /** Whether it goes on with the job before the panel does: not where the step was chosen by hand. */
  readonly follows: boolean;
}

/** The leaf to try and where: of all that a tap changes the thumb waits for this, and it is drawn before the rest. */
export function LeafInstruction({ job, step, follows }: InstructionProps) {
  const { unit } = useShop();
  const { tiny } = useRoom();
  const { data: now } = useRecord('job', job.id);
  const next = follows && now ? evaluator.next(now) : null;
  // A step of another kind comes with its own panel.
  const shown = next?.way === 'leaf' ? next : step;
  const [before, leaf, after] = leafInstruction(shown, unit);
  return (
    <Explained text={before} also={ON_ANSWERS}>
      <Words size={tiny ? 'strong' : 'instruction'} strong style={tiny ? null : styles.instruction}>
        <Dotted>{before}</Dotted>
        <Words
          size={tiny ? 'title' : 'reading'}
          strong
          tone="blue"
          style={[tiny ? null : styles.leaf, shown.stack.leaves_mm.length === 1 && WHOLE]}
        >
          {leaf}
        </Words>
        <Words tone="muted">{after}</Words>
      </Words>
    </Explained>
  );
}

/** Words that stand on the answers. */
const ON_ANSWERS = ['drags', 'part-way'] as const;

/** A figure and its unit stay on one line: a style of the browser. */
const WHOLE = { whiteSpace: 'nowrap' } as TextStyle;

const styles = StyleSheet.create({
  // Two lines are kept free: the drawing stays as large as it is, and the answers where they are.
  instruction: { lineHeight: scaled(32), minHeight: scaled(64) },
  leaf: { lineHeight: scaled(32) },
});
