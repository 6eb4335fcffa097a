import type { Kinds } from './decode';
import type { RecordKind } from './kind';

/**
 * Says what of a record is one field where two copies of it are brought together: what a person would change at once. A
 * limit of a sheet is one, and so is where a part lies; a list whose order means something has its order as one more.
 */

/** Says how a list or a group of a record comes apart. */
type Split =
  /** A list, by what tells its items apart. */
  | { readonly by: (item: never) => string }
  /** An object whose fields stand for themselves. */
  | 'each';

/** Says how the records of a kind come apart. */
interface Shape {
  /** Fields that say where one was, or what this bench likes: each copy keeps its own. */
  readonly own: readonly string[];
  /** Fields that mean something only together, under the name of the first. */
  readonly together: readonly (readonly [string, ...string[]])[];
  /** Fields that come apart; all others are whole. */
  readonly apart: Readonly<Record<string, Split>>;
}

/** Lists fields that say where one was, not what was done. */
export const PASSING: readonly string[] = ['revision', 'schema', 'stage', 'cursor', 'marks'];

/** Fields that no record brings together: which it is, and what is kept of it besides. */
const ALWAYS_OWN = ['schema', 'id', 'revision', 'demo', 'marks', 'createdAt'] as const;

const by = <T>(key: (item: T) => string): Split => ({ by: key });
const ids = by(({ id }: { id: string }) => id);
const names = by(({ name }: { name: string }) => name);
const sizes = by(({ dimension }: { dimension: string }) => dimension);

export const SHAPE: Readonly<Record<RecordKind, Shape>> = {
  job: {
    own: ['stage', 'cursor', 'journal'],
    together: [
      ['sheet', 'tier'],
      ['used', 'usedUnit'],
    ],
    apart: {
      key: by(({ check }: { check: string }) => check),
      mixed: by(({ part }: { part: string }) => part),
      photos: ids,
      chosen: by(({ kind }: { kind: string }) => kind),
      rules: 'each',
      floors: 'each',
      flow: 'each',
      testing: 'each',
      paper: 'each',
    },
  },
  sheet: {
    own: [],
    together: [],
    apart: {
      variants: ids,
      key: ids,
      mixes: by((m: Readonly<Record<'part' | 'of' | 'against' | 'in', string>>) =>
        [m.part, m.of, m.against, m.in].join(' '),
      ),
      strip: ids,
      renew: ids,
      also: ids,
      small: ids,
      clutches: ids,
      geometry: 'each',
      own: ids,
      materials: by(({ part }: { part: string }) => part),
      nominal: sizes,
      metal: sizes,
      prices: by(({ operation }: { operation: string }) => operation),
      newSizes: sizes,
      sets: ids,
      tiers: ids,
      limits: by((l: { tier: string; characteristic: string }) =>
        [l.tier, l.characteristic].join(' '),
      ),
      assembly: ids,
      testPoints: ids,
      tools: ids,
      photos: ids,
      fasteners: ids,
      flow: 'each',
    },
  },
  study: {
    own: [],
    together: [],
    apart: {
      readings: by((r: { person: string; part: string; trial: number }) =>
        JSON.stringify([r.person, r.part, r.trial]),
      ),
    },
  },
  part: {
    own: [],
    together: [
      ['sheet', 'model'],
      ['state', 'takenFor', 'takenBy'],
    ],
    apart: { sizes, photos: ids },
  },
  shop: {
    own: ['unit', 'theme', 'spelling', 'shortcuts', 'person'],
    together: [],
    apart: {
      customers: names,
      people: by((name: string) => name),
      feelers: names,
      instruments: ids,
      operations: ids,
      makes: names,
      fluids: names,
      heading: 'each',
      searches: ids,
      money: 'each',
      rules: 'each',
      floors: 'each',
      zeros: by(({ instrument }: { instrument: string }) => instrument),
    },
  },
  photo: { own: [], together: [], apart: {} },
  trace: { own: [], together: [], apart: {} },
};

type Loose = Readonly<Record<string, unknown>>;

/** Returns the name of the field that is the order of a list. */
const orderOf = (list: string): string => `${list}#`;

