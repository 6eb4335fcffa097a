import { Evaluator } from '../core/guidance/evaluator';

/** Values and next steps of the job in hand: its screen and its line on the bench ask for the same. */
export const evaluator = new Evaluator();
