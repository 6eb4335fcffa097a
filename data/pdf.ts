import type { jsPDF } from 'jspdf';
import type { PageCheck, PageSection, ReportPage } from '../core/report/page';
import { handWords, type Report } from '../core/report/report';
import { SECTION_TITLE } from '../core/report/titles';
import type { Verdict } from '../core/metrology/verdict';
import { paragraph, say, sentence } from '../core/wording/say';

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
  evidence: { x: 92, width: 32 },
  hot: { x: 126, width: 22 },
  reason: { x: 150, width: PAGE.width - MARGIN - 150 },
};

/** A part of the report that is words: its title, and beside it what it says. */
const SECTION = {
  title: { x: MARGIN, width: 30 },
  words: { x: MARGIN + 32, width: PAGE.width - 2 * MARGIN - 32 },
};

async function fontData(weight: 500 | 600): Promise<string> {
  const response = await fetch(`/fonts/barlow-semi-condensed-${weight}.ttf`);
  if (!response.ok) throw new Error(say('storage.fontMissing', { status: response.status }));
  const bytes = new Uint8Array(await response.arrayBuffer());
  let text = '';
  for (const byte of bytes) text += String.fromCharCode(byte);
  return btoa(text);
}

/** Put in the place of a sign that the shipped type lacks. */
const LACKING = '?';

/** What of a font tells which signs it has; the types of the PDF writer leave it open. */
interface FontMetadata {
  characterToGlyph(code: number): number;
}

/** Where a page ends. */
const FOOT = PAGE.height - MARGIN;

/** Writes downwards, turning the page when it is full. */
class Writer {
  private y = MARGIN;
  /** Signs of the report that the shipped type lacks. */
  readonly lacking = new Set<string>();

  constructor(private readonly pdf: jsPDF) {}

  private style(size: number, strong = false, muted = false): void {
    this.pdf
      .setFont(FONT, strong ? 'bold' : 'normal')
      .setFontSize(size)
      .setTextColor(muted ? MUTED : INK);
  }

  /** Breaks words into lines, and notes what the type has no sign for. */
  private lines(words: string, width: number): string[] {
    const { metadata } = this.pdf.getFont() as unknown as { metadata: FontMetadata };
    const known = [...words].map((sign) => {
      if (/\s/.test(sign) || metadata.characterToGlyph(sign.codePointAt(0) ?? 0) > 0) return sign;
      this.lacking.add(sign);
      return LACKING;
    });
    return this.pdf.splitTextToSize(known.join(''), width) as string[];
  }

  text(words: string, size: number, { strong = false, muted = false } = {}): void {
    this.style(size, strong, muted);
    const step = size * 0.44;
    for (const line of this.lines(words, PAGE.width - 2 * MARGIN)) {
      this.room(step);
      this.style(size, strong, muted);
      this.pdf.text(line, MARGIN, this.y + step * 0.8);
      this.y += step;
    }
  }

  gap(height: number): void {
    this.y += height;
  }

  /** Cells side by side; the tallest sets the height of the line, and goes on on the next page where it is taller than one. */
  row(
    cells: readonly { words: string; x: number; width: number; strong?: boolean }[],
    size: number,
    mark?: { readonly verdict: Verdict },
  ): void {
    const step = size * 0.44;
    const split = cells.map((cell) => {
      this.style(size, cell.strong);
      return this.lines(cell.words, cell.width);
    });
    const count = Math.max(...split.map((lines) => lines.length));
    const fits = MARGIN + count * step + 2 <= FOOT;
    this.room(fits ? count * step + 2 : step);
    if (mark) this.pinRing(mark.verdict);
    for (let at = 0; at < count; at++) {
      this.room(step);
      cells.forEach((cell, i) => {
        const line = split[i]?.[at];
        if (line === undefined) return;
        this.style(size, cell.strong);
        this.pdf.text(line, cell.x, this.y + step * 0.9);
      });
      this.y += step;
    }
    this.y += 2;
    this.pdf
      .setDrawColor('#C3CBCB')
      .setLineWidth(0.15)
      .line(MARGIN, this.y - 1, PAGE.width - MARGIN, this.y - 1);
  }

  private pinRing(verdict: Verdict): void {
    const { pdf } = this;
    const [x, y, r] = [COLUMNS.mark.x + 2.5, this.y + 2.4, 1.6];
    pdf.setDrawColor(INK).setFillColor(INK).setLineWidth(0.5);
    pdf.setLineDashPattern(verdict === 'open' ? [0.8, 0.6] : [], 0);
    pdf.circle(x, y, r, 'S').setLineDashPattern([], 0);
    const pin = { in: 0, close: 1, out: 1.75, open: null }[verdict];
    if (pin !== null) pdf.circle(x + pin * r * Math.SQRT1_2, y - pin * r * Math.SQRT1_2, 0.7, 'F');
  }

