import type { jsPDF } from 'jspdf';
import type { Figure } from '../../core/picture/figure';
import type { Verdict } from '../../core/metrology/verdict';
import type { Paper } from '../../core/records/heading';
import { drawFigure, heightOf, type Place } from './figure';

export const FONT = 'Barlow';
export const MARGIN = 14;
const INK = '#15222D';
const MUTED = '#52626D';

/** The sizes of paper, in mm. */
const SIZE: Readonly<Record<Paper, { readonly width: number; readonly height: number }>> = {
  a4: { width: 210, height: 297 },
  letter: { width: 215.9, height: 279.4 },
};

/** Put in the place of a sign that the shipped type lacks. */
const LACKING = '?';

/** What of a font tells which signs it has; the types of the PDF writer leave it open. */
interface FontMetadata {
  characterToGlyph(code: number): number;
}

/** How words look. */
export interface Look {
  readonly strong?: boolean;
  readonly muted?: boolean;
  /** How wide they may run, in mm; to the margin where it is left out. */
  readonly width?: number;
}

/** A cell of a row: words, or a figure. */
export interface Cell extends Look {
  readonly words?: string;
  readonly figure?: Figure | null;
  readonly x: number;
  readonly width: number;
}

/** Height of a line of type in mm, for each of its points. */
const LINE = 0.44;

/** Writes downwards on paper of a size, turning the page when it is full. */
export class Writer {
  y = MARGIN;
  /** Signs of the report that the shipped type lacks. */
  readonly lacking = new Set<string>();
  readonly right: number;
  readonly foot: number;
  /** How wide a line is, in mm. */
  readonly width: number;

  constructor(
    readonly pdf: jsPDF,
    paper: Paper,
    /** How large type and gaps are, as a share of what is usual. */
    readonly share = 1,
  ) {
    this.right = SIZE[paper].width - MARGIN;
    this.foot = SIZE[paper].height - MARGIN;
    this.width = this.right - MARGIN;
  }

  private style(size: number, { strong = false, muted = false }: Look): void {
    this.pdf
      .setFont(FONT, strong ? 'bold' : 'normal')
      .setFontSize(size * this.share)
      .setTextColor(muted ? MUTED : INK);
  }

  /** Returns the height of a line of a type, in mm. */
  stepOf(size: number): number {
    return size * this.share * LINE;
  }

  /** Breaks words into lines, and notes what the type has no sign for. */
  lines(words: string, size: number, width: number, look: Look = {}): string[] {
    this.style(size, look);
    const { metadata } = this.pdf.getFont() as unknown as { metadata: FontMetadata };
    const known = [...words].map((sign) => {
      if (/\s/.test(sign) || metadata.characterToGlyph(sign.codePointAt(0) ?? 0) > 0) return sign;
      this.lacking.add(sign);
      return LACKING;
    });
    return this.pdf.splitTextToSize(known.join(''), width) as string[];
  }

  /** Writes a line at a place, without going on. */
  at(words: string, size: number, x: number, y: number, look: Look = {}, align?: 'right'): void {
    const [line = ''] = this.lines(words, size, look.width ?? this.width, look);
    this.style(size, look);
    this.pdf.text(line, x, y, align ? { align } : {});
  }

  /** Writes words at a place on as many lines as they take, without going on; returns the base of the line after them. */
  block(words: string, size: number, x: number, y: number, look: Look & { width: number }): number {
    const lines = words === '' ? [] : this.lines(words, size, look.width, look);
    this.style(size, look);
    lines.forEach((line, i) => this.pdf.text(line, x, y + i * this.stepOf(size)));
    return y + lines.length * this.stepOf(size);
  }

  text(words: string, size: number, look: Look = {}): void {
    const step = this.stepOf(size);
    for (const line of this.lines(words, size, look.width ?? this.width, look)) {
      this.room(step);
      this.style(size, look);
      this.pdf.text(line, MARGIN, this.y + step * 0.8);
      this.y += step;
    }
  }

  gap(height: number): void {
    this.y += height * this.share;
  }

  /** Cells side by side; the tallest sets the height of the line, and goes on on the next page where it is taller than one. */
  row(
    cells: readonly Cell[],
    size: number,
    mark?: { readonly verdict: Verdict },
    isLined = true,
  ): void {
    const step = this.stepOf(size);
    const split = cells.map((cell) =>
      cell.words ? this.lines(cell.words, size, cell.width, cell) : [],
    );
    const figured = Math.max(
      0,
      ...cells.map(({ figure, width }) => (figure ? heightOf(figure, width) : 0)),
    );
    const count = Math.max(...split.map((lines) => lines.length));
    const high = Math.max(count * step, figured);
    this.room(MARGIN + high + 2 <= this.foot ? high + 2 : step);
    if (mark) this.pinRing(mark.verdict);
    for (const { figure, x, width } of cells) {
      if (figure) drawFigure(this.pdf, figure, { x, y: this.y, width });
    }
    for (let at = 0; at < count; at++) {
      this.room(step);
      cells.forEach((cell, i) => {
        const line = split[i]?.[at];
        if (line === undefined) return;
        this.style(size, cell);
        this.pdf.text(line, cell.x, this.y + step * 0.9);
      });
      this.y += step;
    }
    this.y += Math.max(0, figured - count * step) + this.share * (isLined ? 2 : 0.6);
    if (isLined) this.rule(this.y - 1, 0.15, '#C3CBCB');
  }

  /** Draws a line across the page. */
  rule(y: number, width: number, colour = INK, from = MARGIN, to = this.right): void {
    this.pdf.setDrawColor(colour).setLineWidth(width).line(from, y, to, y);
  }

  private pinRing(verdict: Verdict): void {
    const { pdf } = this;
    const [x, y, r] = [MARGIN + 2.5, this.y + 2.2 * this.share, 1.6 * this.share];
    pdf.setDrawColor(INK).setFillColor(INK).setLineWidth(0.5);
    pdf.setLineDashPattern(verdict === 'open' ? [0.8, 0.6] : [], 0);
    pdf.circle(x, y, r, 'S').setLineDashPattern([], 0);
    const pin = { in: 0, close: 1, out: 1.75, open: null }[verdict];
    if (pin !== null)
      pdf.circle(x + pin * r * Math.SQRT1_2, y - pin * r * Math.SQRT1_2, 0.44 * r, 'F');
  }

  /** Draws a figure at a place. */
  figure(figure: Figure, place: Place): void {
    this.style(9, {});
    drawFigure(this.pdf, figure, place);
  }

  /** Goes on on the next page where so much does not fit on this one. */
  room(height: number): void {
    if (this.y + height <= this.foot) return;
    this.pdf.addPage();
    this.y = MARGIN;
  }
}
