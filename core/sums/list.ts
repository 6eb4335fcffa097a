import type { Sum } from './sum';

/** A sum by its name, and where it is: it is loaded when it is asked for. */
export interface Listed {
  readonly id: string;
  /** Says what it tells: `What is left of a gap`. */
  readonly name: string;
  readonly load: () => Promise<Sum>;
}

/** Every sum that stands by itself. A new one is its descriptor, and its lines here. */
export const SUMS: readonly Listed[] = [
  {
    id: 'reading.parse',
    name: 'How a length is understood',
    load: async () => (await import('./measuring')).readingParse,
  },
  {
    id: 'feeler.next',
    name: 'Which leaf to try next',
    load: async () => (await import('./measuring')).feelerNext,
  },
  {
    id: 'gap.fromSizes',
    name: 'What sizes leave as a gap',
    load: async () => (await import('./measuring')).gapOfSizes,
  },
  {
    id: 'conformity',
    name: 'Whether a size keeps its limits',
    load: async () => (await import('./measuring')).conformityOf,
  },
  {
    id: 'tilt.fit',
    name: 'How far a floor is tilted',
    load: async () => (await import('./measuring')).tiltFit,
  },
  {
    id: 'match.parts',
    name: 'Which body goes with which gear set',
    load: async () => (await import('./building')).matchParts,
  },
  {
    id: 'rework.plan',
    name: 'The cheapest work that brings gaps in',
    load: async () => (await import('./building')).reworkPlan,
  },
  {
    id: 'vane.reach',
    name: 'How far a vane reaches',
    load: async () => (await import('./building')).vaneReachOf,
  },
  {
    id: 'repeatability.study',
    name: 'How well readings repeat',
    load: async () => (await import('./measuring')).repeatability,
  },
  {
    id: 'fluid.at',
    name: 'Viscosity and density of a fluid at a temperature',
    load: async () => (await import('./flowing')).fluidAtTemperature,
  },
  {
    id: 'displacement',
    name: 'What a pump moves in a turn',
    load: async () => (await import('./flowing')).displacementOf,
  },
  {
    id: 'leak',
    name: 'What leaks through gaps',
    load: async () => (await import('./flowing')).leakOf,
  },
  {
    id: 'flow.expect',
    name: 'What a pump delivers',
    load: async () => (await import('./flowing')).flowExpect,
  },
  {
    id: 'pump.flow',
    name: 'What a pump with these gaps delivers',
    load: async () => (await import('./flowing')).pumpFlowOf,
  },
  {
    id: 'stack.face',
    name: 'Whether faces are in, all counted',
    load: async () => (await import('./stackFace')).stackFace,
  },
  {
    id: 'leaves.stack',
    name: 'Which leaves make a thickness',
    load: async () => (await import('./leavesStack')).leavesStack,
  },
  {
    id: 'hub.fit',
    name: 'Whether a hub fits when hot',
    load: async () => (await import('./hubFit')).hubFitOf,
  },
  {
    id: 'bridge.shim',
    name: 'How much end play, and which washer',
    load: async () => (await import('./washers')).bridgeShim,
  },
  {
    id: 'shim.choose',
    name: 'Which washers leave a gap in',
    load: async () => (await import('./washers')).shimChoose,
  },
  {
    id: 'indicator.lever',
    name: 'What a dial really moved',
    load: async () => (await import('./indicatorLever')).indicatorLever,
  },
  {
    id: 'flow.drive',
    name: 'How much at another speed, or by a wider gear',
    load: async () => (await import('./flowDrive')).flowDrive,
  },
  {
    id: 'inlet.maxSpeed',
    name: 'How fast before it starves',
    load: async () => (await import('./inlet')).inletMaxSpeedOf,
  },
  {
    id: 'inlet.bore',
    name: 'Which bore carries a speed',
    load: async () => (await import('./inlet')).inletBoreOf,
  },
  {
    id: 'seal.cavity',
    name: 'What pressure stands behind a seal',
    load: async () => (await import('./seal')).sealCavityOf,
  },
  {
    id: 'seal.drain',
    name: 'Why a seal came out, and what holds it',
    load: async () => (await import('./seal')).sealDrain,
  },
  {
    id: 'rotation.name',
    name: 'Which way a gear pump turns',
    load: async () => (await import('./rotation')).rotationName,
  },
  {
    id: 'rotation.reverse',
    name: 'How a pump is made to turn the other way',
    load: async () => (await import('./rotation')).rotationReverse,
  },
  {
    id: 'ports.clock',
    name: 'Where the ports can point',
    load: async () => (await import('./portsClock')).portsClockOf,
  },
  {
    id: 'torque.plan',
    name: 'What to set on the wrench, in which order',
    load: async () => (await import('./torquePlan')).torquePlanOf,
  },
  {
    id: 'interface.identify',
    name: 'Which mount, shaft and port it is',
    load: async () => (await import('./interfaces')).interfaceIdentify,
  },
  {
    id: 'port.flow',
    name: 'What a port carries',
    load: async () => (await import('./interfaces')).portFlow,
  },
  {
    id: 'money.compare',
    name: 'Whether to repair or to buy new',
    load: async () => (await import('./moneyCompare')).moneyCompare,
  },
  {
    id: 'conformity.need',
    name: 'How exactly a size has to be known',
    load: async () => (await import('./conformityNeed')).conformityNeedOf,
  },
  {
    id: 'fluid.tempFor',
    name: 'At which temperature a fluid is so thick',
    load: async () => (await import('./fluidTempFor')).fluidTempFor,
  },
  {
    id: 'history.standing',
    name: 'Where a figure stands among those of the past',
    load: async () => (await import('./historyStanding')).historyStanding,
  },
];
