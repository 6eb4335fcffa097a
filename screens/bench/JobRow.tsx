import { StyleSheet, View } from 'react-native';
import { dayText } from '@/core/schema/moments';
import { VERDICT_SHORT } from '@/core/wording/verdictWord';
import type { ListedJob } from '@/data/summaries';
import { STAGE_NAME } from '../job/stages';
import { waitingWords } from './search';
import { PumpSign } from '../shell/PumpSign';
import { LinkBox } from '@/ui/LinkBox';
import { chosenRow } from '@/ui/Beside';
import { PinRing, VERDICT_TONE } from '@/ui/PinRing';
import { usePalette } from '@/ui/theme';
import { useRoom } from '@/ui/useWidth';
import { dayWords, dueDay } from '@/ui/when';
import { Words } from '@/ui/Words';
import { say } from '@/core/wording/say';

/** When it is wanted; a job that is closed is not waited for. */
function dueWords({ due, closed }: ListedJob): string {
  if (!due || closed) return '';
  const late = due < dayText(new Date());
  return say(late ? 'bench.overdueSince' : 'bench.dueOn', { day: dueDay(due) });
}

/** When somebody looks at it again; empty where nobody said. */
function againWords({ again }: ListedJob): string {
  if (!again) return '';
  const late = again < dayText(new Date());
  return say(late ? 'bench.againSince' : 'bench.againOn', { day: dueDay(again) });
}

/** The least height of a row, in px. */
export const ROW = 76;

interface Props {
  readonly job: ListedJob;
  /** Whether it is the one shown beside the list; undefined where nothing is beside it, and a touch opens the job. */
  readonly chosen?: boolean | undefined;
  /** Where it says what is looked for, beyond what this line shows. */
  readonly found?: string | undefined;
}

/** A job on the bench: whose, what, how far, and what is next. */
export function JobRow({ job, chosen, found }: Props) {
  const palette = usePalette();
  const { tiny } = useRoom();
  const decided = job.judged - job.open;
  return (
    <View role="listitem">
      <LinkBox
        href={chosen === undefined ? `/job/${job.id}/${job.stage}` : `/?job=${job.id}`}
        replace={chosen !== undefined}
        current={chosen ? 'page' : undefined}
        style={[styles.row, { borderBottomColor: palette.line }, chosenRow(chosen, palette)]}
      >
        {tiny ? null : <PumpSign pump={job.pump} job={job.id} />}
        <View style={styles.words}>
          <View style={[styles.top, tiny && styles.column]}>
            <Words size="strong" strong numberOfLines={1} style={tiny ? null : styles.tag}>
              {job.tag}
            </Words>
            <Words numberOfLines={1} style={styles.shrink}>
              {[job.unit, job.model].filter(Boolean).join(' · ')}
            </Words>
          </View>
          {tiny ? null : (
            <Words size="note" tone="muted" numberOfLines={1}>
              {[dueWords(job), job.owner, dayWords(job.lastAt)].filter(Boolean).join(' · ')}
            </Words>
          )}
          <Words
            size="note"
            tone={job.open > 0 ? 'blue' : 'muted'}
            numberOfLines={tiny ? 1 : undefined}
          >
            {job.closed
              ? say('bench.closed', { why: job.closed })
              : [
                  waitingWords(job),
                  againWords(job),
                  STAGE_NAME[job.stage],
                  job.nextStep && say('bench.next', { check: job.nextStep }),
                  job.state === 'stale'
                    ? 'being recalculated'
                    : job.judged === 0
                      ? 'no limits'
                      : say('bench.decided', { decided, all: job.judged }),
                ]
                  .filter(Boolean)
                  .join(' · ')}
          </Words>
          {found ? (
            <Words size="note" strong numberOfLines={2}>
              {found}
            </Words>
          ) : null}
        </View>
        <View style={styles.verdict}>
          <PinRing verdict={job.worst} size={tiny ? 20 : 28} />
          <Words size="note" strong tone={VERDICT_TONE[job.worst]}>
            {job.closed
              ? 'Closed'
              : job.state === 'stale'
                ? '…'
                : job.judged === 0
                  ? 'Recorded'
                  : VERDICT_SHORT[job.worst]}
          </Words>
        </View>
      </LinkBox>
    </View>
  );
}

const styles = StyleSheet.create({
  row: {
    flexDirection: 'row',
    alignItems: 'center',
    gap: 12,
    minHeight: ROW,
    borderBottomWidth: 1,
    paddingVertical: 8,
  },
  words: { flex: 1, minWidth: 0, gap: 1 },
  top: { flexDirection: 'row', gap: 8, alignItems: 'baseline' },
  column: { flexDirection: 'column', gap: 0 },
  tag: { flexShrink: 0, maxWidth: '60%' },
  verdict: { alignItems: 'center', minWidth: 52 },
  shrink: { flexShrink: 1 },
});
