import { VERSION } from './kind';
import { marksSchema } from './marks';
import type { DimensionId, PartId } from '../pumps/ids';
import { array, number, string, type InferType } from 'yup';
import { photoNote } from './teardown';
import { say } from '../wording/say';
import {
  exact,
  demo,
  finite,
  idOf,
  identifier,
  line,
  millimetres,
  moment,
  note,
  once,
} from '../schema/fields';

/** Version of the record of a loose part that this code writes. */
export const PART_SCHEMA = VERSION.part;

/** So many photos show a loose part well enough. */
export const MOST_PART_PHOTOS = 20;

/** Says where a loose part comes from. */
export const ORIGINS = ['new', 'used'] as const;

/** Says what became of a loose part: it lies on the shelf, a job took it, or it was thrown away. */
export const PART_STATES = ['here', 'taken', 'scrap'] as const;

/** Lists the fields of a loose part that are plain words: each is a field of its form, and a column of its table. */
export const PART_WORDS = ['label', 'place', 'make', 'from', 'condition'] as const;

/** One size of a loose part, as it was measured. */
export const partSize = exact({
  dimension: idOf<DimensionId>(),
  value_mm: millimetres().required(),
  /** Standard uncertainty. */
  u_mm: finite().required().min(0, 'Not below zero').max(1, 'Over 1 mm'),
});

const partSizes = () =>
  once(
    array(partSize).required().max(60, 'At most 60 sizes'),
    'A size is there twice',
    ({ dimension }) => dimension,
  );

/** Keeps what a loose part was when it was put into a pump: what was written on it, and its sizes then. */
export const fittedPart = exact({
  /** The record of the part on the shelf. */
  id: identifier(),
  label: line().required(),
  sizes: partSizes(),
});

/** A loose part on the shelf, or a set of parts that stay together, with what was measured of it. */
export const partSchema = exact({
  schema: number().oneOf([PART_SCHEMA]).required(),
  id: identifier(),
  revision: number().integer().min(0).required(),
  marks: marksSchema,
  createdAt: moment(),
  demo,
  /** Is written on it: `GS-12`. */
  label: line().required('A part needs a label'),
  /** The sheet of the pump that it is of, and that pump's name. */
  sheet: identifier(),
  model: line().required(),
  /** The parts of the pump that it consists of: a gear set of two. */
  parts: once(
    array(idOf<PartId>()).required().min(1, 'Choose what it is').max(20),
    'A part is there twice',
    (id: unknown) => id,
  ),
  variant: identifier().nullable().defined(),
  /** Names its maker as the shop calls it. */
  make: line().defined(),
  origin: string().oneOf(ORIGINS).required(),
  /** Tag of the job that gave it up; empty for none. */
  from: line().defined(),
  condition: note().defined(),
  /** Says where it lies. */
  place: line().defined(),
  sizes: partSizes(),
  photos: once(
    array(photoNote)
      .required()
      .max(MOST_PART_PHOTOS, say('records.mostPhotos', { most: MOST_PART_PHOTOS })),
    'A photo is there twice',
    ({ id }) => id,
  ),
  state: string().oneOf(PART_STATES).required(),
  /** Tag of the job that took it, as it was then; empty for none. */
  takenFor: line().defined(),
  /** Id of that job; null for none, or where only its tag was kept. */
  takenBy: identifier().nullable().defined(),
});

export type PartSize = InferType<typeof partSize>;
export type ShelfPart = InferType<typeof partSchema>;

/** Holds what a loose part begins with: used, on the shelf, nothing else said of it. */
export const BLANK_PART: Omit<
  ShelfPart,
  'id' | 'createdAt' | 'label' | 'sheet' | 'model' | 'parts'
> = {
  schema: PART_SCHEMA,
  revision: 0,
  variant: null,
  make: '',
  origin: 'used',
  from: '',
  condition: '',
  place: '',
  sizes: [],
  photos: [],
  state: 'here',
  takenFor: '',
  takenBy: null,
};
