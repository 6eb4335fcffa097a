import { VERSION } from './kind';
import { marksSchema } from './marks';
import { array, number, string, type InferType } from 'yup';
import { shuffler } from 'd3-array';
import { evenFrom, seedOf } from '../random';
import { exact, identifier, line, millimetres, moment, once, SOURCES } from '../schema/fields';
import { say } from '../wording/say';

export const STUDY_SCHEMA = VERSION.study;

const studyReading = exact({
  person: line().required(),
  part: line().required(),
  trial: number().integer().min(1).max(10).required(),
  at: moment(),
  text: line().required(),
  unit: string().oneOf(['mm', 'in', 'thou']).required(),
  value_mm: millimetres().required(),
  source: string().oneOf(SOURCES).required(),
});

const names = (thing: 'part' | 'person', most: number) =>
  array(line().required(say('records.studyName', { thing })))
    .required()
    .min(2, say('records.studyTwo', { thing }))
    .max(most)
    .test(
      'distinct',
      say('records.studyTwice', { thing }),
      (list) => !list || new Set(list).size === list.length,
    );

/** Tells one reading of a study from the others. */
const stepKey = ({ person, part, trial }: StudyStep): string =>
  JSON.stringify([person, part, trial]);

/** A small study of a way of measuring: some people read some parts a few times, not knowing which. */
export const studySchema = exact({
  schema: number().oneOf([STUDY_SCHEMA]).required(),
  id: identifier(),
  revision: number().integer().min(0).required(),
  marks: marksSchema,
  createdAt: moment(),
  /** Says what is measured: `gear width by outside mic`. */
  what: line().required('Say what is measured'),
  /** The instrument that takes the result over. */
  instrument: identifier(),
  people: names('person', 6),
  parts: names('part', 20),
  trials: number().integer().min(2, 'Twice at least').max(6).required(),
  readings: once(
    array(studyReading).required(),
    'The same part is read twice by one person in one round',
    stepKey,
  ),
});

export type Study = InferType<typeof studySchema>;

/** One reading that the study asks for. */
export interface StudyStep {
  readonly person: string;
  readonly part: string;
  readonly trial: number;
}

/**
 * Returns the order of a study: round by round, person by person, the parts shuffled
 * each time so that nobody remembers what was read. The same for the same study.
 */
export function studyOrder(study: Pick<Study, 'id' | 'people' | 'parts' | 'trials'>): StudyStep[] {
  const shuffle = shuffler(evenFrom(seedOf(study.id)));
  return Array.from({ length: study.trials }, (_, round) =>
    study.people.flatMap((person) =>
      shuffle([...study.parts]).map((part) => ({ person, part, trial: round + 1 })),
    ),
  ).flat();
}

/** Returns the first reading still missing; null once the study is complete. */
export function nextInStudy(study: Study): StudyStep | null {
  const done = new Set(study.readings.map(stepKey));
  return studyOrder(study).find((s) => !done.has(stepKey(s))) ?? null;
}

/**
 * Returns a study with one more reading. Where that step was read already, by a bounce of the key or in
 * another tab, the study is the very one that was given.
 */
export function withStudyReading(study: Study, reading: Study['readings'][number]): Study {
  const there = study.readings.some((r) => stepKey(r) === stepKey(reading));
  return there ? study : { ...study, readings: [...study.readings, reading] };
}

/** Returns a study with the first reading of each step; the very one that was given where none is there twice. */
export function withoutDoubles(study: Study): Study {
  const readings = [...new Map([...study.readings].reverse().map((r) => [stepKey(r), r])).values()];
  if (readings.length === study.readings.length) return study;
  const kept = new Set(readings);
  return { ...study, readings: study.readings.filter((r) => kept.has(r)) };
}
