import { object } from 'yup';
import { InputError } from '../errors';
import { sealCavity, sealNeeds, type SealCavity } from '../hydraulics/sealCavity';
import { exact } from '../schema/fields';
import { choice, notBelow, perhaps, positive, usually } from './fields';
import { sayFrom } from '../wording/say';
import { sealSection } from './seal.picture';
import { sum } from './sum';

const WORDS = {
  holds: 'Holds: {cavity} behind a seal for {rating}.',
  blows: 'Blows: {cavity} behind a seal for {rating}.',
  noRating: '{cavity} behind the seal. Enter what it is rated for.',
  cure: 'A drain of {drill} holds it, or a bushing closer than {clearance}.',
  cureDrain: 'A drain of {drill} holds it.',
  toInlet: 'Open the drain to the inlet side first: as it is, no bushing holds.',
  back: 'No drain holds it: where the drain ends there is as much pressure.',
  sealer: 'Sealer holds no pressure.',
  bushingRenewed: 'Bushing renewed, {clearance}',
  drainBlocked: 'Drain blocked',
  drainToOutlet: 'Drain open to the outlet',
  drainDrilled: 'Drain of {drill} to the inlet',
  brief: '{cavity}, {verdict}',
  holdsWord: 'holds',
  blowsWord: 'blows',
  unknownWord: 'rating unknown',
  wider: 'the drain is {drill}',
  closer: 'the bushing has {clearance}',
  wears: 'the bushing wears to {clearance}',
  shut: 'the drain is blocked',
  bushingOf: 'bushing {clearance}',
  drainOf: 'drain {drill}',
  sealAt: 'seal',
  drawn:
    'A section through the shaft: {supply} at the bushing, {cavity} behind the seal, and the drain between them. The clearance is drawn large.',
} as const;

const say = sayFrom(WORDS);

/** A step of a drill; the share that a closer bushing has of a worn one, and one just worn too far of the widest that holds. */
const [DRILL_mm, CLOSER, WORN] = [0.5, 0.7, 1.05] as const;

const cavityFields = {
  supply_bar: notBelow('Pressure at the bushing', 'bar'),
  mu_Pas: positive('Dynamic viscosity', 'Pa·s'),
  density_kgm3: positive('Density', 'kg/m³'),
  bore: exact({
    diameter_mm: positive('Shaft'),
    diametralClearance_mm: notBelow('Bushing clearance').meta({ isGap: true }),
    length_mm: positive('Bushing length, no groove'),
    eccentricity: notBelow('Eccentricity', 'count').max(1),
  }),
  drain: exact({
    diameter_mm: notBelow('Drain bore'),
    cd: positive('Coefficient of discharge', 'count').max(1),
  }),
  back_bar: usually('Pressure where the drain ends', 0, 'bar').min(0),
};

const EXAMPLE = {
  supply_bar: 7,
  mu_Pas: 0.0061,
  density_kgm3: 813,
  bore: { diameter_mm: 38, diametralClearance_mm: 0.18, length_mm: 16, eccentricity: 0.5 },
  drain: { diameter_mm: 3.2, cd: 0.7 },
  rating_bar: 0.3,
};

const verdictOf = (cavity_bar: number, rating_bar: number): 'holds' | 'blows' =>
  cavity_bar <= rating_bar ? 'holds' : 'blows';

/** Refuses a drain that ends in more pressure than there is: nothing would come past the bushing. */
function checked(cavity: SealCavity): SealCavity {
  if (cavity.back_bar > cavity.supply_bar)
    throw new InputError('back_bar', 'over-supply', 'More than the pressure at the bushing');
  return cavity;
}

/** Tells what pressure stands behind a shaft seal. */
export const sealCavityOf = sum({
  input: object({ ...cavityFields, rating_bar: notBelow('Seal rated for', 'bar') }),
  example: EXAMPLE,
  answer: ({ rating_bar, ...cavity }) => {
    const found = sealCavity(checked(cavity));
    return { ...found, verdict: verdictOf(found.cavity_bar, rating_bar) };
  },
  gives: {
    cavity_bar: ['Pressure behind the seal', 'bar'],
    leak_lpm: ['Past the bushing', 'l/min'],
    verdict: ['Verdict'],
  },
});

/** Says where a wire in the open drain comes out. */
const OPEN_TO = ['inlet', 'case', 'outlet', 'none'] as const;
type OpenTo = (typeof OPEN_TO)[number];

/** Returns the drill for a bore: the next tenth of a millimetre. */
const drillFor = (bore_mm: number): number => Math.ceil(bore_mm * 10 - 1e-9) / 10;

