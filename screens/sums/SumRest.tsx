import { useRouter } from 'expo-router';
import { useState } from 'react';
import { View } from 'react-native';
import { exampleOf } from '@/core/sums/example';
import { toLink } from '@/core/sums/link';
import { ROOM_SUMS, type RoomSum } from '@/core/sums/list';
import { pathOf } from '@/core/sums/path';
import { sayRoom } from '@/core/sums/room';
import type { Sum } from '@/core/sums/sum';
import { untouched } from '@/core/sums/workOut';
import { paragraph, spelled } from '@/core/wording/say';
import { announce } from '@/ui/announce';
import { FootButton } from '@/ui/FootButton';
import { FootRow } from '@/ui/FootRow';
import { RowButton } from '@/ui/RowButton';
import { RowLink } from '@/ui/RowLink';
import { Heading, Words } from '@/ui/Words';
import { layout } from '@/ui/layout';
import { Figures, Most } from './SumAnswer';
import { SumPaper } from './SumPaper';
import { type JobOf } from './useJobOf';
import { type SumState } from './useSum';
import { KeepWithJob, PickJob } from './WithJob';

interface PartProps {
  readonly sum: Sum;
  readonly state: SumState;
}

interface RestProps extends PartProps {
  readonly listed: RoomSum;
  readonly of: JobOf | null;
  readonly stage: string;
}

/** What stands beneath question and answer: what would change it, figures, how it is worked out, and the way on. */
export function Rest({ listed, sum, state, of, stage }: RestProps) {
  const router = useRouter();
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
      {of ? (
        <KeepWithJob listed={listed} sum={sum} state={state} of={of} stage={stage} />
      ) : (
        <PickJob
          onPick={(job) =>
            router.replace(pathOf(listed.id, withJob(sum, state, job)) as '/sums/[id]')
          }
        />
      )}
      <Foot listed={listed} sum={sum} state={state} forJob={of !== null} />
      <SumPaper name={listed.name} sum={sum} state={state} />
    </>
  );
}

/** The address of a sum for a job: what was typed comes along, an example does not. */
function withJob(sum: Sum, { typed, unit, isExample }: SumState, job: string): string {
  const usual = untouched(sum, unit);
  const own = Object.entries(typed).filter(
    ([at, { text }]) => !isExample && text !== usual[at]?.text,
  );
  const parameters = new URLSearchParams(toLink(Object.fromEntries(own), unit));
  parameters.set('job', job);
  return parameters.toString();
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

interface FootProps extends PartProps {
  readonly listed: RoomSum;
  /** Nothing made up is kept with a job. */
  readonly forJob: boolean;
}

/** A link that holds what was typed, an example, and an empty form. */
function Foot({ listed, sum, state, forJob }: FootProps) {
  const { typed, unit, clear, showExample, bringBack } = state;
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
        {forJob ? null : (
          <FootButton low name={sayRoom('example')} onPress={() => showExample(exampleOf(sum))} />
        )}
        {bringBack ? (
          <FootButton low name={sayRoom('back')} onPress={bringBack} />
        ) : (
          <FootButton low name={sayRoom('clear')} onPress={clear} />
        )}
      </FootRow>
    </View>
  );
}
