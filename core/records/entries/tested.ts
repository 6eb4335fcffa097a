import { string } from 'yup';
import { celsius, finite, line, note } from '../../schema/fields';
import { runId, sections, TEST_SOURCES } from '../testing';
import { figureFields } from '../tag';
import { entryKind, entrySchema, type Standing } from './slice';

const seconds = () => finite().min(0, 'Not before it began').max(360_000, 'Longer than any run');
const flow = () => figureFields.flow_lpm;

/**
 * Records a step of a test as it was run: typed, or cut out of a run. A run that nobody has cut yet has no flow. It moves no size,
 * and no gap is judged by it.
 */
export const tested = entryKind({
  kind: 'test',
  schema: entrySchema('test', {
    /** The step of the plan that it is, by its id; empty where it is none of them. */
    point: line().defined(),
    /** Says how it ran: of a run that was cut, the means of what was read; what was not read, as it was to be. */
    drive_rpm: figureFields.drive_rpm,
    ratio: figureFields.ratio,
    pressure_bar: figureFields.pressure_bar,
    oil_C: celsius().nullable().defined(),
    sections: sections(),
    flow_lpm: flow(),
    /** Half of the interval that holds the true mean with 95%, in l/min; null where nobody can say. */
    half95_lpm: finite().min(0).max(10_000).nullable().defined(),
    from: string().oneOf(TEST_SOURCES).required(),
    /** Names the run that it was cut out of; empty where it was typed. */
    run: runId(),
    /** The part of the run that counts, in seconds since it began; null while nothing was cut. */
    from_s: seconds().nullable().defined(),
    to_s: seconds().nullable().defined(),
    remark: note().defined(),
  }),
  is: { list: 'tests', tells: 'decided' },
});

export type TestEntry = Standing<typeof tested>;
