import { array, number, string, type ObjectSchema } from 'yup';
import { BUILD_KINDS, type BuildStep } from '../pumps/assembly/step';
import { exact, finite, identifier, line } from '../schema/fields';

const ids = (most: number) => array(identifier()).required().max(most);

/** Describes a step of putting a pump together. */
export const buildStepSchema: ObjectSchema<BuildStep> = exact({
  id: identifier(),
  kind: string().oneOf(BUILD_KINDS).required(),
  do: line().required('A step needs its instruction'),
  parts: ids(80),
  section: number().integer().min(1).max(12).nullable().defined(),
  strip: line().defined(),
  with: line().defined(),
  caution: line().defined(),
  after: ids(40),
  gaps: ids(40),
  fastener: line().defined(),
  stages: array(finite().required().moreThan(0).max(1)).required().max(6),
});
