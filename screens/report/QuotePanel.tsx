import { View } from 'react-native';
import { dropQuote, noteQuote } from '@/core/commands/reporting';
import { quoteOf } from '@/core/journal/signed';
import { trimmed } from '@/core/quantity/format';
import { countIn } from '@/core/quantity/parse';
import { quote as quoteKind, type QuoteEntry, type QuoteState } from '@/core/records/entries/quote';
import type { Job } from '@/core/records/job';
import { planSum } from '@/core/report/quote';
import { sayReport } from '@/core/report/sayReport';
import { faultsIn } from '@/core/schema/faultsIn';
import { dayText } from '@/core/schema/moments';
import { Button } from '@/ui/Button';
import { layout } from '@/ui/layout';
import { Notice } from '@/ui/Notice';
import { RowLink } from '@/ui/RowLink';
import { Words } from '@/ui/Words';
import { useCommand } from '../job/useCommand';
import { TypedForm, type Typed } from '../shell/TypedForm';

interface Props {
  readonly job: Job;
}

/** No price and no time is more. */
const MOST = { price: 1e7, days: 400 } as const;

/** Returns what is wrong with words that the record has no room for, by field. */
const tooLong = (said: Partial<Pick<QuoteEntry, 'name' | 'remark'>>): Record<string, string> =>
  faultsIn(quoteKind.schema.fields, said);

/** What is asked of the customer: the price and the days, and what he says to it. */
export function QuotePanel({ job }: Props) {
  const { run, error } = useCommand(job);
  const quote = quoteOf(job);
  return (
    <View style={layout.stack}>
      {error ? <Notice kind="error">{error}</Notice> : null}
      {quote?.state === 'asked' ? <Answer job={job} quote={quote} /> : null}
      {quote ? (
        <Button mode="text" onPress={() => void run(dropQuote(quote.id))}>
          {quote.state === 'asked' ? 'Take the quote back' : 'Take the answer back'}
        </Button>
      ) : (
        <Ask job={job} />
      )}
    </View>
  );
}

/** The price and the days, as the plan has them until somebody says otherwise. */
function Ask({ job }: Props) {
  const { run, error } = useCommand(job);
  const sum = planSum(job);
  const stored = {
    price: sum ? trimmed(sum.price, 2) : '',
    days: sum ? trimmed(sum.days, 1) : '',
    remark: '',
  };
  const faults = ({ price = '', days = '', remark = '' }: Typed): Record<string, string> => ({
    ...tooLong({ remark }),
    ...(countIn(price, MOST.price) === undefined
      ? { price: sayReport('report.noPrice', { text: price.trim() }) }
      : {}),
    ...(countIn(days, MOST.days) === undefined
      ? { days: sayReport('report.noDays', { text: days.trim() }) }
      : {}),
  });
  const keep = ({ price = '', days = '', remark = '' }: Typed) =>
    run(
      noteQuote({
        state: 'asked',
        price: countIn(price, MOST.price) ?? null,
        days: countIn(days, MOST.days) ?? null,
        name: '',
        date: dayText(new Date()),
        remark: remark.trim(),
      }),
    );
  return (
    <View style={layout.stack}>
      {sum ? (
        <Words size="note" tone="muted">
          {sayReport('report.priceFrom')}
        </Words>
      ) : (
        <RowLink
          href={`/job/${job.id}/decide`}
          name="Choose a plan in Decide"
          about="its work, price and days go on the quote"
        />
      )}
      <TypedForm
        draft={`quote-${job.id}`}
        fields={[
          { name: 'price', label: 'Price', inputMode: 'decimal' },
          { name: 'days', label: 'Days until it is ready', inputMode: 'decimal' },
          { name: 'remark', label: 'Anything to add', isWide: true },
        ]}
        stored={stored}
        error={error}
        faults={faults}
        answers={[{ name: 'Ask the customer', keep }]}
      />
    </View>
  );
}

interface AnswerProps extends Props {
  readonly quote: QuoteEntry;
}

/** Who answered and what. */
function Answer({ job, quote }: AnswerProps) {
  const { run, error } = useCommand(job);
  const { price, days } = quote;
  const keep =
    (state: QuoteState) =>
    ({ name = '', remark = '' }: Typed) =>
      run(
        noteQuote({
          state,
          price,
          days,
          name: name.trim(),
          date: dayText(new Date()),
          remark: remark.trim(),
        }),
      );
  return (
    <TypedForm
      draft={`answer-${job.id}`}
      fields={[
        { name: 'name', label: 'Who answered' },
        { name: 'remark', label: 'What was said', isWide: true },
      ]}
      stored={{ name: job.owner, remark: '' }}
      error={error}
      faults={({ name = '', remark = '' }): Record<string, string> => ({
        ...tooLong({ name, remark }),
        ...(name.trim() === '' ? { name: sayReport('report.whoAnswered') } : {}),
      })}
      answers={[
        { name: 'Approved', keep: keep('approved') },
        { name: 'Declined', keep: keep('declined') },
      ]}
    />
  );
}
