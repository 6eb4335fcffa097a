import type { CharacteristicId, DimensionId } from '../core/pumps/ids';
import path from 'node:path';
import { pathToFileURL } from 'node:url';
import type * as Registry from '../core/pumps/registry';
import type * as Jobs from '../core/practice/job';
import type * as Hand from '../core/practice/hand';
import type * as Hidden from '../core/practice/hidden';
import type * as Random from '../core/random';
import type * as Shops from '../core/records/shop';
import type * as Sheets from '../core/records/sheet';
import type * as Ledger from '../core/journal/ledger';
import type { Sheet } from '../core/records/sheet';
import { typedOver } from '../ui/padText';

/**
 * How many taps the figures of a whole pump take, from its first place to its last, as the app leads and
 * an honest hand answers: one for an answer, one for each key of a figure and one for Enter.
 *
 *     npx tsx bench/taps.ts            this version
 *     npx tsx bench/taps.ts DIR        the version in DIR as well, in the same run
 */
const THOU = 0.0254;
const AT = '2026-11-20T09:00:00.000Z';
const INCH_LEAVES = [
  1.5, 2, 2.5, 3, 3.5, 4, 5, 6, 7, 8, 9, 10, 11, 12, 13, 14, 15, 16, 17, 18, 19, 20, 22, 24, 25,
].map((thou) => Number((thou * THOU).toFixed(6)));

type Limits = readonly (readonly [id: string, lower: number | null, upper: number | null])[];

interface Case {
  readonly name: string;
  readonly family: string;
  readonly geometry: object;
  /** In thou. */
  readonly limits: Limits;
  readonly nominal: Readonly<Record<string, number>>;
  /** How far into its limits it is worn: 0 new, 1 at the limit. */
  readonly worn: number;
}

const SECTIONS = ['', '-s2', '-s3', '-s4'];
const BUSHINGS = ['drive-front', 'drive-rear', 'idler-front', 'idler-rear'];

const CASES: readonly Case[] = [
  {
    name: 'gear pump of four sections',
    family: 'external-gear',
    geometry: { sections: 4 },
    limits: SECTIONS.flatMap((s): Limits => [
      [`end${s}`, 2, 6],
      ...BUSHINGS.map((b) => [`shaft-bushing-${b}${s}`, 1, 4] as const),
      [`plate-wear-front${s}`, null, 1.5],
      [`plate-wear-rear${s}`, null, 1.5],
    ]),
    nominal: Object.fromEntries(
      SECTIONS.flatMap((s) => [
        [`body-width${s}`, 30.1],
        [`drive-width${s}`, 30],
        [`idler-width${s}`, 30],
        ...BUSHINGS.flatMap((b) => [
          [`bushing-bore-${b}${s}`, 20.06],
          [`journal-${b}${s}`, 20],
        ]),
      ]),
    ) as Record<string, number>,
    worn: 0.5,
  },
  {
    name: 'transfer pump without a limit',
    family: 'external-gear',
    geometry: { build: 'oil' },
    limits: [],
    nominal: {},
    worn: 0.5,
  },
  {
    name: 'crescent near its limit',
    family: 'crescent',
    geometry: {},
    limits: [
      ['face-drive', 1, 3.5],
      ['face-driven', 1, 3.5],
      ['od-pocket', 3, 8],
      ['cover-wear', null, 2],
    ],
    nominal: { 'pocket-depth': 20.04, 'drive-width': 20, 'driven-width': 20 },
    worn: 0.95,
  },
];

/** What is needed of a version, whatever its records look like otherwise. */
interface Version {
  readonly measured: (c: Case) => readonly {
    readonly kind: string;
    readonly dimension?: string;
    readonly value_mm?: number;
    readonly characteristic?: string;
  }[];
}

