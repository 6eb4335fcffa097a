import { exact } from '../schema/fields';
import { string } from 'yup';

/** One way of doing it, and why people hold it. */
interface School<V extends string> {
  readonly value: V;
  readonly name: string;
  readonly why: string;
}

/** A question on which good people disagree. */
export interface HouseRule<K extends string = string, V extends string = string> {
  readonly id: K;
  readonly name: string;
  readonly schools: readonly [School<V>, ...School<V>[]];
}

const rule = <K extends string, V extends string>(
  id: K,
  name: string,
  ...schools: [School<V>, ...School<V>[]]
): HouseRule<K, V> => ({ id, name, schools });

/** The schools of the trade; the first of each is what a new shop begins with. */
export const HOUSE_RULES = [
  rule(
    'decision',
    'Decision rule',
    {
      value: 'guarded',
      name: 'Guarded',
      why: 'Guarded: In or Out only at 95% sure; otherwise Too close to call. One more reading costs less than a comeback.',
    },
    {
      value: 'plain',
      name: 'Plain',
      why: 'Compare the reading with the limit as it stands: quick and as the manual reads, but near the limit it may be on the wrong side.',
    },
  ),
  rule(
    'ladder',
    'Leaf ladder',
    {
      value: 'limit',
      name: 'From the limit',
      why: 'The leaf that settles most comes first: the verdict comes in the fewest tries.',
    },
    {
      value: 'climb',
      name: 'Thin and climb',
      why: 'A thin leaf first, then the next thicker: nothing is forced, and you learn the feel of the gap.',
    },
  ),
  rule(
    'record',
    'Record of a gap',
    {
      value: 'verdict',
      name: 'Only the verdict',
      why: 'A gap is tried until it is In or Out, and no further: the fewest tries. A gap without a limit is measured to the nearest leaves anyway.',
    },
    {
      value: 'size',
      name: 'The size as well',
      why: 'Each place is measured to the nearest leaves, whatever the verdict: next time there is a figure to compare with.',
    },
  ),
  rule(
    'closer',
    'Measuring before Decide',
    {
      value: 'pays',
      name: 'Where it pays',
      why: 'A gap that leaves only bracket is measured closer where that could change what is done. The rest stays as it is.',
    },
    {
      value: 'sizes',
      name: 'Sizes for all that is out',
      why: 'Whatever is out is sized before anything is planned: the amount to cut comes from figures.',
    },
    {
      value: 'leaves',
      name: 'Leaves as they are',
      why: 'What the leaves say has to do: a cut is planned for the whole bracket, or none is.',
    },
  ),
  rule(
    'lapping',
    'Hand lapping of a body or plate',
    {
      value: 'last-resort',
      name: 'Last resort',
      why: 'At most 0.01 mm (4 tenths): coarse, then fine, in figure eights, measuring often. It saves a part nobody can grind.',
    },
    {
      value: 'never',
      name: 'Never',
      why: 'Lapping rounds the edges. Grind or mill only.',
    },
    {
      value: 'normal',
      name: 'Normal on plates',
      why: 'For at most 0.01 mm (4 tenths) on end plates it is quicker than setting up a grinder, and flat enough on a true plate.',
    },
  ),
  rule(
    'bushing',
    'Hub bushing',
    {
      value: 'free',
      name: 'Turns freely',
      why: 'The hub must slip on and turn freely: heat closes the gap, and a vented seal cavity takes the leak.',
    },
    {
      value: 'snug',
      name: 'Snug',
      why: 'No rock: the bushing guides the gear and holds the oil back.',
    },
  ),
  rule(
    'gears',
    'Gears',
    {
      value: 'keep',
      name: 'Keep a good pair',
      why: 'A pair that ran together is worn in together: machine the body to it.',
    },
    {
      value: 'renew',
      name: 'Replace when in doubt',
      why: 'New gears cost less than the work done twice.',
    },
  ),
  rule(
    'shelf',
    'Parts from the shelf',
    {
      value: 'again',
      name: 'Measure again',
      why: 'A part that has lain about may have been dropped or measured by somebody else. Its sizes are read again before they count.',
    },
    {
      value: 'trust',
      name: 'Trust the label',
      why: 'A part measured once and wrapped has not changed: its sizes count as they were read.',
    },
  ),
  rule(
    'renew',
    'Bushings and seals',
    {
      value: 'always',
      name: 'Always replace',
      why: 'The part is cheap and the pump stays closed for years. Sealing rings and O-rings are always replaced.',
    },
    {
      value: 'measured',
      name: 'On measured clearance',
      why: 'A bushing within its window is better than a new one that has to be sized. Sealing rings and O-rings are always replaced.',
    },
  ),
  rule(
    'drain',
    'Seal drain by shuttle or check valves',
    {
      value: 'keep',
      name: 'Keep',
      why: 'Keep it as built: the pump can still be set up for either rotation.',
    },
    {
      value: 'convert',
      name: 'Drilled drain',
      why: 'Drill the inlet-side drain and plug the other: no valve to stick and blow the seal.',
    },
  ),
  rule(
    'wash',
    'Washing before the build',
    {
      value: 'hot-wash',
      name: 'Hot wash',
      why: 'Hot wash takes oil and grit off at once, and the parts dry by themselves.',
    },
    {
      value: 'ultrasonic',
      name: 'Ultrasonic',
      why: 'An ultrasonic bath reaches galleries and blind holes. Rinse after it.',
    },
    {
      value: 'solvent',
      name: 'Solvent',
      why: 'Solvent and a brush need no bath. Blow every gallery out after it.',
    },
  ),
] as const;

type Rules = (typeof HOUSE_RULES)[number];

/** Describes what a shop or a job holds to, by the id of each question. */
export type HouseRules = { [R in Rules as R['id']]: R['schools'][number]['value'] };

/** Describes what a new shop begins with. */
export const NEW_RULES = Object.fromEntries(
  HOUSE_RULES.map(({ id, schools }) => [id, schools[0].value]),
) as HouseRules;

export const houseRules = exact(
  Object.fromEntries(
    HOUSE_RULES.map(({ id, schools }) => [
      id,
      string()
        .oneOf(schools.map((school): string => school.value))
        .required(),
    ]),
  ),
);

/** Returns the rules in a line: `Decision rule: guarded; leaf ladder: from the limit; …` */
export function rulesWords(rules: HouseRules): string {
  const words = HOUSE_RULES.map(({ id, name, schools }) => {
    const held = schools.find((s) => s.value === rules[id])?.name ?? rules[id];
    return `${name.toLowerCase()}: ${held.toLowerCase()}`;
  }).join('; ');
  return words.charAt(0).toUpperCase() + words.slice(1);
}
