import { dequal } from 'dequal';
import { familyOf, pumpOf, type PumpKind } from '../pumps/registry';
import { formatWithUnit, limitsWithUnit } from '../quantity/format';
import type { ShopUnit } from '../quantity/units';
import type { RecordKind } from '../records/kind';
import { HOUSE_RULES } from '../records/rules';
import type { ShelfPart } from '../records/part';
import type { SheetLimit } from '../records/sheet';
import { placeOf } from '../records/split';
import { lower } from '../quantity/letters';
import { listed, say, spelled } from './say';
import { whereWords } from './shelf';

/** Holds what names and values of fields are said by: the pump that they are of, where it is known, and the shop's unit. */
export interface FieldContext {
  readonly kind: RecordKind;
  readonly pump: PumpKind | null;
  readonly unit: ShopUnit;
}

type Names = Readonly<Record<string, string>>;

/** Names the fields of records as a person would call them; of a list, one item of it. */
const NAME: Readonly<Record<RecordKind, Names>> = {
  job: {
    tag: 'Tag number',
    unit: 'Vehicle or machine',
    owner: 'Customer',
    by: 'Measured by',
    contact: 'Phone or e-mail',
    complaint: 'Complaint',
    serial: 'Serial number',
    due: 'Due',
    used: 'Run so far',
    fluid: 'Fluid',
    rotation: 'Rotation as received',
    ports: 'Ports',
    before: 'Test before teardown',
    sheet: 'Limits to use',
    variant: 'Variant',
    key: 'Variant check',
    mixed: 'Part of another variant',
    photos: 'Photo',
    clean: 'Clean and dry',
    fitted: 'What is in while it is measured',
    closed: 'Closed',
    feeler: 'Leaf set',
    chosen: 'Instrument in hand',
    part_C: 'Temperature of the parts',
    shop_C: 'Temperature of the shop',
    rules: 'House rule',
    floors: 'Least clearance',
    flow: 'Flow',
    testing: 'Test plan',
    paper: 'Report',
    visit: 'Visit before this one',
    asked: 'What it was given for',
    handover: 'What to watch',
  },
  sheet: {
    model: 'Model',
    note: 'Notes',
    family: 'Kind of pump',
    invented: 'Made-up limits',
    variants: 'Variant',
    key: 'Variant check',
    mixes: 'Which parts go together',
    strip: 'Step of the strip',
    renew: 'Part always replaced',
    also: 'Other check',
    seals: 'Shaft seals',
    drain: 'Drain',
    gearFit: 'How the gears sit',
    small: 'Small parts',
    clutches: 'One-way clutch',
    book: 'Manual’s rules for defects',
    geometry: 'Geometry',
    examples: 'Sizes that are an example’s',
    own: 'Check of its own',
    mount: 'What lies on',
    gasket_mm: 'Gasket',
    materials: 'Material',
    nominal: 'Nominal size',
    metal: 'What metal has to stay',
    prices: 'Price',
    newSizes: 'Size of a new part',
    washers_mm: 'Thrust washers',
    sets: 'Gears of another width',
    tiers: 'Set of limits',
    limits: 'Limit',
    fasteners: 'Bolts',
    flow: 'Flow',
    reversing: 'What reversing allows',
    assembly: 'Step of the build',
    testPoints: 'Step of the test',
    testFluid: 'Oil of the test',
    handover: 'What to watch',
    tools: 'Home-made tool',
    photos: 'Photo of a tool',
  },
  part: {
    label: 'Label',
    sheet: 'Pump it is of',
    parts: 'What it is',
    variant: 'Variant',
    make: 'Make',
    origin: 'New or used',
    from: 'From which job',
    condition: 'Condition',
    place: 'Where it lies',
    sizes: 'Size',
    photos: 'Photo',
    state: 'Where it is',
  },
  study: {
    what: 'What is measured',
    instrument: 'Instrument',
    people: 'People',
    parts: 'Parts',
    trials: 'How often',
    readings: 'Reading',
  },
  shop: {
    customers: 'Customer',
    people: 'Person',
    shop_C: 'Temperature of the shop',
    rules: 'House rule',
    floors: 'Least clearance',
    feelers: 'Leaf set',
    instruments: 'Instrument',
    operations: 'Operation',
    money: 'Money',
    makes: 'Make',
    fluids: 'Fluid',
    heading: 'Heading of reports',
    zeros: 'Zero of an instrument',
  },
  photo: {},
  trace: {},
};

