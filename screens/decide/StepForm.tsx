import { type ShopUnit, bareUnit } from '@/core/quantity/units';
import { type ReactNode, useState } from 'react';
import { useQueryClient } from '@tanstack/react-query';
import { type Control, useForm, useWatch } from 'react-hook-form';
import { View } from 'react-native';
import type { Assessment } from '@/core/assessment/assessment';
import { carryOut } from '@/core/commands/deciding';
import { InputError } from '@/core/errors';
import { amountUncertainty } from '@/core/instruments/gauges';
import { formatLength } from '@/core/quantity/format';
import { parseReading } from '@/core/quantity/parse';
import type { PlanStep } from '@/core/records/entries/plan';
import { doubtOfAmount } from '@/core/rework/decision/doubt';
import { bushingWork } from '@/core/rework/decision/bushing';
import type { PlannedOperation } from '@/core/rework/decision/lines';
import { movesBySize, type Offer } from '@/core/rework/operations/offer';
import { unseenWords } from '@/core/wording/decide';
import { afterWords, stepWords } from '@/core/wording/planStep';
import { paragraph, say } from '@/core/wording/say';
import { sayDecide } from './sayDecide';
import { Button } from '@/ui/Button';
import { Field } from '@/ui/Field';
import { Notice } from '@/ui/Notice';
import { Question } from '@/ui/Question';
import { Words } from '@/ui/Words';
import { KEYS, useChangeShop } from '@/data/hooks';
import { fitIntoJob } from '@/data/shelf';
import { MakeField, withMake } from '../job/MakeField';
import { useCommand } from '../job/useCommand';
import { useOnce } from '../shell/useOnce';
import { BushingAdvice, type Finished } from './BushingAdvice';
import type { Deciding } from './useDeciding';
import type { ListPlan } from './useListPlan';

interface Props {
  readonly deciding: Deciding;
  readonly step: PlanStep;
  readonly offer: Offer;
  /** What is left of the list, worked out from what was done so far. */
  readonly live: ListPlan;
  /** What has to be measured before: no amount is right as long as nobody knows how wide it is. */
  readonly unseen: readonly Assessment[];
  /** Says that it is stored as done. */
  readonly onDone: () => void;
}

/** An amount that is not believed without a second look. */
interface Doubt {
  readonly text: string;
  readonly taken_mm: number;
  readonly why: string;
}

/** The amount of a step as it is now; as it was planned where nothing brings it in any more; null where it has none. */
function amountNow(
  { amount_mm, from_mm, to_mm }: PlanStep,
  offer: Offer,
  { planned }: ListPlan,
): Pick<
  PlannedOperation,
  'offer' | 'amount_mm' | 'from_mm' | 'to_mm' | 'waitsFor' | 'unread'
> | null {
  if (offer.terms.most_mm === null) return null;
  const now = planned.find((p) => p.offer.id === offer.id);
  if (now) return now;
  return amount_mm === null || from_mm === null || to_mm === null
    ? null
    : { offer, amount_mm, from_mm, to_mm, waitsFor: [], unread: [] };
}

/** Holds the form of a step: what was taken off is asked about once where it lies outside of the plan. */
function useStep({ deciding, step, offer, live, unseen, onDone }: Props) {
  const { job, shop, rework } = deciding;
  const { unit } = shop;
  const { run, error } = useCommand(job);
  const form = useForm({ defaultValues: { amount: '', make: '' } });
  const isBlind = unseen.length > 0;
  const planned = isBlind ? null : amountNow(step, offer, live);
  const bushing = bushingWork(rework, offer);
  const [finished, setFinished] = useState<Finished>({ groove: false, vent: false });
  const [missing, setMissing] = useState(false);
  const [doubt, setDoubt] = useState<Doubt | null>(null);
  // What is typed over is not asked about any more.
  const typedNow = useWatch({ control: form.control, name: 'amount' });
  const asked = doubt?.text === typedNow ? doubt : null;
  const asks = (isBlind || planned !== null) && movesBySize(offer);
  const client = useQueryClient();
  const { apply: changeShop } = useChangeShop();
  const fit = useOnce(async (part: string) => {
    const after = await fitIntoJob(job, part, shop.person || job.by, step.id);
    client.setQueryData(KEYS.record('job', job.id), after);
    onDone();
    await client.invalidateQueries({ queryKey: KEYS.parts });
  });
  const keep = async (taken_mm: number | null) => {
    if (offer.piece) return void fit.run(offer.piece.id);
    const [part = ''] = offer.parts;
    const u_mm = amountUncertainty(job, { instruments: shop.instruments, zeros: [] }, part);
    const make = form.getValues('make').trim();
    if (!(await run(carryOut(offer, step.id, taken_mm, u_mm, make)))) return;
    // The work is noted; a maker that could not be remembered is no reason to stay.
    await changeShop((s) => withMake(s, make)).catch(() => undefined);
    onDone();
  };
  const save = form.handleSubmit(async ({ amount }) => {
    if (bushing?.hub && !(finished.groove && finished.vent)) return setMissing(true);
    try {
      const typed = asks && amount.trim() !== '';
      const taken = typed ? parseReading(amount, 'gap', bareUnit('gap', unit)).mm : null;
      const why = taken !== null && planned ? doubtOfAmount(taken, planned, unit) : null;
      setDoubt(taken !== null && why !== null ? { text: amount, taken_mm: taken, why } : null);
      if (why === null) await keep(taken);
    } catch (problem) {
      if (!(problem instanceof InputError)) throw problem;
      form.setError('amount', { message: problem.message }, { shouldFocus: true });
    }
  });
  const advice = { finished, missing, onFinished: setFinished };
  const failed = error ?? fit.failed;
  return { form, isBlind, planned, bushing, advice, asks, asked, failed, keep, save };
}

