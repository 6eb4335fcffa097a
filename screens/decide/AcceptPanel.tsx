import { useState } from 'react';
import { StyleSheet, View } from 'react-native';
import { acceptGaps, withdrawAcceptance } from '@/core/commands/deciding';
import { acceptedIn } from '@/core/journal/accepted';
import type { CharacteristicId } from '@/core/pumps/ids';
import { acceptedWords, USUAL_REASONS } from '@/core/records/entries/accept';
import { gapText, shownExtremes } from '@/core/wording/figures';
import { unitName } from '@/core/quantity/format';
import { demandGapWords } from '@/core/wording/flowPlan';
import { sayDecide } from './sayDecide';
import { Button } from '@/ui/Button';
import { CheckRow } from '@/ui/CheckRow';
import { GapBar } from '@/ui/GapBar';
import { Notice } from '@/ui/Notice';
import { Reasons } from '@/ui/Reasons';
import { Heading, Words } from '@/ui/Words';
import { useCommand } from '../job/useCommand';
import { useGapsAtDemand } from './flow/useFlow';
import { Sheet } from './Sheet';
import { unlimitedIn } from './unlimited';
import type { Deciding } from './useDeciding';
import type { Assessment } from '@/core/assessment/assessment';
import type { Job } from '@/core/records/job';
import type { Shop } from '@/core/records/shop';
import { layout } from '@/ui/layout';

interface Props {
  readonly deciding: Deciding;
  readonly onDone: () => void;
}

/** Gaps for which nothing is published: a person accepts them as they are, for a reason that the report keeps. */
export function AcceptPanel({ deciding, onDone }: Props) {
  const { job, rework, shop } = deciding;
  const { run, error } = useCommand(job);
  const [chosen, setChosen] = useState<readonly CharacteristicId[]>([]);
  const [given, setGiven] = useState(0);
  const accepted = acceptedIn(job);
  const gaps = unlimitedIn(rework.all);
  const open = gaps.filter((a) => !accepted.has(a.characteristic.id));
  const accept = async (why: string) => {
    if (!(await run(acceptGaps(chosen, why)))) return;
    setChosen([]);
    setGiven(given + 1);
    if (chosen.length === open.length) onDone();
  };
  const toggle = (id: CharacteristicId) =>
    setChosen(chosen.includes(id) ? chosen.filter((other) => other !== id) : [...chosen, id]);
  return (
    <Sheet title="Accept without a limit" back="Back to the answer" onBack={onDone}>
      <Words>
        Nothing is published for these. Choose what you accept as it is, then say why: both stand in
        the report under your name.
      </Words>
      {error ? <Notice kind="error">{error}</Notice> : null}
      <ChooseGaps job={job} open={open} shop={shop} chosen={chosen} onToggle={toggle} />
      {open.length > 1 ? (
        <Button
          mode="outlined"
          onPress={() => setChosen(open.map((a) => a.characteristic.id))}
          disabled={chosen.length === open.length}
        >
          {sayDecide('rework.chooseAll', { count: open.length })}
        </Button>
      ) : null}
      {open.length > 0 ? (
        <View style={layout.stack} role="group" aria-label="Why it is accepted">
          <Heading level={3}>Accepted because</Heading>
          <Reasons
            // What was written goes with what it was written for, once that is stored.
            key={given}
            usual={USUAL_REASONS}
            act="Accept for this reason"
            disabled={chosen.length === 0}
            onReason={(why) => void accept(why)}
          />
          {chosen.length === 0 ? (
            <Words size="note" tone="muted">
              Choose at least one check first.
            </Words>
          ) : null}
        </View>
      ) : null}
      {gaps.flatMap((a) => {
        const acceptance = accepted.get(a.characteristic.id);
        if (!acceptance) return [];
        return [
          <View key={acceptance.id} style={styles.line}>
            <View style={layout.grow}>
              <Words strong>{a.characteristic.name}</Words>
              <Words size="note" tone="muted">
                {acceptedWords(acceptance)}
              </Words>
            </View>
            <Button
              compact
              accessibilityLabel={sayDecide('rework.withdrawOf', { check: a.characteristic.name })}
              onPress={() => void run(withdrawAcceptance(acceptance.id))}
            >
              Withdraw
            </Button>
          </View>,
        ];
      })}
    </Sheet>
  );
}

const styles = StyleSheet.create({
  line: { flexDirection: 'row', alignItems: 'center', gap: 8, minHeight: 48 },
});

interface ChooseProps {
  readonly job: Job;
  readonly open: readonly Assessment[];
  readonly shop: Shop;
  readonly chosen: readonly CharacteristicId[];
  readonly onToggle: (id: CharacteristicId) => void;
}

/** The gaps without a limit, each with what is known of it, and with the gap at which the circuits would want for flow. */
function ChooseGaps({ job, open, shop, chosen, onToggle }: ChooseProps) {
  const atDemand = useGapsAtDemand(job);
  return (
    <View>
      {open.map((a) => {
        const { id, name, quantity } = a.characteristic;
        const known = shownExtremes(a);
        const figure = known
          ? `${gapText(a.characteristic, known, shop.unit)} ${unitName(quantity, shop.unit)}`
          : 'felt by hand only';
        const enough = atDemand(id);
        const about = enough === null ? figure : demandGapWords(figure, enough, shop.unit);
        return (
          <View key={id}>
            <CheckRow
              name={name}
              about={about}
              checked={chosen.includes(id)}
              onPress={() => onToggle(id)}
            />
            {enough !== null && known ? (
              <GapBar
                slim
                limits={null}
                known={known}
                wanted_mm={enough}
                heatShift_mm={a.heatShift_mm}
                unit={shop.unit}
                of={{ name, stands: 'no limit published' }}
              />
            ) : null}
          </View>
        );
      })}
    </View>
  );
}
