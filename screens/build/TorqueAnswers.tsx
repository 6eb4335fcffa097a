import { useRef, useState } from 'react';
import { View } from 'react-native';
import type { BuildItem } from '@/core/assembly/list';
import { sayBuild } from '@/core/assembly/sayBuild';
import type { Torquing, TorqueStage } from '@/core/assembly/torquing';
import { drawUp, slackenStage } from '@/core/commands/building';
import { formatWithUnit, trimmed } from '@/core/quantity/format';
import type { ShopUnit } from '@/core/quantity/units';
import { boltsWords } from '@/core/wording/bolts';
import { TORQUE_NAME, torqueWords } from '@/core/wording/torque';
import { useShop } from '@/data/hooks';
import { Button } from '@/ui/Button';
import { FootButton } from '@/ui/FootButton';
import { FootRow } from '@/ui/FootRow';
import { useKeys } from '@/ui/keyboard';
import { RowButton } from '@/ui/RowButton';
import { Words } from '@/ui/Words';
import { layout } from '@/ui/layout';
import type { Building } from './useBuild';
import { WrenchForm } from './WrenchForm';

const PERCENT = 100;
const HALF = 0.5;

/** Writes what is set on the wrench at a stage; the share of the torque where the sheet gives none. */
function setWords({ set, share }: TorqueStage, { unit }: Torquing): string {
  return set
    ? torqueWords(set, unit)
    : sayBuild('page.share', { percent: Math.round(share * PERCENT) });
}

/** Names the share of a torque that a stage is. */
function stageWords(share: number): string {
  if (share >= 1) return 'Full torque';
  return share < HALF ? 'About a third' : 'About two thirds';
}

/** What is drawn up now: the stage, and what is set on the wrench for it. */
export function TorqueHead({ torquing }: { readonly torquing: Torquing }) {
  const { next, stages, bolts } = torquing;
  const stage = next ? stages[next.stage] : undefined;
  if (!next || !stage) return null;
  const words = stageWords(stage.share);
  const set = setWords(stage, torquing);
  return (
    <View>
      <Words size="title" strong>
        {stage.set
          ? sayBuild('page.stage', { stage: words, set })
          : sayBuild('page.stageNoTorque', { stage: words })}
      </Words>
      {bolts ? (
        <Words size="note" tone="muted">
          {[boltsWords(bolts), bolts.note].filter(Boolean).join('. ')}
        </Words>
      ) : null}
    </View>
  );
}

interface Props {
  readonly building: Building;
  readonly item: BuildItem;
  readonly torquing: Torquing;
}

/** Drawing bolts up: one by one in the pattern, or all of a stage; goes on where it was left. */
export function TorqueAnswers({ building, item: { step }, torquing }: Props) {
  const { run, take } = building;
  const { shortcuts } = useShop();
  const keys = useRef<View>(null);
  const { next, order, stages, unit, wrench, count } = torquing;
  const stage = next ? stages[next.stage] : undefined;
  const isOne = count === 1;
  const draw = (bolts: readonly number[]) => {
    if (!next) return;
    const drawn = { step: step.id, stage: next.stage, bolts: [...bolts], unit, wrench };
    const left = stages.slice(next.stage).reduce((sum, { done }) => sum + count - done.size, 0);
    void run(drawUp(drawn)).then((ok) => ok && take(left > bolts.length ? step.id : null));
  };
  const one = () => next && draw([next.bolt]);
  const whole = () => draw(order.filter((bolt) => !stage?.done.has(bolt)));
  useKeys(
    { '1': isOne ? whole : one, '2': whole },
    { enabled: shortcuts && next !== null, on: keys },
  );
  if (!next || !stage) return null;
  const set = setWords(stage, torquing);
  const oneWords = stage.set
    ? sayBuild('page.bolt', { bolt: next.bolt, set })
    : sayBuild('page.boltNoTorque', { bolt: next.bolt });
  return (
    <View style={layout.stack} ref={keys}>
      {isOne ? null : (
        <Button mode="contained" contentStyle={layout.thumb} onPress={one}>
          {oneWords}
        </Button>
      )}
      <Button mode={isOne ? 'contained' : 'outlined'} contentStyle={layout.thumb} onPress={whole}>
        All at this stage
      </Button>
    </View>
  );
}

/** What else there is to a pattern of bolts: the wrench, a bolt that did not rise, the order. */
export function TorqueMore({ building, item: { step }, torquing }: Props) {
  const { unit } = useShop();
  const [open, setOpen] = useState(false);
  const { next, order, stages, count } = torquing;
  const done = next ? (stages[next.stage]?.done.size ?? 0) : count;
  return (
    <View style={layout.stack}>
      {next && count > 1 ? (
        <Words size="note" tone="muted" role="status">
          {sayBuild('page.boltsDone', { done, count })}
        </Words>
      ) : null}
      {count > 1 ? (
        <Words size="note" tone="muted">
          {sayBuild('page.order', { order: order.join(' · ') })}
        </Words>
      ) : null}
      <RowButton
        name="Wrench"
        about={wrenchWords(torquing, unit)}
        open={open}
        onPress={() => setOpen(!open)}
      />
      {open ? <WrenchForm value={torquing} onChange={building.setWrench} /> : null}
      {next && done > 0 ? (
        <FootRow>
          <FootButton
            low
            name="A bolt turned without rising: this stage again"
            onPress={() => void building.run(slackenStage(step.id, next.stage))}
          />
        </FootRow>
      ) : null}
    </View>
  );
}

/** Says which wrench the figures are for. */
function wrenchWords({ unit, wrench }: Torquing, shown: ShopUnit): string {
  if (!wrench) return TORQUE_NAME[unit];
  const said = {
    unit: TORQUE_NAME[unit],
    extension: formatWithUnit(wrench.extension_mm, 'size', shown),
  };
  const { angle_deg } = wrench;
  return angle_deg === 0
    ? sayBuild('page.wrench', said)
    : sayBuild('page.wrenchTurned', { ...said, angle: trimmed(angle_deg, 1) });
}
