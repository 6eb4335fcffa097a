import { StyleSheet, View } from 'react-native';
import type { PageCheck, PageSection, ReportPage } from '@/core/report/page';
import { handWords, type Report } from '@/core/report/report';
import { SECTION_TITLE } from '@/core/report/titles';
import { say } from '@/core/wording/say';
import { layout } from '@/ui/layout';
import { PinRing, VERDICT_TONE } from '@/ui/PinRing';
import { type Palette, usePalette } from '@/ui/theme';
import { Heading, Words } from '@/ui/Words';

interface Props {
  readonly report: Report;
  readonly page: ReportPage;
  /** Its sentence stands over it already. */
  readonly headed?: boolean;
}

/** The report, as it is read on the screen and printed: the answer, then its parts in the order in which they are read. */
export function ReportPaper({ report, page, headed = false }: Props) {
  const palette = usePalette();
  const [verdict, test] = page.sentences;
  return (
    <View style={layout.stack}>
      <View style={styles.head}>
        <PinRing verdict={report.overall.verdict} size={44} />
        <View style={layout.grow}>
          {headed ? null : <Heading size="title">{verdict}</Heading>}
          {headed ? null : <Words strong>{test}</Words>}
          <Heading size="strong">{report.title}</Heading>
          <Words tone="muted">{report.pump}</Words>
        </View>
      </View>
      {page.sections.map((section) =>
        section.id === 'measured' ? (
          <Measured key="measured" palette={palette} report={report} page={page} />
        ) : (
          <Part key={section.id} section={section} />
        ),
      )}
      {page.form === 'full' ? <Grounds report={report} /> : null}
      {page.notes.map((note) => (
        <Words key={note} size="note" tone="muted">
          {note}
        </Words>
      ))}
    </View>
  );
}

/** One part of the report: its rows, named at their side where they are. */
function Part({ section: { id, rows } }: { readonly section: PageSection }) {
  if (rows.length === 0) return null;
  return (
    <View>
      <Heading>{SECTION_TITLE[id]}</Heading>
      {rows.map(([label = '', value], i) =>
        value === undefined ? (
          <Words key={label}>{label}</Words>
        ) : (
          <View key={`${i} ${value}`} style={layout.row}>
            <Words tone="muted" style={styles.label}>
              {label}
            </Words>
            <Words style={layout.grow}>{value}</Words>
          </View>
        ),
      )}
    </View>
  );
}

interface MeasuredProps extends Pick<Props, 'report' | 'page'> {
  readonly palette: Palette;
}

/** The checks that are told one by one, and a line for the others. */
function Measured({ palette, report, page: { checks, others, form } }: MeasuredProps) {
  return (
    <View style={layout.stack}>
      <Heading>{SECTION_TITLE.measured}</Heading>
      {checks.length > 0 ? (
        <View role="table" aria-label={SECTION_TITLE.measured}>
          <View role="row" style={[styles.row, { borderColor: palette.line }]}>
            <Words role="columnheader" size="note" tone="muted" style={layout.grow}>
              Check and verdict
            </Words>
            <Words role="columnheader" size="note" tone="muted">
              Measured and limit
            </Words>
          </View>
          {checks.map((check) => (
            <Check key={check.name} palette={palette} check={check} isFull={form === 'full'} />
          ))}
        </View>
      ) : null}
      {others ? <Words>{others}</Words> : null}
      {form === 'full' ? <Words>{report.measured}</Words> : null}
    </View>
  );
}

interface CheckProps {
  readonly palette: Palette;
  readonly check: PageCheck;
  readonly isFull: boolean;
}

/** A check: its verdict and why, what it is and was, and its limit. */
function Check({ palette, check, isFull }: CheckProps) {
  const { name, before, now, predicted, limits, hot, verdict, word, reason } = check;
  return (
    <View role="row" style={[styles.row, { borderColor: palette.line }]}>
      <PinRing verdict={verdict} size={24} />
      <View role="rowheader" style={layout.grow}>
        <Words strong>{name}</Words>
        <Words size="note">
          <Words size="note" strong tone={VERDICT_TONE[verdict]}>
            {word}.{' '}
          </Words>
          {isFull ? reason : ''}
        </Words>
      </View>
      <View role="cell" style={styles.figures}>
        <Words strong style={styles.right}>
          {now}
        </Words>
        {before ? <Words size="note">{say('report.was', { value: before })}</Words> : null}
        {predicted && isFull ? (
          <Words size="note">{say('report.predicted', { value: predicted })}</Words>
        ) : null}
        <Words size="note" tone="muted">
          {say('report.limit', { limits })}
        </Words>
        {hot && isFull ? (
          <Words size="note" tone="muted">
            {say('report.hot', { gap: hot })}
          </Words>
        ) : null}
      </View>
    </View>
  );
}

/** Who measured with what, how the instruments stood, and what was struck out. */
function Grounds({ report }: Pick<Props, 'report'>) {
  return (
    <>
      <Heading>Measured by</Heading>
      {report.hands.length === 0 ? <Words>No reading yet.</Words> : null}
      {report.hands.map((h) => (
        <Words key={`${h.who} ${h.instrument}`}>{handWords(h)}</Words>
      ))}
      {report.zeros.length > 0 ? <Heading>Zero checks</Heading> : null}
      {report.zeros.map((words) => (
        <Words key={words} size="note">
          {words}
        </Words>
      ))}
      {report.struck.length > 0 ? <Heading>Struck out, not used</Heading> : null}
      {report.struck.map((words, i) => (
        <Words key={i} size="note">
          {words}
        </Words>
      ))}
    </>
  );
}

const styles = StyleSheet.create({
  head: { flexDirection: 'row', gap: 12, alignItems: 'center' },
  label: { width: 120 },
  row: {
    flexDirection: 'row',
    gap: 10,
    borderBottomWidth: 1,
    paddingVertical: 6,
    alignItems: 'flex-start',
  },
  figures: { alignItems: 'flex-end', maxWidth: '46%' },
  right: { textAlign: 'right' },
});
