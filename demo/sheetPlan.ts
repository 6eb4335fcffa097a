import { characteristicId, dimensionId, kindId } from '../core/pumps/ids';
import { familyOf } from '../core/pumps/registry';
import { blankSheet, type Sheet, type SheetLimit } from '../core/records/sheet';
import { keyOf, type VariantPlan } from './variantPlan';

/** The ends of a limit; null for none. */
export type Ends = readonly [lower: number | null, upper: number | null];

/** What a sheet of the demo says beyond what its family does; limits by tier and characteristic. */
export interface SheetPlan {
  readonly id: string;
  readonly model: string;
  readonly family: string;
  readonly page: number;
  readonly note: string;
  readonly geometry?: object;
  readonly key?: VariantPlan;
  readonly book?: Sheet['book'];
  readonly gasket_mm?: number;
  readonly mount?: Sheet['mount'];
  readonly materials: Readonly<Record<string, keyof typeof MATERIALS>>;
  readonly nominal: Readonly<Record<string, number>>;
  readonly limits: Readonly<Record<'new' | 'service', Readonly<Record<string, Ends>>>>;
  /** A band inside the limits that the builder aims at, by characteristic. */
  readonly preferred?: Readonly<Record<string, Ends>>;
  /** Characteristics whose limits are for the pump assembled with its gasket. */
  readonly assembled?: readonly string[];
  /** Characteristics whose limits are given for one side. */
  readonly oneSide?: readonly string[];
  /** What is measured beyond what the family does. */
  readonly own?: Sheet['own'];
  /** Keys, clips, pins and washers to be counted. */
  readonly small?: Sheet['small'];
  /** What is right of the unit's clutches, the first ones first. */
  readonly clutches?: readonly Partial<Sheet['clutches'][number]>[];
  /** What it moves, runs on and feeds, where it is said. */
  readonly flow?: Partial<Sheet['flow']>;
  /** What it allows where it is to turn the other way, where that is said. */
  readonly reversing?: Partial<Sheet['reversing']>;
  /** The steps of its test: pump speed, bar, oil in °C, l/min at least, l/min lost at most. */
  readonly test?: readonly (readonly [
    name: string,
    rpm: number,
    bar: number,
    oil_C: number,
    least: number | null,
    mostLoss: number | null,
  ])[];
  readonly fasteners?: readonly (readonly [
    name: string,
    thread: string,
    count: number,
    Nm: number,
  ])[];
}

/** Usual expansions of the trade, 1e-6/K, and a temperature at work. */
const MATERIALS = {
  aluminium: ['die-cast aluminium', 22, 90],
  iron: ['cast iron', 10.5, 90],
  steel: ['steel', 11.7, 92],
  bronze: ['bronze', 18, 90],
  carbon: ['carbon', 5, 80],
} as const;

/** A sheet of the demo, all of it made up and marked so. */
export function sheetOf(plan: SheetPlan): Sheet {
  const { geometry = familyOf(plan.family).example } = plan;
  const source = `Invented for the demo, Depot sheet ${plan.page}`;
  const limits = (['new', 'service'] as const).flatMap((tier) =>
    Object.entries(plan.limits[tier]).map(([characteristic, [lower_mm, upper_mm]]): SheetLimit => ({
      characteristic: characteristicId(characteristic),
      tier,
      lower_mm,
      upper_mm,
      side: plan.oneSide?.includes(characteristic) ? 'one-side' : 'full',
      preferredLower_mm: plan.preferred?.[characteristic]?.[0] ?? null,
      preferredUpper_mm: plan.preferred?.[characteristic]?.[1] ?? null,
      gasket: plan.assembled?.includes(characteristic) ? 'assembled' : 'bare',
      source: '',
    })),
  );
  const blank = blankSheet({ family: plan.family, geometry });
  return {
    ...blank,
    ...(plan.key ? keyOf(plan.key) : {}),
    book: plan.book ?? [],
    own: plan.own ?? [],
    clutches: blank.clutches.map((c, i) => ({ ...c, ...plan.clutches?.[i] })),
    flow: { ...blank.flow, ...plan.flow },
    reversing: { ...blank.reversing, ...plan.reversing },
    id: `demo-sheet-${plan.id}`,
    demo: true,
    small: [...(plan.small ?? [])],
    model: plan.model,
    family: plan.family,
    invented: true,
    note: `${plan.note} All figures on this sheet are invented.`,
    geometry,
    gasket_mm: plan.gasket_mm ?? 0,
    mount: plan.mount ?? null,
    materials: Object.entries(plan.materials).map(([part, key]) => {
      const [name, alpha, hot_C] = MATERIALS[key];
      return {
        part: kindId(part),
        name,
        alpha_per_K: Number((alpha * 1e-6).toPrecision(4)),
        hot_C,
      };
    }),
    nominal: Object.entries(plan.nominal).map(([dimension, value_mm]) => ({
      dimension: dimensionId(dimension),
      value_mm,
    })),
    tiers: [
      { id: 'new', name: 'New', source: `${source}, page 2` },
      { id: 'service', name: 'Service', source: `${source}, page 3` },
    ],
    limits,
    testPoints: (plan.test ?? []).map(([name, drive_rpm, bar, oil_C, least, mostLoss], i) => ({
      id: `test-${i + 1}`,
      name,
      drive_rpm,
      ratio: 1,
      pressure_bar: bar,
      oil_C,
      minutes: 2,
      sections: [],
      least_lpm: least,
      mostLoss_lpm: mostLoss,
      source: least === null && mostLoss === null ? '' : `${source}, page 4`,
    })),
    fasteners: (plan.fasteners ?? []).map(([name, thread, count, torque], i) => ({
      id: `fastener-${i + 1}`,
      name,
      thread,
      count,
      torque,
      torqueTo: null,
      unit: 'Nm',
      note: '',
    })),
  };
}