  /** Goes on on the next page where so much does not fit on this one. */
  room(height: number): void {
    if (this.y + height <= FOOT) return;
    this.pdf.addPage();
    this.y = MARGIN;
  }
}

/** A report as a PDF file, and the signs in it that the shipped type has none for. */
export interface ReportPdf {
  readonly file: Blob;
  readonly lacking: readonly string[];
}

/** Size of the type of a report's parts, in points. */
const SMALL = 9;

/** Height of a title with the first line beneath it, in mm. */
const HEADED = 16;

/** Writes the title of a part, and marks it so that a reader can go there. */
function heading(pdf: jsPDF, w: Writer, title: string): void {
  w.gap(3);
  // A title is not left alone at the foot of a page.
  w.room(HEADED);
  w.text(title, 12, { strong: true });
  pdf.outline.add(null, title, { pageNumber: pdf.getCurrentPageInfo().pageNumber });
  w.gap(1);
}

/** Writes the checks that are told one by one, with their heads. */
function checksTable(w: Writer, { checks, others, form }: ReportPage, measured: string): void {
  const { name, limits, evidence, hot, reason } = COLUMNS;
  if (checks.length > 0) {
    w.row(
      [
        { words: 'Clearance or size', ...name, strong: true },
        { words: 'Limit', ...limits, strong: true },
        { words: 'Measured', ...evidence, strong: true },
        { words: form === 'full' ? 'Hot' : '', ...hot, strong: true },
        { words: 'Verdict and why', ...reason, strong: true },
      ],
      SMALL,
    );
  }
  const figures = ({ now, before, predicted }: PageCheck) =>
    [
      now,
      before && say('report.was', { value: before }),
      predicted && say('report.predicted', { value: predicted }),
    ]
      .filter(Boolean)
      .join('\n');
  for (const check of checks) {
    w.row(
      [
        { words: check.name, ...name },
        { words: check.limits, ...limits },
        { words: figures(check), ...evidence, strong: true },
        { words: form === 'full' ? check.hot : '', ...hot },
        {
          words: paragraph(sentence(check.word), form === 'full' && check.reason),
          ...reason,
        },
      ],
      SMALL,
      check,
    );
  }
  w.gap(1);
  for (const line of [others, form === 'full' ? measured : '']) if (line) w.text(line, SMALL);
}

/** Writes the rows of a part: those that are named with their name beside them, the others line by line. */
function partRows(w: Writer, { rows }: PageSection): void {
  const { title: head, words: body } = SECTION;
  let at = 0;
  while (at < rows.length) {
    const [label = '', value] = rows[at] ?? [];
    at += 1;
    if (value === undefined) {
      w.text(label, SMALL);
      continue;
    }
    // Lines of one name run on: one page is what people file.
    const lines = [value];
    while (rows[at]?.[0] === '' && rows[at]?.[1] !== undefined) lines.push(rows[at++]?.[1] ?? '');
    w.row(
      [
        { words: label, ...head, strong: true },
        { words: lines.join('; '), ...body },
      ],
      SMALL,
    );
  }
}

/** Writes who measured with what, how the instruments stood, and what was struck out. */
function grounds(w: Writer, report: Report): void {
  const { title: head, words: body } = SECTION;
  const section = (title: string, lines: readonly string[], between = '; ') =>
    w.row(
      [
        { words: title, ...head, strong: true },
        { words: lines.join(between), ...body },
      ],
      SMALL,
    );
  w.gap(3);
  section('Measured by', report.hands.map(handWords), '\n');
  if (report.zeros.length > 0) section('Zero checks', report.zeros);
  if (report.struck.length > 0) section('Struck out, not used', report.struck);
}

/** Returns a report as a PDF file with the app's own type in it, its parts as bookmarks. */
export async function reportPdf(
  report: Report,
  page: ReportPage,
  Pdf: typeof jsPDF,
): Promise<ReportPdf> {
  const pdf = new Pdf({ unit: 'mm', format: 'a4' });
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
  const [verdict, test] = page.sentences;
  w.text(verdict, 16, { strong: true });
  w.text(test, 12);
  w.gap(1);
  w.text(report.title, 11, { strong: true });
  w.text(report.pump, 11);
  for (const section of page.sections) {
    if (section.rows.length === 0) continue;
    heading(pdf, w, SECTION_TITLE[section.id]);
    if (section.id === 'measured') checksTable(w, page, report.measured);
    else partRows(w, section);
  }
  if (page.form === 'full') grounds(w, report);
  w.gap(3);
  for (const note of page.notes) w.text(note, 8, { muted: true });
  return { file: pdf.output('blob'), lacking: [...w.lacking] };
}
