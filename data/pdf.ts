import { jsPDF } from 'jspdf';
import { handWords, type Report, type ReportRow } from '../core/report/report';

const FONT = 'Barlow';
const MARGIN = 14;
const PAGE = { width: 210, height: 297 };
const INK = '#15222D';
const MUTED = '#52626D';

/** Columns of the table of clearances: where they begin and how wide they are, in mm. */
const COLUMNS = {
  mark: { x: MARGIN, width: 6 },
  name: { x: MARGIN + 8, width: 44 },
  limits: { x: 68, width: 22 },
  evidence: { x: 92, width: 34 },
  hot: { x: 128, width: 12 },
  reason: { x: 142, width: PAGE.width - MARGIN - 142 },
};

/** A part of the report that is words: its title, and beside it what it says. */
const SECTION = {
  title: { x: MARGIN, width: 30 },
  words: { x: MARGIN + 32, width: PAGE.width - 2 * MARGIN - 32 },
};

async function fontData(weight: 500 | 600): Promise<string> {
  const response = await fetch(`/fonts/barlow-semi-condensed-${weight}.ttf`);
  if (!response.ok) throw new Error(`a font is missing (${response.status})`);
  const bytes = new Uint8Array(await response.arrayBuffer());
  let text = '';
  for (const byte of bytes) text += String.fromCharCode(byte);
  return btoa(text);
}

/** Writes downwards, turning the page when it is full. */
class Writer {
  private y = MARGIN;

  constructor(private readonly pdf: jsPDF) {}

  text(
    words: string,
    size: number,
    style: { strong?: boolean; muted?: boolean; x?: number; width?: number } = {},
  ): void {
    const { strong = false, muted = false, x = MARGIN, width = PAGE.width - MARGIN - x } = style;
    this.pdf
      .setFont(FONT, strong ? 'bold' : 'normal')
      .setFontSize(size)
      .setTextColor(muted ? MUTED : INK);
    const lines = this.pdf.splitTextToSize(words, width) as string[];
    const step = size * 0.44;
    this.room(lines.length * step);
    this.pdf.text(lines, x, this.y + step * 0.8, { lineHeightFactor: 1.25 });
    this.y += lines.length * step;
  }

  gap(height: number): void {
    this.y += height;
  }

  /** Cells side by side; the tallest sets the height of the line. */
  row(
    cells: readonly { words: string; x: number; width: number; strong?: boolean }[],
    size: number,
    mark?: ReportRow,
  ): void {
    const step = size * 0.44;
    const split = cells.map((cell) => {
      this.pdf.setFont(FONT, cell.strong ? 'bold' : 'normal').setFontSize(size);
      return this.pdf.splitTextToSize(cell.words, cell.width) as string[];
    });
    const height = Math.max(...split.map((lines) => lines.length)) * step + 2;
    this.room(height);
    this.pdf.setTextColor(INK);
    cells.forEach((cell, i) => {
      this.pdf.setFont(FONT, cell.strong ? 'bold' : 'normal').setFontSize(size);
      this.pdf.text(split[i] as string[], cell.x, this.y + step * 0.9, { lineHeightFactor: 1.25 });
    });
    if (mark) this.pinRing(mark.verdict);
    this.y += height;
    this.pdf
      .setDrawColor('#C3CBCB')
      .setLineWidth(0.15)
      .line(MARGIN, this.y - 1, PAGE.width - MARGIN, this.y - 1);
  }

  private pinRing(verdict: ReportRow['verdict']): void {
    const { pdf } = this;
    const [x, y, r] = [COLUMNS.mark.x + 2.5, this.y + 2.4, 1.6];
    pdf.setDrawColor(INK).setFillColor(INK).setLineWidth(0.5);
    pdf.setLineDashPattern(verdict === 'open' ? [0.8, 0.6] : [], 0);
    pdf.circle(x, y, r, 'S').setLineDashPattern([], 0);
    const pin = { in: 0, close: 1, out: 1.75, open: null }[verdict];
    if (pin !== null) pdf.circle(x + pin * r * Math.SQRT1_2, y - pin * r * Math.SQRT1_2, 0.7, 'F');
  }

  private room(height: number): void {
    if (this.y + height <= PAGE.height - MARGIN) return;
    this.pdf.addPage();
    this.y = MARGIN;
  }
}

/** The report as a PDF file, with the app's own type in it so that every sign of a name is there. */
export async function reportPdf(report: Report): Promise<Blob> {
  const pdf = new jsPDF({ unit: 'mm', format: 'a4' });
  for (const [weight, style] of [
    [500, 'normal'],
    [600, 'bold'],
  ] as const) {
    const file = `barlow-${weight}.ttf`;
    pdf.addFileToVFS(file, await fontData(weight));
    pdf.addFont(file, FONT, style);
  }
  pdf.setProperties({ title: report.title, creator: 'Dial Bench' });

  const w = new Writer(pdf);
  w.text(report.title, 18, { strong: true });
  w.text(report.pump, 13);
  w.text(report.overall.words, 11, { muted: true });
  w.gap(3);
  for (const [label, value] of report.facts) w.text(`${label}: ${value}`, 10);
  w.gap(4);
  w.text(`Clearances, ${report.unit}`, 12, { strong: true });
  w.gap(1);
  const { name, limits, evidence, hot, reason } = COLUMNS;
  w.row(
    [
      { words: 'What', ...name, strong: true },
      { words: 'Limit', ...limits, strong: true },
      { words: 'Measured', ...evidence, strong: true },
      { words: 'Hot', ...hot, strong: true },
      { words: 'Verdict and why', ...reason, strong: true },
    ],
    9,
  );
  for (const row of report.rows) {
    w.row(
      [
        { words: row.name, ...name },
        { words: row.limits, ...limits },
        {
          words: row.before ? `${row.evidence}\nwas ${row.before}` : row.evidence,
          ...evidence,
          strong: true,
        },
        { words: row.hot, ...hot },
        { words: `${row.word}. ${row.reason}`, ...reason },
      ],
      9,
      row,
    );
  }
  w.gap(3);
  // Title and words side by side, the words run on: one page is what people file.
  const { title: head, words: body } = SECTION;
  const section = (title: string, lines: readonly string[], between = '; ') =>
    w.row(
      [
        { words: title, ...head, strong: true },
        { words: lines.join(between), ...body },
      ],
      9,
    );
  for (const { title, lines } of report.sections) section(title, lines);
  section('Not measured', [report.notMeasured.join(', ') || 'Nothing was skipped.']);
  section('Measured by', report.hands.map(handWords), '\n');
  if (report.zeros.length > 0) section('Zero checks', report.zeros);
  if (report.struck.length > 0) section('Struck through', report.struck);
  w.gap(3);
  for (const note of report.notes) w.text(note, 8, { muted: true });
  return pdf.output('blob');
}
