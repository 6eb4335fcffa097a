import { handWords, withUnit, type Report } from '@/core/report/report';
import { PinRing, VERDICT_TONE } from '@/ui/PinRing';
import { StyleSheet, View } from 'react-native';
import { type Palette, usePalette } from '@/ui/theme';
import { Heading, Words } from '@/ui/Words';
import { say } from '@/core/wording/say';
import { layout } from '@/ui/layout';

interface Props {
  readonly report: Report;
  /** Its sentence stands over it already. */
  readonly headed?: boolean;
}

/** The one page, as it is read on the screen and printed. */
export function ReportPaper({ report, headed = false }: Props) {
  const palette = usePalette();
  return (
    <View style={layout.stack}>
      <View style={styles.head}>
        <PinRing verdict={report.overall.verdict} size={44} />
        <View style={layout.grow}>
          {headed ? null : <Heading size="title">{report.overall.words}</Heading>}
          <Heading size="strong">{report.title}</Heading>
          <Words tone="muted">{report.pump}</Words>
        </View>
      </View>
      <View>
        {report.facts.map(([label, value]) => (
          <View key={label} style={layout.row}>
            <Words tone="muted" style={styles.label}>
              {label}
            </Words>
            <Words style={layout.grow}>{value}</Words>
          </View>
        ))}
      </View>
      <Heading>Clearances and sizes</Heading>
      {checks(palette, report)}
      {report.sections.map(({ title, lines }) => (
        <View key={title}>
          <Heading>{title}</Heading>
          {lines.map((words) => (
            <Words key={words}>{words}</Words>
          ))}
        </View>
      ))}
      <Words>{report.measured}</Words>
      <Heading>Measured by</Heading>
      {report.hands.length === 0 ? <Words>No reading yet.</Words> : null}
      {report.hands.map((h) => (
        <Words key={`${h.who} ${h.instrument}`}>{handWords(h)}</Words>
      ))}
      {report.zeros.length > 0 ? (
        <>
          <Heading>Zero checks</Heading>
          {report.zeros.map((words) => (
            <Words key={words} size="note">
              {words}
            </Words>
          ))}
        </>
      ) : null}
      {report.struck.length > 0 ? (
        <>
          <Heading>Struck out, not used</Heading>
          {report.struck.map((words, i) => (
            <Words key={i} size="note">
              {words}
            </Words>
          ))}
        </>
      ) : null}
      {report.notes.map((note) => (
        <Words key={note} size="note" tone="muted">
          {note}
        </Words>
      ))}
    </View>
  );
}

const styles = StyleSheet.create({
  head: { flexDirection: 'row', gap: 12, alignItems: 'center' },
  label: { width: 84 },
  row: {
    flexDirection: 'row',
    gap: 10,
    borderBottomWidth: 1,
    paddingVertical: 6,
    alignItems: 'flex-start',
  },
  figures: { alignItems: 'flex-end', maxWidth: '42%' },
  right: { textAlign: 'right' },
});

/** The table of checks: what was measured, the limit and the verdict of each. */
function checks(palette: Palette, report: Report) {
  return (
    <View role="table" aria-label="Clearances and sizes">
      <View role="row" style={[styles.row, { borderColor: palette.line }]}>
        <Words role="columnheader" size="note" tone="muted" style={layout.grow}>
          Check and verdict
        </Words>
        <Words role="columnheader" size="note" tone="muted">
          Measured and limit
        </Words>
      </View>
      {report.rows.map((row) => (
        <View key={row.name} role="row" style={[styles.row, { borderColor: palette.line }]}>
          <PinRing verdict={row.verdict} size={24} />
          <View role="rowheader" style={layout.grow}>
            <Words strong>{row.name}</Words>
            <Words size="note">
              <Words size="note" strong tone={VERDICT_TONE[row.verdict]}>
                {row.word}.{' '}
              </Words>
              {row.reason}
            </Words>
          </View>
          <View role="cell" style={styles.figures}>
            <Words strong style={styles.right}>
              {withUnit(row.evidence, row.unit)}
            </Words>
            {row.before ? (
              <Words size="note">
                {say('report.was', { value: withUnit(row.before, row.unit) })}
              </Words>
            ) : null}
            {row.predicted ? (
              <Words size="note">
                {say('report.predicted', { value: withUnit(row.predicted, row.unit) })}
              </Words>
            ) : null}
            <Words size="note" tone="muted">
              {say('report.limit', { limits: withUnit(row.limits, row.unit) })}
            </Words>
            {row.hot === '–' ? null : (
              <Words size="note" tone="muted">
                {say('report.hot', { gap: withUnit(row.hot, row.unit) })}
              </Words>
            )}
          </View>
        </View>
      ))}
    </View>
  );
}
