import type { Sum } from './sum';

/** A sum by its name, and where it is: it is loaded when it is asked for. */
export interface ListedSum {
  readonly id: string;
  /** Says what it tells: `What is left of a gap`. */
  readonly name: string;
  readonly load: () => Promise<Sum>;
}

/** A sum of the room, found by its name and by what else people call it. */
export interface RoomSum extends ListedSum {
  readonly called: string;
}

/** The sums of the room. A new one is its descriptor, and its lines here. */
export const ROOM_SUMS: readonly RoomSum[] = [
  {
    id: 'stack.face',
    name: 'Are the faces in, all counted?',
    called: 'side clearance end float gasket cover deck floor depth',
    load: async () => (await import('./stackFace')).stackFace,
  },
  {
    id: 'leaves.stack',
    name: 'Which leaves make this thickness?',
    called: 'feeler gauge stack set',
    load: async () => (await import('./leavesStack')).leavesStack,
  },
  {
    id: 'hub.fit',
    name: 'Does the hub fit hot, and how far do I hone?',
    called: 'bushing converter neck reamer clearance',
    load: async () => (await import('./hubFit')).hubFitOf,
  },
  {
    id: 'bridge.shim',
    name: 'How much end play, and which washer?',
    called: 'bridge gauge shim selective thrust drum',
    load: async () => (await import('./washers')).bridgeShim,
  },
  {
    id: 'indicator.lever',
    name: 'What did the dial really move?',
    called: 'lever indicator cosine angle backlash stylus',
    load: async () => (await import('./indicatorLever')).indicatorLever,
  },
  {
    id: 'tilt.fit',
    name: 'Is the floor level?',
    called: 'tilt pocket depth plane slope',
    load: async () => (await import('./tilt')).tiltFit,
  },
  {
    id: 'displacement',
    name: 'What does it move in a turn?',
    called: 'displacement volume cc cubic inch gear gerotor vane crescent',
    load: async () => (await import('./displacement')).displacementOf,
  },
  {
    id: 'flow.drive',
    name: 'How much at my speed, or by a wider gear?',
    called: 'gpm flow ratio pulley belt engine rpm up-size',
    load: async () => (await import('./flowDrive')).flowDrive,
  },
  {
    id: 'inlet.maxSpeed',
    name: 'How fast before it starves?',
    called: 'inlet cavitation suction hose lift speed',
    load: async () => (await import('./inlet')).inletMaxSpeedOf,
  },
  {
    id: 'inlet.bore',
    name: 'Which bore carries my speed?',
    called: 'inlet hose port suction size',
    load: async () => (await import('./inlet')).inletBoreOf,
  },
  {
    id: 'seal.drain',
    name: 'Why did the seal come out, and what holds it?',
    called: 'seal blow drain hole cavity pressure bushing wire front',
    load: async () => (await import('./seal')).sealDrain,
  },
  {
    id: 'rotation.name',
    name: 'Which way does it turn?',
    called: 'rotation direction clockwise cw ccw',
    load: async () => (await import('./rotation')).rotationName,
  },
  {
    id: 'rotation.reverse',
    name: 'How is it made to turn the other way?',
    called: 'reverse rotation cw ccw change direction',
    load: async () => (await import('./rotation')).rotationReverse,
  },
  {
    id: 'ports.clock',
    name: 'Where can the ports point?',
    called: 'cover port position clock turn',
    load: async () => (await import('./portsClock')).portsClockOf,
  },
  {
    id: 'vane.reach',
    name: 'Will the vane stay in its slot?',
    called: 'vane length wear hours slot carbon',
    load: async () => (await import('./vaneReach')).vaneReachOf,
  },
  {
    id: 'torque.plan',
    name: 'What do I set on the wrench, in which order?',
    called: 'torque bolts pattern extension crowfoot stages tighten',
    load: async () => (await import('./torquePlan')).torquePlanOf,
  },
  {
    id: 'interface.identify',
    name: 'Which mount, shaft and port is it?',
    called: 'flange pilot spline thread sae iso dash o-ring boss bspp fitting',
    load: async () => (await import('./interfaces')).interfaceIdentify,
  },
  {
    id: 'port.flow',
    name: 'What does a port carry?',
    called: 'velocity flow dash bore hose speed',
    load: async () => (await import('./interfaces')).portFlow,
  },
  {
    id: 'money.compare',
    name: 'Repair, or buy new?',
    called: 'cost price downtime comeback',
    load: async () => (await import('./moneyCompare')).moneyCompare,
  },
  {
    id: 'conformity',
    name: 'Is it in, by leaves or by a size?',
    called: 'limit chance probability feeler bracket verdict guard band',
    load: async () => (await import('./conformity')).conformityOf,
  },
  {
    id: 'repeatability.study',
    name: 'How far can people and the instrument be trusted?',
    called: 'repeatability reproducibility grr gage study scatter',
    load: async () => (await import('./repeatability')).repeatability,
  },
  {
    id: 'conformity.need',
    name: 'How sure is this verdict?',
    called: 'uncertainty limit probability guard band',
    load: async () => (await import('./conformityNeed')).conformityNeedOf,
  },
  {
    id: 'fluid.at',
    name: 'How thick is the oil at this heat?',
    called: 'viscosity temperature oil fluid cst',
    load: async () => (await import('./fluid')).fluidAtTemperature,
  },
  {
    id: 'fluid.tempFor',
    name: 'At which heat is the oil so thick?',
    called: 'viscosity temperature cold start',
    load: async () => (await import('./fluid')).fluidTempFor,
  },
];
