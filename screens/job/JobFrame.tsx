import { useRouter } from 'expo-router';
import type { ReactNode } from 'react';
import { Pressable, StyleSheet, View } from 'react-native';
import { useChangeShop, useOfRecord, useShop } from '@/data/hooks';
import type { Stage } from '@/core/records/stage';
import { inUnit } from '@/core/records/shop';
import { sheetName } from '@/core/records/sheet';
import { Choice } from '@/ui/Choice';
import Icon from '@/ui/icons/Icon';
import { TOUCH, TOUCH_LARGE, usePalette } from '@/ui/theme';
import { useTitle } from '@/ui/title';
import { useRoom, useWide } from '@/ui/useWidth';
import { Heading, Words } from '@/ui/Words';
import { say } from '@/core/wording/say';
import { STAGE_NAME } from './stages';
import { StageStrip } from './StageStrip';

interface Props {
  /** Of the job. */
  readonly id: string;
  readonly stage: Stage;
  readonly children: ReactNode;
}

/** What stands over every stage of a job: whose pump it is, the unit switch, the strip of stages. */
export function JobFrame({ id, stage, children }: Props) {
  const tag = useOfRecord('job', id, (job) => job.tag).data ?? '';
  const model = useOfRecord('job', id, (job) => sheetName(job.sheet)).data ?? '';
  const palette = usePalette();
  const router = useRouter();
  const wide = useWide();
  const { unit } = useShop();
  const { apply: changeShop } = useChangeShop();
  const { tiny, low, short } = useRoom();
  useTitle(say('shell.title', { screen: STAGE_NAME[stage], of: tag }));
  return (
    <View style={styles.fill}>
      <View style={[styles.top, (wide || low) && styles.topWide, { borderColor: palette.line }]}>
        <View style={[styles.head, wide && styles.headWide]}>
          <Pressable
            role="button"
            aria-label="Back to Bench"
            onPress={() => router.navigate('/')}
            style={[styles.back, stage === 'measure' && !short && styles.backLarge]}
          >
            <Icon name="chevron-left" color={palette.ink} />
          </Pressable>
          <View style={styles.names}>
            <Heading level={1} size="strong" numberOfLines={1} style={styles.tag}>
              {tag}
            </Heading>
            {tiny ? null : (
              <Words tone="muted" numberOfLines={1} style={styles.model}>
                {model}
              </Words>
            )}
          </View>
          {tiny ? null : (
            <Choice
              label="Units: mm or thou"
              value={unit}
              options={UNITS}
              onChange={(next) => void changeShop((shop) => inUnit(shop, next))}
            />
          )}
        </View>
        <StageStrip id={id} stage={stage} />
      </View>
      {children}
    </View>
  );
}

/** How wide the head of a job and the first column under it stand on a wide screen, in px. */
export const HEAD = 400;

const UNITS = [
  { value: 'thou', name: 'thou' },
  { value: 'mm', name: 'mm' },
] as const;

const styles = StyleSheet.create({
  fill: { flex: 1, minHeight: 0 },
  top: { borderBottomWidth: 1 },
  topWide: { flexDirection: 'row', alignItems: 'center', justifyContent: 'space-between' },
  head: {
    flexDirection: 'row',
    alignItems: 'center',
    gap: 6,
    paddingRight: 14,
    paddingTop: 6,
    flexShrink: 1,
    minWidth: 0,
  },
  // As wide as the first column of the stages that have one beneath it.
  headWide: { width: HEAD, flexShrink: 0 },
  back: { width: TOUCH, height: TOUCH, alignItems: 'center', justifyContent: 'center' },
  backLarge: { width: TOUCH_LARGE, height: TOUCH_LARGE },
  names: { flex: 1, minWidth: 0, flexDirection: 'row', alignItems: 'baseline', gap: 8 },
  tag: { flexShrink: 0, maxWidth: '60%' },
  model: { flexShrink: 1 },
});
