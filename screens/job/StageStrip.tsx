import { useEffect } from 'react';
import { ScrollView, StyleSheet } from 'react-native';
import type { BuildStanding } from '@/core/assembly/open';
import type { Assessment } from '@/core/assessment/assessment';
import {
  nextStage,
  stageStandings,
  type StageStanding,
  type StageStandings,
} from '@/core/guidance/stages';
import { say } from '@/core/wording/say';
import { STAGES, type Stage } from '@/core/records/stage';
import { evaluator } from '@/data/evaluator';
import { useRecord } from '@/data/hooks';
import { LinkBox } from '@/ui/LinkBox';
import { StageMark, STANDING_WORD } from '@/ui/StageMark';
import { scaled, TOUCH, TOUCH_LARGE, usePalette } from '@/ui/theme';
import { useAfterPaint } from '@/ui/useAfterPaint';
import { useSame } from '@/ui/useSame';
import { useRoom, useWidth } from '@/ui/useWidth';
import { Words } from '@/ui/Words';
import { STAGE_NAME } from './stages';
import { useBuilt } from './useBuilt';

/** Under this width of one stage, in px, only the current and the next are named. */
const NAMED = 46;

interface Props {
  /** Of the job. */
  readonly id: string;
  readonly stage: Stage;
}

/** The eight stages of a job, each one tap away: how it stands at each, and which comes next. */
export function StageStrip({ id, stage }: Props) {
  // After what the thumb is waiting for.
  const job = useAfterPaint(useRecord('job', id).data);
  const all = job ? evaluator.assess(job) : NONE;
  const built = useBuilt(job, all);
  const standings = useSame(job ? stageStandings(job, all, built?.whole) : null);
  const open = useSame(built?.open ?? null);
  return standings ? <Stages id={id} stage={stage} standings={standings} open={open} /> : null;
}

const NONE: readonly Assessment[] = [];

interface StagesProps {
  readonly id: string;
  readonly stage: Stage;
  readonly standings: StageStandings;
  /** Says what stages have left open; null where nothing was built. */
  readonly open: BuildStanding['open'] | null;
}

/** The stages in a row: drawn anew where one of them stands otherwise, which few readings change. */
function Stages({ id, stage, standings, open }: StagesProps) {
  const { short } = useRoom();
  const [width, onLayout] = useWidth(390);
  const next = nextStage(standings);
  const roomy = width / STAGES.length >= scaled(NAMED);
  // Where not all fit beside each other, the one that is shown is in sight. Where they do, nothing is asked of the page,
  // which would have to lay itself out once more for it.
  useEffect(() => {
    if (roomy) return;
    const here = document.querySelector('[aria-current="step"]');
    here?.scrollIntoView({ inline: 'center', block: 'nearest' });
  }, [stage, roomy]);
  return (
    <ScrollView
      horizontal
      role="navigation"
      aria-label="Stages"
      onLayout={onLayout}
      style={styles.strip}
      contentContainerStyle={styles.stages}
    >
      {STAGES.map((name) => (
        <StageLink
          key={name}
          href={`/job/${id}/${name}`}
          name={name}
          standing={standings[name]}
          open={open && name in open ? open[name as keyof typeof open] : ''}
          here={name === stage}
          next={name === next}
          named={roomy || name === stage || name === next}
          narrow={!roomy}
          tall={stage === 'measure' && !short}
        />
      ))}
    </ScrollView>
  );
}

interface LinkProps {
  readonly href: `/job/${string}/${Stage}`;
  readonly name: Stage;
  readonly standing: StageStanding;
  /** Says in a sentence what it has left open; empty for nothing. */
  readonly open: string;
  readonly here: boolean;
  readonly next: boolean;
  readonly named: boolean;
  readonly narrow: boolean;
  /** On the measuring screen it is hit by a glove. */
  readonly tall: boolean;
}

function StageLink({ href, name, standing, open, here, next, named, narrow, tall }: LinkProps) {
  const palette = usePalette();
  const word = STANDING_WORD[standing];
  const about = next ? say('job.stageNext', { standing: word }) : word;
  return (
    <LinkBox
      href={href}
      replace
      label={STAGE_NAME[name]}
      about={open ? say('job.stageOpen', { standing: about, open }) : about}
      current={here ? 'step' : undefined}
      style={[
        styles.stage,
        narrow && styles.narrow,
        tall && styles.tall,
        { borderColor: here ? palette.blue : 'transparent' },
      ]}
    >
      <StageMark standing={standing} size={20} />
      {named ? (
        <Words
          size="note"
          strong={here || next}
          tone={here ? 'ink' : next ? 'blue' : 'muted'}
          numberOfLines={1}
        >
          {STAGE_NAME[name]}
        </Words>
      ) : null}
    </LinkBox>
  );
}

const styles = StyleSheet.create({
  strip: { flexGrow: 1, flexShrink: 1, minWidth: 0 },
  stages: { flexGrow: 1 },
  stage: {
    flexGrow: 1,
    flexBasis: 0,
    minHeight: TOUCH + 4,
    alignItems: 'center',
    justifyContent: 'center',
    gap: 1,
    borderBottomWidth: 3,
  },
  narrow: { minWidth: TOUCH },
  tall: { minHeight: TOUCH_LARGE },
});
