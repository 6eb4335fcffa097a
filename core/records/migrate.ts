import { APP_FLOORS } from '../pumps/floors';
import { findFamily } from '../pumps/registry';
import { AS_THE_SHEET, NO_SHEET_FLOW } from './flow';
import { VERSION, type RecordKind } from './kind';
import { AS_IT_IS } from './handover';
import { NO_REVERSING } from './reversing';
import { isLoose, type Loose } from './loose';
import { strikeId } from './strikeId';
import { FileError } from './problems';
import { DRAG_BAND_MM } from '../feeler/bounds';
import { say } from '../wording/say';

const refuse = (place: string, message: string): never => {
  throw new FileError([{ place, message }]);
};

/** Returns a list of objects that a record of its version must have. */
function listIn(record: Loose, field: string): Loose[] {
  const list = record[field];
  if (!Array.isArray(list)) return refuse(field, 'Missing, or not a list');
  return list.map((item, i) =>
    isLoose(item) ? item : refuse(`${field}[${i}]`, 'Not what such a list holds'),
  );
}

const without = (record: Loose, ...fields: readonly string[]): Loose =>
  Object.fromEntries(Object.entries(record).filter(([name]) => !fields.includes(name)));

/** Brings the copy of the sheet that a job works by along. */
const withSheetOfNow = (job: Loose): Loose => ({
  ...job,
  sheet: isLoose(job.sheet) ? migrate('sheet', job.sheet) : job.sheet,
});

/* Version 1 to 2: leaves, instruments and sheets. */
const leafSetTo2 = (set: Loose): Loose => ({
  ...set,
  mics: [],
  tolerance_mm: 0,
  dragBand_mm: DRAG_BAND_MM,
});

/** Half of an uncertainty is taken for the instrument's own where nobody ever said how much is. */
const OWN_SHARE = 0.5;

const ownPart = (u_mm: unknown): unknown => (typeof u_mm === 'number' ? OWN_SHARE * u_mm : u_mm);

const shopTo2 = (shop: Loose): Loose => ({
  ...shop,
  feelers: listIn(shop, 'feelers').map(leafSetTo2),
  instruments: listIn(shop, 'instruments').map((i) => ({ ...i, own_mm: ownPart(i.u_mm) })),
});

/** Matches the size that was the width of both gears of a section until version 2. */
const GEAR_WIDTH = /^gear-width(-s\d+)?$/;

