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
  /** Says how many like it stand one behind the other. */
  readonly behind?: number;
  /** Says how many like it lie side by side at this place of the chain. */
  readonly beside?: number;
}

/** Seals one behind the other, from the outlet to the inlet. */
export interface Chain {
  readonly seals: readonly Seal[];
  /** Says how many such paths there are. */
  readonly alike: number;
  /** Says how far a wall moves towards the outlet with each radian of the pump's shaft, in mm: it takes oil back there. */
  readonly wall_mm?: number;
}

/** Says how a pump runs: what drives oil through its gaps, and what its walls take back. */
export interface RunningState {
  /** Speed of the pump's shaft, in turns a minute. */
  readonly rpm: number;
  /** Pressure from the inlet to the outlet, in bar. */
  readonly pressure_bar: number;
  /** The oil at its temperature. */
  readonly oil: Pick<FluidState, 'mu_Pas' | 'density_kgm3'>;
}

/** Says what of a seal does not change with its gap. */
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
 * @example
 * const form = { kind: 'slot', width_mm: 20, length_mm: 5 };
 * ready({ seals: [{ row: 'tip', form, share: 1 }], alike: 2 }); // { alike: 2, wall_mm: 0, seals: [{ row: 'tip', film: 3, behind: 1 }] }
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

/** Says how much a chain lets through, and what each of its seals takes for that. */
interface Through {
  /** Says what is lost in the end, all like paths together and what the wall takes back off, in m³/s. */
  readonly lost: number;
  /** Says what goes through one path before the wall takes any back, in m³/s. */
  readonly one: number;
  /** Says what each seal takes: a times the flow for its film, c times its square for its velocity heads. */
  readonly taken: readonly { readonly a: number; readonly c: number }[];
}

/** Returns how much a chain lets through; null where one of its seals is shut, or nothing drives it. */
function through(
  { seals, alike, wall_mm }: ReadyChain,
  gapOf: (row: string) => number,
  { rpm, pressure_bar, oil: { mu_Pas, density_kgm3 } }: RunningState,
): Through | null {
  const dp = pressure_bar * PA_PER_BAR;
  if (dp === 0) return null;
  const wall_ms = wall_mm * M_PER_MM * ((2 * Math.PI * rpm) / 60);
  let [a, c, dragged] = [0, 0, 0];
  const taken: { a: number; c: number }[] = [];
  for (const { row, share, most_mm = Infinity, film, width_m, behind, beside } of seals) {
    const h = Math.min(share * gapOf(row), most_mm) * M_PER_MM;
    if (!(h > 0)) return null;
    const area = beside * width_m * h;
    const own = {
      a: (mu_Pas * behind * film) / (beside * h ** 3),
      c: (HEADS * density_kgm3 * behind) / (2 * area ** 2),
    };
    taken.push(own);
    a += own.a;
    c += own.c;
    dragged += (width_m * h * wall_ms) / 2;
  }
  const one = (2 * dp) / (a + Math.sqrt(a ** 2 + 4 * c * dp));
  return { lost: Math.max(0, alike * (one - dragged)), one, taken };
}

/**
 * Returns what a chain of seals lets through, in l/min: see `chainFlow`, of which it is the sum.
 *
 * @param chain made ready
 * @param gapOf returns the gap of a characteristic, in mm
 * @param state the speed, the pressure and the oil
 * @example
 * const form = { kind: 'slot', width_mm: 20, length_mm: 5 };
 * const chain = ready({ seals: [{ row: 'tip', form, share: 1 }], alike: 2 });
 * chainLoss_lpm(chain, () => 0.01, { rpm: 0, pressure_bar: 10, oil: { mu_Pas: 0.01, density_kgm3: 850 } }); // 0.004
 */
export const chainLoss_lpm = (
  chain: ReadyChain,
  gapOf: (row: string) => number,
  state: RunningState,
): number => LPM * (through(chain, gapOf, state)?.lost ?? 0);

/** Says what one seal of a chain lets through. */
export interface SealFlow {
  readonly row: string;
  /** Says what of the chain's flow counts for it: the share of the pressure that it holds, in l/min. */
  readonly lpm: number;
  /** It is too wide for the film formula: counted as an orifice. */
  readonly coarse: boolean;
}

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
  state: RunningState,
): SealFlow[] {
  const flow = through(chain, gapOf, state);
  if (!flow) return chain.seals.map(({ row }) => ({ row, lpm: 0, coarse: false }));
  const { mu_Pas, density_kgm3 } = state.oil;
  const { lost, one, taken } = flow;
  return chain.seals.map(({ row, width_m, beside }, i) => {
    const { a = 0, c = 0 } = taken[i] ?? {};
    const [byFilm, byHeads] = [a * one, c * one ** 2];
    const reynolds = (2 * density_kgm3 * one) / (beside * width_m * mu_Pas);
    return {
      row,
      lpm: (LPM * lost * (byFilm + byHeads)) / (state.pressure_bar * PA_PER_BAR),
      coarse: reynolds > LAMINAR_TO || byHeads > FILM_TO * (byFilm + byHeads),
    };
  });
}