/** Returns the items of a list by their keys; one whose key another had before it is told by its count. */
function itemsOf(list: unknown, key: (item: never) => string): Map<string, unknown> {
  const items = new Map<string, unknown>();
  for (const item of (Array.isArray(list) ? list : []) as never[]) {
    const own = key(item);
    let name = own;
    for (let n = 2; items.has(name); n++) name = `${own} ~${n}`;
    items.set(name, item);
  }
  return items;
}

/** Lists the fields of a record that its kind keeps apart from the others, each with the names that it takes in. */
function groupsOf(kind: RecordKind, record: object): (readonly [string, readonly string[]])[] {
  const { own, together } = SHAPE[kind];
  const joined = new Map(together.flatMap((names) => names.map((name) => [name, names] as const)));
  const left = new Set([...ALWAYS_OWN, ...own] as string[]);
  return Object.keys(record).flatMap((name): (readonly [string, readonly string[]])[] => {
    const names = joined.get(name) ?? [name];
    return left.has(name) || names[0] !== name ? [] : [[name, names]];
  });
}

/** Puts the fields of one group of a record under their names. */
function spread(
  kind: RecordKind,
  record: object,
  [name, names]: readonly [string, readonly string[]],
  into: Map<string, unknown>,
): void {
  const value = (record as Loose)[name];
  const split = SHAPE[kind].apart[name];
  if (split === undefined) {
    const joint = Object.fromEntries(names.map((n) => [n, (record as Loose)[n]]));
    into.set(name, names.length > 1 ? joint : value);
  } else if (split === 'each') {
    for (const [field, inner] of Object.entries((value ?? {}) as object))
      into.set(`${name}/${field}`, inner);
  } else {
    const items = itemsOf(value, split.by);
    for (const [key, item] of items) into.set(`${name}/${key}`, item);
    into.set(orderOf(name), [...items.keys()]);
  }
}

/**
 * Returns the fields of a record by their names.
 *
 * @param only the fields of the record itself that are asked for; all of them where it is left out
 */
export function fieldsOf(
  kind: RecordKind,
  record: object,
  only?: ReadonlySet<string>,
): Map<string, unknown> {
  const fields = new Map<string, unknown>();
  for (const group of groupsOf(kind, record)) {
    if (!only || group[1].some((name) => only.has(name))) spread(kind, record, group, fields);
  }
  return fields;
}

/** Tells whether a field is the order of a list. */
export const isOrder = (field: string): boolean => field.endsWith('#') && !field.includes('/');

/** Returns the field of the record itself that a field is in, and its own name in that; empty where it is all of it. */
export function placeOf(field: string): readonly [inside: string, key: string] {
  const at = field.indexOf('/');
  if (at < 0) return [isOrder(field) ? field.slice(0, -1) : field, ''];
  return [field.slice(0, at), field.slice(at + 1)];
}

/**
 * Returns a record with other fields, in the order that its lists say; what its kind leaves to each copy stays.
 *
 * @param fields all of them, as `fieldsOf` gives them; a list goes by its order, and what that does not name comes last
 */
export function withFields<K extends RecordKind>(
  kind: K,
  record: Kinds[K],
  fields: ReadonlyMap<string, unknown>,
): Kinds[K] {
  const { apart, together } = SHAPE[kind];
  const made: Record<string, unknown> = { ...record };
  const inside = new Map<string, Map<string, unknown>>();
  for (const [field, value] of fields) {
    const [name, key] = placeOf(field);
    if (apart[name] === undefined) {
      const isJoint = together.some(([first]) => first === name);
      if (isJoint) Object.assign(made, value);
      else made[name] = value;
    } else if (!isOrder(field) && value !== undefined) {
      inside.set(name, (inside.get(name) ?? new Map<string, unknown>()).set(key, value));
    }
  }
  for (const [name, split] of Object.entries(apart)) {
    if (!(name in record)) continue;
    const items = inside.get(name) ?? new Map<string, unknown>();
    if (split === 'each') {
      made[name] = Object.fromEntries(items);
      continue;
    }
    const order = (fields.get(orderOf(name)) ?? []) as readonly string[];
    const keys = new Set([...order.filter((key) => items.has(key)), ...items.keys()]);
    made[name] = [...keys].map((key) => items.get(key));
  }
  for (const [name, value] of Object.entries(made)) if (value === undefined) delete made[name];
  return made as unknown as Kinds[K];
}
