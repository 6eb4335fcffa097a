import { DRAG_BAND_MM } from '../feeler/bounds';
import { isLoose, type Loose } from './loose';
import { listIn, refuse, without } from './migrating';
import { strikeId } from './strikeId';

/* Version 1 to 2: leaves, instruments and sheets. */
const leafSetTo2 = (set: Loose): Loose => ({
  ...set,
  mics: [],
  tolerance_mm: 0,
  dragBand_mm: DRAG_BAND_MM,
});

/** Says what share of an uncertainty is taken for the instrument's own where nobody ever said how much is. */
const OWN_SHARE = 0.5;

const ownPart = (u_mm: unknown): unknown => (typeof u_mm === 'number' ? OWN_SHARE * u_mm : u_mm);

/** Brings a shop of version 1 up to version 2. */
export const shopTo2 = (shop: Loose): Loose => ({
  ...shop,
  feelers: listIn(shop, 'feelers').map(leafSetTo2),
  instruments: listIn(shop, 'instruments').map((i) => ({ ...i, own_mm: ownPart(i.u_mm) })),
});

/** Matches the size that was the width of both gears of a section until version 2. */
const GEAR_WIDTH = /^gear-width(-s\d+)?$/;

/** Brings a sheet of version 1 up to version 2. */
export function sheetTo2(sheet: Loose): Loose {
  if (sheet.family !== 'external-gear') return sheet;
  const nominal = listIn(sheet, 'nominal').flatMap((n) => {
    const section = GEAR_WIDTH.exec(String(n.dimension));
    if (!section) return [n];
    return ['drive', 'idler'].map((gear) => ({
      ...n,
      dimension: `${gear}-width${section[1] ?? ''}`,
    }));
  });
  return { ...sheet, nominal };
}

/* Version 1 to 2: what was kept in five lists of a job becomes one journal. */
function sizeTo2(reading: Loose): Loose {
  const section = GEAR_WIDTH.exec(String(reading.dimension));
  const gear = /^(drive|idler)(-b)?$/.exec(String(reading.station));
  const moved =
    section && gear
      ? { dimension: `${gear[1]}-width${section[1] ?? ''}`, station: gear[2] ? 'b' : 'a' }
      : {};
  return { ...reading, ...moved, own_mm: ownPart(reading.u_mm) };
}

/** Scales the uncertainty of a swing by the lever and the radius, as its value always was. */
function swingTo2(reading: Loose): Loose {
  const { read_mm, value_mm, lever_deg, u_mm } = reading;
  const scale =
    typeof read_mm === 'number' && typeof value_mm === 'number' && read_mm > 0
      ? Math.abs(value_mm / read_mm)
      : Math.cos((Number(lever_deg) * Math.PI) / 180);
  const scaled = typeof u_mm === 'number' ? scale * u_mm : u_mm;
  return { ...reading, u_mm: scaled, own_mm: ownPart(scaled) };
}

const READING_TO_2: Readonly<Record<string, (reading: Loose) => Loose>> = {
  leaf: (reading) => ({ ...reading, marked_mm: null }),
  size: sizeTo2,
  swing: swingTo2,
  touch: (reading) => reading,
};

const ENTRY_LISTS: readonly (readonly [
  field: string,
  toEntry: (item: Loose, i: number) => Loose,
])[] = [
  ['strip', (item) => ({ ...item, kind: 'strip' })],
  ['findings', (item) => ({ ...item, kind: 'finding' })],
  ['also', (item) => ({ ...item, kind: 'also' })],
  ['zeros', (item, i) => ({ ...item, kind: 'zero', id: `zero-${i + 1}`, struck: null })],
  ['readings', (item) => READING_TO_2[String(item.kind)]?.(item) ?? item],
];

/** Holds an entry and the moment by which it is put in order: never before its forerunner in the same list. */
interface Dated {
  readonly at: string;
  readonly entry: Loose;
}

const later = (a: string, b: string): string => (a > b ? a : b);

/** Gives each id once: lists of version 1 could hold the same one. */
function unique(): (id: unknown) => string {
  const taken = new Set<string>();
  return (id) => {
    let free = String(id);
    for (let n = 2; taken.has(free); n++) free = `${String(id).slice(0, 58)}-${n}`;
    taken.add(free);
    return free;
  };
}

/** Merges lists of entries, each with what struck it, into one journal in the order of their moments. */
export function journalFrom(
  lists: readonly (readonly [field: string, items: readonly Loose[]])[],
): Loose[] {
  const idFor = unique();
  const dated = lists.flatMap(([field, items]) => {
    let at = '';
    return items.flatMap((item, i): Dated[] => {
      if (!('struck' in item) || (item.struck !== null && !isLoose(item.struck))) {
        refuse(`${field}[${i}].struck`, 'Missing: null, or who struck it when and why');
      }
      at = later(at, String(item.at));
      const id = typeof item.id === 'string' ? idFor(item.id) : item.id;
      const kept: Dated = { at, entry: { ...without(item, 'struck'), id } };
      if (!isLoose(item.struck)) return [kept];
      const entry = { ...item.struck, kind: 'strike', id: idFor(strikeId(String(id))), of: [id] };
      return [kept, { at: later(at, String(item.struck.at)), entry }];
    });
  });
  // The sort is stable: what was made at the same moment stays in the order of its list.
  return dated.sort((a, b) => (a.at < b.at ? -1 : a.at > b.at ? 1 : 0)).map((d) => d.entry);
}

/** Brings a job of version 1 up to version 2: what was kept in five lists becomes one journal. Its sheet is not touched. */
export function jobTo2(job: Loose): Loose {
  const journal = journalFrom(
    ENTRY_LISTS.map(([field, toEntry]) => [field, listIn(job, field).map(toEntry)] as const),
  );
  const { feeler } = job;
  return {
    ...without(job, ...ENTRY_LISTS.map(([field]) => field)),
    feeler: isLoose(feeler) ? leafSetTo2(feeler) : feeler,
    journal,
  };
}
