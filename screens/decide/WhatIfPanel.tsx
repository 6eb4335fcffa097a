import { useMemo, useState } from 'react';
import { View } from 'react-native';
import { problemIn, reachOf, type Setting } from '@/core/rework/case';
import type { Offer } from '@/core/rework/offers';
import { amountsOf } from '@/core/rework/solve';
import type { Amounts, Problem } from '@/core/rework/problem';
import { canBeWider } from '@/core/rework/wider';
import { formatWithUnit } from '@/core/quantity/format';
import { movedGaps, movesBySize, offerTitle, rangeWords, sumWords } from '@/core/wording/rework';
import { say } from '@/core/wording/say';
import { Button } from '@/ui/Button';
import { Choice } from '@/ui/Choice';
import { FootButton } from '@/ui/FootButton';
import { RowButton } from '@/ui/RowButton';
import { Slider } from '@/ui/Slider';
import { Heading, Words } from '@/ui/Words';
import { Answer } from './Answer';
import { GapChanges } from './GapChanges';
import { Sheet } from './Sheet';
import type { Deciding } from './useDeciding';

interface Props {
  readonly deciding: Deciding;
  readonly onDone: () => void;
  readonly onWider: () => void;
}

/** An amount moves by a thousandth of a millimetre. */
const STEP_mm = 0.001;

type Wish = 'plan' | 'on' | 'off';

const WISHES: readonly { readonly value: Wish; readonly name: string }[] = [
  { value: 'plan', name: 'As planned' },
  { value: 'on', name: 'Do it' },
  { value: 'off', name: 'Leave out' },
];

const wishOf = (setting: Setting | undefined): Wish =>
  setting === undefined ? 'plan' : setting === 'off' ? 'off' : 'on';

/** Operations switched on and off, amounts dragged: every bar moves at once, and the rest is solved again. */
export function WhatIfPanel({ deciding, onDone, onWider }: Props) {
  const { rework, all, plan, settings, set, shop, solved } = deciding;
  const [dragged, setDragged] = useState<Amounts>(new Map());
  const planned = plan ? amountsOf(plan) : new Map<string, number>();
  const held = [...dragged].filter(([id]) => planned.has(id));
  const amounts = new Map([...planned, ...held]);
  const gaps = plan ? movedGaps(rework, plan) : rework.watched;
  const possible = rework.offers.filter((offer) => reachOf(offer, rework, all) !== null);
  const [more, setMore] = useState(false);
  // Worked out once: while an amount is dragged only its bars move.
  const problem = useMemo(() => problemIn(rework, all, () => true), [rework, all]);
  const isShown = ({ id }: Offer) => planned.has(id) || settings.has(id);
  const [inPlan, others] = [possible.filter(isShown), possible.filter((o) => !isShown(o))];
  return (
    <Sheet
      title="What if"
      back="Back to the answer"
      onBack={onDone}
      beside={
        settings.size > 0 ? (
          <FootButton
            low
            name="As the app plans it"
            onPress={() => {
              setDragged(new Map());
              set(new Map());
            }}
          />
        ) : null
      }
    >
      <Answer deciding={deciding} />
      {plan ? (
        <Words>{say('rework.costsNow', { sum: sumWords(plan.expected, shop.money) })}</Words>
      ) : null}
      <GapChanges deciding={deciding} gaps={gaps} amounts={amounts} />
      {solved && possible.length > 0 ? <Heading>Operations</Heading> : null}
      {inPlan.map((offer) => (
        <Wished
          key={offer.id}
          offer={offer}
          {...{ deciding, problem, amounts, dragged, setDragged }}
        />
      ))}
      {others.length > 0 ? (
        <RowButton
          name={say('rework.otherOperations', { count: others.length })}
          about="what the plan does without"
          open={more}
          onPress={() => setMore(!more)}
        />
      ) : null}
      {more
        ? others.map((offer) => (
            <Wished
              key={offer.id}
              offer={offer}
              {...{ deciding, problem, amounts, dragged, setDragged }}
            />
          ))
        : null}
      {canBeWider(deciding.job) ? (
        <RowButton
          name="Wider gears, for more flow"
          about="which plates and pockets have to give way"
          open={false}
          onPress={onWider}
        />
      ) : null}
    </Sheet>
  );
}

interface WishedProps {
  readonly deciding: Deciding;
  readonly offer: Offer;
  readonly problem: Problem;
  readonly amounts: Amounts;
  readonly dragged: Amounts;
  readonly setDragged: (dragged: Amounts) => void;
}

/** One operation: whether it is done, and where it moves a size by how much. */
function Wished({ deciding, offer, problem, amounts, dragged, setDragged }: WishedProps) {
  const { rework, all, settings, set, shop } = deciding;
  const name = offerTitle(offer);
  const amount = amounts.get(offer.id);
  const reach = reachOf(offer, rework, all);
  const drags = amount !== undefined && reach !== null && movesBySize(offer);
  const wish = (value: Wish) => {
    const next = new Map(settings);
    if (value === 'plan') next.delete(offer.id);
    else next.set(offer.id, value);
    setDragged(new Map());
    set(next);
  };
  const hold = (amount_mm: number) => {
    setDragged(new Map());
    set(new Map([...settings, [offer.id, { amount_mm }]]));
  };
  return (
    <View style={{ gap: 4 }}>
      <Words strong>{name}</Words>
      <Choice
        label={name}
        value={wishOf(settings.get(offer.id))}
        options={WISHES}
        onChange={wish}
      />
      {drags ? (
        <>
          <Slider
            label={say('rework.amountOf', { work: name })}
            value={amount}
            from={reach.min_mm}
            to={reach.max_mm}
            step={STEP_mm}
            words={formatWithUnit(amount, 'gap', shop.unit)}
            onChange={(value) => setDragged(new Map([...dragged, [offer.id, value]]))}
          />
          <Words>{rangeWords(problem, amounts, offer.id, shop.unit)}</Words>
          {dragged.has(offer.id) ? (
            <Button mode="outlined" onPress={() => hold(amount)}>
              Hold this, solve the rest
            </Button>
          ) : null}
        </>
      ) : null}
    </View>
  );
}
