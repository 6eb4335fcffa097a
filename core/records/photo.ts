import { VERSION, type RecordKind } from './kind';
import { number, string, type InferType } from 'yup';
import { exact, identifier } from '../schema/fields';

export const PHOTO_SCHEMA = VERSION.photo;

/** Lists the kinds of record that photos belong to. */
export const PHOTOGRAPHED = ['job', 'part', 'sheet'] as const satisfies readonly RecordKind[];

/** The longest side of a photo that is kept, in pixels. */
export const PHOTO_SIDE = 1600;

/** Longest text of a picture: far over what a photo of that size comes to. */
const MOST_TEXT = 4_000_000;

const JPEG = 'data:image/jpeg;base64,';

/** Tells whether a text is the data address of a JPEG; looks for what does not belong, since a pattern of millions of letters may find no room. */
function isJpeg(text: string): boolean {
  const letters = text.startsWith(JPEG) ? text.slice(JPEG.length).replace(/={1,2}$/, '') : '';
  return letters !== '' && !/[^A-Za-z0-9+/]/.test(letters);
}

/** Makes the field of a JPEG as a data address of at most so many letters; an empty one is none. */
export const jpeg = (most: number) =>
  string()
    .max(most, 'The picture is too large')
    .test('jpeg', 'Not a JPEG picture', (text) => !text || isJpeg(text));

/** A photo, upright and scaled; the job or the loose part that it belongs to says what it shows. */
export const photoSchema = exact({
  schema: number().oneOf([PHOTO_SCHEMA]).required(),
  id: identifier(),
  revision: number().integer().min(0).required(),
  /** Id of the record that it belongs to: a job, or since there is a shelf, a loose part. */
  job: identifier(),
  width: number().integer().min(1).max(PHOTO_SIDE).required(),
  height: number().integer().min(1).max(PHOTO_SIDE).required(),
  /** The JPEG as a data address. */
  jpeg: jpeg(MOST_TEXT).required(),
});

export type Photo = InferType<typeof photoSchema>;
