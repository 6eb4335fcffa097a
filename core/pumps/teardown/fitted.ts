import { renewal, step, type Renewal, type StripStep } from './teardown';

/** Lists how the leak past a bushing gets from behind the shaft seal back to the inlet. */
export const DRAINS = ['none', 'hole', 'plug', 'checks', 'shuttle'] as const;
export type Drain = (typeof DRAINS)[number];

/** Says how the gears of a stack sit on their shaft. */
export const GEAR_FITS = ['floats', 'pressed'] as const;
export type GearFit = (typeof GEAR_FITS)[number];

/** A shaft has so many seals at most. */
export const MOST_SEALS = 2;

/** Says what one model has, and another of its family has not; null where nobody said, or the family has none. */
export interface Fitted {
  readonly seals: number | null;
  readonly drain: Drain | null;
  readonly gearFit: GearFit | null;
}

/**
 * Returns what is said of a pump, without what nobody said.
 *
 * @param fitted what is said of the pump; null where nobody did
 * @example
 * saidOf({ seals: 1, drain: null, gearFit: null }); // { seals: 1 }
 */
export const saidOf = (fitted: Fitted): Partial<Fitted> => {
  const { seals, drain, gearFit } = fitted;
  return Object.fromEntries(
    Object.entries({ seals, drain, gearFit }).filter(([, value]) => value !== null),
  );
};

/** Says what a family has as a rule, and what of it is asked when a sheet is made. */
export interface FittedAsRule {
  readonly usual: Fitted;
  readonly asked: readonly (keyof Fitted)[];
}

/** Returns what a pump has whose shaft leaves the body, as a rule; whether this one has it is asked. */
export const onTheShaft = (seals: number, drain: Drain): FittedAsRule => ({
  usual: { seals, drain, gearFit: null },
  asked: ['seals', 'drain'],
});

/** Describes the step that looks at the drain before the pump is turned over, and what falls out of it. */
const DRAIN_STEP: Readonly<Record<Exclude<Drain, 'none'>, StripStep>> = {
  hole: step('plug', 'body', 'See which drain hole is open before you turn the pump over.', {
    way: 'drain',
    right: 'left',
  }),
  plug: step('plug', 'body', 'See on which side the drain plug is before you turn the pump over.', {
    way: 'plug',
    right: 'right',
  }),
  checks: step(
    'plug',
    'body',
    'See where the two drain check valves sit before you turn the pump over: their balls drop out.',
  ),
  shuttle: step(
    'plug',
    'body',
    'See where the drain shuttle sits before you turn the pump over: it drops out.',
  ),
};

/**
 * Returns the steps of a pump as its seals and its drain ask for them.
 *
 * @param strip the steps of the family
 * @param fitted its seals and its drain
 * @example
 * const strip = [{ id: 'seal' }, { id: 'cover' }];
 * stripFitted(strip, { seals: 0, drain: 'none' }); // [{ id: 'cover' }]
 */
export function stripFitted(strip: readonly StripStep[], { seals, drain }: Fitted): StripStep[] {
  const rest = strip.filter(({ id }) => id !== 'plug' && !(seals === 0 && id === 'seal'));
  if (drain === null) return seals === 0 ? rest : [...strip];
  return drain === 'none' ? rest : [DRAIN_STEP[drain], ...rest];
}

/**
 * Returns what is always replaced, with as many shaft seals as the pump has.
 *
 * @param renew what the family always replaces
 * @param fitted its seals
 * @example
 * renewFitted([{ id: 'seal', name: 'Shaft seal' }], { seals: 0 }); // []
 */
export const renewFitted = (renew: readonly Renewal[], { seals }: Fitted): Renewal[] =>
  renew.flatMap((r) => {
    if (r.id !== 'seal' || seals === null) return [r];
    return seals === 0 ? [] : [renewal(r.id, r.name, seals, r.when)];
  });
