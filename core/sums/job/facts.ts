/** Names what a job knows that a sum asks for. Lengths in mm, temperatures in °C, as they are typed in millimetres. */
export const FACTS = [
  // Of a gap: the size that widens it, the one that narrows it, what leaves say, its limits.
  'plus',
  'plus_u',
  'plus_places',
  'plus_alpha',
  'plus_hot',
  'minus',
  'shaft',
  'minus_u',
  'minus_alpha',
  'minus_hot',
  'gap',
  'gap_u',
  'gap_lo',
  'gap_hi',
  'lower',
  'upper',
  'face_lower',
  'face_upper',
  'cover_wear',
  'cover_leaf',
  'gasket',
  'gasket_measured',
  'gasket_limit',
  'pitch_radius',
  'plane_hours',
  'plane_depths',
  'plane_radius',
  'plane_across',
  'vane_length',
  'vane_new',
  'vane_ring',
  'vane_rotor',
  'vane_off',
  'vane_least',
  'bridge_case',
  'bridge_pump',
  'bridge_washer',
  // Of the pump, its sheet and the shop.
  'leaves',
  'stack',
  'washers',
  'oil',
  'oil_C',
  'cc',
  'gear_sets',
  'width',
  'pump_rpm',
  'drive_rpm',
  'drive_ratio',
  'test_flow',
  'test_rpm',
  'wanted_flow',
  'family',
  'rotation',
  'body_turns',
  'drain',
  'ends',
  'ring_turns',
  'driven_by',
  'sheet_allows',
  'cover_positions',
  'hours',
  'bolts',
  'torque',
  'torque_unit',
  'rate',
  'down_day',
  'comeback',
] as const;

export type FactName = (typeof FACTS)[number];

/** Says where a fact is from. */
export type FactFrom =
  'measured' | 'worked' | 'sheet' | 'tag' | 'plan' | 'example' | 'shop' | 'assumed';

/** Something that a job knows, as it is typed, and where it is from. */
export interface Fact {
  readonly text: string;
  readonly from: FactFrom;
  /** Standard uncertainty of what was measured, in mm. */
  readonly u_mm?: number;
}

export type Facts = Readonly<Partial<Record<FactName, Fact>>>;

/** Returns a figure as a fact; none where nobody knows it. */
export const figureFact = (
  name: FactName,
  value: number | null | undefined,
  from: FactFrom,
  u_mm?: number | null,
): Facts =>
  value == null || !Number.isFinite(value)
    ? {}
    : {
        [name]: { text: String(Number(value.toPrecision(9))), from, ...(u_mm ? { u_mm } : {}) },
      };

/** Returns words, or figures in a row, as a fact; none where there are none. */
export const wordFact = (name: FactName, text: string | null | undefined, from: FactFrom): Facts =>
  text ? { [name]: { text, from } } : {};
