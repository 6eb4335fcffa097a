import type { jsPDF } from 'jspdf';
import type { PageSection, ReportPage } from '../../core/report/page';
import {
  BARS_READ,
  COLUMN_TITLE,
  SAME,
  SECTION_TITLE,
  WARRANTY_TITLE,
} from '../../core/report/titles';
import { footOf, heading as shopHeading, photosOf } from './around';
import { heightOf } from './figure';
import type { Figure } from '../../core/picture/figure';
import { FONT, MARGIN, Writer, type Cell } from './writer';

/** A report as a PDF file, and the signs in it that the shipped type has none for. */
export interface ReportPdf {
  readonly file: Blob;
  readonly lacking: readonly string[];
}

/** Size of the type of a report's parts, in points. */
const SMALL = 9;

/** Height of a title with the first line beneath it, in mm, at the usual size of type. */
const HEADED = 16;

/** Writes the title of a part, and marks it so that a reader can go there. */
function heading(w: Writer, title: string, least = HEADED): void {
  w.gap(2.4);
  // A title is not left alone at the foot of a page.
  w.room(least * w.share);
  w.text(title, 11, { strong: true });
  w.pdf.outline.add(null, title, { pageNumber: w.pdf.getCurrentPageInfo().pageNumber });
  w.gap(1);
}

/** How wide the columns of the checks are, in mm; the bar has what is left. */
const COLUMNS = { mark: 7, name: 43, word: 17, before: 29, now: 29, limits: 25 } as const;
const APART = 2;
/** How wide a bar is drawn at most, in mm. */
const BAR = 46;

/** A line of the table: its cells by their columns; one that is left out has no room. */
type Line = Partial<Record<Exclude<keyof typeof COLUMNS, 'mark'> | 'bar', Partial<Cell>>>;

/** Places cells in the columns of the checks. */
function placed(w: Writer, line: Line): Cell[] {
  let x = MARGIN + COLUMNS.mark;
  const row = (['name', 'word', 'before', 'now', 'limits'] as const).flatMap((name): Cell[] => {
    const cell = line[name];
    if (!cell) return [];
    const at = x;
    // A size alone has the room of both.
    const width = name === 'now' && !line.before ? COLUMNS.before + COLUMNS.now : COLUMNS[name];
    x += width;
    return [{ ...cell, x: at, width: width - APART }];
  });
  return [...row, { ...line.bar, x, width: Math.min(w.right - x, BAR * w.share) }];
}

/** Writes the checks that are told one by one, with their heads. */
function checksTable(w: Writer, { checks, others, form, measured }: ReportPage): void {
  // Of a pump that nobody worked on there is one size for each.
  const isWorked = checks.some(({ before }) => before !== '');
  const muted = (words: string) => ({ words, muted: true });
  if (checks.length > 0) {
    w.row(
      placed(w, {
        name: muted(COLUMN_TITLE.check),
        word: {},
        ...(isWorked ? { before: muted(COLUMN_TITLE.before) } : {}),
        now: muted(isWorked ? COLUMN_TITLE.now : COLUMN_TITLE.measured),
        limits: muted(COLUMN_TITLE.limits),
        bar: {},
      }),
      8,
    );
  }
  for (const check of checks) {
    const { name, word, before, now, limits, bar } = check;
    const isFull = form === 'full';
    // Of what nobody measured there is nothing that could be the same.
    const isSame = isWorked && before === '' && bar !== null;
    const words = isFull ? check.beneath : '';
    w.row(
      placed(w, {
        name: { words: name },
        word: { words: word, strong: true },
        ...(isWorked ? { before: muted(isSame ? now : before) } : {}),
        now: { words: isSame ? SAME : now, strong: true },
        limits: muted(limits),
        bar: { figure: bar },
      }),
      SMALL,
      check,
      words === '',
    );
    if (words !== '') {
      const x = MARGIN + COLUMNS.mark;
      w.row([{ words, x, width: w.right - x, muted: true }], 8);
    }
  }
  w.gap(1);
  const read = isWorked && checks.some(({ bar }) => bar !== null) ? BARS_READ : '';
  for (const line of [read, others, measured]) if (line) w.text(line, SMALL);
}

/** How wide the names of the rows of a part are, in mm. */
const NAMED = 32;

/** Writes a row of a part: its name, and what it says. */
const named = (w: Writer, name: string, words: string): void =>
  w.row(
    [
      { words: name, x: MARGIN, width: NAMED - APART, strong: true },
      { words, x: MARGIN + NAMED, width: w.width - NAMED },
    ],
    SMALL,
    undefined,
    false,
  );

/** Ends a line with a stop where it has none. */
const ended = (line: string): string => (/[.!?…]$/.test(line) ? line : `${line}.`);

/** Lists the parts whose lines are sentences: they run on, as those do on a page for the owner that say what is open. */
const RUNNING: ReadonlySet<PageSection['id']> = new Set(['cause', 'watch', 'nothing']);

