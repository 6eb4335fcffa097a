import type { Part, ShapeRole, WorkKind } from './family';
import type { Replacement } from './remedies';

/** Lists the shapes of the drawing of an open pump that a part is, by what it is replaced as; none where it lies elsewhere. */
const DRAWN_AS: Readonly<Partial<Record<Replacement, readonly ShapeRole[]>>> = {
  body: ['housing', 'pocket'],
  gears: ['drive', 'driven'],
  rotor: ['drive'],
  vanes: ['vane'],
  ring: ['driven'],
  slide: ['driven'],
  bushing: ['hole'],
};

/** Says where on a body some kinds of work are done: the deck that is faced, the pocket that is sunk. */
const ON_BODY: Readonly<Partial<Record<WorkKind, readonly ShapeRole[]>>> = {
  faced: ['housing'],
  ground: ['housing'],
  dressed: ['housing'],
  sunk: ['pocket'],
  sleeved: ['pocket'],
};

/**
 * Returns the shapes of the drawing of an open pump on which a kind of work on a part is seen.
 *
 * @param part that is worked on
 * @param work what is done to it
 * @example
 * workedShapes({ replacedAs: undefined }, 'machined'); // []
 */
export function workedShapes(
  { replacedAs }: Pick<Part, 'replacedAs'>,
  work: WorkKind,
): readonly ShapeRole[] {
  const onBody = replacedAs === 'body' ? ON_BODY[work] : undefined;
  return onBody ?? (replacedAs && DRAWN_AS[replacedAs]) ?? [];
}
