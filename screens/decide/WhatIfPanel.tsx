import { memo, useMemo, useState, type ComponentProps } from 'react';
import { StyleSheet, View } from 'react-native';
import useLatestCallback from 'use-latest-callback';
import { judgedIn, type Setting } from '@/core/rework/decision/case';
import { unreadBy } from '@/core/rework/decision/lines';
import { worstFirst } from '@/core/assessment/summary';
import { isMovedBy, problemIn } from '@/core/rework/decision/asked';
import { movesBySize, type Offer } from '@/core/rework/operations/offer';
import { amountsOf } from '@/core/rework/decision/solve';
import type { Amounts, Problem } from '@/core/rework/solver/problem';
import { canBeWider } from '@/core/rework/decision/wider';
import { formatWithUnit } from '@/core/quantity/format';
import { movedGaps } from '@/core/rework/decision/moved';
import { markedSum } from '@/core/wording/money';
import { offerTitle, rangeWords } from '@/core/wording/planStep';
import { answerWords } from '@/core/wording/decide';
import { paragraph } from '@/core/wording/say';
import { sayDecide } from './sayDecide';
import { useAnnounced } from '@/ui/announce';
import { Button } from '@/ui/Button';
import { Choice } from '@/ui/Choice';
import { FootButton } from '@/ui/FootButton';
import { RowButton } from '@/ui/RowButton';
import { Slider } from '@/ui/Slider';
import { useWide } from '@/ui/useWidth';
import { Words } from '@/ui/Words';
import { Answer } from './Answer';
import { DraggedAmounts, useDragged } from './dragged';
import { DraggedFlow } from './flow/DraggedFlow';
import { GapLines, GapsNow } from './GapLines';
import { Sheet } from './Sheet';
import type { Deciding } from './useDeciding';

interface Props {
  readonly deciding: Deciding;
  readonly onDone: () => void;
  readonly onWider: () => void;
}

/** An amount moves by a thousandth of a millimetre. */
const STEP_mm = 0.001;

const NOTHING: Amounts = new Map();

type Wish = 'plan' | 'on' | 'off';

const WISHES: readonly { readonly value: Wish; readonly name: string }[] = [
  { value: 'plan', name: 'As planned' },
  { value: 'on', name: 'Do it' },
  { value: 'off', name: 'Leave out' },
];

const wishOf = (setting: Setting | undefined): Wish =>
  setting === undefined ? 'plan' : setting === 'off' ? 'off' : 'on';

/** Holds what is wished of the operations. */
function useWishes({ rework, plan, settings, set }: Deciding) {
  // All that does not hang on what is dragged is worked out once: while an amount is dragged only its bars move.
  const planned = useMemo(() => (plan ? amountsOf(plan) : NOTHING), [plan]);
  const gaps = useMemo(() => movedGaps(rework, planned), [rework, planned]);
  const problem = useMemo(() => problemIn(rework, () => true), [rework]);
  const possible = useMemo(
    () => rework.offers.filter(({ id }) => rework.reaches.has(id)),
    [rework],
  );
  const isShown = ({ id }: Offer) => planned.has(id) || settings.has(id);
  const wish = useLatestCallback((id: string, setting: Setting | null) => {
    const next = new Map(settings);
    if (setting === null) next.delete(id);
    else next.set(id, setting);
    set(next);
  });
  return {
    gaps,
    problem,
    planned,
    shown: possible.filter(isShown),
    others: possible.filter((o) => !isShown(o)),
    wish,
    reset: () => set(new Map()),
  };
}

