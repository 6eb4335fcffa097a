import type { Part, PartKind } from './family';
import { kindId, partId } from './ids';
import type { Replacement, Role } from './remedies';

/** Makes a kind of part. */
export const partKind = (
  id: string,
  name: string,
  replacedAs: Replacement | null,
  ...roles: readonly Role[]
): PartKind => ({ id: kindId(id), name, roles, replacedAs });

/**
 * Tells whether a part or a kind of part is for something in its pump.
 *
 * @param part or kind of part
 * @param role what it is for
 * @example
 * hasRole({ roles: ['holds'] }, 'holds'); // true
 * hasRole({ roles: [] }, 'turns'); // false
 */
export const hasRole = ({ roles }: Pick<PartKind, 'roles'>, role: Role): boolean =>
  roles.includes(role);

export const BODY = partKind('body', 'Body', 'body', 'base', 'holds');
export const COVER = partKind('cover', 'Cover', 'cover');
export const ROTOR = partKind('rotor', 'Rotor', 'rotor', 'turns');
export const VANES = partKind('vane', 'Vanes', 'vanes');

/** Returns a gear, or a rotor that another turns in: it is bought with its mate. */
export const gearKind = (id: string, name: string): PartKind =>
  partKind(id, name, 'gears', 'turns', 'set');

/** Returns a valve and its spring, as the pump calls them. */
export const valveKinds = (valve: string, spring: string): readonly [PartKind, PartKind] => [
  partKind('plunger', valve, 'plunger'),
  partKind('spring', spring, 'spring'),
];

/** Returns one piece of a kind; named as its kind where it has no name of its own. */
export const partOf = (
  kind: PartKind,
  { id = kind.id, name = kind.name }: { readonly id?: string; readonly name?: string } = {},
): Part => ({
  id: partId(id),
  name,
  kind: kind.id,
  roles: kind.roles,
  replacedAs: kind.replacedAs,
  section: 1,
  first: partId(id),
  short: name,
});

/** Returns the parts of a pump that has one of each kind. */
export const oneOfEach = (kinds: readonly PartKind[]): Part[] => kinds.map((kind) => partOf(kind));

/** Returns what is of the whole pump, where others are of one section of it. */
export const ofWholePump = <T extends { readonly section: number | null }>(item: T): T => ({
  ...item,
  section: null,
});
