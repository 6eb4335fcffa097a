import { matchParts, reworkPlan, vaneReachOf } from './building';
import { displacementOf, flowExpect, fluidAtTemperature, leakOf, pumpFlowOf } from './flowing';
import {
  conformityOf,
  feelerNext,
  gapOfSizes,
  readingParse,
  repeatability,
  tiltFit,
} from './measuring';
import type { Sum } from './sum';

/** Every sum that stands by itself. A new one is its descriptor, and its line here. */
export const SUMS: readonly Sum[] = [
  readingParse,
  feelerNext,
  gapOfSizes,
  conformityOf,
  tiltFit,
  matchParts,
  reworkPlan,
  vaneReachOf,
  repeatability,
  fluidAtTemperature,
  displacementOf,
  leakOf,
  flowExpect,
  pumpFlowOf,
];