/** Loads a version of the core from its folder. */
async function versionIn(root: string): Promise<Version> {
  // Another version is called as this one is: what it makes of a case is its own affair.
  const load = <M>(file: string): Promise<M> =>
    import(pathToFileURL(path.resolve(root, file)).href) as Promise<M>;
  const registry = await load<typeof Registry>('core/pumps/registry.ts');
  const { emptyJob } = await load<typeof Jobs>('core/practice/job.ts');
  const { measure } = await load<typeof Hand>('core/practice/hand.ts');
  const { hiddenOf } = await load<typeof Hidden>('core/practice/hidden.ts');
  const { evenFrom } = await load<typeof Random>('core/random.ts');
  const { NEW_SHOP } = await load<typeof Shops>('core/records/shop.ts');
  const { blankSheet } = await load<typeof Sheets>('core/records/sheet.ts');
  const { ledgerOf } = await load<typeof Ledger>('core/journal/ledger.ts');
  return {
    measured: (c) => {
      const geometry = { ...registry.familyOf(c.family).example, ...c.geometry };
      const sheet: Sheet = {
        ...blankSheet({ family: c.family, geometry }),
        id: 's',
        model: c.name,
        family: c.family,
        invented: true,
        note: '',
        geometry,
        tiers: [{ id: 'service', name: 'Service', source: '' }],
        nominal: Object.entries(c.nominal).map(([dimension, value_mm]) => ({
          dimension: dimension as DimensionId,
          value_mm,
        })),
        limits: c.limits.map(([characteristic, lower, upper]) => ({
          characteristic: characteristic as CharacteristicId,
          tier: 'service',
          source: '',
          ...({ side: 'full', gasket: 'bare' } as const),
          preferredLower_mm: null,
          preferredUpper_mm: null,
          lower_mm: lower === null ? null : lower * THOU,
          upper_mm: upper === null ? null : upper * THOU,
        })),
      };
      const empty = emptyJob(sheet, AT);
      const job = {
        ...empty,
        feeler: { ...empty.feeler, leaves_mm: INCH_LEAVES, maxStack: 2 },
      };
      const hidden = hiddenOf(sheet, 'service', c.worn, {}, evenFrom(7));
      const room = { instruments: NEW_SHOP.instruments, zeros: [] };
      return ledgerOf(measure(job, hidden, room, new Date(AT))).readings;
    },
  };
}

const onFirst = (id: string) => id.replace(/-s\d$/, '');
/** Depths of one plate or cover are read one after the other by the same gauge. */
const alike = (id: string): string => id.replace(/^(plate-)?(track|face)/, '$1depth');

const typed = (figure: string): number => figure.length + 1;

/** Taps of a figure after another: typed whole, taken over, or taken over with its last digits typed over. */
function after(last: string, figure: string): number {
  if (last === figure) return 2;
  const digits = figure.replace(/\D/g, '');
  for (let n = 1; n < digits.length; n++) {
    if (typedOver(last, digits.slice(-n)) === figure) return Math.min(2 + n, typed(figure));
  }
  return typed(figure);
}

/** Counts the taps of a pump's figures. The pad of before took a figure over whole or not at all. */
function tapsOf(c: Case, version: Version, pad: 'before' | 'now') {
  const last = new Map<string, string>();
  const taps = { figures: 0, all: 0, readings: 0 };
  for (const r of version.measured(c)) {
    taps.readings += 1;
    if (r.kind === 'leaf' || r.kind === 'touch') {
      taps.all += 1;
      continue;
    }
    const id = r.dimension ?? r.characteristic ?? '';
    const figure = r.dimension
      ? ((r.value_mm ?? 0) / 25.4).toFixed(4).replace(/^0/, '')
      : ((r.value_mm ?? 0) / THOU).toFixed(1);
    const nominal = c.nominal[id];
    const known =
      pad === 'before'
        ? last.get(id)
        : (last.get(id) ??
          last.get(onFirst(id)) ??
          (nominal === undefined
            ? last.get(alike(id))
            : (nominal / 25.4).toFixed(4).replace(/^0/, '')));
    const cost =
      known === undefined
        ? typed(figure)
        : pad === 'now'
          ? after(known, figure)
          : known === figure
            ? 2
            : typed(figure);
    taps.figures += cost;
    taps.all += cost;
    last.set(id, figure);
    last.set(onFirst(id), figure);
    last.set(alike(id), figure);
  }
  return taps;
}

async function main(): Promise<void> {
  const [other] = process.argv.slice(2);
  const now = await versionIn('.');
  const before = other ? await versionIn(other) : null;
  console.log('Taps for the figures of a whole pump, in thou:');
  for (const c of CASES) {
    const is = tapsOf(c, now, 'now');
    const was = before && tapsOf(c, before, 'before');
    const words = was
      ? ` (before: ${was.readings} readings, ${was.figures} taps for figures, ${was.all} in all; ${(is.all / was.all).toFixed(2)} of that)`
      : '';
    console.log(
      `  ${c.name}: ${is.readings} readings, ${is.figures} taps for figures, ${is.all} in all${words}`,
    );
  }
}

void main();
