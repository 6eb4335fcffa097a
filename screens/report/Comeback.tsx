import { useQueryClient } from '@tanstack/react-query';
import { useRouter } from 'expo-router';
import { useState } from 'react';
import { View } from 'react-native';
import { dropComeback, nameComeback, noteComeback } from '@/core/commands/returning';
import { reasonOf } from '@/core/errors';
import { sayHistory } from '@/core/history/say';
import { takenCauses } from '@/core/journal/blamed';
import { comebackOf, wentOutOn } from '@/core/journal/comebacks';
import { countIn } from '@/core/quantity/parse';
import { comeback, type ComebackEntry } from '@/core/records/entries/comeback';
import type { Job } from '@/core/records/job';
import { dayOf } from '@/core/schema/dates';
import { faultsIn } from '@/core/schema/faultsIn';
import { dayText } from '@/core/schema/moments';
import { dateText } from '@/core/wording/date';
import { paragraph, sentence } from '@/core/wording/say';
import { takeInAgain } from '@/data/createVisit';
import { KEYS, useRecord, useShop } from '@/data/hooks';
import { Button } from '@/ui/Button';
import { layout } from '@/ui/layout';
import { RowButton } from '@/ui/RowButton';
import { RowLink } from '@/ui/RowLink';
import { Words } from '@/ui/Words';
import { useCommand } from '../job/useCommand';
import { TypedForm, type Typed } from '../shell/TypedForm';

interface Props {
  readonly job: Job;
}

/** That the pump of a job came back after it went out: when, with what, and what it was in the end. */
export function Comeback({ job }: Props) {
  const [isOpen, setIsOpen] = useState(false);
  const back = comebackOf(job);
  const out = wentOutOn(job);
  if (back) return <CameBack job={job} back={back} />;
  if (out === null) return null;
  return (
    <>
      <RowButton
        name="It came back"
        about="a second visit of the same pump, with what was measured now as its before"
        open={isOpen}
        onPress={() => setIsOpen(!isOpen)}
      />
      {isOpen ? <Form job={job} out={out} /> : null}
    </>
  );
}

const utcDay = (day: string): string => dateText(day, 'utc day');

/** No machine counts further. */
const MOST_USED = 1e8;

/** Returns what is wrong with the day on which a pump came back; empty where nothing is. */
function dayFault(text: string, out: string): string {
  const today = new Date();
  const day = dayOf(text, today);
  if (day === null) return sayHistory('history.noDay');
  if (day === undefined) return sayHistory('history.notADay', { text: text.trim() });
  if (day > dayText(today)) return sayHistory('history.later');
  return day < out ? sayHistory('history.beforeOut', { day: utcDay(out) }) : '';
}

/** Returns what is wrong with what was typed, by field. */
function faultsOf({ date = '', used = '', complaint = '' }: Typed, out: string) {
  const day = dayFault(date, out);
  const count = countIn(used, MOST_USED);
  const fields = comeback.schema.fields;
  return {
    ...faultsIn(fields, { complaint: complaint.trim() }),
    ...(count === undefined
      ? { used: sayHistory('history.notACount', { text: used.trim() }) }
      : {}),
    ...(day ? { date: day } : {}),
  };
}

/** When it came back, after how much, and with what: taken in again, or only noted. */
function Form({ job, out }: Props & { readonly out: string }) {
  const router = useRouter();
  const client = useQueryClient();
  const shop = useShop();
  const { run, error } = useCommand(job);
  const [failed, setFailed] = useState<string | null>(null);
  const read = ({ date = '', used = '', complaint = '' }: Typed) => ({
    date: dayOf(date, new Date()) ?? '',
    used: countIn(used, MOST_USED) ?? null,
    complaint: complaint.trim(),
  });
  const note = (typed: Typed) =>
    run(noteComeback({ ...read(typed), cause: '', words: '', visit: '' }));
  const takeIn = async (typed: Typed) => {
    try {
      const visit = await takeInAgain(job.id, read(typed), shop);
      await client.invalidateQueries({ queryKey: KEYS.record('job', job.id) });
      await client.invalidateQueries({ queryKey: KEYS.summaries });
      router.push(`/job/${visit}/tag`);
      return true;
    } catch (problem) {
      setFailed(reasonOf(problem));
      return false;
    }
  };
  return (
    <TypedForm
      draft={`back/${job.id}`}
      fields={[
        { name: 'date', label: 'Came back on' },
        {
          name: 'used',
          label: sayHistory('history.runByThen', { unit: job.usedUnit }),
          inputMode: 'decimal',
        },
        { name: 'complaint', label: 'Complaint', isWide: true },
      ]}
      stored={{ date: dayText(new Date()), used: '', complaint: '' }}
      error={error ?? failed}
      faults={(typed) => faultsOf(typed, out)}
      answers={[
        { name: 'Take it in again', keep: takeIn },
        { name: 'Only note it', keep: note },
      ]}
    />
  );
}

/** What was said of a pump that came back, and what it was in the end. */
function CameBack({ job, back }: Props & { readonly back: ComebackEntry }) {
  const { run, error } = useCommand(job);
  const { data: second } = useRecord('job', back.visit);
  const { date, used, complaint, words } = back;
  const day = utcDay(date);
  const [found] = second ? takenCauses(second) : [];
  const cause = found?.words ?? '';
  return (
    <View style={layout.stack}>
      <Words strong>
        {used === null
          ? sayHistory('history.cameBack', { day })
          : sayHistory('history.cameBackUsed', { day, used, unit: job.usedUnit })}
      </Words>
      <Words>
        {paragraph(
          complaint ? sentence(sayHistory('history.complaint', { complaint })) : '',
          words ? sentence(sayHistory('history.itWas', { words })) : sayHistory('history.unknown'),
        )}
      </Words>
      {second ? (
        <RowLink
          href={`/job/${second.id}/${second.stage}`}
          name={sayHistory('history.secondVisit', {
            number: second.visit?.number ?? 2,
            tag: second.tag,
          })}
          about="open it"
        />
      ) : null}
      {cause && cause !== words ? (
        <>
          <Words>{sentence(sayHistory('history.suggested', { words: cause }))}</Words>
          <Button
            mode="outlined"
            onPress={() => void run(nameComeback({ cause: found?.cause ?? '', words: cause }))}
          >
            Take that over
          </Button>
        </>
      ) : null}
      <TypedForm
        key={words}
        draft={`was/${job.id}`}
        fields={[{ name: 'words', label: 'What it was in the end', isWide: true }]}
        stored={{ words }}
        error={error}
        faults={({ words: typed = '' }) =>
          faultsIn(comeback.schema.fields, { words: typed.trim() })
        }
        answers={[
          {
            name: 'Keep it',
            keep: ({ words: typed = '' }) => run(nameComeback({ cause: '', words: typed.trim() })),
          },
        ]}
        other={{ name: 'It did not come back', onPress: () => void run(dropComeback) }}
      />
    </View>
  );
}
