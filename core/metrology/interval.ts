/** A length known to lie between two bounds; `hi_mm` null where nothing bounds it above. */
export interface Interval {
  readonly lo_mm: number;
  readonly hi_mm: number | null;
}

/** Limits on a clearance; null or absent means no limit on that side. */
export interface Limits {
  readonly lower_mm?: number | null;
  readonly upper_mm?: number | null;
}
