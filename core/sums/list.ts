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
import { conformityNeedOf } from './conformityNeed';
import { flowDrive } from './flowDrive';
import { fluidTempFor } from './fluidTempFor';
import { historyStanding } from './historyStanding';
import { hubFitOf } from './hubFit';
import { indicatorLever } from './indicatorLever';
import { inletBoreOf, inletMaxSpeedOf } from './inlet';
import { interfaceIdentify, portFlow } from './interfaces';
import { leavesStack } from './leavesStack';
import { moneyCompare } from './moneyCompare';
import { portsClockOf } from './portsClock';
import { rotationName, rotationReverse } from './rotation';
import { sealCavityOf, sealDrain } from './seal';
import { stackFace } from './stackFace';
import { torquePlanOf } from './torquePlan';
import { bridgeShim, shimChoose } from './washers';
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
  stackFace,
  leavesStack,
  hubFitOf,
  bridgeShim,
  shimChoose,
  indicatorLever,
  flowDrive,
  inletMaxSpeedOf,
  inletBoreOf,
  sealCavityOf,
  sealDrain,
  rotationName,
  rotationReverse,
  portsClockOf,
  torquePlanOf,
  interfaceIdentify,
  portFlow,
  moneyCompare,
  conformityNeedOf,
  fluidTempFor,
  historyStanding,
];
