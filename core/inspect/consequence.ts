import type { DefectId, SurfaceKind } from '../pumps/teardown/defects';
import type { Surface } from '../pumps/teardown/teardown';
import type { HouseRules } from '../records/rules';
import type { Sheet } from '../records/sheet';
import type { Consequence, Nail } from '../records/teardown';
import { say } from '../wording/say';

/** Describes what was seen on a surface. */
export interface Seen {
  readonly defect: DefectId;
  readonly nail: Nail | null;
  readonly depth_mm: number | null;
}

/** Describes what the app proposes, and on what ground. */
export interface Proposal {
  readonly consequence: Consequence;
  readonly why: string;
}

/** A rule of the trade; the first that holds is taken. */
interface Rule {
  readonly defects: readonly DefectId[];
  /** Holds only on a surface of which this is said: one of a stack, under a seal that keeps dirt out. */
  readonly only?: 'ofSection' | 'keepsOut';
  readonly on?: readonly SurfaceKind[];
  readonly nail?: Nail;
  /** Holds up to this depth, where one was mic'd. */
  readonly upTo_mm?: number;
  readonly house?: Partial<HouseRules>;
  readonly consequence: Consequence;
  readonly why: string;
}

const FLAT: readonly SurfaceKind[] = ['face'];
const ROTATING: readonly SurfaceKind[] = ['teeth', 'rim'];

/** Describes what a plate or face can lose by hand, in mm: tenths only. */
const BY_HAND_MM = 0.01;

/** The rules in the order in which they are tried. */
const RULES: readonly Rule[] = [
  {
    defects: ['cracked'],
    on: ['casting'],
    only: 'ofSection',
    consequence: 'replace',
    why: 'this section’s body is replaced; the rest of the stack goes on',
  },
  {
    defects: ['cracked'],
    on: ['casting', 'crescent'],
    consequence: 'scrap',
    why: 'a crack opens under pressure: no measurement on this part can be trusted',
  },
  { defects: ['cracked'], consequence: 'replace', why: 'a crack keeps growing' },
  {
    defects: ['broken', 'rusted'],
    on: ['spring'],
    consequence: 'replace',
    why: 'a sagged spring opens early, and a rusted one breaks at its pits',
  },
  {
    defects: ['twisted', 'mushroomed', 'broken'],
    consequence: 'replace',
    why: 'it was overloaded: it will not carry the load again',
  },
  {
    defects: ['chipped'],
    consequence: 'replace',
    why: 'the next piece to break off will go through the pump',
  },
  {
    defects: ['turned'],
    consequence: 'replace',
    why: 'a spun bushing may have damaged its bore: measure the bore too',
  },
  {
    defects: ['walked-in'],
    on: ['crescent'],
    consequence: 'replace',
    why: 'metal that is gone from the crescent does not come back',
  },
  {
    defects: ['walked-in'],
    consequence: 'replace',
    why: 'with good bushings in, nothing but a new or sleeved bore brings the tip clearance back',
  },
  {
    defects: ['worn-through'],
    on: ['bearing', 'washer'],
    consequence: 'replace',
    why: 'its bearing metal is gone',
  },
  {
    defects: ['worn-through'],
    nail: 'passes',
    consequence: 'pass',
    why: 'no ridge is felt: record it, and measure the clearance',
  },
  { defects: ['worn-through'], consequence: 'replace', why: 'the coating was the running surface' },
  {
    defects: ['rough', 'seized'],
    consequence: 'replace',
    why: 'a bearing that grates or has picked up metal will not carry a shaft true',
  },
  {
    defects: ['seat-worn'],
    nail: 'passes',
    consequence: 'pass',
    why: 'the nail does not find the ring: the valve still closes on it',
  },
  {
    defects: ['seat-worn'],
    consequence: 'machine',
    why: 'a beaten seat leaks and opens early: it is cut true, or its body replaced',
  },
  {
    defects: ['blued'],
    on: ['bearing'],
    consequence: 'replace',
    why: 'it has run dry, and its metal has flowed',
  },
  {
    defects: ['blued'],
    on: ['journal'],
    nail: 'catches',
    consequence: 'replace',
    why: 'torn and blue: the case hardening is gone',
  },
  {
    defects: ['blued'],
    consequence: 'dress',
    why: 'blue alone may be skin deep: polish, then measure hub and bushing',
  },
  {
    defects: ['polished'],
    consequence: 'pass',
    why: 'bright only shows contact: measure the clearance',
  },
  { defects: ['nicked'], consequence: 'dress', why: 'a raised edge is stoned off, flat' },
  {
    defects: ['stuck'],
    consequence: 'dress',
    why: 'clean it until it moves freely; replace it if scored',
  },
  {
    defects: ['porous'],
    nail: 'catches',
    consequence: 'replace',
    why: 'pores under a seal or between two sides leak',
  },
  { defects: ['porous'], consequence: 'pass', why: 'pores too small for the nail are harmless' },
  {
    defects: ['scored', 'pitted', 'ridge', 'gouged', 'stepped'],
    nail: 'passes',
    consequence: 'pass',
    why: 'the nail does not catch: too shallow to leak',
  },
  { defects: ['rusted'], nail: 'passes', consequence: 'dress', why: 'skin rust rubs off' },
  {
    defects: ['scored', 'pitted', 'ridge', 'rusted'],
    on: FLAT,
    upTo_mm: BY_HAND_MM,
    house: { lapping: 'normal' },
    consequence: 'dress',
    why: 'house rule: up to 0.01 mm (4 tenths) may be lapped off on a surface plate',
  },
  {
    defects: ['scored', 'pitted', 'ridge', 'rusted', 'gouged'],
    on: FLAT,
    consequence: 'machine',
    why: 'the nail catches: the face is cut true, and measured again after',
  },
  {
    defects: ['gouged'],
    on: ['casting'],
    consequence: 'dress',
    why: 'outside the working surfaces a burr is dressed off',
  },
  {
    defects: ['scored', 'pitted', 'rusted'],
    on: ['rim'],
    nail: 'catches',
    consequence: 'replace',
    why: 'the rim runs against the wall: what the nail catches on scores the pocket',
  },
  {
    defects: ['scored', 'pitted', 'rusted'],
    on: ROTATING,
    house: { gears: 'keep' },
    consequence: 'dress',
    why: 'house rule: keep a good pair; stone off burrs, measure clearances',
  },
  {
    defects: ['pitted', 'rusted'],
    only: 'keepsOut',
    consequence: 'pass',
    why: 'this seal only keeps dirt out: clean the pits and grease between the seals, if it is sound under the inner one',
  },
  {
    defects: ['scored', 'pitted', 'rusted', 'stepped'],
    on: ['seal-track'],
    consequence: 'dress',
    why: 'if the nail catches, the lip leaks: polish, or replace where too deep',
  },
  {
    defects: ['scored', 'rusted'],
    on: ['journal'],
    consequence: 'dress',
    why: 'polish it; replace it if it is then under size',
  },
  {
    defects: ['scored', 'rusted'],
    on: ['wall', 'crescent'],
    consequence: 'dress',
    why: 'stone off burrs; the clearance shows how much is gone',
  },
];