/** Names what a sheet or a job says of flow. */
const FLOW_ITEM: Names = {
  fluid: 'fluid',
  idle: 'hot idle',
  work: 'working speed',
  cc_rev: 'displacement',
  loadedBlocks: 'blocks held by pressure',
  demand: 'what the circuits want',
};

type Loose = Readonly<Record<string, unknown>>;
const isLoose = (value: unknown): value is Loose =>
  typeof value === 'object' && value !== null && !Array.isArray(value);

/** Fields of an item that name it, the first that it has. */
const NAMED_BY = ['name', 'do', 'what', 'model', 'label', 'ask', 'of'] as const;

/** Returns what an item is called; empty where it has no name. */
function nameOfItem(value: unknown): string {
  if (typeof value === 'string') return value;
  if (!isLoose(value)) return '';
  const name = NAMED_BY.map((field) => value[field]).find((n) => typeof n === 'string' && n !== '');
  return typeof name === 'string' ? name : '';
}

const sizeName = (pump: PumpKind | null, id: string): string | undefined =>
  pump ? pumpOf(pump).dimensions.find((d) => d.id === id)?.name : undefined;

const partName = (pump: PumpKind | null, id: string): string | undefined =>
  pump ? pumpOf(pump).parts.find((p) => p.id === id || p.kind === id)?.name : undefined;

/** Says what one item of a field is of, by its key: the check of a limit, the part of a material. */
function itemName({ pump }: FieldContext, name: string, key: string, value: unknown): string {
  switch (name) {
    case 'limits': {
      const [tier = '', id = ''] = key.split(' ');
      const check = pump && pumpOf(pump).characteristics.find((c) => c.id === id)?.name;
      return say('shop.limitOf', { tier, check: lower(check ?? id) });
    }
    case 'geometry': {
      const field = pump && familyOf(pump.family).geometry.describe().fields[key];
      const label = field && 'label' in field ? field.label : undefined;
      return spelled(label ?? key);
    }
    case 'rules':
      return HOUSE_RULES.find(({ id }) => id === key)?.name ?? key;
    case 'readings':
      return listed((JSON.parse(key) as (string | number)[]).map(String));
    case 'flow':
      return FLOW_ITEM[key] ?? key;
    case 'photos':
      return '';
    default:
      return sizeName(pump, key) ?? partName(pump, key) ?? (nameOfItem(value) || key);
  }
}

/** Returns what a field is called: `Limit: service, end clearance`. */
export function fieldName(context: FieldContext, field: string, value: unknown): string {
  const [name, key] = placeOf(field);
  const word = NAME[context.kind][name] ?? name;
  if (key === '') return word;
  const item = itemName(context, name, key, value);
  return item ? say('shop.fieldItem', { field: word, item }) : word;
}

/** Says that a copy has nothing in a field. */
const NOTHING = 'nothing';

/** Endings of fields that say their unit. */
const UNITS: readonly (readonly [RegExp, (value: number, unit: ShopUnit) => string])[] = [
  [/_mm$/, (mm, unit) => formatWithUnit(mm, 'size', unit)],
  [/_C$/, (degrees) => `${degrees} °C`],
];

