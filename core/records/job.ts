import { VERSION } from './kind';
import { STAGES } from './stage';
import { marksSchema } from './marks';
import type { CharacteristicId, KindId } from '../pumps/ids';
import { array, boolean, number, object, string, type InferType } from 'yup';
import { findFamily, isPump, pumpOf } from '../pumps/registry';
import { METHOD_IDS } from '../methods/list';
import { journalSchema, strayIn, type Entry } from './entry';
import { AS_THE_SHEET, jobFlow } from './flow';
import { floors, type Floors } from './floors';
import { feelerSet, instrument } from './instrument';
import { exact, celsius, demo, idOf, identifier, line, moment, note, once } from '../schema/fields';
import { houseRules, type HouseRules } from './rules';
import { keyAnswer } from './key';
import { asked, AS_IT_IS, handoverLines } from './handover';
import { sheetSchema, type Sheet } from './sheet';
import { EMPTY_TAG, tagFields } from './tag';
import { jobPaper, PLAIN_PAPER } from './paper';
import { visit } from './visit';
import { jobTesting, TESTED_AS_THE_SHEET } from './testing';
import { cleanGate, closed, photoNote } from './teardown';
import { say } from '../wording/say';

/** Version of the job record that this code writes. */
export const JOB_SCHEMA = VERSION.job;

/** Says which bushing and seal are in: those that came, or new ones already. */
export const FITTED = ['old', 'new'] as const;

/** More photos than this belong in another job. */
export const MOST_PHOTOS = 200;

/** Says where the measuring was left: null is *whatever comes next*; the way is the one preferred. */
const cursor = exact({
  characteristic: idOf<CharacteristicId>().nullable().defined(),
  way: string().oneOf(METHOD_IDS).required(),
  /** Says that it is measured closer than its verdict needs: what is done about it hangs on its size. */
  closer: boolean(),
  /** Says that it is read once more: what was read up to this entry does not count as read. */
  again: string().max(64),
});

/** A pump on the bench: its tag, the sheet as it was when the job began, and the journal of all that was done. */
export const jobSchema = exact({
  schema: number().oneOf([JOB_SCHEMA]).required(),
  id: identifier(),
  revision: number().integer().min(0).required(),
  marks: marksSchema,
  demo,
  createdAt: moment(),
  tag: line().required('A job needs a tag number'),
  owner: line().defined(),
  unit: line().defined(),
  complaint: note().defined(),
  by: line().defined(),
  ...tagFields,
  tier: identifier(),
  /** Lists what was found when the variant was looked for, in the order of the answers. */
  key: once(array(keyAnswer).required(), 'A check is answered twice', ({ check }) => check),
  /** The variant that the pump was taken for; null while nobody has said. */
  variant: identifier().nullable().defined(),
  /** Parts that come from another variant than the body. */
  mixed: array(object({ part: idOf<KindId>(), variant: identifier() }).noUnknown()).required(),
  photos: once(
    array(photoNote)
      .required()
      .max(MOST_PHOTOS, say('records.mostPhotos', { most: MOST_PHOTOS })),
    'A photo is there twice',
    ({ id }) => id,
  ),
  clean: cleanGate,
  /** Names the bushing and seal that were in while it was measured; null where nobody said, or there is none. */
  fitted: string().oneOf(FITTED).nullable().defined(),
  closed,
  stage: string().oneOf(STAGES).required(),
  sheet: sheetSchema,
  /** The leaves in hand. */
  feeler: feelerSet,
  /** Names the instrument that is used where the shop has several of a kind. */
  chosen: array(object({ kind: instrument.fields.kind, id: identifier() }).noUnknown()).required(),
  /** Temperatures at the bench, where they were taken. */
  part_C: celsius().nullable().defined(),
  shop_C: celsius().nullable().defined(),
  rules: houseRules,
  /** Holds the least running clearances, as the shop had them when the job began. */
  floors,
  /** Says what of flow is otherwise on this job than on its sheet. */
  flow: jobFlow,
  /** Says how it is tested where that is not as its sheet says. */
  testing: jobTesting,
  /** Says what goes on its report. */
  paper: jobPaper,
  /** Says what it was given for. */
  asked,
  /** Says what to watch in the first hours, where that is not as the sheet has it; null where it is. */
  handover: handoverLines.nullable().defined(),
  /** Says which visit of the pump it is, where it was here before; null for the first. */
  visit: visit.nullable().defined(),
  cursor,
  journal: journalSchema,
}).test('refers', (job, context) => {
  const wrong = strayReference(job as unknown as Job);
  const at = context.path ? `${context.path}.` : '';
  return wrong ? context.createError({ ...wrong, path: `${at}${wrong.path}` }) : true;
});

export type Job = Omit<InferType<typeof jobSchema>, 'sheet' | 'journal' | 'rules' | 'floors'> & {
  sheet: Sheet;
  rules: HouseRules;
  floors: Floors;
  journal: readonly Entry[];
};

/** Describes what a job holds before anything was done on it. */
export const BLANK = {
  ...EMPTY_TAG,
  before: [],
  key: [],
  variant: null,
  mixed: [],
  photos: [],
  clean: null,
  fitted: null,
  closed: null,
  chosen: [],
  part_C: null,
  flow: AS_THE_SHEET,
  testing: TESTED_AS_THE_SHEET,
  paper: PLAIN_PAPER,
  asked: AS_IT_IS,
  handover: null,
  visit: null,
  cursor: { characteristic: null, way: 'leaf' },
  journal: [],
} satisfies Partial<Job>;

/** Returns what is wrong with the names in one entry of a job with a sheet; null where all are known. */
export const strayEntry = (sheet: Sheet, entry: Entry): readonly [string, string] | null =>
  strayIn(pumpOf(sheet), sheet, entry);

/** Returns the first name in a job that its sheet or its family does not know, with its place. */
export function strayReference(job: Job): { path: string; message: string } | null {
  const family = findFamily(job.sheet?.family);
  if (!family || !Array.isArray(job.journal)) return null;
  if (!isPump(family, job.sheet.geometry)) return null;
  if (!job.sheet.tiers?.some((t) => t.id === job.tier)) {
    return { path: 'tier', message: say('records.noTier', { tier: job.tier }) };
  }
  const pump = pumpOf(job.sheet);
  for (const [i, entry] of (job.journal as Entry[]).entries()) {
    const stray = entry && strayIn(pump, job.sheet, entry);
    if (stray) return { path: `journal[${i}]${stray[0]}`, message: stray[1] };
  }
  return null;
}
