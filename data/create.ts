import type { CharacteristicId } from '../core/pumps/ids';
import { type Job, BLANK, JOB_SCHEMA } from '../core/records/job';
import { familyOf } from '../core/pumps/registry';
import type { Fitted } from '../core/pumps/teardown/fitted';
import { blankSheet, type Sheet } from '../core/records/sheet';
import { STUDY_SCHEMA, type Study } from '../core/records/study';
import { inUnit, NEW_SHOP, type Shop } from '../core/records/shop';
import { sheetAlone } from '../core/records/sheetAlone';
import { askToStay } from './persistence';
import { saveNew } from './records';
import { say } from '../core/wording/say';

/** A new id for a record or a reading. */
export const newId = (): string => crypto.randomUUID();

/** This moment, as records keep it. */
export const now = (): string => new Date().toISOString();

/** What a new job asks for. */
export interface NewJob {
  readonly tag: string;
  readonly owner: string;
  readonly contact: string;
  readonly unit: string;
  readonly complaint: string;
  readonly by: string;
  readonly tier: string;
}

/** Returns a new job with the sheet as it is now; nothing is stored. */
export const jobBegun = (tag: NewJob, sheet: Sheet, shop: Shop): Job => ({
  ...BLANK,
  ...tag,
  schema: JOB_SCHEMA,
  id: newId(),
  revision: 0,
  createdAt: now(),
  stage: 'tag',
  sheet: sheetAlone(sheet),
  feeler: inUnit(shop, shop.unit).feelers[0] ?? (NEW_SHOP.feelers[0] as Job['feeler']),
  shop_C: shop.shop_C,
  rules: shop.rules,
  floors: shop.floors,
});

/** Asks the browser to keep what is stored: from the first job on there is something to lose. What it answers is said under Shop. */
export const askedToStay = (): void => void askToStay();

/** Puts a new job on the bench with the sheet as it is now; resolves to its id once it is in storage. */
export async function createJob(tag: NewJob, sheet: Sheet, shop: Shop): Promise<string> {
  const job = jobBegun(tag, sheet, shop);
  await saveNew([{ kind: 'job', record: job }]);
  askedToStay();
  return job.id;
}

/**
 * A new sheet of a family, without any limit; resolves to its id. Its sizes are those of a made-up pump,
 * and marked so until somebody puts in others.
 *
 * @param said what was asked of the pump: its build, sections, teeth
 * @param fitted which seals and which drain it has, where that is not as its family has it as a rule
 */
export async function createSheet(
  model: string,
  family: string,
  said: Readonly<Record<string, number | string>> = {},
  fitted: Partial<Fitted> = {},
): Promise<string> {
  const geometry: object = { ...familyOf(family).example, ...said };
  const sheet: Sheet = {
    ...blankSheet({ family, geometry }, fitted),
    id: newId(),
    model,
    family,
    invented: false,
    note: '',
    geometry,
    tiers: [{ id: 'service', name: 'Service', source: '' }],
    examples: Object.keys(geometry).filter((field) => !(field in said)),
  };
  await saveNew([{ kind: 'sheet', record: sheet }]);
  return sheet.id;
}

/** A limit that somebody measures against without a sheet, in mm. */
export interface QuickLimit {
  readonly characteristic: CharacteristicId;
  readonly lower_mm: number | null;
  readonly upper_mm: number | null;
}

const QUICK_TIER = 'service';

/**
 * Puts a job on the bench without a sheet of the shop's: its own one has the limits given and nothing
 * else, and can be kept as a sheet later. Resolves to its id once it is in storage.
 *
 * @param said what was asked of the pump: its build, its sections
 */
export async function createQuickJob(
  family: string,
  limits: readonly QuickLimit[],
  shop: Shop,
  said: Readonly<Record<string, number | string>> = {},
): Promise<string> {
  const { name, example } = familyOf(family);
  const geometry: object = { ...example, ...said };
  const at = now();
  const sheet: Sheet = {
    ...blankSheet({ family, geometry }),
    id: newId(),
    model: `${name}, ${at.slice(0, 10)}`,
    family,
    invented: false,
    note: '',
    geometry,
    examples: Object.keys(geometry).filter((field) => !(field in said)),
    tiers: [{ id: QUICK_TIER, name: 'Service', source: '' }],
    limits: limits.map((limit) => ({
      ...limit,
      tier: QUICK_TIER,
      side: 'full',
      gasket: 'bare',
      source: '',
      preferredLower_mm: null,
      preferredUpper_mm: null,
    })),
  };
  const tag = `NOW-${at.slice(5, 16).replace(/\D/g, '')}`;
  const blank = { owner: '', contact: '', unit: '', complaint: '', by: shop.person };
  return createJob({ tag, ...blank, tier: QUICK_TIER }, sheet, shop);
}

/** Keeps the sheet of a job as one of the shop's own. */
export const keepSheet = ({ demo: _, ...sheet }: Sheet): Promise<void> =>
  saveNew([{ kind: 'sheet', record: { ...sheetAlone(sheet), revision: 0 } }]);

/** Begins a study; resolves to its id once it is in storage. */
export async function createStudy(
  plan: Pick<Study, 'what' | 'instrument' | 'people' | 'parts' | 'trials'>,
): Promise<string> {
  const study: Study = {
    ...plan,
    schema: STUDY_SCHEMA,
    id: newId(),
    revision: 0,
    createdAt: now(),
    readings: [],
  };
  await saveNew([{ kind: 'study', record: study }]);
  return study.id;
}

/** Copies a sheet under a new id, to be edited; resolves to the new id. */
export async function copySheet(sheet: Sheet): Promise<string> {
  const { demo: _, ...own } = sheetAlone(sheet);
  const copy: Sheet = {
    ...own,
    id: newId(),
    revision: 0,
    model: say('storage.copy', { model: sheet.model.slice(0, 190) }),
  };
  await saveNew([{ kind: 'sheet', record: copy }]);
  return copy.id;
}
