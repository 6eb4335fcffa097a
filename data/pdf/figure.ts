import type { jsPDF } from 'jspdf';
import svgpath from 'svgpath';
import type { Figure, Ink, Mark } from '../../core/picture/figure';

/** How each colour looks on white paper. */
const COLOUR: Readonly<Record<Ink, string>> = {
  ink: '#15222D',
  muted: '#52626D',
  line: '#C3CBCB',
  blue: '#1D3F9E',
  brass: '#855A14',
  in: '#17634A',
  out: '#A8322A',
  plate: '#EEF1F0',
  paper: '#FFFFFF',
  steel: '#C9D3D9',
  steelDeep: '#AFBDC5',
  casting: '#D6DBD7',
  vane: '#DCC9A3',
  worked: '#B4C3EA',
};

/** How much of a faint colour is left on white. */
const FAINT = 0.2;
/** Points of type in a millimetre. */
const POINTS_PER_MM = 72 / 25.4;
const DASH_mm = 1.2;

/** Returns a colour as it looks where it is drawn so thin that the paper shows. */
function thinned(colour: string): string {
  const parts = [1, 3, 5].map((at) => parseInt(colour.slice(at, at + 2), 16));
  const mixed = parts.map((part) => Math.round(255 - FAINT * (255 - part)));
  return `#${mixed.map((part) => part.toString(16).padStart(2, '0')).join('')}`;
}

const inkOf = ({ isFaint = false }: Mark, ink: Ink): string =>
  isFaint ? thinned(COLOUR[ink]) : COLOUR[ink];

/** Where a figure is drawn, in mm: its upper left corner, and how wide. */
export interface Place {
  readonly x: number;
  readonly y: number;
  readonly width: number;
}

/** Goes along a path, moved and scaled to its place; arcs become curves. */
function trace(pdf: jsPDF, path: string, { left, top, width }: Figure, at: Place): void {
  const scale = at.width / width;
  let [x, y] = [0, 0];
  svgpath(path)
    .abs()
    .unshort()
    .unarc()
    .translate(-left, -top)
    .scale(scale)
    .translate(at.x, at.y)
    .iterate(([order, ...to]) => {
      const figures = to as number[];
      const end = (dx: number, dy: number) => ([x, y] = [dx, dy]);
      const [a = 0, b = 0, c = 0, d = 0, e = 0, f = 0] = figures;
      if (order === 'M') pdf.moveTo(...(end(a, b) as [number, number]));
      else if (order === 'L') pdf.lineTo(...(end(a, b) as [number, number]));
      else if (order === 'H') pdf.lineTo(...(end(a, y) as [number, number]));
      else if (order === 'V') pdf.lineTo(...(end(x, a) as [number, number]));
      else if (order === 'Q') {
        // A curve with one handle has its two handles at two thirds of the way to that.
        const third = (from: number, by: number) => from + (2 / 3) * (by - from);
        pdf.curveTo(third(x, a), third(y, b), third(c, a), third(d, b), c, d);
        end(c, d);
      } else if (order === 'C') {
        pdf.curveTo(a, b, c, d, e, f);
        end(e, f);
      } else if (order === 'Z') pdf.close();
    });
}

/** Draws a stroke or an area. */
function drawMark(pdf: jsPDF, mark: Mark, figure: Figure, at: Place): void {
  const { path, fill, line, width = 1, isDashed = false } = mark;
  if (fill) pdf.setFillColor(inkOf(mark, fill));
  if (line) {
    pdf.setDrawColor(inkOf(mark, line)).setLineWidth((width * at.width) / figure.width);
    pdf.setLineJoin('round').setLineDashPattern(isDashed ? [DASH_mm] : [], 0);
  }
  trace(pdf, path, figure, at);
  if (fill && line) pdf.fillStrokeEvenOdd();
  else if (fill) pdf.fillEvenOdd();
  else pdf.stroke();
}

/** Returns how high a figure is that is drawn so wide, in mm. */
export const heightOf = ({ width, height }: Figure, wide: number): number =>
  (height * wide) / width;

/** Draws a figure on a page at its place; its words are of the type that is set. */
export function drawFigure(pdf: jsPDF, figure: Figure, at: Place): void {
  for (const mark of figure.marks) drawMark(pdf, mark, figure, at);
  pdf.setLineDashPattern([], 0);
  const scale = at.width / figure.width;
  const align = { start: 'left', middle: 'center', end: 'right' } as const;
  pdf.setFontSize(figure.type * scale * POINTS_PER_MM);
  for (const { text, x, y, anchor, ink } of figure.words) {
    pdf.setTextColor(COLOUR[ink]);
    const [left, base] = [at.x + (x - figure.left) * scale, at.y + (y - figure.top) * scale];
    pdf.text(text, left, base, { align: align[anchor] });
  }
}

/** Draws a signature into a field so wide and so high, as it was drawn. */
export function drawStrokes(
  pdf: jsPDF,
  strokes: readonly (readonly (readonly [number, number])[])[],
  scale: number,
  { x, y }: Pick<Place, 'x' | 'y'>,
): void {
  pdf.setDrawColor(COLOUR.ink).setLineWidth(0.35).setLineCap('round').setLineJoin('round');
  for (const [first, ...rest] of strokes) {
    if (!first) continue;
    pdf.moveTo(x + first[0] * scale, y + first[1] * scale);
    for (const [px, py] of rest.length > 0 ? rest : [first]) {
      pdf.lineTo(x + px * scale, y + py * scale);
    }
    pdf.stroke();
  }
  pdf.setLineCap('butt');
}
