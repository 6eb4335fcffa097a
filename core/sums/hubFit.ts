import { object } from 'yup';
import { hubFit } from '../workshop/hubFit';
import { lengths, limitFields, limitsIn, perhaps, positive, usually } from './fields';
import { sum } from './sum';

/** Steel, in 1/K. */
const STEEL_per_K = 11.7e-6;

const warmth = (label: string) => usually(label, 20, '°C').min(-40).max(200);

/** Tells how a hub fits its bushing cold and hot, and how far the bushing is honed. */
export const hubFitOf = sum({
  input: object({
    hub_mm: positive('Hub').min(5).max(300),
    bores_mm: lengths('Bushing bores, pressed in', 1, 'At least one bore', 20),
    hub_C: warmth('Hub as measured'),
    bore_C: warmth('Bushing as measured'),
    ...limitFields,
    hubHot_C: perhaps('Hub at work', '°C').min(-40).max(300),
    bodyHot_C: perhaps('Body at work', '°C').min(-40).max(300),
    alphaBody_per_K: perhaps('Expansion of the body', '1/K').min(0).max(1e-4),
    alphaHub_per_K: usually('Expansion of the hub', STEEL_per_K, '1/K').min(0).max(1e-4),
    floorHot_mm: usually('Least clearance when hot', 0.005).min(0),
    u_mm: usually('Uncertainty', 0.004).min(0),
    step_mm: usually('Most honed in a step', 0.005).moreThan(0),
    last_mm: usually('Last step', 0.0025).moreThan(0),
    aim_mm: perhaps('Clearance to hone to').min(0),
  }),
  example: { hub_mm: 40, bores_mm: [40.041, 40.044], lower_mm: 0.05, upper_mm: 0.07 },
  answer: ({ alphaBody_per_K, hubHot_C, bodyHot_C, aim_mm, lower_mm, upper_mm, ...given }) =>
    hubFit({
      ...given,
      limits: limitsIn({ lower_mm, upper_mm }),
      alphaBody_per_K: alphaBody_per_K ?? null,
      hubHot_C: hubHot_C ?? null,
      bodyHot_C: bodyHot_C ?? null,
      aim_mm: aim_mm ?? null,
    }),
  gives: {
    clearance_mm: ['Clearance at 20 °C', 'mm'],
    hot_mm: ['Clearance when hot', 'mm'],
    coldLeast_mm: ['Cold clearance that stays open when hot', 'mm'],
    least_mm: ['Least that is in, cold', 'mm'],
    hone_mm: ['To hone', 'mm'],
    stops: ['Stops of the hone'],
    verdict: ['Verdict'],
  },
});
