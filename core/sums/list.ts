import type { Characteristic } from '../pumps/family';
import type { Stage } from '../records/stage';
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
  /** The stages of a job that open it. */
  readonly stages?: readonly Stage[];
  /** Tells whether a gap can be asked about; left out where it is about the pump. */
  readonly isAbout?: (gap: Characteristic) => boolean;
}

/** Tells whether a gap is the end play over a bridge: a depth, a height and a washer. */
const isEndPlay = ({ terms }: Characteristic): boolean =>
  terms?.some(({ dimension }) => dimension === 'washer-thickness') ?? false;

/** Tells whether a gap is one size in another: a hub in a bushing, a shaft in its bearing. */
const isFit = ({ runs }: Characteristic): boolean => runs === 'hub' || runs === 'shaft';

/** Tells whether it is a clearance, and not the size of a part. */
const isGap = ({ quantity }: Characteristic): boolean => quantity === 'gap';

/** Tells whether gears run beside a cover: the gap itself, or the total with what wears into it. */
const isFace = ({ gasket, sum }: Characteristic): boolean => gasket === true || sum !== undefined;

/** The sums of the room. A new one is its descriptor, and its lines here. */
export const ROOM_SUMS: readonly RoomSum[] = [
  {
    id: 'stack.face',
    name: 'Are the faces in, all counted?',
    called: 'side clearance end float gasket cover deck floor depth',
    stages: ['measure', 'decide'],
    isAbout: isFace,
    load: async () => (await import('./stackFace')).stackFace,
  },
  {
    id: 'leaves.stack',
    name: 'Which leaves make this thickness?',
    called: 'feeler gauge stack set',
    stages: ['measure'],
    isAbout: ({ stations, quantity }) => quantity === 'gap' && stations.length > 0,
    load: async () => (await import('./leavesStack')).leavesStack,
  },
  {
    id: 'hub.fit',
    name: 'Does the hub fit hot, and how far do I hone?',
    called: 'bushing converter neck reamer clearance',
    stages: ['measure', 'decide', 'build'],
    isAbout: isFit,
    load: async () => (await import('./hubFit')).hubFitOf,
  },
  {
    id: 'bridge.shim',
    name: 'How much end play, and which washer?',
    called: 'bridge gauge shim selective thrust drum',
    stages: ['measure', 'decide', 'build'],
    isAbout: isEndPlay,
    load: async () => (await import('./washers')).bridgeShim,
  },
  {
    id: 'indicator.lever',
    name: 'What did the dial really move?',
    called: 'lever indicator cosine angle backlash stylus',
    stages: ['measure'],
    isAbout: ({ swing }) => swing?.pitchRadius_mm !== undefined,
    load: async () => (await import('./indicatorLever')).indicatorLever,
  },
  {
    id: 'tilt.fit',
    name: 'Is the floor level?',
    called: 'tilt pocket depth plane slope',
    stages: ['measure'],
    isAbout: ({ tilt }) => tilt !== undefined,
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
    stages: ['decide'],
    load: async () => (await import('./flowDrive')).flowDrive,
  },
  {
    id: 'inlet.maxSpeed',
    name: 'How fast before it starves?',
    called: 'inlet cavitation suction hose lift speed',
    stages: ['decide', 'tag'],
    load: async () => (await import('./inlet')).inletMaxSpeedOf,
  },
  {
    id: 'inlet.bore',
    name: 'Which bore carries my speed?',
    called: 'inlet hose port suction size',
    stages: ['decide'],
    load: async () => (await import('./inlet')).inletBoreOf,
  },
  {
    id: 'seal.drain',
    name: 'Why did the seal come out, and what holds it?',
    called: 'seal blow drain hole cavity pressure bushing wire front',
    stages: ['decide', 'build'],
    load: async () => (await import('./seal')).sealDrain,
  },
  {
    id: 'rotation.name',
    name: 'Which way does it turn?',
    called: 'rotation direction clockwise cw ccw',
    stages: ['tag', 'build'],
    load: async () => (await import('./rotation')).rotationName,
  },
  {
    id: 'rotation.reverse',
    name: 'How is it made to turn the other way?',
    called: 'reverse rotation cw ccw change direction',
    stages: ['tag', 'decide', 'build'],
    load: async () => (await import('./rotation')).rotationReverse,
  },
  {
    id: 'ports.clock',
    name: 'Where can the ports point?',
    called: 'cover port position clock turn',
    stages: ['tag', 'build'],
    load: async () => (await import('./portsClock')).portsClockOf,
  },
  {
    id: 'vane.reach',
    name: 'Will the vane stay in its slot?',
    called: 'vane length wear hours slot carbon',
    stages: ['measure', 'decide'],
    isAbout: ({ wears }) => wears !== undefined,
    load: async () => (await import('./vaneReach')).vaneReachOf,
  },
  {
    id: 'torque.plan',
    name: 'What do I set on the wrench, in which order?',
    called: 'torque bolts pattern extension crowfoot stages tighten',
    stages: ['build'],
    load: async () => (await import('./torquePlan')).torquePlanOf,
  },
  {
    id: 'interface.identify',
    name: 'Which mount, shaft and port is it?',
    called: 'flange pilot spline thread sae iso dash o-ring boss bspp fitting',
    stages: ['tag'],
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
    stages: ['decide'],
    load: async () => (await import('./moneyCompare')).moneyCompare,
  },
  {
    id: 'conformity',
    name: 'Is it in, by leaves or by a size?',
    called: 'limit chance probability feeler bracket verdict guard band',
    stages: ['measure'],
    isAbout: isGap,
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
    stages: ['measure', 'decide'],
    isAbout: isGap,
    load: async () => (await import('./conformityNeed')).conformityNeedOf,
  },
  {
    id: 'fluid.at',
    name: 'How thick is the oil at this heat?',
    called: 'viscosity temperature oil fluid cst',
    stages: ['tag', 'decide'],
    load: async () => (await import('./fluid')).fluidAtTemperature,
  },
  {
    id: 'fluid.tempFor',
    name: 'At which heat is the oil so thick?',
    called: 'viscosity temperature cold start',
    load: async () => (await import('./fluid')).fluidTempFor,
  },
];
