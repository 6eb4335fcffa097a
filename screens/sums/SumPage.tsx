import { useState } from 'react';
import { ScrollView, StyleSheet, View } from 'react-native';
import type { ShopUnit } from '@/core/quantity/units';
import { fromLink } from '@/core/sums/link';
import { type RoomSum } from '@/core/sums/list';
import { sayRoom } from '@/core/sums/room';
import type { Sum } from '@/core/sums/sum';
import { asked } from '@/core/sums/workOut';
import { spelled } from '@/core/wording/say';
import { useAnnounced } from '@/ui/announce';
import { Choice } from '@/ui/Choice';
import { usePalette } from '@/ui/theme';
import { useTitle } from '@/ui/title';
import { useWide } from '@/ui/useWidth';
import { Heading } from '@/ui/Words';
import { layout } from '@/ui/layout';
import { LinkBox } from '@/ui/LinkBox';
import Icon from '@/ui/icons/Icon';
import { Opening } from '../shell/onDemand';
import { SumAnswer } from './SumAnswer';
import { SumPicture } from './SumPicture';
import { type JobOf } from './useJobOf';
import { useSum } from './useSum';
import { PickGap } from './WithJob';
import { Fields } from './SumFields';
import { Rest } from './SumRest';

export type Parameters = Readonly<Record<string, string | readonly string[] | undefined>>;

/** A sum of the room, what the address brings of it, and the job that it is for. */
interface PageProps {
  readonly listed: RoomSum;
  readonly sum: Sum;
  readonly parameters: Parameters;
  readonly of: JobOf | null;
}

const UNITS = [
  { value: 'thou', name: 'thou' },
  { value: 'mm', name: 'mm' },
] as const;

/** So many fields leave room for the drawing over them. */
const FEW = 6;

/** Question and answer of a sum: on a phone the answer over the fields, on a bench computer beside them. */
export function SumPage({ listed, sum, parameters, of }: PageProps) {
  const [linked] = useState(() => fromLink(parameters, sum.page?.asks.map(({ at }) => at) ?? []));
  const state = useSum(listed.id, sum, linked, of);
  const stage = String(parameters.stage ?? 'decide');
  const wide = useWide();
  // Question and answer are on one screen: where many fields are asked the drawing stands beneath them.
  const isShort = asked(sum.page as never, state.typed).filter((ask) => !ask.more).length <= FEW;
  const palette = usePalette();
  const { outcome, isThere } = state;
  useTitle(spelled(listed.name));
  useAnnounced(outcome.answer?.said.head ?? null);
  if (!isThere) return <Opening />;
  const back = of ? `/job/${of.job.id}/${stage}` : '/sums';
  const head = (
    <>
      <SumHead name={listed.name} unit={state.unit} onUnit={state.showIn} back={back} />
      {of ? <PickGap of={of} /> : null}
    </>
  );
  const answer = <SumAnswer sum={sum} state={state} />;
  const picture = <SumPicture sum={sum} state={state} />;
  const fields = <Fields sum={sum} state={state} of={of} />;
  const rest = <Rest listed={listed} sum={sum} state={state} of={of} stage={stage} />;
  return wide ? (
    <View style={layout.panes}>
      <ScrollView style={styles.fill} contentContainerStyle={styles.page}>
        {head}
        {fields}
      </ScrollView>
      <ScrollView
        tabIndex={0}
        style={[styles.fill, styles.second, { borderColor: palette.line }]}
        contentContainerStyle={styles.page}
      >
        {answer}
        {picture}
        {rest}
      </ScrollView>
    </View>
  ) : (
    <ScrollView style={styles.fill} contentContainerStyle={styles.page}>
      {head}
      {answer}
      {isShort ? picture : null}
      {fields}
      {isShort ? null : picture}
      {rest}
    </ScrollView>
  );
}

interface HeadProps {
  readonly name: string;
  readonly unit: ShopUnit;
  readonly onUnit: (unit: ShopUnit) => void;
  /** Where it was opened. */
  readonly back: string;
}

/** What the page is about, the way back, and the unit that it shows. */
function SumHead({ name, unit, onUnit, back }: HeadProps) {
  const palette = usePalette();
  return (
    <View style={styles.head}>
      <LinkBox
        href={back as '/sums'}
        label={back === '/sums' ? 'All sums' : 'Back to the job'}
        style={styles.back}
      >
        <Icon name="arrow-left" color={palette.ink} />
      </LinkBox>
      <Heading level={1} size="strong" style={layout.grow}>
        {spelled(name)}
      </Heading>
      <Choice label={sayRoom('unit')} value={unit} options={UNITS} onChange={onUnit} />
    </View>
  );
}

const styles = StyleSheet.create({
  fill: { flex: 1, minHeight: 0, minWidth: 0 },
  page: { padding: 14, gap: 12, width: '100%', maxWidth: 860 },
  second: { borderLeftWidth: 1 },
  head: { flexDirection: 'row', alignItems: 'center', gap: 8 },
  back: { width: 48, height: 48, alignItems: 'center', justifyContent: 'center' },
});
