import { array, string } from 'yup';
import { identifier, line, note } from '../../schema/fields';
import { entryKind, entrySchema, type Standing } from './slice';

/** Lists what a person may say of a step of the build: that it is done, put off or not on this pump, or how the pump spins. */
export const BUILD_ANSWERS = ['done', 'later', 'absent', 'free', 'tight', 'catches'] as const;
export type BuildAnswer = (typeof BUILD_ANSWERS)[number];

/** Lists how parts are washed. */
export const WASHES = ['hot-wash', 'ultrasonic', 'solvent'] as const;
export type Wash = (typeof WASHES)[number];

/** Records what was said of a step of the build; the last that counts says how the step stands. */
export const build = entryKind({
  kind: 'build',
  schema: entrySchema('build', {
    step: identifier(),
    said: string().oneOf(BUILD_ANSWERS).required(),
    /** The way round in which the part went in, by its option; empty where there is none, or nobody said. */
    way: line().defined(),
    /** The parts that were washed; empty where the step washes none, or all of its parts were. */
    parts: array(identifier()).required().max(200),
    /** Says how they were washed; empty where the step washes none. */
    wash: string()
      .oneOf(['', ...WASHES])
      .defined(),
    /** Holds a word on it: why it was done though something was missing, or what was seen. */
    remark: note().defined(),
  }),
  is: { list: 'builds', tells: 'decided', undo: 'build' },
});

export type BuildEntry = Standing<typeof build>;