function plainWords(name: string, value: unknown, unit: ShopUnit): string {
  if (value === undefined || value === null || value === '') return NOTHING;
  if (typeof value === 'boolean') return value ? 'yes' : 'no';
  if (typeof value === 'number') {
    return UNITS.find(([ending]) => ending.test(name))?.[1](value, unit) ?? String(value);
  }
  if (typeof value === 'string') return say('shop.quoted', { text: value });
  return Array.isArray(value) ? listWords(name, value, unit) : insideWords(value as Loose, unit);
}

/** So many items of a list, or fields of an item, are said one by one. */
const SAID = 6;

function listWords(name: string, list: readonly unknown[], unit: ShopUnit): string {
  if (list.length === 0) return NOTHING;
  const words = list.slice(0, SAID).map((item) => nameOfItem(item) || plainWords(name, item, unit));
  const more = list.length - words.length;
  return more > 0 ? say('shop.andMore', { items: listed(words), more }) : listed(words);
}

/** Names fields inside an item, where their own does not say it. */
const INSIDE: Names = {
  u_mm: 'u',
  value_mm: 'size',
  from_mm: 'from',
  to_mm: 'to',
  least_mm: 'least',
  most_mm: 'most',
  alpha_per_K: 'expansion per K',
  hot_C: 'when hot',
  at: 'when',
};

/** Says what stands in an item, field by field. */
function insideWords(item: Loose, unit: ShopUnit): string {
  const said = Object.entries(item).filter(
    ([name, value]) => name !== 'id' && value !== null && value !== '' && value !== undefined,
  );
  return listed(
    said.slice(0, SAID).map(([name, value]) =>
      say('shop.fieldItem', {
        field: INSIDE[name] ?? name.replace(/_(mm|C)$/, ''),
        item: plainWords(name, value, unit),
      }),
    ),
  );
}

/** Leaves of an item what another copy of it has otherwise: all else says nothing to whoever compares them. */
function differingOf(item: Loose, other: unknown): Loose {
  if (!isLoose(other)) return item;
  const left = Object.entries(item).filter(([name, value]) => !dequal(value, other[name]));
  return left.length > 0 ? Object.fromEntries(left) : item;
}

/**
 * Says what a copy has in a field, as it stands beside the other.
 *
 * @param other what the other copy has there
 */
export function fieldWords(
  { kind, pump, unit }: FieldContext,
  field: string,
  value: unknown,
  other: unknown,
): string {
  const [name, key] = placeOf(field);
  if (value === undefined) return NOTHING;
  if (name === 'photos') return 'the photo';
  if (name === 'limits' && isLoose(value)) {
    const [, id] = key.split(' ');
    const check = pump && pumpOf(pump).characteristics.find((c) => c.id === id);
    if (check) return limitsWithUnit(value as unknown as SheetLimit, check.quantity, unit);
  }
  if (kind === 'part' && name === 'state')
    return whereWords({ place: 'on the shelf', ...(value as object) } as ShelfPart);
  if (kind === 'part' && name === 'parts') {
    return listed((value as string[]).map((id) => partName(pump, id) ?? id));
  }
  if (name === 'sheet' && isLoose(value)) return sheetWords(value);
  if (name === 'rules') {
    const rule = HOUSE_RULES.find(({ id }) => id === key);
    return rule?.schools.find((school) => school.value === value)?.name ?? String(value);
  }
  const inside = key === '' ? name : key;
  if (!isLoose(value)) return plainWords(inside, value, unit);
  return isLoose(other) || nameOfItem(value) === ''
    ? insideWords(differingOf(value, other), unit)
    : nameOfItem(value);
}

/** Says which sheet and which of its limits a job works by; of a part, its pump. */
function sheetWords({ sheet, tier, model }: Loose): string {
  if (typeof model === 'string') return model;
  if (!isLoose(sheet)) return NOTHING;
  const tiers = Array.isArray(sheet.tiers) ? (sheet.tiers as Loose[]) : [];
  const named = tiers.find(({ id }) => id === tier)?.name;
  return listed([sheet.model, named].map(String));
}