/** Writes the rows of a part: those that are named with their name beside them, the others line by line. */
function partRows(w: Writer, { id, rows }: PageSection, isShort: boolean): void {
  if (RUNNING.has(id) || (id === 'open' && isShort)) {
    return w.text(rows.map(([line = '']) => ended(line)).join(' '), SMALL);
  }
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
    named(w, label, lines.join('; '));
  }
}

/** Writes who measured with what, how the instruments stood, and what was struck out. */
function groundRows(w: Writer, { grounds }: ReportPage): void {
  if (grounds.length > 0) w.gap(3);
  for (const [name, lines] of grounds) named(w, name, lines.join('\n'));
}

/** How wide the pump is drawn, and the run of its test, in mm. */
const PUMP = 32;
const CHART = 78;
/** Height of a title with a run beneath it, in mm. */
const CHARTED = 38;

/** Writes how a report begins: its two sentences, which pump it is, and the pump itself beside them. */
function opening(w: Writer, page: ReportPage): void {
  const [verdict, second] = page.sentences;
  const top = w.y;
  const wide = PUMP * w.share;
  const width = w.width - wide - 5;
  w.figure(page.around.pump, { x: w.right - wide, y: top, width: wide });
  w.text(verdict, 16, { strong: true, width });
  w.gap(1);
  w.text(second, 12, { width });
  w.gap(1.5);
  w.text(page.title, 10, { strong: true, width });
  w.text(page.pump, 10, { width, muted: true });
  if (w.pdf.getNumberOfPages() === 1) w.y = Math.max(w.y, top + wide);
}

/** The type of a report by its weight, as base64. */
export type ReportType = Readonly<Record<'normal' | 'bold', string>>;

function openType(pdf: jsPDF, type: ReportType): void {
  for (const style of ['normal', 'bold'] as const) {
    const file = `barlow-${style}.ttf`;
    pdf.addFileToVFS(file, type[style]);
    pdf.addFont(file, FONT, style);
  }
}

/** Writes what a test showed, and its run beside it. */
function testRows(w: Writer, { rows }: PageSection, chart: Figure): void {
  const wide = CHART * w.share;
  const high = heightOf(chart, wide);
  w.room(high + 2);
  const [top, before] = [w.y, w.pdf.getNumberOfPages()];
  w.figure(chart, { x: w.right - wide, y: top, width: wide });
  for (const [line = ''] of rows) w.text(ended(line), SMALL, { width: w.width - wide - 4 });
  // Words that go on on the next page leave the run behind.
  if (w.pdf.getNumberOfPages() === before) w.y = Math.max(w.y, top + high + 1);
}

/** Writes a part of a report, with the photos or the run that belong to it. */
function part(w: Writer, section: PageSection, page: ReportPage): void {
  const hasPhotos = section.id === 'found' && page.around.photos.length > 0;
  if (section.rows.length === 0 && !hasPhotos) return;
  const isCharted = section.id === 'test' && page.chart !== null;
  heading(w, SECTION_TITLE[section.id], isCharted ? CHARTED : HEADED);
  if (section.id === 'measured') checksTable(w, page);
  else if (section.id === 'test' && page.chart) testRows(w, section, page.chart.figure);
  else partRows(w, section, page.form === 'owner');
  if (hasPhotos) photosOf(w, page.around, page.form === 'full');
}

/** How much smaller type and gaps may be where a page is to be one: more than that nobody reads with oily glasses. */
const SHARES = [0.93, 0.86, 0.78];

/** Writes a report, its type and gaps smaller by a share. */
function drawn(page: ReportPage, type: ReportType, Pdf: typeof jsPDF, share: number): Writer {
  const { around } = page;
  const pdf = new Pdf({ unit: 'mm', format: around.paper });
  openType(pdf, type);
  pdf.setProperties({ title: page.title, creator: 'Dial Bench' });
  pdf.setLanguage('en');
  const w = new Writer(pdf, around.paper, share);
  shopHeading(w, around);
  opening(w, page);
  for (const section of page.sections) part(w, section, page);
  groundRows(w, page);
  if (around.warranty.length > 0) {
    heading(w, WARRANTY_TITLE);
    for (const line of around.warranty) w.text(line, SMALL);
  }
  w.gap(2);
  footOf(w, around, page.notes);
  return w;
}

/** Returns a report as a PDF file with the app's own type in it, its parts as bookmarks; what an owner gets on one page where it can be. */
export function reportPdf(page: ReportPage, type: ReportType, Pdf: typeof jsPDF): ReportPdf {
  let w = drawn(page, type, Pdf, 1);
  for (const share of SHARES) {
    if (page.form === 'full' || w.pdf.getNumberOfPages() === 1) break;
    const tighter = drawn(page, type, Pdf, share);
    if (tighter.pdf.getNumberOfPages() < w.pdf.getNumberOfPages()) w = tighter;
  }
  return { file: w.pdf.output('blob'), lacking: [...w.lacking] };
}