/** Tells why a seal came out, and what would hold it. */
export const sealDrain = sum({
  input: object({
    drainOpenTo: choice('A wire in the drain comes out', OPEN_TO),
    ...cavityFields,
    rating_bar: perhaps('Seal rated for', 'bar').min(0),
    outlet_bar: perhaps('Outlet pressure', 'bar').min(0),
    healthyClearance_mm: perhaps('Clearance of a new bushing').min(0).meta({ isGap: true }),
  }),
  example: { drainOpenTo: 'inlet', ...EXAMPLE, healthyClearance_mm: 0.07 },
  answer: ({ drainOpenTo, outlet_bar, rating_bar, healthyClearance_mm, ...given }) => {
    const cavity = checked(given);
    const { bore, drain, supply_bar } = cavity;
    const behind = (openTo: OpenTo, of: SealCavity = cavity): number => {
      if (openTo === 'none') return supply_bar;
      if (openTo === 'outlet') return outlet_bar ?? supply_bar;
      return sealCavity(of).cavity_bar;
    };
    const needs = rating_bar == null ? null : sealNeeds(cavity, rating_bar);
    const drill_mm = needs?.drain_mm == null ? null : drillFor(needs.drain_mm);
    const cases: { readonly id: string; readonly cavity_bar: number }[] = [
      { id: 'asIs', cavity_bar: behind(drainOpenTo) },
      ...(healthyClearance_mm == null
        ? []
        : [
            {
              id: 'bushingRenewed',
              cavity_bar: behind(drainOpenTo, {
                ...cavity,
                bore: { ...bore, diametralClearance_mm: healthyClearance_mm },
              }),
            },
          ]),
      { id: 'drainBlocked', cavity_bar: behind('none') },
      { id: 'drainToOutlet', cavity_bar: behind('outlet') },
      ...(drill_mm === null
        ? []
        : [
            {
              id: 'drainDrilled',
              cavity_bar: behind('inlet', {
                ...cavity,
                drain: { ...drain, diameter_mm: drill_mm },
              }),
            },
          ]),
    ];
    const judged = (cavity_bar: number) =>
      rating_bar == null ? null : verdictOf(cavity_bar, rating_bar);
    const cavity_bar = behind(drainOpenTo);
    return {
      cavity_bar,
      verdict: judged(cavity_bar),
      drainToHold_mm: needs?.drain_mm ?? null,
      drill_mm,
      clearanceToHold_mm: needs?.clearance_mm ?? null,
      why: whyNone(rating_bar ?? null, cavity),
      cases: cases.map((one) => ({ ...one, verdict: judged(one.cavity_bar) })),
    };
  },
  page: {
    words: WORDS,
    asks: [
      {
        at: 'supply_bar',
        how: 'At the end of the bushing: charge pressure, or a share of the outlet’s.',
      },
      { at: 'bore.diametralClearance_mm', how: 'Bore less shaft.' },
      { at: 'drain.diameter_mm', how: 'The shank of a drill that just goes in.' },
      { at: 'rating_bar', how: 'From the maker of the seal.' },
      {
        at: 'drainOpenTo',
        usual: 'inlet',
        how: 'Push a wire through it.',
        names: { inlet: 'Inlet', case: 'Case', outlet: 'Outlet', none: 'Nowhere' },
      },
      { at: 'bore.diameter_mm' },
      { at: 'bore.length_mm' },
      { at: 'oil', usual: 'Transmission fluid, usual' },
      { at: 'oil_C', usual: 95 },
      { at: 'healthyClearance_mm', more: true },
      { at: 'outlet_bar', more: true },
      { at: 'back_bar', more: true, how: 'Of a boosted inlet.' },
      {
        at: 'bore.eccentricity',
        usual: 0.5,
        more: true,
        how: '0 in the middle, 1 against the wall.',
      },
      { at: 'drain.cd', usual: 0.7, more: true },
    ],
    says: ({ drainOpenTo, rating_bar }, answer, f) => {
      const { cavity_bar, verdict, drill_mm, clearanceToHold_mm, why } = answer;
      const [cavity, rating] = [f.bar(cavity_bar), f.bar(rating_bar ?? 0)];
      const isOpen = drainOpenTo === 'inlet' || drainOpenTo === 'case';
      const cure = () => {
        if (why === 'back') return say('back');
        const drill = drill_mm ? f.size(drill_mm) : null;
        const clearance = clearanceToHold_mm === null ? null : f.gap(clearanceToHold_mm);
        if (!isOpen) return say('toInlet');
        if (drill && clearance) return say('cure', { drill, clearance });
        return drill ? say('cureDrain', { drill }) : '';
      };
      return {
        mark: verdict === null ? 'unknown' : verdict === 'holds' ? 'good' : 'bad',
        head: verdict === null ? say('noRating', { cavity }) : say(verdict, { cavity, rating }),
        rest: [verdict === 'blows' ? cure() : '', say('sealer')].filter(Boolean),
      };
    },
    brief: ({ cavity_bar, verdict }, f) =>
      say('brief', {
        cavity: f.bar(cavity_bar),
        verdict: say(
          verdict === null ? 'unknownWord' : verdict === 'holds' ? 'holdsWord' : 'blowsWord',
        ),
      }),
    weigh: ({ cavity_bar }) => cavity_bar,
    changes: (given, { verdict, clearanceToHold_mm }, f) => {
      const { bore, drain } = given;
      const withClearance = (diametralClearance_mm: number) => ({
        ...given,
        bore: { ...bore, diametralClearance_mm },
      });
      if (verdict === 'holds') {
        const worn = (clearanceToHold_mm ?? bore.diametralClearance_mm) * WORN;
        return [
          { what: say('wears', { clearance: f.gap(worn) }), input: withClearance(worn) },
          { what: say('shut'), input: { ...given, drainOpenTo: 'none' as const } },
        ];
      }
      const wider = drain.diameter_mm + DRILL_mm;
      const closer = bore.diametralClearance_mm * CLOSER;
      return [
        {
          what: say('wider', { drill: f.size(wider) }),
          input: { ...given, drain: { ...drain, diameter_mm: wider } },
        },
        { what: say('closer', { clearance: f.gap(closer) }), input: withClearance(closer) },
      ];
    },
    rows: ({ healthyClearance_mm }, { cases, drill_mm, verdict }, f) =>
      cases
        .filter(({ id }) => id !== 'asIs' && !(id === 'drainDrilled' && verdict === 'holds'))
        .map(({ id, cavity_bar, verdict: of }) => [
          id === 'bushingRenewed'
            ? say(id, { clearance: f.gap(healthyClearance_mm ?? 0) })
            : id === 'drainDrilled'
              ? say(id, { drill: f.size(drill_mm ?? 0) })
              : say(id as 'drainBlocked' | 'drainToOutlet'),
          f.bar(cavity_bar),
          of === null ? 'unknown' : of === 'holds' ? 'good' : 'bad',
        ]),
    picture: ({ drainOpenTo, ...given }, { cavity_bar, verdict }, f, pens) => {
      const { bore, drain, supply_bar } = given;
      const cavity = f.bar(cavity_bar);
      const supply = f.bar(supply_bar);
      return sealSection(
        {
          words: {
            supply,
            bushing: say('bushingOf', { clearance: f.gap(bore.diametralClearance_mm) }),
            drain: say('drainOf', { drill: f.size(drain.diameter_mm) }),
            seal: say('sealAt'),
            cavity,
            said: say('drawn', { supply, cavity }),
          },
          shaft_mm: bore.diameter_mm,
          bushing_mm: bore.length_mm,
          clearance_mm: bore.diametralClearance_mm,
          drain_mm: drain.diameter_mm,
          drains:
            drainOpenTo === 'none' || drain.diameter_mm === 0
              ? 'nowhere'
              : drainOpenTo === 'outlet'
                ? 'in'
                : 'out',
          ink: verdict === null ? 'brass' : verdict === 'holds' ? 'in' : 'out',
        },
        pens,
      );
    },
    takes: { oil: 'oil' },
    formula: {
      line: 'G·(p_s − p) = C_d·A·√(2·(p − p_b)/ρ)',
      symbols: [
        ['G', 'what passes the bushing: π·d·c³·(1 + 1.5ε²)/(12·μ·L), c radial'],
        ['p_s, p_b', 'pressure at the bushing, and where the drain ends'],
        ['A', 'of the drain’s narrowest bore'],
      ],
      source: 'Merritt, Hydraulic Control Systems',
      assumed: [
        'C_d of 0.7; the shaft halfway to the wall.',
        'Hot oil is the worst; how a long drain chokes cold oil is not counted.',
        'A stuck shuttle or check valve is a drain blocked, or open to the outlet.',
      ],
    },
  },
  gives: {
    cavity_bar: ['Pressure behind the seal', 'bar'],
    verdict: ['Verdict'],
    drainToHold_mm: ['Drain that holds', 'mm'],
    drill_mm: ['Drill', 'mm'],
    clearanceToHold_mm: ['Clearance that holds', 'mm'],
    why: ['Why no drain holds'],
    cases: ['Case by case'],
  },
});

/** Says why there is no drain to drill: nobody knows what the seal holds, or the drain's end is at that pressure itself. */
const whyNone = (rating_bar: number | null, { back_bar }: SealCavity): 'rating' | 'back' | null =>
  rating_bar === null ? 'rating' : rating_bar <= back_bar ? 'back' : null;
