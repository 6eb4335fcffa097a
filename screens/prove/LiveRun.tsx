import { View } from 'react-native';
import { sayProve } from '@/core/prove/say';
import { nowWords, timeWords } from '@/core/prove/sayRun';
import { stepWords } from '@/core/prove/sayProve';
import { useShop } from '@/data/hooks';
import { useAnnounced } from '@/ui/announce';
import { Notice } from '@/ui/Notice';
import { useWidth } from '@/ui/useWidth';
import { Heading, Words } from '@/ui/Words';
import { layout } from '@/ui/layout';
import { TraceChart } from './TraceChart';
import type { Run } from './useRun';

/** What a stand sends while it runs: the figures now, and the run so far. */
export function LiveRun({ run: { step, samples } }: { readonly run: Run }) {
  const { unit } = useShop();
  const [width, onLayout] = useWidth(362);
  const last = samples.at(-1);
  const where = stepWords(step, unit);
  useAnnounced(where, true);
  return (
    <View style={layout.stack} onLayout={onLayout}>
      <Heading size="instruction">{last ? nowWords(last, unit) : 'Waiting for the stand…'}</Heading>
      <Words>
        {last ? sayProve('prove.running', { step: where, time: timeWords(last.t_s) }) : where}
      </Words>
      <TraceChart
        samples={samples}
        unit={unit}
        width={width}
        least_lpm={step.least?.lpm ?? null}
        said={where}
      />
    </View>
  );
}

/** Why a run ended that nobody ended. */
export function EndedNotice({ run: { state, samples } }: { readonly run: Run }) {
  const time = timeWords(samples.at(-1)?.t_s ?? 0);
  if (state === 'lost') return <Notice kind="error">{sayProve('prove.lost', { time })}</Notice>;
  if (state === 'long') return <Notice kind="word">{sayProve('prove.long', { time })}</Notice>;
  if (state === 'full') return <Notice kind="error">{sayProve('prove.full', { time })}</Notice>;
  return state === 'none' ? <Notice kind="error">{sayProve('prove.noStand')}</Notice> : null;
}
