import { object } from 'yup';
import { InputError } from '../errors';
import { sealCavity, sealNeeds, type SealCavity } from '../hydraulics/sealCavity';
import { exact } from '../schema/fields';
import { choice, notBelow, perhaps, positive, usually } from './fields';
import { sum } from './sum';

const cavityFields = {
  supply_bar: notBelow('Pressure at the bushing', 'bar'),
  mu_Pas: positive('Dynamic viscosity', 'Pa·s'),
  density_kgm3: positive('Density', 'kg/m³'),
  bore: exact({
    diameter_mm: positive('Shaft'),
    diametralClearance_mm: notBelow('Bushing clearance').meta({ isGap: true }),
    length_mm: positive('Bushing length without a groove'),
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

/** Where a wire in the open drain comes out. */
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
