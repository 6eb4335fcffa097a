import { useQuery } from '@tanstack/react-query';
import { useLocalSearchParams } from 'expo-router';
import { useState } from 'react';
import { ScrollView, StyleSheet, View } from 'react-native';
import type { ShopUnit } from '@/core/quantity/units';
import { exampleOf } from '@/core/sums/example';
import { fromLink, toLink } from '@/core/sums/link';
import { ROOM_SUMS, type RoomSum } from '@/core/sums/list';
import type { Ask } from '@/core/sums/page';
import { pathOf, sayRoom, sumAt } from '@/core/sums/room';
import type { Sum } from '@/core/sums/sum';
import { asked } from '@/core/sums/workOut';
import { paragraph, spelled } from '@/core/wording/say';
import { announce, useAnnounced } from '@/ui/announce';
import { Choice } from '@/ui/Choice';
import { FootButton } from '@/ui/FootButton';
import { FootRow } from '@/ui/FootRow';
import { Page } from '@/ui/Page';
import { RowButton } from '@/ui/RowButton';
import { RowLink } from '@/ui/RowLink';
import { usePalette } from '@/ui/theme';
import { useTitle } from '@/ui/title';
import { useWide } from '@/ui/useWidth';
import { Heading, Words } from '@/ui/Words';
import { layout } from '@/ui/layout';
import { LinkBox } from '@/ui/LinkBox';
import Icon from '@/ui/icons/Icon';
import { NotLoaded, Opening } from '../shell/onDemand';
import { AskField } from './AskField';
import { Figures, Most, SumAnswer } from './SumAnswer';
import { SumPaper } from './SumPaper';
import { SumPicture } from './SumPicture';
import { useSum, type SumState } from './useSum';

type Parameters = Readonly<Record<string, string | readonly string[] | undefined>>;

/** One sum on a page of its own, loaded when it is opened. */
export function SumScreen() {
  const parameters = useLocalSearchParams() as Parameters;
  const listed = sumAt(ROOM_SUMS, parameters.id);
  return listed ? (
    <Loaded key={listed.id} listed={listed} parameters={parameters} />
  ) : (
    <Page title="Sums" still>
      <Words>{sayRoom('gone')}</Words>
      <RowLink href="/sums" name="All sums" about="" />
    </Page>
  );
}

interface LoadedProps {
  readonly listed: RoomSum;
  readonly parameters: Parameters;
}

function Loaded({ listed, parameters }: LoadedProps) {
  const { data: sum, error } = useQuery({ queryKey: ['sum', listed.id], queryFn: listed.load });
  if (error) return <NotLoaded />;
  return sum ? <SumPage listed={listed} sum={sum} parameters={parameters} /> : <Opening />;
}

const UNITS = [
  { value: 'thou', name: 'thou' },
  { value: 'mm', name: 'mm' },
] as const;

interface PartProps {
  readonly sum: Sum;
  readonly state: SumState;
}

/** So many fields leave room for the drawing over them. */
const FEW = 6;

/** Question and answer of a sum: on a phone the answer over the fields, on a bench computer beside them. */
function SumPage({ listed, sum, parameters }: LoadedProps & { readonly sum: Sum }) {
  const [linked] = useState(() => fromLink(parameters, sum.page?.asks.map(({ at }) => at) ?? []));
  const state = useSum(listed.id, sum, linked);
  const wide = useWide();
  // Question and answer are on one screen: where many fields are asked the drawing stands beneath them.
  const isShort = asked(sum.page as never, state.typed).filter((ask) => !ask.more).length <= FEW;
  const palette = usePalette();
  const { outcome, isThere } = state;
  useTitle(spelled(listed.name));
  useAnnounced(outcome.answer?.said.head ?? null);
  if (!isThere) return <Opening />;
  const head = <SumHead name={listed.name} unit={state.unit} onUnit={state.showIn} />;
  const answer = <SumAnswer sum={sum} state={state} />;
  const picture = <SumPicture sum={sum} state={state} />;
  const fields = <Fields sum={sum} state={state} />;
  const rest = <Rest listed={listed} sum={sum} state={state} />;
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
}

/** What the page is about, the way back, and the unit that it shows. */
function SumHead({ name, unit, onUnit }: HeadProps) {
  const palette = usePalette();
  return (
    <View style={styles.head}>
      <LinkBox href="/sums" label="All sums" style={styles.back}>
        <Icon name="arrow-left" color={palette.ink} />
      </LinkBox>
      <Heading level={1} size="strong" style={layout.grow}>
        {spelled(name)}
      </Heading>
      <Choice label={sayRoom('unit')} value={unit} options={UNITS} onChange={onUnit} />
    </View>
  );
}