/** Tells whether a part from elsewhere goes in: one of the shelf has its maker on its label. */
const isExchange = ({ piece, works }: Offer): boolean =>
  !piece && works.some(({ work }) => work === 'exchanged');

/** One step to carry out: what to do and how to check on the way, then how much it really was. */
export function StepForm(props: Props) {
  const { deciding, offer, live, unseen } = props;
  const { shop, rework } = deciding;
  const { form, isBlind, planned, bushing, advice, asks, asked, failed, keep, save } =
    useStep(props);
  const { tool, check, caution } = offer.terms;
  return (
    <View style={{ gap: 8 }}>
      {planned || isBlind ? (
        <Words size="title" strong aria-busy={live.busy}>
          {planned === null
            ? unseenWords(unseen)
            : live.busy
              ? 'Working it out…'
              : stepWords(planned, shop.unit)}
        </Words>
      ) : null}
      <Words>
        {paragraph(
          ...offer.along.map(({ operation }) => `${operation.order}.`),
          tool || check
            ? sayDecide('rework.toolCheck', { tool: tool || 'none', check: check || 'none' })
            : '',
          afterWords(rework, { offer }),
        )}
      </Words>
      {caution ? <Notice kind="caution">{caution}</Notice> : null}
      {bushing ? (
        <BushingAdvice
          deciding={deciding}
          work={bushing}
          amount_mm={offer.operation.sizes && planned ? planned.amount_mm : null}
          {...advice}
        />
      ) : null}
      {isExchange(offer) ? <MakeField control={form.control} name="make" /> : null}
      {asks ? amountField(form.control, shop.unit, planned, live) : null}
      {asked ? (
        <Question
          yes="Keep"
          no="Discard it"
          onYes={() => void keep(asked.taken_mm)}
          onNo={() => form.setValue('amount', '')}
        >
          {say('measure.isItRight', { doubt: asked.why })}
        </Question>
      ) : null}
      {failed ? <Notice kind="error">{failed}</Notice> : null}
      {asked ? null : (
        <Button
          mode={isBlind ? 'outlined' : 'contained'}
          contentStyle={{ minHeight: 52 }}
          onPress={() => void save()}
        >
          Done
        </Button>
      )}
    </View>
  );
}

/** How much it really was, and between what it has to lie. */
function amountField(
  control: Control<{ amount: string; make: string }>,
  unit: ShopUnit,
  planned: Pick<PlannedOperation, 'amount_mm' | 'from_mm' | 'to_mm'> | null,
  live: ListPlan,
): ReactNode {
  return (
    <>
      <Field
        control={control}
        name="amount"
        label={sayDecide('rework.amount', { unit })}
        placeholder="Leave empty if nobody measured it"
      />
      {planned && !live.busy ? (
        <Words size="note" tone="muted">
          {sayDecide('rework.amountRange', {
            from: formatLength(planned.from_mm, 'gap', unit),
            to: formatLength(planned.to_mm, 'gap', unit),
            amount: formatLength(planned.amount_mm, 'gap', unit),
          })}
        </Words>
      ) : null}
    </>
  );
}
