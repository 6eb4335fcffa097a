import { useLocalSearchParams } from 'expo-router';
import { useState } from 'react';
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
import { FromShelfPanel } from './FromShelfPanel';
import { Sheet } from './Sheet';
import { SignPanel } from './SignPanel';
import { ToShelfPanel } from './ToShelfPanel';
import { useDeciding } from './useDeciding';
import { VaneNotice } from './VaneNotice';
import { PlansPanel } from './PlansPanel';
import { WhatIfPanel } from './WhatIfPanel';
import { WiderPanel } from './WiderPanel';
import { Washers } from './Washers';
import { Works } from './Works';
import { Worth } from './Worth';
import { WorkListPanel } from './WorkListPanel';

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

/** What to cut, hone, pair or replace, and what it costs; and carrying it out. */
export function DecideStage({ job }: { readonly job: Job }) {
  const wide = useWide();
  const palette = usePalette();
  const deciding = useDeciding(job);
  const workList = workListOf(job);
  // A part of the shelf leads here to be put in.
  const { shelf: asked } = useLocalSearchParams<{ shelf?: string }>();
  const [panel, setPanel] = useState<DecidePanel | null>(asked ? 'from-shelf' : null);
  const shown = panel ?? (workList ? 'list' : 'answer');
  const back = () => setPanel(null);
  useEscape(panel === null ? undefined : back);
  const { decided, busy } = deciding;
  useAnnounced(shown === 'answer' && decided && !busy ? answerWords(decided) : null, true);
  const foot = <DecideFoot deciding={deciding} list={workList !== null} onOpen={setPanel} />;

  if (shown === 'list' && workList) {
    return (
      <WorkListPanel deciding={deciding} list={workList} onAnswer={() => setPanel('answer')} />
    );
  }
  if (shown === 'accept') return <AcceptPanel deciding={deciding} onDone={back} />;
  if (shown === 'sign') return <SignPanel deciding={deciding} onDone={back} />;
  if (shown === 'what-if') {
    return <WhatIfPanel deciding={deciding} onDone={back} onWider={() => setPanel('wider')} />;
  }
  if (shown === 'wider') return <WiderPanel job={job} onDone={() => setPanel('what-if')} />;
  if (shown === 'from-shelf') {
    return (
      <FromShelfPanel
        deciding={deciding}
        asked={asked ?? null}
        onDone={back}
        onGive={() => setPanel('to-shelf')}
      />
    );
  }
  if (shown === 'to-shelf') {
    return <ToShelfPanel deciding={deciding} onDone={() => setPanel('from-shelf')} />;
  }
  if (shown === 'currency') {
    return (
      <Sheet title="Currency of these sums" back="Back to the answer" onBack={back}>
        <CurrencyField onDone={back} />
      </Sheet>
    );
  }
  if (shown === 'plans') return <PlansPanel deciding={deciding} onDone={back} />;
  const answer = (
    <>
      <Answer deciding={deciding} />
      <Worth deciding={deciding} />
    </>
  );
  const list = (
    <>
      <Works deciding={deciding} onShelf={() => setPanel('from-shelf')} />
      <AcceptRow deciding={deciding} onOpen={() => setPanel('accept')} />
      <Washers deciding={deciding} />
      <VaneNotice deciding={deciding} />
    </>
  );
  if (wide) {
    return (
      <View style={styles.columns}>
        <View style={[styles.side, { borderColor: palette.line }]}>
          <ScrollView tabIndex={0} style={styles.fill} contentContainerStyle={styles.page}>
            {answer}
          </ScrollView>
          {foot}
        </View>
        <ScrollView tabIndex={0} style={styles.fill} contentContainerStyle={styles.page}>
          {list}
        </ScrollView>
      </View>
    );
  }
  return (
    <View style={styles.fill}>
      <ScrollView tabIndex={0} style={styles.fill} contentContainerStyle={styles.page}>
        {answer}
        {list}
      </ScrollView>
      {foot}
    </View>
  );
}

const styles = StyleSheet.create({
  fill: { flex: 1, minHeight: 0, minWidth: 0 },
  page: { padding: 14, gap: 10 },
  columns: { flex: 1, flexDirection: 'row', minHeight: 0 },
  side: { width: HEAD, minHeight: 0, borderRightWidth: 1 },
});