function sheetTo2(sheet: Loose): Loose {
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

/** An entry and the moment by which it is put in order: never before its forerunner in the same list. */
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

function jobTo2(job: Loose): Loose {
  const journal = journalFrom(
    ENTRY_LISTS.map(([field, toEntry]) => [field, listIn(job, field).map(toEntry)] as const),
  );
  const { feeler } = job;
  return {
    ...without(withSheetOfNow(job), ...ENTRY_LISTS.map(([field]) => field)),
    feeler: isLoose(feeler) ? leafSetTo2(feeler) : feeler,
    journal,
  };
}

/* Version 2 to 3: preferred bands, gaskets in bench words, a sheet's own characteristics, what was skipped. */
const GASKET_TO_3: Readonly<Record<string, string>> = {
  counted: 'bare',
  'not-counted': 'assembled',
};

const limitTo3 = (limit: Loose): Loose => ({
  ...limit,
  preferredLower_mm: null,
  preferredUpper_mm: null,
  gasket: GASKET_TO_3[String(limit.gasket)] ?? limit.gasket,
});

/** Gives a gerotor its use: until version 3 it was an engine oil pump and nothing else. */
const geometryTo3 = ({ family, geometry }: Loose): unknown =>
  family === 'gerotor' && isLoose(geometry) ? { use: 'oil-pump', ...geometry } : geometry;

/**
 * Returns the sizes of a geometry that are as in the example that every sheet of a family began with; none on a
 * sheet that is invented as a whole.
 */
function examplesIn({ family, geometry, invented }: Loose): string[] {
  const example = findFamily(String(family))?.example as Loose | undefined;
  if (!example || !isLoose(geometry) || invented === true) return [];
  return Object.keys(geometry).filter((f) => f.endsWith('_mm') && geometry[f] === example[f]);
}

const sheetTo3 = (sheet: Loose): Loose => ({
  ...sheet,
  geometry: geometryTo3(sheet),
  limits: listIn(sheet, 'limits').map(limitTo3),
  strip: listIn(sheet, 'strip').map((step) => ({ right: '', ...step })),
  fasteners: listIn(sheet, 'fasteners').map((f) => ({ torqueTo: null, ...f })),
  examples: examplesIn(sheet),
  own: [],
});

const rulesTo3 = (rules: unknown): unknown =>
  isLoose(rules) ? { ...rules, record: 'verdict' } : rules;

const jobTo3 = (job: Loose): Loose => ({
  ...withSheetOfNow(job),
  rules: rulesTo3(job.rules),
  fitted: null,
});

const shopTo3 = (shop: Loose): Loose => ({ ...shop, rules: rulesTo3(shop.rules) });

/* Version 3 to 4: an entry for each one-way clutch. Sheets keep the small checks that they had instead. */
const sheetTo4 = (sheet: Loose): Loose => ({ ...sheet, clutches: [] });

/* Version 3 to 4: how English is spelled, and whether keys answer. */
const shopTo4 = (shop: Loose): Loose => ({ ...shop, spelling: 'device', shortcuts: true });

/* Version 4 to 5: what work costs and how far it may go; which step of a plan an operation carried out. */
const rulesTo5 = (rules: unknown): unknown =>
  isLoose(rules) ? { ...rules, shelf: 'again' } : rules;

const entryTo5 = (entry: Loose): Loose =>
  entry.kind === 'operation' ? { ...entry, step: null } : entry;

const jobTo5 = (job: Loose): Loose => ({
  ...withSheetOfNow(job),
  rules: rulesTo5(job.rules),
  journal: listIn(job, 'journal').map(entryTo5),
});

const sheetTo5 = (sheet: Loose): Loose => ({ ...sheet, metal: [], prices: [], sets: [] });

const shopTo5 = (shop: Loose): Loose => ({
  ...shop,
  rules: rulesTo5(shop.rules),
  operations: [],
  money: { currency: '', rate: 48, downDay: 120, comeback: 400 },
  makes: [],
});

/* Version 5 to 6: which part from the shelf an operation put in. */
const entryTo6 = (entry: Loose): Loose =>
  entry.kind === 'operation' ? { ...entry, piece: null } : entry;

const jobTo6 = (job: Loose): Loose => ({
  ...withSheetOfNow(job),
  journal: listIn(job, 'journal').map(entryTo6),
});

/* Version 6 to 7: orders, of which an older job has none. */

/*
 * Version 7 to 8: how far measuring goes, and what a running clearance has at least; of a sheet which part is mounted,
 * what new parts measure, which washers there are; of work what equal works share.
 */
const rulesTo8 = (rules: unknown): unknown =>
  isLoose(rules) ? { ...rules, closer: 'pays' } : rules;

const jobTo8 = (job: Loose): Loose => ({
  ...withSheetOfNow(job),
  rules: rulesTo8(job.rules),
  floors: APP_FLOORS,
});

const sheetTo6 = (sheet: Loose): Loose => ({
  ...sheet,
  mount: null,
  newSizes: [],
  washers_mm: [],
});

const shopTo6 = (shop: Loose): Loose => ({
  ...shop,
  rules: rulesTo8(shop.rules),
  floors: APP_FLOORS,
  operations: listIn(shop, 'operations').map((o) => ({ ...o, setup: 0 })),
});

/*
 * Version 8 to 9: what of seals and drains a sheet says, small parts to be counted, what a person accepted, and which
 * records are the demo's.
 */

/** Begins the ids of the records that the demo of earlier versions put on a bench. */
const DEMO_ID = 'demo-';

const isOfDemo = ({ id }: Loose): boolean => String(id).startsWith(DEMO_ID);

const withDemo = (record: Loose): Loose => (isOfDemo(record) ? { ...record, demo: true } : record);

/** Matches the checks of a stack that called a gear right which is tight on its shaft: it floats. */
const GEAR_TIGHT = /^gear-loose(-s\d+)?$/;

const isGearTight = ({ id, expected }: Loose): boolean =>
  GEAR_TIGHT.test(String(id)) && expected === 'tight';

function sheetTo7(sheet: Loose): Loose {
  const also = listIn(sheet, 'also');
  const floats = also.some(isGearTight);
  return withDemo({
    ...sheet,
    also: floats ? also.filter((check) => !isGearTight(check)) : also,
    seals: null,
    drain: null,
    gearFit: floats ? 'floats' : null,
    small: [],
  });
}

/** Brings the sheet of a job along; where its gears were answered for by the sheet of then, it keeps asking as it did. */
function jobTo9(job: Loose): Loose {
  const { sheet } = job;
  const next = withDemo(withSheetOfNow(job));
  const answered = listIn(job, 'journal').some(
    ({ kind, check }) => kind === 'also' && GEAR_TIGHT.test(String(check)),
  );
  if (!answered || !isLoose(sheet) || !isLoose(next.sheet)) return next;
  return { ...next, sheet: { ...next.sheet, also: sheet.also, gearFit: null } };
}

/* Version 9 to 10: who wrote what of a record, where somebody did since; and which job has a part. */
const unchanged = (record: Loose): Loose => record;

const partTo3 = (part: Loose): Loose => ({ ...part, takenBy: null });

/* Version 10 to 11: what a pump moves, what it runs on, and what its circuits want; fluids of the shop's own. */
const sheetTo9 = (sheet: Loose): Loose => ({ ...sheet, flow: NO_SHEET_FLOW });

const jobTo11 = (job: Loose): Loose => ({ ...withSheetOfNow(job), flow: AS_THE_SHEET });

const shopTo8 = (shop: Loose): Loose => ({ ...shop, fluids: [] });

/* Version 11 to 12: how a pump is built where it is to turn the other way; what sums came to, of which there was none. */
const sheetTo10 = (sheet: Loose): Loose => ({ ...sheet, reversing: NO_REVERSING });

/*
 * Version 12 to 13: what was done at the build, of which there was nothing; what a job was given for; of a sheet its steps
 * of the build and its tools, of a house how it washes.
 */
const rulesTo13 = (rules: unknown): unknown =>
  isLoose(rules) ? { ...rules, wash: 'hot-wash' } : rules;

const jobTo13 = (job: Loose): Loose => ({
  ...withSheetOfNow(job),
  rules: rulesTo13(job.rules),
  asked: AS_IT_IS,
  handover: null,
});

const sheetTo11 = (sheet: Loose): Loose => ({ ...sheet, assembly: [], handover: [], tools: [] });

const shopTo9 = (shop: Loose): Loose => ({ ...shop, rules: rulesTo13(shop.rules) });

/** A step from one version of a record to the next. */
type Migration = (record: Loose) => Loose;

/** The steps of each kind by the version they start from. Every version that ever landed stays here. */
const STEPS: Readonly<Record<RecordKind, Readonly<Record<number, Migration>>>> = {
  job: {
    1: jobTo2,
    2: jobTo3,
    3: withSheetOfNow,
    4: jobTo5,
    5: jobTo6,
    6: withSheetOfNow,
    7: jobTo8,
    8: jobTo9,
    9: withSheetOfNow,
    10: jobTo11,
    11: withSheetOfNow,
    12: jobTo13,
  },
  sheet: {
    1: sheetTo2,
    2: sheetTo3,
    3: sheetTo4,
    4: sheetTo5,
    5: sheetTo6,
    6: sheetTo7,
    7: unchanged,
    8: sheetTo9,
    9: sheetTo10,
    10: sheetTo11,
  },
  shop: {
    1: shopTo2,
    2: shopTo3,
    3: shopTo4,
    4: shopTo5,
    5: shopTo6,
    6: unchanged,
    7: shopTo8,
    8: shopTo9,
  },
  study: { 1: unchanged },
  part: { 1: withDemo, 2: partTo3 },
  photo: {},
};

/**
 * Brings a record of an older version up to the present one, step by step. What it holds is not
 * checked: that is the schema's.
 *
 * @throws FileError where it is newer than is known here, or not even of its own version's shape
 */
export function migrate(kind: RecordKind, record: Loose): Loose {
  const { schema } = record;
  if (typeof schema !== 'number' || !Number.isInteger(schema) || schema < 1) return record;
  if (schema > VERSION[kind]) {
    refuse('schema', say('records.newerRecord', { version: schema, known: VERSION[kind] }));
  }
  const step = STEPS[kind][schema];
  return step ? migrate(kind, { ...step(record), schema: schema + 1 }) : record;
}
