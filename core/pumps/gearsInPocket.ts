import { lower } from '../quantity/letters';
import { say } from '../wording/say';
import type { Characteristic, Dimension, Feature, PumpModel, Station } from './family';
import { BODY, COVER, gearKind, oneOfEach, valveKinds } from './kinds';
import {
  dimension,
  fit,
  GEAR_WIDTH,
  POLISHED,
  reliefValve,
  teeth,
  twoPlaces,
  WORN_AWAY,
} from './measures';
import {
  coverDepths,
  coverWear,
  deck,
  deckFlatness,
  edgeHours,
  faceGap,
  floorTilt,
  lines,
  pocketBore,
  pocketDepth,
  wallGap,
  withCover,
} from './pocket';
import type { InTransmission } from './transmission';

/** A gear or a rotor of a pair, one inside the other, that turns in a round pocket. */
interface Turning {
  readonly part: string;
  /** `Drive gear`. */
  readonly name: string;
  /** Says where over its width the mic goes. */
  readonly between: string;
}

/** A pair of gears or rotors in a round pocket under a cover. */
interface Pair {
  /** Names both together. */
  readonly turning: 'gears' | 'rotors';
  readonly meshing: 'teeth' | 'lobes';
  readonly inner: Turning;
  readonly outer: Turning & {
    /** Names the size across it, the field of the geometry that says it, and where the mic goes. */
    readonly across: Pick<Dimension, 'name' | 'field'> & {
      readonly words: 'pumps.micAcrossDriven' | 'pumps.micAcrossOuter';
    };
  };
  /** Says what stands at an hour of the pocket where that matters to a leaf. */
  readonly hours?: Readonly<Record<number, string>>;
}

/** Describes what of a pump is its own, beside the pair in its pocket. */
interface Own {
  readonly pocket_mm: number;
  /** Describes what turns the inner one. */
  readonly driven: InTransmission;
  readonly features?: readonly Feature[];
  /** Lists how the two meet, and the outer one the pocket, in the order of the work. */
  readonly gaps: readonly Characteristic[];
}

/**
 * Returns what a pump has because a pair of gears or rotors turns in its pocket: their faces and widths, the
 * wall, what the cover's wear adds.
 *
 * @param pair how the two are called, and where they are measured
 * @returns the gap to the wall, and the model with what else the pump has
 */
export function gearsInPocket({ turning, meshing, inner, outer, hours }: Pair) {
  const both = [inner, outer];
  const relief = reliefValve('body');
  const kinds = [
    BODY,
    ...both.map(({ part, name }) => gearKind(part, name)),
    COVER,
    ...valveKinds('Relief plunger', 'Relief spring'),
  ];
  const stations = (name: string): Station[] => edgeHours(lower(name), hours);
  const faces = both.map(({ part, name }) =>
    faceGap(
      `face-${part}`,
      say('pumps.endClearance', { part: lower(name) }),
      stations(name),
      `${part}-width`,
      turning,
    ),
  );
  const widths = both.map(({ part, name, between }) =>
    dimension({
      id: `${part}-width`,
      name: say('pumps.width', { part: name }),
      part,
      instrument: 'outside-mic',
      stations: twoPlaces(lower(name), between),
      field: 'width_mm',
      ...GEAR_WIDTH,
    }),
  );
  const { words, ...across } = outer.across;
  const diameter = dimension({
    id: `${outer.part}-diameter`,
    ...across,
    part: outer.part,
    instrument: 'outside-mic',
    stations: lines(['12–6', '3–9'], (line) => say(words, { line })),
    worked: POLISHED,
    unworked: WORN_AWAY,
  });
  const model = ({ pocket_mm, driven, features = [], gaps }: Own): PumpModel => ({
    kinds: [...kinds, ...driven.kinds],
    parts: [...oneOfEach(kinds), ...driven.parts],
    features: [
      deck,
      ...features,
      ...both.map(({ part, name }) => teeth(`${part}-${meshing}`, `${name} ${meshing}`, part)),
    ],
    characteristics: [
      ...faces,
      ...gaps,
      deckFlatness,
      floorTilt(pocket_mm),
      ...driven.hub,
      ...relief.characteristics,
      coverWear,
      ...both.map(({ part, name }) =>
        withCover(
          `stack-${part}`,
          say('pumps.totalEndClearance', { part: lower(name) }),
          `face-${part}`,
        ),
      ),
      ...driven.unit,
    ],
    dimensions: [
      pocketDepth(turning),
      ...widths,
      pocketBore,
      diameter,
      ...driven.dimensions,
      ...relief.dimensions,
      ...coverDepths,
    ],
  });
  const wall = wallGap(
    say('pumps.toPocket', { part: outer.name }),
    lower(outer.name),
    fit('pocket-diameter', `${outer.part}-diameter`),
  );
  return { wall, model };
}
