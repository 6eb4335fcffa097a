import { StyleSheet, View } from 'react-native';
import type { PageCheck, PageSection, ReportPage } from '@/core/report/page';
import { BARS_READ, SECTION_TITLE, WARRANTY_TITLE } from '@/core/report/titles';
import { say } from '@/core/wording/say';
import { sayReport } from '@/core/report/sayReport';
import { FigureView } from '@/ui/FigureView';
import { layout } from '@/ui/layout';
import { PinRing, VERDICT_TONE } from '@/ui/PinRing';
import { type Palette, usePalette } from '@/ui/theme';
import { Heading, Words } from '@/ui/Words';
import { PaperPhotos, Signatures } from './PaperFoot';
import { PaperHead } from './PaperHead';

interface Props {
  readonly page: ReportPage;
  /** Its sentence stands over it already. */
  readonly headed?: boolean;
}

/** The report, as it is read on the screen and printed: the answer, then its parts in the order in which they are read. */
export function ReportPaper({ page, headed = false }: Props) {
  const palette = usePalette();
  const { around } = page;
  return (
    <View style={layout.stack}>
      <PaperHead page={page} headed={headed} />
      {page.sections.map((section) =>
        section.id === 'measured' ? (
          <Measured key="measured" palette={palette} page={page} />
        ) : (
          <Part key={section.id} section={section} page={page} />
        ),
      )}
      <Grounds grounds={page.grounds} />
      {around.warranty.length > 0 ? <Heading>{WARRANTY_TITLE}</Heading> : null}
      {around.warranty.map((line) => (
        <Words key={line}>{line}</Words>
      ))}
      <Signatures signatures={around.signatures} />
      {page.notes.map((note) => (
        <Words key={note} size="note" tone="muted">
          {note}
        </Words>
      ))}
    </View>
  );
}

interface PartProps {
  readonly section: PageSection;
  readonly page: ReportPage;
}

/** One part of the report: its rows, named at their side where they are; the photos or the run that belong to it. */
function Part({ section: { id, rows }, page: { around, chart } }: PartProps) {
  const photos = id === 'found' ? around.photos : [];
  if (rows.length === 0 && photos.length === 0) return null;
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
      {photos.length > 0 ? <PaperPhotos photos={photos} /> : null}
      {id === 'test' && chart ? (
        <FigureView
          figure={chart.figure}
          width={CHART}
          said={sayReport('report.chartSaid', { where: chart.where })}
        />
      ) : null}
    </View>
  );
}

/** How wide the run of a test is drawn, in px: a phone has no more. */
const CHART = 320;
/** How wide a bar is drawn, in px. */
const BAR = 140;

interface MeasuredProps extends Pick<Props, 'page'> {
  readonly palette: Palette;
}

/** The checks that are told one by one, and a line for the others. */
function Measured({ palette, page: { checks, others, form, measured } }: MeasuredProps) {
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
      {checks.some(({ before, bar }) => before !== '' && bar !== null) ? (
        <Words size="note" tone="muted">
          {BARS_READ}
        </Words>
      ) : null}
      {others ? <Words>{others}</Words> : null}
      {measured ? <Words>{measured}</Words> : null}
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
  const { name, before, now, predicted, limits, hot, verdict, word, reason, bar } = check;
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
        {bar ? <FigureView figure={bar} width={BAR} /> : null}
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
function Grounds({ grounds }: Pick<ReportPage, 'grounds'>) {
  return grounds.map(([name, lines]) => (
    <View key={name}>
      <Heading>{name}</Heading>
      {lines.map((line, i) => (
        <Words key={i} size="note">
          {line}
        </Words>
      ))}
    </View>
  ));
}

const styles = StyleSheet.create({
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
