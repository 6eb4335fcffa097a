import { type Job, BLANK, JOB_SCHEMA } from '../core/records/job';
import { familyOf } from '../core/pumps/registry';
import { blankSheet, type Sheet } from '../core/records/sheet';
import { STUDY_SCHEMA, type Study } from '../core/records/study';
import { NEW_SHOP, type Shop } from '../core/records/shop';
import { askToStay } from './persistence';
import { saveNew } from './records';

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

/** Puts a new job on the bench with the sheet as it is now; resolves to its id once it is in storage. */
export async function createJob(tag: NewJob, sheet: Sheet, shop: Shop): Promise<string> {
  const job: Job = {
    ...BLANK,
    ...tag,
    schema: JOB_SCHEMA,
    id: newId(),
    revision: 0,
    createdAt: now(),
    stage: 'tag',
    sheet,
    feeler: shop.feelers[0] ?? (NEW_SHOP.feelers[0] as Job['feeler']),
    shop_C: shop.shop_C,
    rules: shop.rules,
  };
  await saveNew([{ kind: 'job', record: job }]);
  // From the first job on there is something to lose. What it answers is said under Shop.
  void askToStay();
  return job.id;
}

/** A new sheet of a family, drawn from a made-up pump of it and without any limit; resolves to its id. */
export async function createSheet(model: string, family: string): Promise<string> {
  const geometry = familyOf(family).example;
  const sheet: Sheet = {
    ...blankSheet({ family, geometry }),
    id: newId(),
    model,
    family,
    invented: false,
    note: '',
    geometry,
    tiers: [{ id: 'service', name: 'Service', source: '' }],
  };
  await saveNew([{ kind: 'sheet', record: sheet }]);
  return sheet.id;
}

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
  const copy: Sheet = {
    ...sheet,
    id: newId(),
    revision: 0,
    model: `${sheet.model.slice(0, 190)} (copy)`,
  };
  await saveNew([{ kind: 'sheet', record: copy }]);
  return copy.id;
}