/** Applies where nothing else holds. */
const LAST: Proposal = {
  consequence: 'replace',
  why: 'the nail catches, and no work brings it back',
};

function holds(rule: Rule, { defect, nail, depth_mm }: Seen, surface: Surface, house: HouseRules) {
  return (
    rule.defects.includes(defect) &&
    (!rule.only || surface[rule.only] === true) &&
    (!rule.on || rule.on.includes(surface.kind)) &&
    (!rule.nail || rule.nail === nail) &&
    (rule.upTo_mm === undefined || (depth_mm !== null && depth_mm <= rule.upTo_mm)) &&
    Object.entries(rule.house ?? {}).every(([id, value]) => house[id as keyof HouseRules] === value)
  );
}

/** Returns what the sheet's book says of it: the entry that allows the least depth that is still enough. */
function byTheBook(sheet: Pick<Sheet, 'book'>, surface: Surface, seen: Seen): Proposal | null {
  const depth = seen.depth_mm ?? Infinity;
  const [entry] = sheet.book
    .filter((b) => b.surface === surface.id && b.defect === seen.defect)
    .filter((b) => b.upTo_mm === null || depth <= b.upTo_mm)
    .sort((a, b) => (a.upTo_mm ?? Infinity) - (b.upTo_mm ?? Infinity));
  if (!entry) return null;
  const { consequence, source } = entry;
  const why = source ? say('inspect.bySheet', { source }) : 'by the sheet';
  return { consequence, why };
}

/**
 * Returns what follows from a defect: by the sheet where it says anything, else by the
 * rules of the trade and of the house. A proposal; the person decides.
 */
export function proposalFor(
  sheet: Pick<Sheet, 'book'>,
  surface: Surface,
  seen: Seen,
  house: HouseRules,
): Proposal {
  const book = byTheBook(sheet, surface, seen);
  if (book) return book;
  const { consequence, why } = RULES.find((r) => holds(r, seen, surface, house)) ?? LAST;
  return { consequence, why };
}
