import { useLocalSearchParams } from 'expo-router';
import { useState, type ReactNode } from 'react';
import { ScrollView, StyleSheet, View } from 'react-native';
import type { Job } from '@/core/records/job';
import { answerWords } from '@/core/wording/decide';
import { workListOf } from '@/core/rework/decision/worklist';
import { useAnnounced } from '@/ui/announce';
import { useEscape } from '@/ui/keyboard';
import { usePalette } from '@/ui/theme';
import { useWide } from '@/ui/useWidth';
import { AcceptPanel } from './AcceptPanel';
import { AcceptRow } from './AcceptRow';
import { Answer } from './Answer';
import { CurrencyField } from './CurrencyField';
import { DecideFoot } from './DecideFoot';
import { HEAD } from '../job/JobFrame';
import { SumsHere } from '../job/SumsHere';
import { costsAsked } from '@/core/sums/job/costs';
import { PlanFlow } from './flow/PlanFlow';
import { FromShelfPanel } from './FromShelfPanel';
import { Sheet } from './Sheet';
import { SignPanel } from './SignPanel';
import { ToShelfPanel } from './ToShelfPanel';
import { useDeciding, type Deciding } from './useDeciding';
import { VaneNotice } from './VaneNotice';
import { PlansPanel } from './PlansPanel';
import { WhatIfPanel } from './WhatIfPanel';
import { WiderPanel } from './WiderPanel';
import { Washers } from './Washers';
import { Works } from './Works';
import { Worth } from './Worth';
import { WorkListPanel } from './WorkListPanel';
import { WhyRow } from '../job/WhyRow';
import { layout } from '@/ui/layout';

/** What is laid over the answer: the other ways, what if, the sign-off, the shelf; the work list where there is one. */
export type DecidePanel =
  | 'answer'
  | 'plans'
  | 'currency'
  | 'what-if'
  | 'wider'
  | 'sign'
  | 'list'
  | 'accept'
  | 'from-shelf'
  | 'to-shelf';

interface LaidProps {
  readonly deciding: Deciding;
  readonly onOpen: (panel: DecidePanel | null) => void;
  /** The part of the shelf that led here. */
  readonly asked: string | null;
}

/** What is laid over the answer, by its name. */
const LAID: Readonly<
  Record<Exclude<DecidePanel, 'answer' | 'list'>, (props: LaidProps) => ReactNode>
> = {
  plans: ({ deciding, onOpen }) => <PlansPanel deciding={deciding} onDone={() => onOpen(null)} />,
  currency: ({ onOpen }) => (
    <Sheet title="Currency of these sums" back="Back to the answer" onBack={() => onOpen(null)}>
      <CurrencyField onDone={() => onOpen(null)} />
    </Sheet>
  ),
  'what-if': ({ deciding, onOpen }) => (
    <WhatIfPanel deciding={deciding} onDone={() => onOpen(null)} onWider={() => onOpen('wider')} />
  ),
  wider: ({ deciding, onOpen }) => (
    <WiderPanel job={deciding.job} onDone={() => onOpen('what-if')} />
  ),
  sign: ({ deciding, onOpen }) => <SignPanel deciding={deciding} onDone={() => onOpen(null)} />,
  accept: ({ deciding, onOpen }) => <AcceptPanel deciding={deciding} onDone={() => onOpen(null)} />,
  'from-shelf': ({ deciding, onOpen, asked }) => (
    <FromShelfPanel
      deciding={deciding}
      asked={asked}
      onDone={() => onOpen(null)}
      onGive={() => onOpen('to-shelf')}
    />
  ),
  'to-shelf': ({ deciding, onOpen }) => (
    <ToShelfPanel deciding={deciding} onDone={() => onOpen('from-shelf')} />
  ),
};

/** What to cut, hone, pair or replace, and what it costs; and carrying it out. */
export function DecideStage({ job }: { readonly job: Job }) {
  const deciding = useDeciding(job);
  const workList = workListOf(job);
  // A part of the shelf leads here to be put in.
  const { shelf: asked = null } = useLocalSearchParams<{ shelf?: string }>();
  const [panel, setPanel] = useState<DecidePanel | null>(asked ? 'from-shelf' : null);
  const shown = panel ?? (workList ? 'list' : 'answer');
  useEscape(panel === null ? undefined : () => setPanel(null));
  const { decided, busy } = deciding;
  useAnnounced(shown === 'answer' && decided && !busy ? answerWords(decided) : null, true);

  if (shown === 'list' && workList) {
    return (
      <WorkListPanel deciding={deciding} list={workList} onAnswer={() => setPanel('answer')} />
    );
  }
  if (shown === 'list' || shown === 'answer') {
    return <AnswerPage deciding={deciding} list={workList !== null} onOpen={setPanel} />;
  }
  const Laid = LAID[shown];
  return <Laid deciding={deciding} onOpen={setPanel} asked={asked} />;
}

interface AnswerProps {
  readonly deciding: Deciding;
  /** There is a work list already. */
  readonly list: boolean;
  readonly onOpen: (panel: DecidePanel | null) => void;
}

/** The answer with what it costs, and the works beneath it; beside it where there is room. */
function AnswerPage({ deciding, list, onOpen }: AnswerProps) {
  const wide = useWide();
  const palette = usePalette();
  const foot = <DecideFoot deciding={deciding} list={list} onOpen={onOpen} />;
  const answer = (
    <>
      <Answer deciding={deciding} />
      <Worth deciding={deciding} />
      <PlanFlow deciding={deciding} />
    </>
  );
  const works = (
    <>
      <Works deciding={deciding} onShelf={() => onOpen('from-shelf')} />
      <WhyRow job={deciding.job} />
      <AcceptRow deciding={deciding} onOpen={() => onOpen('accept')} />
      <Washers deciding={deciding} />
      <VaneNotice deciding={deciding} />
      <SumsHere
        job={deciding.job}
        stage="decide"
        plan={costsAsked(deciding, deciding.shop.money.rate)}
      />
    </>
  );
  if (wide) {
    return (
      <View style={layout.panes}>
        <View style={[styles.side, { borderColor: palette.line }]}>
          <ScrollView tabIndex={0} style={styles.fill} contentContainerStyle={styles.page}>
            {answer}
          </ScrollView>
          {foot}
        </View>
        <ScrollView tabIndex={0} style={styles.fill} contentContainerStyle={styles.page}>
          {works}
        </ScrollView>
      </View>
    );
  }
  return (
    <View style={styles.fill}>
      <ScrollView tabIndex={0} style={styles.fill} contentContainerStyle={styles.page}>
        {answer}
        {works}
      </ScrollView>
      {foot}
    </View>
  );
}

const styles = StyleSheet.create({
  fill: { flex: 1, minHeight: 0, minWidth: 0 },
  page: { padding: 14, gap: 10 },
  side: { width: HEAD, minHeight: 0, borderRightWidth: 1 },
});
