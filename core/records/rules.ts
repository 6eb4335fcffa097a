import { object, string } from 'yup';

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
      why: 'In or out only where it is 95% sure: between is too close to call, and a comeback costs more than one more reading.',
    },
    {
      value: 'plain',
      name: 'Plain',
      why: 'The figure itself against the limit: quick and as the book reads, but a reading next to the limit may be on the wrong side of it.',
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
      why: 'A thin leaf first, then the next thicker: nothing is forced, and the hand learns the feel of the gap.',
    },
  ),
  rule(
    'record',
    'Record of a gap',
    {
      value: 'verdict',
      name: 'Only the verdict',
      why: 'A gap is tried until it is in or out, and no further: the fewest tries. One without a limit is told between neighbouring leaves all the same.',
    },
    {
      value: 'size',
      name: 'The size as well',
      why: 'Each place is told between neighbouring leaves, whatever the verdict: next time there is a figure to compare with.',
    },
  ),
  rule(
    'lapping',
    'Hand lapping of a body or plate',
    {
      value: 'last-resort',
      name: 'Last resort',
      why: 'Tenths only, coarse then fine, figure of eight, measured often: it saves a part that nobody can grind.',
    },
    {
      value: 'never',
      name: 'Never',
      why: 'Flatness suffers at the edges: grind or mill, and nothing else.',
    },
    {
      value: 'normal',
      name: 'Normal on plates',
      why: 'For tenths on end plates it is quicker than setting up a grinder, and flat enough on a true plate.',
    },
  ),
  rule(
    'bushing',
    'Hub bushing',
    {
      value: 'free',
      name: 'Free-running',
      why: 'It must slip on and turn freely: heat closes it, and a vented seal cavity takes the leak.',
    },
    {
      value: 'snug',
      name: 'Snug',
      why: 'No rock to be felt: it steers the gear and keeps the oil where it belongs.',
    },
  ),
  rule(
    'gears',
    'Gears',
    {
      value: 'keep',
      name: 'Keep a sound pair',
      why: 'A pair that ran together is worn in together: machine the body to it.',
    },
    {
      value: 'renew',
      name: 'Renew when in doubt',
      why: 'New gears cost less than the work done twice.',
    },
  ),
  rule(
    'renew',
    'Bushings and seals',
    {
      value: 'always',
      name: 'Always renew',
      why: 'The part is cheap, and nobody sees inside again for years. Sealing rings and O-rings are always renewed.',
    },
    {
      value: 'measured',
      name: 'On measured clearance',
      why: 'A bushing within its window is better than a new one that has to be sized. Sealing rings and O-rings are always renewed.',
    },
  ),
  rule(
    'drain',
    'Seal drain by shuttle or check valves',
    {
      value: 'keep',
      name: 'Keep',
      why: 'As it was built: it may be turned the other way again.',
    },
    {
      value: 'convert',
      name: 'Drilled drain',
      why: 'A drain on the inlet side with the other side plugged cannot stick and blow the seal.',
    },
  ),
] as const;

type Rules = (typeof HOUSE_RULES)[number];

/** Describes what a shop or a job holds to, by the id of each question. */
export type HouseRules = { [R in Rules as R['id']]: R['schools'][number]['value'] };

/** Questions that are asked and kept already, and that nothing reads until the stage that uses them is there. */
export const UNREAD_RULES: readonly (keyof HouseRules)[] = ['drain'];

/** Describes what a new shop begins with. */
export const NEW_RULES = Object.fromEntries(
  HOUSE_RULES.map(({ id, schools }) => [id, schools[0].value]),
) as HouseRules;

export const houseRules = object(
  Object.fromEntries(
    HOUSE_RULES.map(({ id, schools }) => [
      id,
      string()
        .oneOf(schools.map((school): string => school.value))
        .required(),
    ]),
  ),
)
  .noUnknown()
  .required();

/** Returns the rules in a line: `Decision rule: guarded; leaf ladder: from the limit; …` */
export function rulesWords(rules: HouseRules): string {
  const words = HOUSE_RULES.map(({ id, name, schools }) => {
    const held = schools.find((s) => s.value === rules[id])?.name ?? rules[id];
    return `${name.toLowerCase()}: ${held.toLowerCase()}`;
  }).join('; ');
  return words.charAt(0).toUpperCase() + words.slice(1);
}
