import { string, type InferType } from 'yup';
import { exact, line, note } from '../schema/fields';
import { jpeg } from './photo';

/** Lists the sizes of paper that reports are made for. */
export const PAPERS = ['a4', 'letter'] as const;
export type Paper = (typeof PAPERS)[number];

/** Limits the longest side of the picture of a heading, in pixels: an inch of it is sharp on paper. */
export const HEADING_SIDE = 400;

/** Limits the text of that picture: far over what one of that size comes to. */
const MOST_TEXT = 300_000;

/** Describes what stands over the reports of a shop, and what it warrants beneath them; empty where nobody said. */
export const heading = exact({
  name: line().defined(),
  address: note().defined(),
  warranty: note().defined(),
  /** Holds the picture as the data address of a JPEG; empty for none. */
  picture: jpeg(MOST_TEXT).defined(),
  paper: string().oneOf(PAPERS).required(),
});

export type ShopHeading = InferType<typeof heading>;

/** Describes the heading of a shop that has said nothing. */
export const NO_HEADING: ShopHeading = {
  name: '',
  address: '',
  warranty: '',
  picture: '',
  paper: 'a4',
};
