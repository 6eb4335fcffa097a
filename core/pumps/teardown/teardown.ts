import {
  characteristicId,
  partId,
  stationId,
  surfaceId,
  type CharacteristicId,
  type DimensionId,
  type KindId,
  type PartId,
  type StationId,
  type SurfaceId,
} from '../ids';
import type { Remedy } from '../remedies';
import type { Point } from '../shapes';
import type { View } from '../view';
import type { Clutch } from './clutch';
import type { DefectId, SurfaceKind } from './defects';
import type { FittedAsRule } from './fitted';
import { say } from '../../wording/say';

/**
 * Says where a surface is on the drawing: where something is measured, or a share of the drawing's
 * half-side.
 */
export type Spot =
  | { readonly of: DimensionId | CharacteristicId; readonly station: StationId }
  | { readonly view: View; readonly share: Point };

/** Describes what a defect found here asks to be measured before anything else, and why. */
export interface Asks {
  /** The defects that ask; every one but a polish where none is named. */
  readonly defects?: readonly DefectId[];
  /** Characteristics by id, the most telling first. */
  readonly measure: readonly CharacteristicId[];
  /** Completes *measured first, since …*. */
  readonly why: string;
}

/** A working surface that is judged by eye and nail. */
export interface Surface {
  readonly id: SurfaceId;
  readonly name: string;
  /** Lists the parts that it is on: one, or several alike that are looked at together. */
  readonly parts: readonly PartId[];
  readonly kind: SurfaceKind;
  readonly spot: Spot;
  /** Lists what puts it right, beside a new part in the place of its own. */
  readonly remedies: readonly Remedy[];
  readonly asks: readonly Asks[];
  /** A seal beside another runs here and only keeps dirt out: the other holds the oil. */
  readonly keepsOut?: true;
  /** It is one of several alike in a stack: given up, it is replaced, and the pump goes on. */
  readonly ofSection?: true;
}

/** A step of taking the pump apart, as a sheet lists it. */
export interface StripStep {
  readonly id: string;
  /** A part, or the kind of several that come out at once. */
  readonly part: PartId | KindId;
  /** Says what to do, as an instruction. */
  readonly do: string;
  /** Names the way round to record before it comes out: an id of WAYS_ROUND, or empty. */
  readonly way: string;
  /** The option of that which is right on this pump; empty where nobody has said. */
  readonly right: string;
  readonly caution: string;
}

/** A part that goes on the order list by itself: always, or where the house renews bushings. */
export interface Renewal {
  readonly id: string;
  readonly name: string;
  readonly count: number;
  readonly when: 'always' | 'house';
}

/** A small check on the same bench visit that has no clearance. */
export interface AlsoCheck {
  readonly id: string;
  readonly name: string;
  readonly ask: string;
  readonly options: readonly string[];
  /** The option that is right where there is one; empty where the answer is only noted. */
  readonly expected: string;
  /** Lists the answers that ask for work, and what puts it right. */
  readonly asksFor?: readonly AskedWork[];
}

/** Describes work that an answer asks for: of any house, or only of one that holds to a school. */
export interface AskedWork {
  readonly answer: string;
  readonly remedy: Remedy;
  readonly house?: { readonly drain: 'keep' | 'convert' };
}

/** Describes what happens to a pump of a family before any instrument. */
export interface Teardown {
  /** Lists the surfaces in the order in which the parts lie on the bench, grouped by part. */
  readonly surfaces: readonly Surface[];
  readonly strip: readonly StripStep[];
  readonly renew: readonly Renewal[];
  /** Says which parts of the pump some of those are, by their ids. */
  readonly renewed: Readonly<Record<string, readonly PartId[]>>;
  readonly also: readonly AlsoCheck[];
  /** The one-way clutches that a unit of this kind has as a rule. */
  readonly clutches: readonly Clutch[];
  /** Says what one model has and another has not: shaft seals, a drain behind them. */
  readonly fitted: FittedAsRule;
}

type SurfaceOf = readonly [
  id: string,
  name: string,
  part: string | readonly string[],
  kind: SurfaceKind,
  spot: Spot,
  ...asks: readonly Asks[],
];

/** Makes a surface that is judged by eye and nail, and that work puts right. */
export const treated = (
  remedies: readonly Remedy[],
  ...[id, name, part, kind, spot, ...asks]: SurfaceOf
): Surface => ({
  id: surfaceId(id),
  name,
  kind,
  spot,
  asks,
  remedies,
  parts: [part].flat().map(partId),
});

