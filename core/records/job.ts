import { array, lazy, number, object, string, type InferType } from 'yup';
import { FAMILIES, pumpOf } from '../pumps/registry';
import { WAYS, type PumpModel, type Station } from '../pumps/family';
import { feelerSet, instrument, zeroCheck } from './instrument';
import { celsius, identifier, line, moment, note, READING_SCHEMA, type Reading } from './parts';
import { houseRules, type HouseRules } from './rules';
import { keyAnswer } from './key';
import { sheetSchema, type Sheet } from './sheet';
import { EMPTY_TAG, tagFields } from './tag';
import { alsoAnswer, cleanGate, closed, finding, photoNote, stripNote } from './teardown';

/** Version of the job record that this code writes. */
export const JOB_SCHEMA = 1;

/** The stages of a job that the app has, in the order of the work. */
export const STAGES = ['tag', 'strip', 'look', 'measure', 'report'] as const;
export type Stage = (typeof STAGES)[number];

/** More photos than this belong in another job. */
export const MOST_PHOTOS = 200;

const readings = array(
  lazy(
    (value: { kind?: keyof typeof READING_SCHEMA } | undefined) =>
      READING_SCHEMA[value?.kind ?? 'leaf'] ?? READING_SCHEMA.leaf,
  ),
).required();

/** Where the measuring was left: null is *whatever comes next*; the way is the one preferred. */
const cursor = object({
  characteristic: identifier().nullable().defined(),
  way: string().oneOf(WAYS).required(),
})
  .noUnknown()
  .required();

/** A pump on the bench: its tag, the sheet as it was when the job began, and every reading ever made. */
export const jobSchema = object({
  schema: number().oneOf([JOB_SCHEMA]).required(),
  id: identifier(),
  revision: number().integer().min(0).required(),
  createdAt: moment(),
  tag: line().required('A job needs a tag number'),
  owner: line().defined(),
  unit: line().defined(),
  complaint: note().defined(),
  by: line().defined(),
  ...tagFields,
  tier: identifier(),
  /** What was found when the variant was looked for, in the order of the answers. */
  key: array(keyAnswer).required(),
  /** The variant that the pump was taken for; null while nobody has said. */
  variant: identifier().nullable().defined(),
  /** Parts that come from another variant than the body. */
  mixed: array(object({ part: identifier(), variant: identifier() }).noUnknown()).required(),
  strip: array(stripNote).required(),
  findings: array(finding).required(),
  also: array(alsoAnswer).required(),
  photos: array(photoNote).required().max(MOST_PHOTOS, `At most ${MOST_PHOTOS} photos in a job`),
  clean: cleanGate,
  closed,
  stage: string().oneOf(STAGES).required(),
  sheet: sheetSchema,
  /** The leaves in hand. */
  feeler: feelerSet,
  /** Which instrument is used where the shop has several of a kind. */
  chosen: array(object({ kind: instrument.fields.kind, id: identifier() }).noUnknown()).required(),
  /** Zero checks made for this job, the newest last. */
  zeros: array(zeroCheck).required(),
  /** Temperatures at the bench, where they were taken. */
  part_C: celsius().nullable().defined(),
  shop_C: celsius().nullable().defined(),
  rules: houseRules,
  cursor,
  readings,
})
  .noUnknown()
  .required()
  .test('refers', (job, context) => {
    const wrong = strayReference(job as unknown as Job);
    const at = context.path ? `${context.path}.` : '';
    return wrong ? context.createError({ ...wrong, path: `${at}${wrong.path}` }) : true;
  });

export type Job = Omit<InferType<typeof jobSchema>, 'sheet' | 'readings' | 'rules'> & {
  sheet: Sheet;
  rules: HouseRules;
  readings: Reading[];
};

/** What a job holds before anything was done on it. */
export const BLANK = {
  ...EMPTY_TAG,
  before: [],
  key: [],
  variant: null,
  mixed: [],
  strip: [],
  findings: [],
  also: [],
  photos: [],
  clean: null,
  closed: null,
  chosen: [],
  zeros: [],
  part_C: null,
  cursor: { characteristic: null, way: 'leaf' },
  readings: [],
} satisfies Partial<Job>;

/** The places at which a reading of this kind can have been made. */
function placesOf(pump: PumpModel, r: Reading): readonly Station[] {
  if (r.kind === 'size') return pump.dimensions.find((d) => d.id === r.dimension)?.stations ?? [];
  const c = pump.characteristics.find((other) => other.id === r.characteristic);
  if (r.kind === 'leaf') return c?.stations ?? [];
  return (r.kind === 'swing' ? c?.swing : c?.touch)?.stations ?? [];
}

/** The first name in a job that its sheet or its family does not know, with its place. */
export function strayReference(job: Job): { path: string; message: string } | null {
  const family = FAMILIES.find((f) => f.id === job.sheet?.family);
  if (!family || !Array.isArray(job.readings)) return null;
  if (!family.geometry.isValidSync(job.sheet.geometry, { strict: true })) return null;
  if (!job.sheet.tiers?.some((t) => t.id === job.tier)) {
    return { path: 'tier', message: `The sheet has no tier “${job.tier}”` };
  }
  const { surfaces } = family.teardown(job.sheet.geometry);
  const seen = job.findings?.findIndex((f) => !surfaces.some((s) => s.id === f.surface)) ?? -1;
  if (seen >= 0) {
    return { path: `findings[${seen}].surface`, message: `${family.name} has no such surface` };
  }
  const pump = pumpOf(job.sheet);
  const known = (r: Reading): boolean => placesOf(pump, r).some((s) => s.id === r.station);
  const index = job.readings.findIndex((r) => !known(r));
  return index < 0
    ? null
    : { path: `readings[${index}]`, message: `${family.name} has no such place to measure` };
}

/** What counts of a list: what is not struck through. */
export function standing<T extends { readonly struck: unknown }>(list: readonly T[]): T[] {
  return list.filter((item) => item.struck === null);
}
