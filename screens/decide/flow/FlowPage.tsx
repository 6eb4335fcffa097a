import { useRouter } from 'expo-router';
import { useState } from 'react';
import { ScrollView, StyleSheet, View, type Text } from 'react-native';
import type { MiddleFlow } from '@/core/flow/answer';
import { toMeasureForFlow, type FlowBasis } from '@/core/flow/overview';
import { flowOf } from '@/core/pumps/flows';
import type { Job } from '@/core/records/job';
import {
  benchWords,
  coldWords,
  deliversWords,
  jobStateWords,
  lostWords,
  measureNextWords,
  missingWords,
  oilWords,
  reachWords,
  thinWords,
} from '@/core/wording/flow';
import {
  afterWords,
  bandWords,
  feedingWords,
  isChanged,
  likelyWords,
} from '@/core/wording/flowFigures';
import { paragraph } from '@/core/wording/say';
import { sayFlow } from '@/core/wording/sayFlow';
import { useSheets, useShop } from '@/data/hooks';
import { useAnnounced } from '@/ui/announce';
import { Button } from '@/ui/Button';
import { useNextFocus } from '@/ui/focus';
import { FootButton } from '@/ui/FootButton';
import { FootRow } from '@/ui/FootRow';
import { Held } from '@/ui/Held';
import { Later } from '@/ui/Later';
import { usePalette } from '@/ui/theme';
import { useWide } from '@/ui/useWidth';
import { Heading, Words } from '@/ui/Words';
import { layout } from '@/ui/layout';
import { SheetChanged } from '../../job/SheetChanged';
import { useDeciding } from '../useDeciding';
import { Conditions } from './Conditions';
import { FlowChart } from './FlowChart';
import { FlowFigures } from './FlowFigures';
import { LeakList } from './LeakList';
import { LeakMap } from './LeakMap';
import { ChambersRow } from './ChambersRow';
import { useDuty, useFlowBasis, usePumpAfter, type ShownDuty } from './useFlow';

/** What the pump of a job delivers with its gaps, where it loses the rest, and what its circuits want. */
export function FlowPage({ job }: { readonly job: Job }) {
  const { unit } = useShop();
  const basis = useFlowBasis(job);
  const deciding = useDeciding(job);
  const after = usePumpAfter(basis, deciding);
  const idle = useDuty(basis, after, 'idle');
  const work = useDuty(basis, after, 'work');
  const wide = useWide();
  const palette = usePalette();
  const router = useRouter();
  const [isHeld, setHeld] = useState(false);
  const { flow } = idle;
  useAnnounced(deliversWords(idle, idle.band, unit), true);
  const answer = (
    <>
      <Said basis={basis} idle={idle} work={work} />
      {flow ? <Lost basis={basis} idle={idle} flow={flow} /> : <Missing basis={basis} />}
    </>
  );
  const chart = flow ? (
    <Later>
      <FlowChart
        basis={basis}
        after={after}
        idle={idle.at}
        work={work.at}
        demand_lpm={idle.demand_lpm}
        unit={unit}
      />
    </Later>
  ) : null;
  const rest = (
    <>
      {flow ? <ChambersRow sheet={job.sheet} subject={basis.subject} unit={unit} /> : null}
      <Grounds basis={basis} idle={idle} work={work} onHeld={setHeld} />
    </>
  );
  return (
    <View style={styles.fill}>
      {wide ? (
        <View style={layout.panes}>
          <ScrollView tabIndex={0} style={styles.fill} contentContainerStyle={styles.page}>
            <Held held={isHeld} quiet>
              {answer}
            </Held>
          </ScrollView>
          <ScrollView
            tabIndex={0}
            style={[styles.fill, styles.second, { borderColor: palette.line }]}
            contentContainerStyle={styles.page}
          >
            <Held held={isHeld}>{chart}</Held>
            {rest}
          </ScrollView>
        </View>
      ) : (
        <ScrollView tabIndex={0} style={styles.fill} contentContainerStyle={styles.page}>
          <Held held={isHeld}>
            {answer}
            {chart}
          </Held>
          {rest}
        </ScrollView>
      )}
      <View style={[styles.foot, { borderColor: palette.line }]}>
        <FootRow>
          <FootButton
            low
            name="Back to Decide"
            onPress={() => router.replace(`/job/${job.id}/decide`)}
          />
        </FootRow>
      </View>
    </View>
  );
}

interface LostProps extends Pick<SaidProps, 'basis' | 'idle'> {
  readonly flow: MiddleFlow;
}

