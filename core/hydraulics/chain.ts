import type { FluidState } from './fluid';
import { LPM, PA_PER_BAR } from './film';
import { M_PER_MM, passageOf, type Passage, type SealForm } from './seal';

/** A seal in a chain of them: where oil gets through a gap of the pump. */
export interface Seal {
  /** Names the characteristic whose row it counts in, and whose gap it has. */
  readonly row: string;
  readonly form: SealForm;
  /** Its own gap, for one of that characteristic: half of a total on either side of a part that floats. */
  readonly share: number;
  /** It is never wider, in mm: something presses it shut. */
  readonly most_mm?: number;
  /** How many like it stand one behind the other. */
  readonly behind?: number;
  /** How many like it lie side by side at this place of the chain. */
  readonly beside?: number;
}

/** Seals one behind the other, from the outlet to the inlet. */
export interface Chain {
  readonly seals: readonly Seal[];
  /** How many such paths there are. */
  readonly alike: number;
  /** How far a wall moves towards the outlet with each radian of the pump's shaft, in mm: it takes oil back there. */
  readonly wall_mm?: number;
}

/** How a pump runs: what drives oil through its gaps, and what its walls take back. */
export interface RunningState {
  /** Speed of the pump's shaft, in turns a minute. */
  readonly rpm: number;
  /** Pressure from the inlet to the outlet, in bar. */
  readonly pressure_bar: number;
  /** The oil at its temperature. */
  readonly oil: Pick<FluidState, 'mu_Pas' | 'density_kgm3'>;
}

/** What of a seal does not change with its gap. */
interface Fixed extends Pick<Seal, 'row' | 'share' | 'most_mm'>, Passage {
  readonly behind: number;
  readonly beside: number;
}

/** A chain as it is counted again and again for other gaps. */
export interface ReadyChain {
  readonly seals: readonly Fixed[];
  readonly alike: number;
  readonly wall_mm: number;
}

/** Velocity heads that each seal costs: half of one at its mouth, one where it opens. */
const HEADS = 1.5;

/** Above this Reynolds number a film is no longer laminar. */
const LAMINAR_TO = 2000;

/** Above this share of a seal's pressure that goes into velocity it is an orifice more than a film. */
const FILM_TO = 0.3;

/**
 * Returns a chain with all that does not hang on its gaps worked out.
 *
 * @param chain its seals, sizes in mm
 */
export const ready = ({ seals, alike, wall_mm = 0 }: Chain): ReadyChain => ({
  seals: seals.map(({ form, behind = 1, beside = 1, ...seal }) => ({
    ...seal,
    ...passageOf(form),
    behind,
    beside,
  })),
  alike,
  wall_mm,
});

/** What one seal of a chain lets through. */
export interface SealFlow {
  readonly row: string;
  /** What of the chain's flow counts for it: the share of the pressure that it holds, in l/min. */
  readonly lpm: number;
  /** It is too wide for the film formula: counted as an orifice. */
  readonly coarse: boolean;
}

const none = ({ seals }: ReadyChain): SealFlow[] =>
  seals.map(({ row }) => ({ row, lpm: 0, coarse: false }));

/**
 * Returns what a chain of seals lets through, seal by seal: film and lost velocity heads together. With
 * a = μ Σ n·r and c = (kρ/2) Σ n/A², Q = 2Δp/(a + √(a² + 4cΔp)): thin seals follow the film formula, wide ones that
 * of an orifice. A wall that moves towards the outlet takes w·h·U/2 off, and never gives more than leaks.
 *
 * @param chain made ready
 * @param gapOf returns the gap of a characteristic, in mm
 * @param state the speed, the pressure and the oil
 * @example
 * const form = { kind: 'slot', width_mm: 20, length_mm: 5 };
 * const chain = ready({ seals: [{ row: 'tip', form, share: 1 }], alike: 1 });
 * chainFlow(chain, () => 0.01, { rpm: 0, pressure_bar: 10, oil: { mu_Pas: 0.01, density_kgm3: 850 } }); // [{ row: 'tip', lpm: 0.002, coarse: false }]
 * @see Merritt, Hydraulic Control Systems; the sum of film and heads is an assumption of this model
 */
export function chainFlow(
  chain: ReadyChain,
  gapOf: (row: string) => number,
  { rpm, pressure_bar, oil: { mu_Pas, density_kgm3 } }: RunningState,
): SealFlow[] {
  const { seals, alike, wall_mm } = chain;
  const gaps = seals.map(({ row, share, most_mm = Infinity }) =>
    Math.min(share * gapOf(row), most_mm),
  );
  const dp = pressure_bar * PA_PER_BAR;
  const wall_ms = wall_mm * M_PER_MM * ((2 * Math.PI * rpm) / 60);
  if (gaps.some((mm) => !(mm > 0)) || dp === 0) return none(chain);
  // What each seal takes: a times the flow for its film, c times its square for its velocity heads.
  const taken = seals.map(({ film, width_m, behind, beside }, i) => {
    const h = (gaps[i] as number) * M_PER_MM;
    const area = beside * width_m * h;
    return {
      a: (mu_Pas * behind * film) / (beside * h ** 3),
      c: (HEADS * density_kgm3 * behind) / (2 * area ** 2),
    };
  });
  const a = taken.reduce((sum, seal) => sum + seal.a, 0);
  const c = taken.reduce((sum, seal) => sum + seal.c, 0);
  const through = (2 * dp) / (a + Math.sqrt(a ** 2 + 4 * c * dp));
  const dragged = seals.reduce(
    (sum, { width_m }, i) => sum + (width_m * (gaps[i] as number) * M_PER_MM * wall_ms) / 2,
    0,
  );
  const net = Math.max(0, alike * (through - dragged));
  return seals.map(({ row, width_m, beside }, i) => {
    const { a: film, c: heads } = taken[i] as (typeof taken)[number];
    const [byFilm, byHeads] = [film * through, heads * through ** 2];
    const reynolds = (2 * density_kgm3 * through) / (beside * width_m * mu_Pas);
    return {
      row,
      lpm: (LPM * net * (byFilm + byHeads)) / dp,
      coarse: reynolds > LAMINAR_TO || byHeads > FILM_TO * (byFilm + byHeads),
    };
  });
}
