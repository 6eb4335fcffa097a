import type { BarScale } from '@/core/picture/barScale';

/** Where things lie on a bar, in px: its line, what is known over it, room beside it. */
export const BAR = { base: 44, top: 24, height: 12, margin: 22 } as const;

/** Returns where a length lies on a bar of a width; past the end of the scale it stays at the end. */
export function across(width: number, { from_mm, to_mm }: BarScale): (mm: number) => number {
  const held = (mm: number) => Math.min(Math.max(mm, from_mm), to_mm);
  const room = width - 2 * BAR.margin;
  return (mm) => BAR.margin + ((held(mm) - from_mm) / (to_mm - from_mm)) * room;
}
