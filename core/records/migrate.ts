import { APP_FLOORS } from '../pumps/floors';
import { findFamily } from '../pumps/registry';
import { AS_THE_SHEET, NO_SHEET_FLOW } from './flow';
import { VERSION, type RecordKind } from './kind';
import { AS_IT_IS } from './handover';
import { TESTED_AS_THE_SHEET } from './testing';
import { NO_REVERSING } from './reversing';
import { DEMO_ID } from '../schema/fields';
import { isLoose, type Loose } from './loose';
import { listIn, refuse } from './migrating';
import { NO_HEADING } from './heading';
import { PLAIN_PAPER } from './paper';
import { jobTo2, sheetTo2, shopTo2 } from './migrateTo2';
import { say } from '../wording/say';

/** Brings the copy of the sheet that a job works by along. */
const withSheetOfNow = (job: Loose): Loose => ({
  ...job,
  sheet: isLoose(job.sheet) ? migrate('sheet', job.sheet) : job.sheet,
});

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

/* Version 13 to 14: photos of the tools of a sheet. */
const sheetTo12 = (sheet: Loose): Loose => ({ ...sheet, photos: [] });

/* Version 15 to 16: how a pump is tested; tests and proofs, of which there was none. */
const sheetTo13 = (sheet: Loose): Loose => ({ ...sheet, testPoints: [], testFluid: null });

const jobTo16 = (job: Loose): Loose => ({
  ...withSheetOfNow(job),
  testing: TESTED_AS_THE_SHEET,
});

/* Version 16 to 17: what goes on a report, who signed it, what a customer was asked; what stands over the reports of a shop. */
const jobTo17 = (job: Loose): Loose => ({ ...withSheetOfNow(job), paper: PLAIN_PAPER });
const shopTo10 = (shop: Loose): Loose => ({ ...shop, heading: NO_HEADING });

/* Version 17 to 18: visits of one pump, whose make a new part is; searches that a shop keeps. */
const entryTo18 = (entry: Loose): Loose =>
  entry.kind === 'operation' ? { ...entry, make: '' } : entry;

const jobTo18 = (job: Loose): Loose => ({
  ...withSheetOfNow(job),
  visit: null,
  journal: listIn(job, 'journal').map(entryTo18),
});
const shopTo11 = (shop: Loose): Loose => ({ ...shop, searches: [] });

/** A step from one version of a record to the next. */
type Migration = (record: Loose) => Loose;

/** The steps of each kind by the version they start from. Every version that ever landed stays here. */
const STEPS: Readonly<Record<RecordKind, Readonly<Record<number, Migration>>>> = {
  job: {
    1: (job) => jobTo2(withSheetOfNow(job)),
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
    13: withSheetOfNow,
    14: unchanged,
    15: jobTo16,
    16: jobTo17,
    17: jobTo18,
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
    11: sheetTo12,
    12: sheetTo13,
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
    9: shopTo10,
    10: shopTo11,
  },
  study: { 1: unchanged },
  part: { 1: withDemo, 2: partTo3 },
  photo: {},
  trace: {},
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
