import { methodsFor, type MethodId } from '@/core/methods/list';
import type { Assessment } from '@/core/assessment/assessment';
import { useEffect, useRef, useState, type ReactNode } from 'react';
import { lastStanding } from '@/core/journal/commands';
import type { Job } from '@/core/records/job';
import { announce } from '@/ui/announce';
import { useWide } from '@/ui/useWidth';
import { FootButton } from '@/ui/FootButton';
import { FootRow } from '@/ui/FootRow';
import type { Measuring } from './useMeasuring';

interface Props {
  readonly job: Job;
  readonly shown: Assessment;
  /** The way in hand; the others are offered. */
  readonly way: MethodId | null;
  readonly measuring: Measuring;
  readonly onEvidence: () => void;
  /** Between Undo and the rest. */
  readonly children?: ReactNode;
}

const WAY_NAME: Readonly<Record<MethodId, string>> = {
  leaf: 'Leaves',
  size: 'Sizes',
  swing: 'Dial',
  touch: 'By hand',
};

/** The lesser actions beneath every measuring panel: undo, evidence, the other ways of measuring. */
export function Foot({ job, shown, way, measuring, onEvidence, children }: Props) {
  const wide = useWide();
  const { pending, undo, turnTo } = measuring;
  const { id, touch } = shown.characteristic;
  const turn = (to: MethodId) => {
    // Leaves and sizes go on through the pump; a dial or a hand is for this one.
    const here = to === 'swing' || to === 'touch' || job.cursor.characteristic !== null;
    void turnTo(here ? { way: to, characteristic: id } : { way: to });
  };
  const others = methodsFor(job.sheet, shown.characteristic).filter((w) => w !== way);
  return (
    <FootRow>
      <UndoButton job={job} pending={pending !== null} undo={undo} />
      {children}
      {wide ? null : <FootButton name="Evidence" onPress={onEvidence} />}
      {others.map((other) => (
        <FootButton
          key={other}
          name={other === 'touch' && touch?.test === 'sweep' ? 'Sweep' : WAY_NAME[other]}
          onPress={() => turn(other)}
        />
      ))}
    </FootRow>
  );
}

/** A thumb in a glove that hits Undo so soon after an answer was shown bounced, in ms. */
const BOUNCE_MS = 500;
/** An answer that is older when it is shown was given before this screen was there, in ms. */
const FRESH_MS = 3000;

interface UndoProps {
  readonly job: Job;
  readonly pending: boolean;
  readonly undo: () => Promise<unknown>;
}

/** Takes the last reading back; hit right after an answer, it asks once whether that was meant. */
function UndoButton({ job, pending, undo }: UndoProps) {
  const last = lastStanding(job);
  const [asked, setAsked] = useState<string | null>(null);
  const isAsked = last !== null && asked === last.id;
  const isAnswer = last !== null && last.kind !== 'skip' && last.kind !== 'operation';
  // From when it is on the screen: a slow phone shows it later than the thumb gave it.
  const shownAt = useRef(0);
  const newest = useRef(0);
  useEffect(() => {
    const at = isAnswer ? Date.parse(last.at) : 0;
    // One that comes to light because a later one was taken back is no new answer.
    if (at > newest.current && Date.now() - at < FRESH_MS) shownAt.current = Date.now();
    newest.current = Math.max(newest.current, at);
  }, [isAnswer, last?.id, last?.at]);
  const press = () => {
    const bounced = Date.now() - shownAt.current < BOUNCE_MS;
    if (last && bounced && !isAsked) {
      setAsked(last.id);
      announce(ASK);
    } else void undo();
  };
  return (
    <FootButton
      name={isAsked ? ASK : 'Undo'}
      disabled={last === null && !pending}
      onPress={press}
    />
  );
}

const ASK = 'Undo the last answer?';
