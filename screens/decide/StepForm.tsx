import { useState } from 'react';
import { useForm } from 'react-hook-form';
import { View } from 'react-native';
import { carryOut } from '@/core/commands/deciding';
import { InputError } from '@/core/errors';
import { amountUncertainty } from '@/core/instruments/gauges';
import { formatLength } from '@/core/quantity/format';
import { parseReading } from '@/core/quantity/parse';
import { bareUnit } from '@/core/quantity/units';
import type { PlanStep } from '@/core/records/rework';
import { bushingWork } from '@/core/rework/bushing';
import { movesBySize, type Offer } from '@/core/rework/offers';
import { afterWords, offerTitle, stepWords } from '@/core/wording/planStep';
import { say } from '@/core/wording/say';
import { Button } from '@/ui/Button';
import { Field } from '@/ui/Field';
import { Notice } from '@/ui/Notice';
import { Words } from '@/ui/Words';
import { useCommand } from '../job/useCommand';
import { BushingAdvice, type Finished } from './BushingAdvice';
import type { Deciding } from './useDeciding';

interface Props {
  readonly deciding: Deciding;
  readonly step: PlanStep;
  readonly offer: Offer;
}

/** One step to carry out: what to do and how to check on the way, then how much it really was. */
export function StepForm({ deciding, step, offer }: Props) {
  const { job, shop, rework, all } = deciding;
  const { unit } = shop;
  const { run, error } = useCommand(job);
  const { control, handleSubmit, setError } = useForm({ defaultValues: { amount: '' } });
  const { tool, check, caution } = offer.terms;
  const { amount_mm, from_mm, to_mm } = step;
  const planned =
    amount_mm === null || from_mm === null || to_mm === null
      ? null
      : { offer, need: null, id: offer.id, amount_mm, from_mm, to_mm };
  const bushing = bushingWork(rework, all, offer);
  const [finished, setFinished] = useState<Finished>({ groove: false, vent: false });
  const [missing, setMissing] = useState(false);
  const asks = planned !== null && movesBySize(offer);
  const save = handleSubmit(async ({ amount }) => {
    if (bushing?.hub && !(finished.groove && finished.vent)) return setMissing(true);
    try {
      const typed = asks && amount.trim() !== '';
      const taken = typed ? parseReading(amount, 'gap', bareUnit('gap', unit)).mm : null;
      const [part = ''] = offer.parts;
      const u_mm = amountUncertainty(job, { instruments: shop.instruments, zeros: [] }, part);
      await run(carryOut(offer, step.id, taken, u_mm));
    } catch (problem) {
      if (!(problem instanceof InputError)) throw problem;
      setError('amount', { message: problem.message }, { shouldFocus: true });
    }
  });
  return (
    <View style={{ gap: 8 }}>
      <Words size="title">
        {[`${offerTitle(offer)}.`, planned ? stepWords(planned, unit) : ''].join(' ')}
      </Words>
      <Words>
        {[
          ...offer.along.map(({ kind }) => `${kind.order}.`),
          tool && `${tool}.`,
          check,
          afterWords(rework, all, { offer }),
        ]
          .filter(Boolean)
          .join(' ')}
      </Words>
      {caution ? <Notice kind="caution">{caution}</Notice> : null}
      {bushing ? (
        <BushingAdvice
          {...{ deciding, finished, missing }}
          work={bushing}
          onFinished={setFinished}
        />
      ) : null}
      {asks && planned ? (
        <>
          <Field
            control={control}
            name="amount"
            label={say('rework.amount', { unit })}
            placeholder="Leave empty if nobody measured it"
          />
          <Words size="note" tone="muted">
            {say('rework.amountRange', {
              from: formatLength(planned.from_mm, 'gap', unit),
              to: formatLength(planned.to_mm, 'gap', unit),
              amount: formatLength(planned.amount_mm, 'gap', unit),
            })}
          </Words>
        </>
      ) : null}
      {error ? <Notice kind="error">{error}</Notice> : null}
      <Button mode="contained" contentStyle={{ minHeight: 52 }} onPress={() => void save()}>
        Done
      </Button>
    </View>
  );
}