/** The fields in the order in which people can get them; what few need behind a line of its own. */
function Fields({ sum, state }: PartProps) {
  const { typed, unit, outcome, type } = state;
  const all = sum.page ? asked(sum.page as never, typed) : [];
  const more = all.filter((ask) => ask.more);
  const isWrong = more.some(({ at }) => outcome.errors[at] !== undefined);
  const [open, setOpen] = useState(false);
  const shown = open || isWrong;
  const field = (ask: Ask) => (
    <AskField
      key={ask.at}
      sum={sum}
      ask={ask}
      entry={typed[ask.at]}
      unit={unit}
      error={outcome.errors[ask.at]}
      onType={(text) => type(ask.at, text)}
    />
  );
  return (
    <View style={layout.stack}>
      <View style={styles.fields}>{all.filter((ask) => !ask.more).map(field)}</View>
      {more.length > 0 ? (
        <RowButton
          name={sayRoom('more')}
          about={sayRoom('moreAbout', { count: more.length })}
          open={shown}
          onPress={() => setOpen(!open)}
        />
      ) : null}
      {shown ? <View style={styles.fields}>{more.map(field)}</View> : null}
    </View>
  );
}

/** What stands beneath question and answer: what would change it, figures, how it is worked out, and the way on. */
function Rest({ listed, sum, state }: PartProps & { readonly listed: RoomSum }) {
  const { page } = sum;
  const { outcome, typed, unit } = state;
  const beside = ROOM_SUMS.filter(({ id }) => page?.beside?.includes(id));
  return (
    <>
      <Most most={outcome.most} />
      <Figures sum={sum} state={state} />
      <Words size="note">
        {paragraph(page?.caution && spelled(page.caution), sayRoom('rules'))}
      </Words>
      <HowWorked sum={sum} />
      {beside.length > 0 ? <Heading>{sayRoom('beside')}</Heading> : null}
      {beside.map(({ id, name }) => (
        <RowLink
          key={id}
          href={`${pathOf(id)}?${toLink(typed, unit)}` as '/sums/[id]'}
          name={spelled(name)}
          about=""
        />
      ))}
      <Foot listed={listed} sum={sum} state={state} />
      <SumPaper name={listed.name} sum={sum} state={state} />
    </>
  );
}

/** The formula with its symbols, its source, and what it takes for granted. */
function HowWorked({ sum: { page } }: { readonly sum: Sum }) {
  const [open, setOpen] = useState(false);
  if (!page) return null;
  const { line, symbols, source, assumed } = page.formula;
  const lines = [
    line,
    ...symbols.map(([symbol, meaning]) => sayRoom('symbol', { symbol, meaning })),
    sayRoom('source', { what: source }),
    ...assumed.map((what) => sayRoom('assumed', { what })),
  ];
  return (
    <View>
      <RowButton
        name={sayRoom('how')}
        about={sayRoom('howAbout')}
        open={open}
        onPress={() => setOpen(!open)}
      />
      {open ? lines.map((words) => <Words key={words}>{spelled(words)}</Words>) : null}
    </View>
  );
}

/** A link that holds what was typed, an example, and an empty form. */
function Foot({ listed, sum, state }: PartProps & { readonly listed: RoomSum }) {
  const { typed, unit, clear, fill, bringBack } = state;
  const [shown, setShown] = useState<string | null>(null);
  const copy = async () => {
    const link = `${window.location.origin}${pathOf(listed.id)}?${toLink(typed, unit)}`;
    try {
      await navigator.clipboard.writeText(link);
      setShown(sayRoom('link'));
      announce(sayRoom('link'));
    } catch {
      // Without leave to write into the clipboard it stands there to be copied by hand.
      setShown(sayRoom('linkShown', { link }));
    }
  };
  return (
    <View style={layout.stack}>
      {shown ? <Words selectable>{shown}</Words> : null}
      <FootRow>
        <FootButton low name={sayRoom('copy')} onPress={() => void copy()} />
        <FootButton low name="Print" onPress={() => window.print()} />
        <FootButton low name={sayRoom('example')} onPress={() => fill(exampleOf(sum))} />
        {bringBack ? (
          <FootButton low name={sayRoom('back')} onPress={bringBack} />
        ) : (
          <FootButton low name={sayRoom('clear')} onPress={clear} />
        )}
      </FootRow>
    </View>
  );
}

const styles = StyleSheet.create({
  fill: { flex: 1, minHeight: 0, minWidth: 0 },
  page: { padding: 14, gap: 12, width: '100%', maxWidth: 860 },
  second: { borderLeftWidth: 1 },
  head: { flexDirection: 'row', alignItems: 'center', gap: 8 },
  back: { width: 48, height: 48, alignItems: 'center', justifyContent: 'center' },
  fields: { flexDirection: 'row', flexWrap: 'wrap', gap: 8 },
});
