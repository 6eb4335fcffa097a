import type { KindId } from '../pumps/ids';
import { record } from '../journal/commands';
import type { GaugeKind } from '../pumps/family';
import type { ZeroCheck } from '../records/instrument';
import type { Job } from '../records/job';
import type { KeyAnswer } from '../records/key';
import type { Sheet } from '../records/sheet';
import { sheetAlone } from '../records/sheetAlone';
import { standing, type Command } from './command';
import { onFields, onKey } from './stands';

/** Changes fields of a job that stand for themselves: its tier, its rules, what is on its tag. */
export const setFields = (fields: Partial<Omit<Job, 'id' | 'revision' | 'journal'>>): Command =>
  standing(onFields(...(Object.keys(fields) as (keyof Job)[])), (job) => ({ ...job, ...fields }));

/** Answers a check of the identification key; an answer takes the place of the one before. */
export const answerKey = (given: KeyAnswer): Command =>
  standing(onKey(given.check), (job) => ({
    ...job,
    key: [...job.key.filter((a) => a.check !== given.check), given],
  }));

/** Takes an answer to the identification key back. */
export const forgetKey = (check: string): Command =>
  standing(onKey(check), (job) => ({ ...job, key: job.key.filter((a) => a.check !== check) }));

/** Says of which variant a part is; that of the pump itself needs no mention. */
export const mixPart = (part: KindId, variant: string): Command =>
  standing(onFields('mixed', 'variant'), (job) => ({
    ...job,
    mixed: [...job.mixed.filter((m) => m.part !== part), { part, variant }].filter(
      (m) => m.variant !== job.variant,
    ),
  }));

/** Says whether the parts are measured clean and dry. */
export const answerClean = (state: 'dry' | 'wet'): Command =>
  standing(onFields('clean'), (job, { at, by }) => ({ ...job, clean: { at, by, state } }));

/** Says which bushing and seal are in while the pump is measured. */
export const answerFitted = (fitted: NonNullable<Job['fitted']>): Command =>
  standing(onFields('fitted'), (job) => ({ ...job, fitted }));

/** Closes a job before its last stage. */
export const closeJob = (why: string): Command =>
  standing(onFields('closed'), (job, { at, by }) => ({
    ...job,
    closed: { at, by, why: why.slice(0, 200) },
  }));

/** Adds a photo of something. */
export const addPhoto =
  (id: string, of: string): Command =>
  (job, { at, by }) => ({ ...job, photos: [...job.photos, { id, at, by, of }] });

/** Removes a photo. */
export const removePhoto =
  (id: string): Command =>
  (job) => ({ ...job, photos: job.photos.filter((p) => p.id !== id) });

/** Takes an instrument of a kind in hand for the job. */
export const chooseInstrument = (kind: GaugeKind, id: string): Command =>
  standing(onFields('chosen'), (job) => ({
    ...job,
    chosen: [...job.chosen.filter((c) => c.kind !== kind), { kind, id }],
  }));

/** Records a zero check that was made for the job. */
export const recordZero =
  (check: ZeroCheck): Command =>
  (job, made) =>
    record(job, { ...made, ...check, kind: 'zero' });

/** Takes a newer version of the sheet, and the tier of it that applies. */
export const takeSheet = (sheet: Sheet, tier: string): Command =>
  standing(onFields('sheet', 'tier'), (job) => ({ ...job, sheet: sheetAlone(sheet), tier }));