/** Where a pump loses what does not arrive: drawn on it, and as a list in the same order. */
function Lost({ basis: { job, subject, factor }, idle, flow: { paths } }: LostProps) {
  const { unit } = useShop();
  const wide = useWide();
  return (
    <>
      <View style={styles.row}>
        <LeakMap sheet={job.sheet} paths={paths} size={wide ? MAP.wide : MAP.phone} />
        <FlowFigures displacement={subject.displacement} idle={idle} />
      </View>
      <LeakList sheet={job.sheet} paths={paths} K={factor.K} unit={unit} />
    </>
  );
}

interface SaidProps {
  readonly basis: FlowBasis;
  readonly idle: ShownDuty;
  readonly work: ShownDuty;
}

/** The answer as sentences: what arrives, whether that is enough, where most of the rest goes, what the plan makes of it. */
function Said({ basis, idle, work }: SaidProps) {
  const { unit } = useShop();
  const next = useNextFocus<Text>('flow');
  const { flow, band, after, afterBand, demand_lpm, unmeasured } = idle;
  const answer = (
    <Heading ref={next} size="instruction">
      {deliversWords(idle, band, unit)}
    </Heading>
  );
  if (!flow) return answer;
  const working = work.flow && work.band ? bandWords(work.band, unit) : null;
  return (
    <View style={styles.said}>
      {answer}
      {unmeasured === 1 ? (
        <Words>{sayFlow('flow.wouldSay')}</Words>
      ) : (
        <>
          <Words>
            {paragraph(
              // First of what the heading says: after a loss, *that* would be what is lost.
              band ? feedingWords(band, demand_lpm, unmeasured) : '',
              lostWords(basis.subject, flow),
              reachWords(basis, idle, unit),
              after && afterBand && band && isChanged(band, afterBand)
                ? sayFlow('flow.after', { delivered: afterWords(band, afterBand, unit) })
                : '',
            )}
          </Words>
          <Words tone="muted">
            {band
              ? paragraph(
                  likelyWords(band, unit),
                  working ? sayFlow('flow.atWork', { delivered: working }) : '',
                )
              : sayFlow('flow.middle')}
          </Words>
        </>
      )}
    </View>
  );
}

/** What is asked for while nobody can say what the pump moves: sizes by name, each with how it is taken. */
function Missing({ basis: { job, subject } }: Pick<SaidProps, 'basis'>) {
  const router = useRouter();
  const { data: sheets } = useSheets();
  const isKept = sheets?.records.some(({ id }) => id === job.sheet.id) ?? true;
  const go = isKept
    ? () => router.navigate(`/sheets/${job.sheet.id}?field=geometry`)
    : () => router.replace(`/job/${job.id}/tag`);
  return (
    <View style={layout.stack}>
      <SheetChanged job={job} />
      <Words>
        {subject.displacement.isOdd
          ? sayFlow('flow.odd')
          : sayFlow(isKept ? 'flow.missing' : 'flow.missingSheet')}
      </Words>
      {missingWords(job.sheet, subject.displacement.missing).map((words) => (
        <Words key={words}>{words}</Words>
      ))}
      <Button mode="contained" onPress={go}>
        {isKept ? 'Go to the sheet' : 'Go to Tag'}
      </Button>
    </View>
  );
}

/** What the answer rests on: displacement, oil, states, what a test says, what nobody measured; each to be changed here. */
function Grounds({
  basis,
  idle,
  work,
  onHeld,
}: SaidProps & { readonly onHeld: (isHeld: boolean) => void }) {
  const { unit } = useShop();
  const { job, subject, fluid, fit } = basis;
  const next = idle.flow ? toMeasureForFlow(basis, idle.at) : [];
  const texts = [
    measureNextWords(job.sheet, next, unit),
    benchWords(fit),
    paragraph(coldWords(job.sheet, subject), thinWords(fluid, idle.at.temp_C)),
    flowOf(job.sheet.family).onAir ? sayFlow('flow.onAir') : '',
  ].filter(Boolean);
  return (
    <View style={layout.stack}>
      {texts.map((text) => (
        <Words key={text} size="note">
          {text}
        </Words>
      ))}
      <Conditions
        job={job}
        about={[
          sayFlow('flow.idleIs', { state: jobStateWords(idle.how, unit) }),
          sayFlow('flow.workIs', { state: jobStateWords(work.how, unit) }),
          oilWords(fluid),
        ]}
        onHeld={onHeld}
      />
      <Words size="note" tone="muted">
        {sayFlow('flow.model')}
      </Words>
    </View>
  );
}

const MAP = { phone: 210, wide: 320 } as const;

const styles = StyleSheet.create({
  fill: { flex: 1, minHeight: 0, minWidth: 0 },
  page: { padding: 14, gap: 12 },
  second: { borderLeftWidth: 1 },
  said: { gap: 4 },
  row: { flexDirection: 'row', alignItems: 'center', gap: 12 },
  foot: { padding: 10, gap: 8, borderTopWidth: 1 },
});
