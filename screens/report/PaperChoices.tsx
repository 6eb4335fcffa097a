import { useState } from 'react';
import { Image, Pressable, StyleSheet, View } from 'react-native';
import { onPaper } from '@/core/commands/reporting';
import { trimmed } from '@/core/quantity/format';
import { say } from '@/core/wording/say';
import { parseSum } from '@/core/quantity/parse';
import type { Job } from '@/core/records/job';
import { MOST_ON_PAPER } from '@/core/records/paper';
import { nextLook, photosChosen } from '@/core/report/around';
import { sayReport } from '@/core/report/sayReport';
import { dayOf } from '@/core/schema/dates';
import { useRecord } from '@/data/hooks';
import { announce } from '@/ui/announce';
import { layout } from '@/ui/layout';
import { Notice } from '@/ui/Notice';
import { RowButton } from '@/ui/RowButton';
import { usePalette } from '@/ui/theme';
import { Words } from '@/ui/Words';
import { useCommand } from '../job/useCommand';
import { TypedForm, type Typed } from '../shell/TypedForm';

interface Props {
  readonly job: Job;
}

/** The photos of the job; those that are chosen go on its report. */
export function PhotoChoice({ job }: Props) {
  const [open, setOpen] = useState(false);
  const { run, error } = useCommand(job);
  const chosen = photosChosen(job);
  if (job.photos.length === 0) return null;
  const isFull = chosen.length >= MOST_ON_PAPER;
  const turn = (id: string) => {
    const has = chosen.includes(id);
    if (!has && isFull) return announce(sayReport('report.mostPhotos', { most: MOST_ON_PAPER }));
    const photos = has ? chosen.filter((one) => one !== id) : [...chosen, id];
    return void run(onPaper({ photos }));
  };
  return (
    <View style={layout.stack}>
      <RowButton
        name="Photos on the report"
        about={sayReport('report.photosChosen', {
          count: chosen.length,
          all: job.photos.length,
        })}
        open={open}
        onPress={() => setOpen(!open)}
      />
      {error ? <Notice kind="error">{error}</Notice> : null}
      {open && isFull ? (
        <Words>{sayReport('report.mostPhotos', { most: MOST_ON_PAPER })}</Words>
      ) : null}
      {open ? (
        <View style={layout.wrap}>
          {job.photos.map(({ id }, i) => (
            <PhotoTap
              key={id}
              id={id}
              number={i + 1}
              isChosen={chosen.includes(id)}
              onPress={() => turn(id)}
            />
          ))}
        </View>
      ) : null}
    </View>
  );
}

interface TapProps {
  readonly id: string;
  readonly number: number;
  readonly isChosen: boolean;
  readonly onPress: () => void;
}

/** A photo that goes on the report, or does not. */
function PhotoTap({ id, number, isChosen, onPress }: TapProps) {
  const palette = usePalette();
  const { data } = useRecord('photo', id);
  return (
    <Pressable
      role="checkbox"
      aria-checked={isChosen}
      aria-label={sayReport('report.photo', { number })}
      onPress={onPress}
      style={[
        styles.tap,
        { borderColor: isChosen ? palette.blue : palette.line, borderWidth: isChosen ? 3 : 1 },
      ]}
    >
      {data ? (
        <Image source={{ uri: data.jpeg }} style={styles.photo} aria-hidden />
      ) : (
        <Words size="note">lost</Words>
      )}
      <Words size="note" strong={isChosen} tone={isChosen ? 'blue' : 'muted'}>
        {isChosen ? 'on it' : 'not on it'}
      </Words>
    </Pressable>
  );
}

const ahead = (text: string): string | null | undefined => dayOf(text, new Date());

/** Returns what is wrong with when the pump is looked at next, by field. */
function faultsOf({ used = '', day = '' }: Typed): Record<string, string> {
  const count = parseSum(used);
  return {
    ...(count === null || (count >= 0 && count <= 1e8)
      ? {}
      : { used: sayReport('report.noCount', { text: used.trim() }) }),
    ...(ahead(day) === undefined ? { day: say('quantity.noDay') } : {}),
  };
}

/** When the pump is to be looked at next: by the machine’s own count, on a day, or whichever comes first. */
export function NextLook({ job }: Props) {
  const [open, setOpen] = useState(false);
  const { run, error } = useCommand(job);
  const { nextUsed, nextDay } = job.paper;
  const keep = async ({ used = '', day = '' }: Typed) => {
    const kept = await run(onPaper({ nextUsed: parseSum(used), nextDay: ahead(day) ?? null }));
    if (kept) setOpen(false);
    return kept;
  };
  return (
    <View style={layout.stack}>
      <RowButton
        name="When to look at it next"
        about={nextLook(job) || 'nothing said'}
        open={open}
        onPress={() => setOpen(!open)}
      />
      {open ? (
        <TypedForm
          draft={`next-look-${job.id}`}
          fields={[
            {
              name: 'used',
              label: sayReport('report.atUsed', { unit: job.usedUnit }),
              inputMode: 'decimal',
            },
            { name: 'day', label: 'On the day' },
          ]}
          stored={{ used: nextUsed === null ? '' : trimmed(nextUsed, 1), day: nextDay ?? '' }}
          error={error}
          faults={faultsOf}
          answers={[{ name: 'Save', keep }]}
        />
      ) : null}
    </View>
  );
}

const styles = StyleSheet.create({
  tap: { borderRadius: 6, padding: 4, alignItems: 'center', gap: 2 },
  photo: { width: 88, height: 88, borderRadius: 4 },
});
