import { partId } from '../core/pumps/ids';
import { evenFrom } from '../core/random';
import { pumpOf } from '../core/pumps/registry';
import { BLANK_PART, type PartSize, type ShelfPart } from '../core/records/part';
import { drawnOf, nominalOf } from '../core/records/sizesSaid';
import type { Sheet } from '../core/records/sheet';
import { DEMO_SHEETS } from './sheets';

/** Parts alike that lie on the depot's shelf. */
interface Kind {
  /** Id of the sheet without the front. */
  readonly sheet: string;
  readonly stem: string;
  readonly parts: readonly string[];
  readonly count: number;
  /** How far sizes lie apart among them, in mm. */
  readonly spread_mm: number;
  /** How far the first of them is from the nominal size, in mm. */
  readonly from_mm?: number;
}

const KINDS: readonly Kind[] = [
  { sheet: 'veltrane-t6', stem: 'HB', parts: ['body'], count: 6, spread_mm: 0.07, from_mm: 0.01 },
  {
    sheet: 'veltrane-t6',
    stem: 'GS',
    parts: ['drive', 'driven'],
    count: 7,
    spread_mm: 0.08,
    from_mm: -0.03,
  },
  { sheet: 'veltrane-t6', stem: 'CV', parts: ['cover'], count: 2, spread_mm: 0.01 },
  { sheet: 'oskerry-g4', stem: 'OB', parts: ['body'], count: 3, spread_mm: 0.05, from_mm: 0.02 },
  {
    sheet: 'oskerry-g4',
    stem: 'RS',
    parts: ['inner', 'outer'],
    count: 4,
    spread_mm: 0.06,
    from_mm: -0.02,
  },
  { sheet: 'brunnick-h30', stem: 'BG', parts: ['drive', 'idler'], count: 3, spread_mm: 0.04 },
  { sheet: 'veltrane-v9', stem: 'VS', parts: ['vane'], count: 2, spread_mm: 0.03 },
  { sheet: 'brunnick-c12', stem: 'CR', parts: ['rotor'], count: 3, spread_mm: 0.03 },
];

const MAKES = ['Skarn', 'Tollvik', ''] as const;
const PLACES = ['Rack 1', 'Rack 2', 'Bin 4', 'Bin 7', 'Drawer, oiled paper'] as const;
const CONDITIONS = ['', 'Polished, no score', 'Light track, nail glides'] as const;
/** Jobs that gave parts up, by the stem of these. */
const JOBS: Readonly<Record<string, readonly string[]>> = {
  HB: ['HM-0398', 'HM-0412', 'HM-0416'],
  GS: ['HM-0398', 'HM-0412', 'HM-0422'],
  CV: ['HM-0412'],
  OB: ['HM-0414'],
  RS: ['HM-0414', ''],
  BG: ['HM-0405'],
  VS: ['HM-0418'],
  CR: ['HM-0408'],
};

const round = (mm: number): number => Math.round(mm * 1000) / 1000;

function partOf(kind: Kind, sheet: Sheet, number: number, even: () => number): ShelfPart {
  const pick = <T>(list: readonly T[]): T => list[Math.floor(even() * list.length)] as T;
  const off = (kind.from_mm ?? 0) + even() * kind.spread_mm;
  const sizes = pumpOf(sheet).dimensions.flatMap((dimension): PartSize[] => {
    if (!kind.parts.includes(dimension.part)) return [];
    const size = nominalOf(sheet, dimension.id) ?? drawnOf(sheet, dimension);
    if (size === undefined) return [];
    // Widths and depths were read; of the rest, some.
    const is = /width|depth/.test(dimension.id) ? size + off : size + (even() - 0.5) * 0.004;
    const value_mm = round(is + (even() - 0.5) * 0.004);
    return [{ dimension: dimension.id, value_mm, u_mm: 0.003 }];
  });
  const fresh = number === 2;
  const taken = number === kind.count && kind.count > 5;
  return {
    ...BLANK_PART,
    createdAt: '2026-11-16T08:00:00.000Z',
    id: `demo-part-${kind.stem.toLowerCase()}-${number}`,
    demo: true,
    label: `${kind.stem}-${number}`,
    sheet: sheet.id,
    model: sheet.model,
    parts: kind.parts.map(partId),
    make: pick(MAKES),
    origin: fresh ? 'new' : 'used',
    from: fresh ? '' : pick(JOBS[kind.stem] ?? ['']),
    condition: fresh ? 'New, wrapped' : pick(CONDITIONS),
    place: pick(PLACES),
    sizes,
    ...(taken ? { state: 'taken', takenFor: 'HM-0388' } : {}),
  };
}

/** The depot's shelf: measured bodies, gear sets, covers, vanes and rotors, some of which make good pumps. */
export const DEMO_SHELF: readonly ShelfPart[] = KINDS.flatMap((kind, k) => {
  const sheet = DEMO_SHEETS.find(({ id }) => id === `demo-sheet-${kind.sheet}`);
  if (!sheet) throw new Error(`No demo sheet ${kind.sheet}`);
  const even = evenFrom(700 + k);
  return Array.from({ length: kind.count }, (_, i) => partOf(kind, sheet, i + 1, even));
});
