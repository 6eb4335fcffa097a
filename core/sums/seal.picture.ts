import type { Ink, Pens, Scene } from './picture';

/** Says what the section through a seal shows: pressures in words, and the sizes that it is drawn by. */
export interface SealSection {
  readonly words: Readonly<
    Record<'supply' | 'bushing' | 'drain' | 'seal' | 'cavity' | 'said', string>
  >;
  readonly shaft_mm: number;
  readonly bushing_mm: number;
  readonly clearance_mm: number;
  readonly drain_mm: number;
  /** Says where the oil goes that comes past the bushing; none where the drain is shut. */
  readonly drains: 'out' | 'in' | 'nowhere';
  readonly ink: Ink;
}

/** Length of the cavity, in px. */
const CAVITY = 84;

/** A clearance is drawn so many times as large as the rest, and never wider than this, in px. */
const WIDER = { times: 25, most: 12 } as const;

/**
 * Draws a section through the end of a shaft: the bushing, the cavity behind the seal with its drain, and the seal. The
 * sizes are to one scale; the clearance is drawn larger.
 */
export function sealSection(section: SealSection, pens: Pens): Scene {
  const { words, drains, ink } = section;
  const px = Math.min(72 / section.shaft_mm, 150 / section.bushing_mm);
  const [half, middle] = [Math.max(14, (section.shaft_mm * px) / 2), 104];
  const bushing = Math.max(24, section.bushing_mm * px);
  const gap = Math.min(WIDER.most, Math.max(1.5, section.clearance_mm * px * WIDER.times));
  const drain = Math.min(40, Math.max(2, section.drain_mm * px));
  const left = (360 - bushing - CAVITY - 40) / 2;
  const [start, cavity, seal] = [left - 40, left + bushing, left + bushing + CAVITY];
  const [top, bottom] = [middle - half, middle + half];
  const wall = 14 + gap;
  const hole = (cavity + seal) / 2 - drain / 2;
  const body = (y: number, height: number) =>
    pens.rect(start, y, seal + 34 - start, height, { fill: 'casting', line: 'ink' });
  const pocket = (y: number) =>
    pens.rect(cavity, y, seal - cavity, wall, { fill: ink, line: 'ink' });
  return {
    height: 206,
    said: words.said,
    parts: [
      body(20, top - 20),
      body(bottom, 188 - bottom),
      // Oil left of the bushing, the cavity right of it.
      pens.rect(start, top - wall, left - start, wall, { fill: 'worked' }),
      pens.rect(start, bottom, left - start, wall, { fill: 'worked' }),
      pocket(top - wall),
      pocket(bottom),
      pens.rect(left, top - gap, bushing, gap, { fill: 'worked' }),
      pens.rect(left, bottom, bushing, gap, { fill: 'worked' }),
      pens.rect(left, top - wall, bushing, wall - gap, { fill: 'brass', line: 'ink' }),
      pens.rect(left, bottom + gap, bushing, wall - gap, { fill: 'brass', line: 'ink' }),
      ...(drain > 0
        ? [pens.rect(hole, 20, drain, top - wall - 20, { fill: 'paper', line: 'ink' })]
        : []),
      pens.rect(start - 20, top, seal + 74 - start, 2 * half, { fill: 'steel', line: 'ink' }),
      pens.arrow(
        { x: start + 6, y: top - gap / 2 - 1 },
        { x: cavity + 16, y: top - gap / 2 - 1 },
        'blue',
      ),
      ...(drains === 'nowhere'
        ? [
            pens.line(
              [
                { x: hole - 6, y: 26 },
                { x: hole + drain + 6, y: 26 },
              ],
              { line: 'out', width: 5 },
            ),
          ]
        : [
            drains === 'out'
              ? pens.arrow(
                  { x: hole + drain / 2, y: top - wall },
                  { x: hole + drain / 2, y: 8 },
                  'blue',
                )
              : pens.arrow(
                  { x: hole + drain / 2, y: 6 },
                  { x: hole + drain / 2, y: top - 8 },
                  'out',
                ),
          ]),
      ...[top, bottom].map((y, i) =>
        pens.line(
          [
            { x: seal + 4, y: i === 0 ? y - wall : y + wall },
            { x: seal + 4, y },
          ],
          { line: 'ink', width: 6 },
        ),
      ),
      pens.words(words.supply, start + 6, 36),
      pens.words(words.bushing, left - 4, bottom + wall + 18),
      pens.words(words.drain, hole + drain + 10, 12),
      pens.words(words.seal, seal + 42, top - wall / 2 + 4),
      pens.words(words.cavity, (cavity + seal) / 2, 204, 'middle', ink),
    ],
  };
}
