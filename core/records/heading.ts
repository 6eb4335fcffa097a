import { string, type InferType } from 'yup';
import { exact, line, note } from '../schema/fields';
import { isJpeg } from './photo';

/** Lists the sizes of paper that reports are made for. */
export const PAPERS = ['a4', 'letter'] as const;
export type Paper = (typeof PAPERS)[number];

/** The longest side of the picture of a heading, in pixels: an inch of it is sharp on paper. */
export const HEADING_SIDE = 400;

/** Longest text of that picture: far over what one of that size comes to. */
const MOST_TEXT = 300_000;

/** Describes what stands over the reports of a shop, and what it warrants beneath them; empty where nobody said. */
export const heading = exact({
  name: line().defined(),
  address: note().defined(),
  warranty: note().defined(),
  /** The picture as the data address of a JPEG; empty for none. */
  picture: string()
    .defined()
    .max(MOST_TEXT, 'The picture is too large')
    .test('jpeg', 'Not a JPEG picture', (text) => !text || isJpeg(text)),
  paper: string().oneOf(PAPERS).required(),
});

export type ShopHeading = InferType<typeof heading>;

/** The heading of a shop that has said nothing. */
export const NO_HEADING: ShopHeading = {
  name: '',
  address: '',
  warranty: '',
  picture: '',
  paper: 'a4',
};
