import { ROOM_SUMS, type ListedSum } from './list';

/** Sums that programs ask for and that have no page: nothing of them is in the app. */
const OTHERS: readonly ListedSum[] = [
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
    id: 'shim.choose',
    name: 'Which washers leave a gap in',
    load: async () => (await import('./washers')).shimChoose,
  },
  {
    id: 'seal.cavity',
    name: 'What pressure stands behind a seal',
    load: async () => (await import('./seal')).sealCavityOf,
  },
  {
    id: 'history.standing',
    name: 'Where a figure stands among those of the past',
    load: async () => (await import('./historyStanding')).historyStanding,
  },
];

/** Every sum that stands by itself. */
export const SUMS: readonly ListedSum[] = [...OTHERS, ...ROOM_SUMS];
