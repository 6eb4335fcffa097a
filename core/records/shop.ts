import { VERSION } from './kind';
import { marksSchema } from './marks';
import { array, boolean, number, string, type InferType } from 'yup';
import { DRAG_BAND_MM } from '../feeler/bounds';
import { feelerSet, instrument, zeroCheck } from './instrument';
import { MM_PER, tidy_mm } from '../quantity/units';
import { exact, celsius, line, once } from '../schema/fields';
import { APP_FLOORS } from '../pumps/floors';
import { shopFluids } from './flow';
import { heading, NO_HEADING } from './heading';
import { floors, type Floors } from './floors';
import { make, shopMoney, shopOperation } from './rework';
import { searches } from './searches';
import { customers } from './tag';
import { houseRules, NEW_RULES, type HouseRules } from './rules';

export const SHOP_SCHEMA = VERSION.shop;

/** More leaf sets than these are no shop’s. */
const MOST_SETS = 12;

/**
 * Describes what holds for the whole shop: units, appearance, people, house rules, leaves and instruments.
 */
export const shopSchema = exact({
  schema: number().oneOf([SHOP_SCHEMA]).required(),
  id: string().oneOf(['shop']).required(),
  revision: number().integer().min(0).required(),
  marks: marksSchema,
  unit: string().oneOf(['mm', 'thou']).required(),
  theme: string().oneOf(['system', 'light', 'dark']).required(),
  /** Says how English is spelled; `device` goes by the browser's language. */
  spelling: string().oneOf(['device', 'british', 'american']).required(),
  /** Tells whether keys answer on the measuring screen while no field has the cursor. */
  shortcuts: boolean().required(),
  person: line().defined(),
  customers,
  people: array(line().required()).required().max(40, 'At most 40 people'),
  shop_C: celsius().nullable().defined(),
  rules: houseRules,
  floors,
  feelers: array(feelerSet).required().min(1, 'A shop has at least one leaf set').max(MOST_SETS),
  instruments: once(
    array(instrument).required().max(80, 'At most 80 instruments'),
    'An instrument is there twice',
    ({ id }) => id,
  ),
  /** Lists the kinds of operation of which the shop says something else than the app begins with. */
  operations: once(
    array(shopOperation).required().max(80, 'At most 80 operations'),
    'An operation is there twice',
    ({ id }) => id,
  ),
  money: shopMoney,
  /** Lists makers of parts with the shop’s own experience of them. */
  makes: once(
    array(make).required().max(200, 'At most 200 makes'),
    'A make is there twice',
    ({ name }) => name,
  ),
  /** Lists oils and fuels of the shop’s own, beside those that the app knows. */
  fluids: shopFluids,
  /** Says what stands over its reports. */
  heading,
  /** Lists searches over everything that stand on the bench. */
  searches,
  /** The newest zero check of each instrument. */
  zeros: array(zeroCheck).required(),
});

export type Shop = Omit<InferType<typeof shopSchema>, 'rules' | 'floors'> & {
  rules: HouseRules;
  floors: Floors;
};

const gauge = (
  id: string,
  kind: Shop['instruments'][number]['kind'],
  name: string,
  range: readonly [number, number],
  resolution_mm: number,
  u_mm: number,
  zeroDays = 1,
): Shop['instruments'][number] => ({
  id,
  kind,
  name,
  from_mm: range[0],
  to_mm: range[1],
  resolution_mm,
  u_mm,
  own_mm: u_mm / 2,
  zeroDays,
});

/** The name of the usual inch set. */
const INCH_SET = 'Inch leaves';

/** Lists the usual inch leaf set: 1.5 to 35 thou. */
const INCH_LEAVES: Shop['feelers'][number] = {
  name: INCH_SET,
  leaves_mm: [
    1.5, 2, 2.5, 3, 3.5, 4, 5, 6, 7, 8, 9, 10, 11, 12, 13, 14, 15, 16, 17, 18, 19, 20, 22, 24, 25,
    26, 28, 30, 32, 35,
  ].map((thou) => tidy_mm(thou * MM_PER.thou)),
  maxStack: 2,
  mics: [],
  tolerance_mm: 0,
  dragBand_mm: DRAG_BAND_MM,
};

/** Tells whether a set is marked in thou: its leaves are whole or half thou. */
const isInch = ({ leaves_mm }: Shop['feelers'][number]): boolean =>
  leaves_mm.every(
    (mm) => Math.abs((2 * mm) / MM_PER.thou - Math.round((2 * mm) / MM_PER.thou)) < 1e-6,
  );

/**
 * Returns a shop that reads another system. The first of its leaf sets is what new jobs begin with: in
 * thou an inch set, the usual one where it has none.
 */
export function inUnit<S extends Pick<Shop, 'unit' | 'feelers'>>(shop: S, unit: Shop['unit']): S {
  const suits = (set: Shop['feelers'][number]) => isInch(set) === (unit === 'thou');
  const [fit, others] = [true, false].map((want) => shop.feelers.filter((s) => suits(s) === want));
  const room = shop.feelers.length < MOST_SETS && !shop.feelers.some((s) => s.name === INCH_SET);
  const first = unit === 'thou' && fit?.length === 0 && room ? [INCH_LEAVES] : [];
  return { ...shop, unit, feelers: [...first, ...(fit ?? []), ...(others ?? [])] };
}

/** A shop before anybody has said anything of it: a common metric feeler set and usual instruments. */
export const NEW_SHOP: Shop = {
  schema: SHOP_SCHEMA,
  id: 'shop',
  revision: 0,
  unit: 'mm',
  theme: 'system',
  spelling: 'device',
  shortcuts: true,
  person: '',
  customers: [],
  people: [],
  shop_C: null,
  rules: NEW_RULES,
  floors: APP_FLOORS,
  feelers: [
    {
      name: 'Leaf set A',
      leaves_mm: [
        0.02, 0.03, 0.04, 0.05, 0.06, 0.07, 0.08, 0.09, 0.1, 0.12, 0.15, 0.18, 0.2, 0.25, 0.3, 0.35,
        0.4, 0.45, 0.5,
      ],
      maxStack: 2,
      mics: [],
      tolerance_mm: 0,
      dragBand_mm: DRAG_BAND_MM,
    },
  ],
  instruments: [
    gauge('depth-mic', 'depth-mic', 'Depth mic', [0, 150], 0.001, 0.003),
    gauge('outside-mic', 'outside-mic', 'Outside mic', [0, 150], 0.001, 0.002),
    gauge('bore-gauge', 'bore-gauge', 'Bore gauge', [6, 160], 0.001, 0.004),
    gauge('indicator', 'indicator', 'Dial indicator', [0, 10], 0.002, 0.003, 0),
    gauge('caliper', 'caliper', 'Caliper', [0, 200], 0.01, 0.012),
    gauge('height-gauge', 'height-gauge', 'Height gauge', [0, 300], 0.01, 0.01),
  ],
  operations: [],
  money: { currency: '', rate: 48, downDay: 120, comeback: 400 },
  makes: [],
  fluids: [],
  heading: NO_HEADING,
  searches: [],
  zeros: [],
};