/** Makes a surface that is judged by eye and nail; nothing but another part puts it right. */
export const surface = (...of: SurfaceOf): Surface => treated([], ...of);

/** Places a surface on the drawing where something is measured. */
export const atStation = (of: string, station: string): Spot => ({
  of: characteristicId(of),
  station: stationId(station),
});

/** Places a surface on the drawing by shares of its half-side, −1 to 1. */
export const on = (view: View, x: number, y: number): Spot => ({ view, share: { x, y } });

/** Says what a defect found on a surface asks to be measured, and why; every defect but a polish where none is named. */
export const asks = (
  measure: readonly string[],
  why: string,
  defects?: readonly DefectId[],
): Asks => ({ measure: measure.map(characteristicId), why, ...(defects ? { defects } : {}) });

/** Makes a step of taking a pump apart. */
export const step = (
  id: string,
  part: string,
  words: string,
  {
    way = '',
    right = '',
    caution = '',
  }: Partial<Pick<StripStep, 'way' | 'right' | 'caution'>> = {},
): StripStep => ({ id, part: partId(part), do: words, way, right, caution });

/** Makes a part that goes on the order list by itself. */
export const renewal = (
  id: string,
  name: string,
  count = 1,
  when: Renewal['when'] = 'always',
): Renewal => ({ id, name, count, when });

/**
 * Makes a small check without a clearance; where nothing is expected its answer is only noted.
 *
 * @param id of the check
 * @param name as the screen says it
 * @param ask the question
 * @param options the answers
 * @param expected the answer that is right; empty where it is only noted
 * @example
 * alsoCheck('vent', 'Vent', 'Is it open?', ['open', 'blocked'], 'open'); // { id: 'vent', expected: 'open' }
 */
export const alsoCheck = (
  id: string,
  name: string,
  ask: string,
  options: readonly string[],
  expected = '',
): AlsoCheck => ({ id, name, ask, options, expected });

/** Cautions that stand at more than one step. */
export const UNDER_LOAD =
  'Spring loaded. Let the cover up evenly on two long bolts; keep your face clear.';
export const STUCK_SHAFT =
  'Do not force a stuck shaft: it scores the body. Soak it, then press it square. Shield up, hands clear.';
export const SOLVENT =
  'Solvent and hot wash: wear gloves and glasses, ventilate. Never spin a part with compressed air.';
export const HEAVY = 'Heavy and oily: lift with both hands, over the tray.';

/** Returns a relief or regulator valve: where it sits differs, what wears does not. */
export const valveSurfaces = (name: string): Surface[] => [
  surface(
    'valve-plunger',
    say('pumps.plungerOf', { valve: name }),
    'plunger',
    'valve',
    atStation('plunger-diameter', 'a'),
    asks(['plunger-bore'], 'a marked plunger leaks or sticks', ['scored', 'stuck']),
  ),
  surface(
    'valve-spring',
    say('pumps.springOf', { valve: name }),
    'spring',
    'spring',
    atStation('spring-free-length', 'a'),
    asks(['spring-length'], 'a tired spring opens early', ['broken', 'rusted']),
  ),
  treated(
    ['cut-seat'],
    'valve-seat',
    say('pumps.seatOf', { valve: name }),
    'plunger',
    'seat',
    atStation('plunger-bore-diameter', 'rear'),
  ),
];

/** Returns the step that draws a valve, as a caution says: its plug is under spring load. */
export const valveStep = (part: string, name: string): StripStep =>
  step('valve', part, say('pumps.removeValve', { valve: name }), {
    way: 'order',
    caution:
      'The plug is spring loaded. Thumb clear of the bore; hold the plug down on the last thread.',
  });

/** Asks what the oil left behind: it says what went through the pump. */
export const SLUDGE = alsoCheck(
  'sludge',
  'What the oil left behind',
  'Look into the pockets and passages before the wash. What lay there?',
  ['clean oil', 'sludge', 'bright glitter', 'chips', 'water'],
  'clean oil',
);

/** Describes what else is looked at on any pump. */
export const ANY_CHECKS: readonly AlsoCheck[] = [SLUDGE];

/** Describes what else is looked at when an engine's oil pump is out. */
export const OIL_PUMP_CHECKS: readonly AlsoCheck[] = [
  alsoCheck(
    'screen',
    'Pick-up screen',
    'Hold the screen up to the light. Whole and clean?',
    ['whole and clean', 'torn', 'metal in it'],
    'whole and clean',
  ),
  SLUDGE,
];
