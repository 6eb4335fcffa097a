import { array, number, object, string, type InferType } from 'yup';
import { DRAG_BAND_MM } from '../feeler/bounds';
import { feelerSet, instrument, zeroCheck } from './instrument';
import { celsius, line, once } from '../schema/fields';
import { customers } from './tag';
import { houseRules, NEW_RULES, type HouseRules } from './rules';

export const SHOP_SCHEMA = 3;

/** What holds for the whole shop: units, appearance, people, house rules, leaves and instruments. */
export const shopSchema = object({
  schema: number().oneOf([SHOP_SCHEMA]).required(),
  id: string().oneOf(['shop']).required(),
  revision: number().integer().min(0).required(),
  unit: string().oneOf(['mm', 'thou']).required(),
  theme: string().oneOf(['system', 'light', 'dark']).required(),
  person: line().defined(),
  customers,
  people: array(line().required()).required().max(40, 'At most 40 people'),
  shop_C: celsius().nullable().defined(),
  rules: houseRules,
  feelers: array(feelerSet).required().min(1, 'A shop has at least one leaf set').max(12),
  instruments: once(
    array(instrument).required().max(80, 'At most 80 instruments'),
    'An instrument is there twice',
    ({ id }) => id,
  ),
  /** The newest zero check of each instrument. */
  zeros: array(zeroCheck).required(),
})
  .noUnknown()
  .required();

export type Shop = Omit<InferType<typeof shopSchema>, 'rules'> & { rules: HouseRules };

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

/** A shop before anybody has said anything of it: a common metric feeler set and usual instruments. */
export const NEW_SHOP: Shop = {
  schema: SHOP_SCHEMA,
  id: 'shop',
  revision: 0,
  unit: 'mm',
  theme: 'system',
  person: '',
  customers: [],
  people: [],
  shop_C: null,
  rules: NEW_RULES,
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
    gauge('indicator', 'indicator', 'Lever indicator', [0, 10], 0.002, 0.003, 0),
    gauge('caliper', 'caliper', 'Caliper', [0, 200], 0.01, 0.012),
    gauge('height-gauge', 'height-gauge', 'Height gauge', [0, 300], 0.01, 0.01),
  ],
  zeros: [],
};
