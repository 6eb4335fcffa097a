import type { KindId, PartId, SurfaceId } from '../pumps/ids';
import { array, number, object, string, type InferType } from 'yup';
import { CLUTCH_SIDES, FREE_TURNS, MOST_WASHERS, RACES, TAB_SIDES } from '../pumps/teardown/clutch';
import { DEFECT_IDS } from '../pumps/teardown/defects';
import { WAY_ROUND_IDS, wayRoundOf } from '../pumps/teardown/wayRound';
import { exact, idOf, identifier, line, millimetres, moment } from '../schema/fields';
import { say } from '../wording/say';

/** Describes what is done about a defect, from nothing at all to giving the part up. */
export const CONSEQUENCES = ['pass', 'dress', 'machine', 'replace', 'scrap'] as const;
export type Consequence = (typeof CONSEQUENCES)[number];

/** Describes what the fingernail says. */
export const NAILS = ['passes', 'catches'] as const;
export type Nail = (typeof NAILS)[number];

/** Makes the field of what is done about a defect. */
export const consequence = () => string().oneOf(CONSEQUENCES);

export const stripStep = exact({
  id: identifier(),
  part: idOf<PartId | KindId>(),
  do: line().required('A step needs its instruction'),
  way: string()
    .oneOf(['', ...WAY_ROUND_IDS])
    .defined(),
  right: line()
    .defined()
    .test('one of them', 'The right way is none of the choices', (right, { parent }) => {
      const { way } = parent as { way?: string };
      return !right || (wayRoundOf(way ?? '')?.options.some((o) => o.id === right) ?? false);
    }),
  caution: line().defined(),
});

export const renewal = exact({
  id: identifier(),
  name: line().required('A part needs a name'),
  count: number().integer().min(1, 'At least one').max(99, 'At most 99').required(),
  when: string().oneOf(['always', 'house']).required(),
});

export const alsoCheck = exact({
  id: identifier(),
  name: line().required('A check needs a name'),
  ask: line().required('A check needs its question'),
  options: array(line().required()).required().min(2, 'At least two answers').max(8),
  expected: line()
    .defined()
    .test('one of them', 'The expected answer is none of the answers', (expected, { parent }) => {
      const { options } = parent as { options?: string[] };
      return !expected || (options ?? []).includes(expected);
    }),
});

const many = (most: number) =>
  number()
    .integer('A whole number')
    .min(0, 'Not below none')
    .max(most, say('records.most', { most }));

/** A one-way clutch of the unit, and what is right of it. */
export const clutch = exact({
  // The ids of its checks are made of it.
  id: identifier().max(56, 'At most 56 characters'),
  name: line().required('A clutch needs a name'),
  free: string()
    .oneOf(['', ...FREE_TURNS])
    .defined(),
  seenFrom: string().oneOf(CLUTCH_SIDES).required(),
  turned: string().oneOf(RACES).required(),
  tabs: string()
    .oneOf(['', ...TAB_SIDES])
    .defined(),
  washers: many(MOST_WASHERS).nullable().defined(),
  pins: many(99).nullable().defined(),
});

/** Lists the kinds of small parts that are counted. */
export const SMALL_KINDS = ['key', 'clip', 'pin', 'washer'] as const;
export type SmallKind = (typeof SMALL_KINDS)[number];

/** More of one small part than this are not counted by hand. */
export const MOST_SMALL = 99;

/** Describes small parts of one kind that ought to be on a part, and how many. */
export const smallPart = exact({
  // The id of its check is made of it.
  id: identifier().max(56, 'At most 56 characters'),
  part: idOf<PartId | KindId>(),
  count: number()
    .integer('A whole number')
    .min(1, 'At least one')
    .max(MOST_SMALL, say('records.most', { most: MOST_SMALL }))
    .required(),
  kind: string().oneOf(SMALL_KINDS).required(),
});

/** Describes what the book says of a defect on a surface, up to a depth where it gives one. */
export const bookRule = exact({
  surface: idOf<SurfaceId>(),
  defect: string().oneOf(DEFECT_IDS).required(),
  upTo_mm: millimetres().nullable().defined(),
  consequence: consequence().required(),
  source: line().defined(),
});

/** A photo of the job: what it shows, by id of a step or a finding, or `tag`. The picture is a record by itself. */
export const photoNote = exact({
  id: identifier(),
  at: moment(),
  by: line().defined(),
  of: identifier(),
});

/** Says whether the parts were clean and bone dry when measuring began. */
export const cleanGate = object({
  at: moment(),
  by: line().defined(),
  state: string().oneOf(['dry', 'wet']).required(),
})
  .noUnknown()
  .nullable()
  .defined();

/** A job that ended before its last stage, and why. */
export const closed = object({ at: moment(), by: line().defined(), why: line().required() })
  .noUnknown()
  .nullable()
  .defined();

export type SmallPart = InferType<typeof smallPart>;
export type BookRule = InferType<typeof bookRule>;