/** Operations switched on and off, amounts dragged: every bar moves at once, and the rest is solved again. */
export function WhatIfPanel({ deciding, onDone, onWider }: Props) {
  const { rework, plan, price, settings, shop, decided, busy } = deciding;
  const wide = useWide();
  const { gaps, problem, planned, shown, others, wish, reset } = useWishes(deciding);
  const bars = plan ? (
    <DraggedLines deciding={deciding} gaps={gaps} />
  ) : (
    <GapsNow deciding={deciding} gaps={worstFirst(judgedIn(rework))} />
  );
  const total = price
    ? sayDecide('rework.costsNow', { sum: markedSum(price.expected, shop.money, price.example) })
    : '';
  useAnnounced(decided && !busy ? paragraph(answerWords(decided), total) : null);
  return (
    <DraggedAmounts planned={planned} settings={settings}>
      <Sheet
        title="What if"
        back="Back to the answer"
        onBack={onDone}
        second={bars}
        beside={
          settings.size > 0 ? <FootButton low name="As the app plans it" onPress={reset} /> : null
        }
      >
        <Answer deciding={deciding} />
        {total ? <Words>{total}</Words> : null}
        <DraggedFlow deciding={deciding} />
        {shown.map((offer) => (
          <View key={offer.id} style={styles.operation}>
            <WishChoice offer={offer} setting={settings.get(offer.id)} onWish={wish} />
            {planned.has(offer.id) && movesBySize(offer) ? (
              <Drag
                deciding={deciding}
                offer={offer}
                problem={problem}
                onHold={(amount_mm) => wish(offer.id, { amount_mm })}
              />
            ) : null}
            {/* On a phone the bars that a switch moves stand with it, in sight. */}
            {wide || !planned.has(offer.id) ? null : (
              <DraggedLines
                deciding={deciding}
                gaps={gaps.filter((gap) => isMovedBy(gap, offer.id))}
              />
            )}
          </View>
        ))}
        {wide || plan ? null : bars}
        {others.length > 0 ? <Others offers={others} onWish={wish} /> : null}
        <RowButton
          name="For more flow"
          about={
            canBeWider(deciding.job)
              ? 'a greater width, another pump or cartridge'
              : 'another pump or cartridge'
          }
          onPress={onWider}
        />
      </Sheet>
    </DraggedAmounts>
  );
}

/** The bars of gaps by the amounts in the hand. */
function DraggedLines(lines: Omit<ComponentProps<typeof GapLines>, 'amounts'>) {
  const { amounts } = useDragged();
  return <GapLines {...lines} amounts={amounts} />;
}

interface OthersProps extends Pick<WishProps, 'onWish'> {
  readonly offers: readonly Offer[];
}

/** What the plan does without: folded until somebody asks. */
function Others({ offers, onWish }: OthersProps) {
  const [open, setOpen] = useState(false);
  return (
    <>
      <RowButton
        name={sayDecide('rework.otherOperations', { count: offers.length })}
        about="what the plan does without"
        open={open}
        onPress={() => setOpen(!open)}
      />
      {open
        ? offers.map((offer) => (
            <WishChoice key={offer.id} offer={offer} setting={undefined} onWish={onWish} />
          ))
        : null}
    </>
  );
}

interface WishProps {
  readonly offer: Offer;
  readonly setting: Setting | undefined;
  /** Says what is wished of an operation; null leaves it to the plan. */
  readonly onWish: (id: string, setting: Setting | null) => void;
}

/** Whether an operation is done: as planned, in any case, or not at all. */
const WishChoice = memo(function WishChoice({ offer, setting, onWish }: WishProps) {
  const name = offerTitle(offer);
  return (
    <View style={styles.operation}>
      <Words strong>{name}</Words>
      <Choice
        label={name}
        value={wishOf(setting)}
        options={WISHES}
        onChange={(value) => onWish(offer.id, value === 'plan' ? null : value)}
      />
    </View>
  );
});

interface DragProps {
  readonly deciding: Deciding;
  readonly offer: Offer;
  readonly problem: Problem;
  readonly onHold: (amount_mm: number) => void;
}

/** The amount of an operation, dragged between what can be done; held, the rest is solved again. */
function Drag({ deciding, offer, problem, onHold }: DragProps) {
  const { amounts, dragged, drag } = useDragged();
  const { rework, shop } = deciding;
  const reach = rework.reaches.get(offer.id);
  const amount = amounts.get(offer.id) ?? 0;
  if (!reach) return null;
  return (
    <>
      <Slider
        label={sayDecide('rework.amountOf', { work: offerTitle(offer) })}
        value={amount}
        from={reach.min_mm}
        to={reach.max_mm}
        step={STEP_mm}
        words={formatWithUnit(amount, 'gap', shop.unit)}
        onChange={(mm) => drag(offer.id, mm)}
      />
      <Words>{rangeWords(problem, amounts, offer.id, shop.unit, unreadBy(rework, offer))}</Words>
      {dragged.has(offer.id) ? (
        <Button mode="outlined" onPress={() => onHold(amount)}>
          Hold this, solve the rest
        </Button>
      ) : null}
    </>
  );
}

const styles = StyleSheet.create({ operation: { gap: 4 } });
