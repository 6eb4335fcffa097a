import type { PageAround, PageSignature } from '../../core/report/around';
import { SIGNED_ON, strokesIn } from '../../core/records/strokes';
import { drawStrokes } from './figure';
import { MARGIN, type Writer } from './writer';

/** The largest that the picture of a shop is drawn, in mm. */
const PICTURE = { width: 28, height: 14 } as const;
const JPEG = 'JPEG';

/** Returns the size of a picture that keeps its shape in a frame, in mm. */
function fitted(size: { width: number; height: number }, frame: { width: number; height: number }) {
  const scale = Math.min(frame.width / size.width, frame.height / size.height);
  return { width: size.width * scale, height: size.height * scale };
}

/** Writes what stands over a report: the shop’s name, address and picture, which job it is and of when. */
export function heading(w: Writer, { head }: PageAround): void {
  const { pdf } = w;
  const top = w.y;
  let left = MARGIN;
  if (head.picture !== '') {
    const { width, height } = fitted(pdf.getImageProperties(head.picture), PICTURE);
    pdf.addImage(head.picture, JPEG, left, top, width, height);
    left += width + 4;
  }
  const side = 46;
  const width = w.right - side - left;
  w.at(head.tag, 11, w.right, top + 4.5, { strong: true, width: side }, 'right');
  w.at(head.dates, 8.5, w.right, top + 9, { muted: true, width: side + 10 }, 'right');
  let low = w.block(head.name, 13, left, top + 5, { strong: true, width });
  // Beside the days there is less room.
  const address = { muted: true, width: width - 12 };
  for (const line of head.address) low = w.block(line, 8.5, left, low - 0.6, address) + 0.6;
  const high = Math.max(head.picture === '' ? 0 : PICTURE.height, low - top - 3, 10);
  w.y = top + high + 1.5;
  w.rule(w.y, 0.5);
  w.gap(4);
}

/** The largest that a photo is on the page, in mm; smaller where all is to be on one. */
const PHOTO = { width: 43, height: 34 } as const;
const SMALL_PHOTO = { width: 33, height: 24 } as const;
const PHOTOS_APART = 3;

/** Lays photos side by side, as many in a row as there is room for. */
export function photosOf(w: Writer, { photos }: PageAround, isLarge: boolean): void {
  if (photos.length === 0) return;
  const most = isLarge ? PHOTO : SMALL_PHOTO;
  const frame = { width: most.width * w.share, height: most.height * w.share };
  const step = frame.width + PHOTOS_APART;
  const inRow = Math.floor((w.width + PHOTOS_APART) / step);
  for (let at = 0; at < photos.length; at += inRow) {
    const row = photos
      .slice(at, at + inRow)
      .map((photo) => ({ photo, size: fitted(photo, frame) }));
    const high = Math.max(...row.map(({ size }) => size.height));
    w.room(high + 3);
    row.forEach(({ photo, size }, i) => {
      w.pdf.addImage(photo.jpeg, JPEG, MARGIN + i * step, w.y + 1, size.width, size.height);
    });
    w.y += high + 3;
  }
}

/** How high what somebody drew is, and the words beneath its line, in mm. */
const SIGNED = 15;
const SIGNED_WORDS = 9;

/** Draws one signature over its line. */
function signature(w: Writer, one: PageSignature, x: number, width: number, top: number): void {
  const high = SIGNED * w.share;
  const line = top + high;
  const drawn = strokesIn(one.strokes);
  if (drawn.length > 0) {
    const scale = Math.min(width / SIGNED_ON.width, high / SIGNED_ON.height);
    drawStrokes(w.pdf, drawn, scale, { x, y: top });
  } else if (one.name !== '') w.at(one.name, 13, x, line - 2, { width });
  w.rule(line, 0.3, undefined, x, x + width);
  const low = w.block(one.words, 8.5, x, line + 4 * w.share, { muted: true, width });
  w.block(one.since, 8.5, x, low, { width });
}

/** Writes what stands at the foot of the last page: who signs, and what stands beneath it all. */
export function footOf(w: Writer, { signatures }: PageAround, notes: readonly string[]): void {
  const small = 8;
  const lines = notes.flatMap((note) => w.lines(note, small, w.width, { muted: true }));
  const signing = (SIGNED + SIGNED_WORDS) * w.share;
  const high = (signatures.length > 0 ? signing : 0) + 2;
  const words = lines.length * w.stepOf(small);
  // Notes that are longer than a page go on by themselves.
  w.room(Math.min(high + words, high + 30));
  const isWhole = w.y + high + words <= w.foot;
  // A hair higher: sums of parts are not quite the whole.
  if (isWhole) w.y = w.foot - high - words - 0.01;
  const apart = 8;
  const width = (w.width - apart) / 2;
  signatures.forEach((one, i) => {
    signature(w, one, MARGIN + i * (width + apart), width, w.y);
  });
  w.y += high;
  for (const note of notes) w.text(note, small, { muted: true });
}
