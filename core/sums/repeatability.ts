import { array, object, type TestContext } from 'yup';
import { InputError } from '../errors';
import { studyOf, type StudyReading, type StudyResult } from '../metrology/repeatability';
import { exact } from '../schema/fields';
import { sayFrom } from '../wording/say';
import { studyWords } from '../wording/study';
import { figure, label, lengths, usually } from './fields';
import { sum } from './sum';

const WORDS = {
  parts: 'From part to part',
  again: 'Same person again',
  between: 'Between people',
  all: 'All measuring, together',
  asMany: 'So many people, parts and readings want {count} figures.',
  brief: '{percent}% is measuring',
  drawn:
    'Bars of standard deviations: same person again {again}, between people {between}, together {all}, from part to part {parts}.',
} as const;

const say = sayFrom(WORDS);

/** Shares of the spread, in %, up to which a way of measuring is good, and usable. */
const [GOOD, USABLE] = [10, 30] as const;

/** A study that is typed as a row: so many people, parts and readings of each by each. */
interface TypedStudy {
  readonly people: number;
  readonly parts: number;
  readonly trials: number;
  readonly values_mm: readonly number[];
}

/** Returns the readings of a row: person by person, part by part, each part as often as it was read. */
function rowOf({ people, parts, trials, values_mm }: TypedStudy): StudyReading[] {
  const count = people * parts * trials;
  if (values_mm.length !== count)
    throw new InputError('values_mm', 'not-as-many', say('asMany', { count }));
  return values_mm.map((value, i) => ({
    person: String(Math.floor(i / (parts * trials))),
    part: String(Math.floor(i / trials) % parts),
    trial: String(i % trials),
    value,
  }));
}

/** Checks that readings are given, one by one or as a row. */
const readingsGiven = (
  input: { readings?: unknown[] | null; values_mm?: unknown[] | null },
  context: TestContext,
) =>
  input.readings != null ||
  input.values_mm != null ||
  context.createError({ path: 'readings', message: 'Missing' });

const count = (label_: string, usual: number) =>
  usually(label_, usual, 'count').integer().min(2).max(20);

/** Tells how well people and an instrument repeat each other. */
export const repeatability = sum({
  input: object({
    readings: array(
      exact({ part: label(), person: label(), trial: label(), value: figure('Reading') }),
    )
      .nullable()
      .min(8, 'A study needs two parts, two people and two trials at least'),
    people: count('People', 2),
    parts: count('Parts', 5),
    trials: count('Readings of each part', 2),
    values_mm: lengths('Readings', 1, 'At least one reading', 1000).nullable().notRequired(),
  }).test('has readings', readingsGiven),
  example: {
    people: 2,
    parts: 2,
    trials: 2,
    values_mm: [20.0, 20.002, 20.03, 20.029, 20.003, 20.001, 20.031, 20.033],
  },
  answer: ({ readings, values_mm, ...counts }) =>
    studyOf(
      readings?.map(({ part, person, trial, value }) => ({
        part: String(part),
        person: String(person),
        trial: String(trial),
        value,
      })) ?? rowOf({ ...counts, values_mm: values_mm ?? [] }),
    ),
  page: {
    words: WORDS,
    asks: [
      {
        at: 'values_mm',
        how: 'All of the first person: the first part as often as it was read, then the next part; then the next person.',
      },
      { at: 'people' },
      { at: 'parts', how: 'Of different sizes, as they come.' },
      { at: 'trials' },
    ],
    says: (_, result, f) => {
      const [head = '', ...rest] = studyWords(result, f.shop);
      return { mark: markOf(result), head, rest };
    },
    brief: ({ grrPercent }, f) => say('brief', { percent: f.plain(grrPercent, 0) }),
    weigh: ({ grrPercent }) => grrPercent,
    picture: (_, { repeatability: again, reproducibility, grr, parts }, f, pens) => {
      const bar = (name: string, value: number, ink: 'brass' | 'worked') => ({
        name,
        pieces: [{ value, ink }],
        total: f.fine(value),
      });
      return pens.bars({
        bars: [
          bar(say('again'), again, 'brass'),
          bar(say('between'), reproducibility, 'brass'),
          bar(say('all'), grr, 'brass'),
          bar(say('parts'), parts, 'worked'),
        ],
        said: say('drawn', {
          again: f.fine(again),
          between: f.fine(reproducibility),
          all: f.fine(grr),
          parts: f.fine(parts),
        }),
      });
    },
    formula: {
      line: 'σ² of all = σ² again + σ² between people + σ² of the parts, by analysis of variance',
      symbols: [['σ', 'standard deviation']],
      source: 'Montgomery, Design and Analysis of Experiments; AIAG, Measurement Systems Analysis',
      assumed: ['What people make of different parts counts as noise where it is not sure.'],
    },
    beside: ['conformity.need'],
  },
  gives: {
    repeatability: ['One person, the same part again', 'mm'],
    reproducibility: ['Between people', 'mm'],
    grr: ['Both together', 'mm'],
    parts: ['Between parts', 'mm'],
    total: ['All together', 'mm'],
    grrPercent: ['Of all, %', 'count'],
    categories: ['Sizes told apart', 'count'],
  },
});

/** Says how a way of measuring stands by its share of the spread. */
const markOf = ({ grrPercent }: StudyResult) =>
  grrPercent <= GOOD ? 'good' : grrPercent <= USABLE ? 'unknown' : 'bad';
