import { pumpOf, type PumpKind } from '../pumps/registry';
import type { Drain, Fitted, GearFit } from '../pumps/teardown/fitted';
import { alsoCheck, type AlsoCheck } from '../pumps/teardown/teardown';
import { say } from '../wording/say';

/** Names the check that asks which kind of drain a pump has. */
const DRAIN_KIND = 'drain-kind';

/** Says each kind of drain as it is answered. */
export const DRAIN_WORD: Readonly<Record<Drain, string>> = {
  hole: 'a drilled hole',
  plug: 'a hole each side, one plugged',
  checks: 'two check valves',
  shuttle: 'a shuttle valve',
  none: 'none',
};

const drainKind = (drain: Drain): AlsoCheck => ({
  ...alsoCheck(
    DRAIN_KIND,
    'Seal drain',
    'What kind of drain is behind the shaft seal?',
    Object.values(DRAIN_WORD),
    DRAIN_WORD[drain],
  ),
  asksFor: [DRAIN_WORD.checks, DRAIN_WORD.shuttle].map((answer) => ({
    answer,
    remedy: 'drill-drain' as const,
    house: { drain: 'convert' as const },
  })),
});

const drainWire: AlsoCheck = alsoCheck(
  'drain-wire',
  'Wire through the drain',
  'Does the drain pass a wire? Where does it come out?',
  ['at the inlet', 'at the outlet', 'at both', 'in the case', 'it does not pass'],
  'at the inlet',
);

const drainValve: AlsoCheck = {
  ...alsoCheck(
    'drain-valve',
    'Drain valve',
    'Push the shuttle or the check balls with a rod, both ways. Do they move?',
    ['move freely', 'one sticks', 'both stick'],
    'move freely',
  ),
  asksFor: ['one sticks', 'both stick'].flatMap((answer) => [
    { answer, remedy: 'free-drain-valve' as const, house: { drain: 'keep' as const } },
  ]),
};

/** Lists what is asked of each kind of drain, once its kind is known. */
const OF_DRAIN: Readonly<Record<Drain, readonly AlsoCheck[]>> = {
  none: [],
  hole: [drainWire],
  plug: [drainWire],
  checks: [drainValve],
  shuttle: [drainValve],
};

const sealCheck: AlsoCheck = alsoCheck(
  'seal-out',
  'Old shaft seal',
  'How was the old shaft seal found?',
  [
    'in place, lip sound',
    'in place, lip hard or cut',
    'cocked in its bore',
    'pushed out, lip sound',
    'pushed out, lip cut',
  ],
  'in place, lip sound',
);

const GEAR_SITS: Readonly<Record<GearFit, string>> = { floats: 'slides', pressed: 'tight' };

/** Asks in a stack how a gear sits on its shaft: it floats, so that it finds its place between the plates. */
const gearSits = (fit: GearFit, section: number, sections: number): AlsoCheck => {
  const of = { section, sections };
  return alsoCheck(
    section === 1 ? 'gear-loose' : `gear-loose-s${section}`,
    say('inspect.gearOnShaft', of),
    say('inspect.gearSits', { ...of, fit }),
    ['slides', 'tight', 'rocks'],
    GEAR_SITS[fit],
  );
};

/** Returns how many sections of gears a pump has. */
const sectionsOf = (pump: PumpKind): number =>
  Math.max(1, ...pumpOf(pump).parts.map(({ section }) => section ?? 1));

/**
 * Returns the small checks that what is fitted on a pump asks for: its shaft seal, the drain behind it, gears that float.
 *
 * @param answer what was answered to a check, by its id; null where nobody answered
 */
export function fittedChecks(
  pump: PumpKind & Fitted,
  answer: (check: string) => string | null = () => null,
): AlsoCheck[] {
  const { seals, drain, gearFit } = pump;
  const said = answer(DRAIN_KIND);
  const found = (Object.keys(DRAIN_WORD) as Drain[]).find((d) => DRAIN_WORD[d] === said);
  const sections = gearFit === null ? 0 : sectionsOf(pump);
  return [
    ...(seals !== null && seals > 0 ? [sealCheck] : []),
    // A pump that has none by its sheet is not asked about one.
    ...(drain === null || drain === 'none' ? [] : [drainKind(drain), ...OF_DRAIN[found ?? drain]]),
    ...Array.from({ length: sections }, (_, i) => gearSits(gearFit ?? 'floats', i + 1, sections)),
  ];
}
