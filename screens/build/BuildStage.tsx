import { useState } from 'react';
import { ScrollView, StyleSheet, View } from 'react-native';
import type { ReversalOf } from '@/core/assembly/asked';
import type { BuildItem } from '@/core/assembly/list';
import { sayBuild } from '@/core/assembly/sayBuild';
import type { Job } from '@/core/records/job';
import { FootPane } from '@/ui/FootPane';
import { PumpPicture } from '@/ui/PumpPicture';
import { RowButton } from '@/ui/RowButton';
import { usePalette } from '@/ui/theme';
import { useWide } from '@/ui/useWidth';
import { WayGlyph } from '@/ui/WayGlyph';
import { Heading, Words } from '@/ui/Words';
import { layout } from '@/ui/layout';
import { OrderList } from '../job/OrderList';
import { SumsHere } from '../job/SumsHere';
import { BoltCircle } from './BoltCircle';
import { Closed } from './Closed';
import { StepHead, LesserAnswers, useStepPanel } from './StepPanel';
import { StepList } from './StepList';
import { WithReversal } from '../job/WithReversal';
import { useBuild, type Building as Built } from './useBuild';

/** Sizes of the drawing of a step in px: on a phone, and in a column of its own. */
const DRAWN = { phone: 236, wide: 380 } as const;

/** The drawing of a step: its bolts on their circle, or on a wide screen the way round and the pump. */
function StepDrawing({
  job,
  item,
  wide,
}: {
  readonly job: Job;
  readonly item: BuildItem;
  readonly wide: boolean;
}) {
  const { torquing, way } = item;
  const size = wide ? DRAWN.wide : DRAWN.phone;
  if (torquing && torquing.count > 1) {
    return (
      <View style={styles.drawing}>
        <BoltCircle sheet={job.sheet} torquing={torquing} size={size} />
      </View>
    );
  }
  if (!wide) return null;
  return (
    <View style={styles.drawing}>
      {way.right ? <WayGlyph way={way.right.id} option={way.right.option} width={220} /> : null}
      <PumpPicture sheet={job.sheet} size={size} />
    </View>
  );
}

/** What else there is to a build: the parts to order, the sums. */
function Rest({ building }: { readonly building: Built }) {
  const [order, setOrder] = useState(false);
  const { job } = building;
  return (
    <View style={layout.stack}>
      <RowButton
        name="Parts to order"
        about="and what has come"
        open={order}
        onPress={() => setOrder(!order)}
      />
      {order ? <OrderList job={job} /> : null}
      <SumsHere job={job} stage="build" />
    </View>
  );
}

/** Putting the pump together: one step at a time, in order, with what it needs and how it is answered. */
export function BuildStage({ job }: { readonly job: Job }) {
  return (
    <WithReversal job={job}>
      {(reversalOf) => <Building job={job} reversalOf={reversalOf} />}
    </WithReversal>
  );
}

interface BuildingProps {
  readonly job: Job;
  readonly reversalOf: ReversalOf | null;
}

/** The step that comes next, or what is told once all are done. */
function Building({ job, reversalOf }: BuildingProps) {
  const building = useBuild(job, reversalOf);
  const { item } = building;
  return item ? (
    <AtItem key={item.step.id} building={building} item={item} />
  ) : (
    <Done building={building} />
  );
}

/** One step in hand, beside the list of them all. */
function AtItem({ building, item }: { readonly building: Built; readonly item: BuildItem }) {
  const wide = useWide();
  const palette = usePalette();
  const { job, items, take } = building;
  const { body, foot } = useStepPanel(building, item);
  const list = <StepList items={items} shown={item.step.id} onChoose={take} />;
  const answers = (
    <View style={layout.stack}>
      {foot}
      <LesserAnswers building={building} />
    </View>
  );
  const step = (
    <>
      <StepHead building={building} item={item} />
      {wide ? null : <StepDrawing job={job} item={item} wide={false} />}
      {body}
      {wide ? answers : null}
    </>
  );
  if (!wide) {
    return (
      <FootPane
        foot={answers}
        after={
          <>
            {list}
            <Rest building={building} />
          </>
        }
      >
        {step}
      </FootPane>
    );
  }
  return (
    <View style={layout.panes}>
      <ScrollView style={[styles.side, { borderColor: palette.line }]}>
        {list}
        <Rest building={building} />
      </ScrollView>
      <ScrollView tabIndex={0} style={layout.grow} contentContainerStyle={styles.page}>
        <StepDrawing job={job} item={item} wide />
      </ScrollView>
      <ScrollView
        style={[styles.step, { borderColor: palette.line }]}
        contentContainerStyle={styles.page}
        keyboardShouldPersistTaps="handled"
      >
        {step}
      </ScrollView>
    </View>
  );
}

/** All steps are done: what is left open, the label, and the list. */
function Done({ building }: { readonly building: Built }) {
  const { items, take } = building;
  const done = items.filter(({ state }) => state === 'done').length;
  return (
    <ScrollView style={layout.fill} contentContainerStyle={styles.page}>
      <Heading size="instruction">{sayBuild('page.allDone', { count: done })}</Heading>
      {building.open ? <Words>{building.open}</Words> : null}
      <Closed building={building} />
      <StepList items={items} shown={null} onChoose={take} />
      <Rest building={building} />
    </ScrollView>
  );
}

const styles = StyleSheet.create({
  page: { padding: 14, gap: 12, maxWidth: 860, width: '100%' },
  side: { width: 400, flexGrow: 0, borderRightWidth: 1, paddingHorizontal: 14 },
  step: { width: 420, flexGrow: 0, borderLeftWidth: 1 },
  drawing: { alignItems: 'center', gap: 12 },
});
