import { surfaceId } from '../pumps/ids';
import { VELTRANE_T6 } from '../testing/sheets';
import { teardownOf } from '../pumps/registry';
import {
  DEFECTS,
  defectsOf,
  SURFACE_KINDS,
  type DefectId,
  type SurfaceKind,
} from '../pumps/teardown/defects';
import { NEW_RULES, type HouseRules } from '../records/rules';
import type { BookRule, Consequence, Nail } from '../records/teardown';
import { proposalFor } from './consequence';

const surface = (kind: SurfaceKind) => ({
  ...teardownOf(VELTRANE_T6).surfaces[0]!,
  id: surfaceId('any'),
  kind,
});

const propose = (
  kind: SurfaceKind,
  defect: DefectId,
  nail: Nail | null,
  depth_mm: number | null = null,
  rules: Partial<HouseRules> = {},
  book: BookRule[] = [],
) => proposalFor({ book }, surface(kind), { defect, nail, depth_mm }, { ...NEW_RULES, ...rules });

describe('a rule of the trade', () => {
  it.each<[SurfaceKind, DefectId, Nail | null, Consequence]>([
    ['face', 'scored', 'passes', 'pass'],
    ['face', 'scored', 'catches', 'machine'],
    // Where nobody drew a nail across it, the graver is taken.
    ['face', 'scored', null, 'machine'],
    ['face', 'ridge', 'catches', 'machine'],
    ['face', 'rusted', 'passes', 'dress'],
    ['face', 'rusted', 'catches', 'machine'],
    ['face', 'nicked', null, 'dress'],
    ['face', 'porous', 'passes', 'pass'],
    ['face', 'porous', 'catches', 'replace'],
    ['face', 'worn-through', null, 'replace'],
    ['wall', 'scored', 'catches', 'dress'],
    ['wall', 'walked-in', null, 'replace'],
    ['crescent', 'walked-in', null, 'replace'],
    ['crescent', 'polished', null, 'pass'],
    ['crescent', 'cracked', null, 'scrap'],
    ['casting', 'cracked', null, 'scrap'],
    ['casting', 'gouged', 'catches', 'dress'],
    ['teeth', 'cracked', null, 'replace'],
    ['teeth', 'chipped', null, 'replace'],
    ['teeth', 'scored', 'passes', 'pass'],
    ['teeth', 'scored', 'catches', 'dress'],
    ['journal', 'scored', 'catches', 'dress'],
    ['journal', 'blued', 'catches', 'replace'],
    ['journal', 'blued', 'passes', 'dress'],
    ['bearing', 'blued', null, 'replace'],
    ['bearing', 'turned', null, 'replace'],
    ['bearing', 'scored', 'catches', 'replace'],
    ['seal-track', 'pitted', 'catches', 'dress'],
    ['seal-track', 'stepped', 'passes', 'pass'],
    ['drive', 'mushroomed', null, 'replace'],
    ['drive', 'twisted', null, 'replace'],
    ['land', 'stepped', 'passes', 'pass'],
    ['land', 'stepped', 'catches', 'replace'],
    ['valve', 'stuck', null, 'dress'],
    ['spring', 'broken', null, 'replace'],
    ['vane', 'chipped', null, 'replace'],
  ])('on a %s: %s, nail %s: %s', (kind, defect, nail, consequence) => {
    expect(propose(kind, defect, nail).consequence).toBe(consequence);
  });
  it('lets pits stay under a seal that only keeps dirt out, and no groove', () => {
    const outer = { ...surface('seal-track'), keepsOut: true as const };
    const of = (defect: DefectId) =>
      proposalFor({ book: [] }, outer, { defect, nail: 'catches', depth_mm: 0.1 }, NEW_RULES);
    expect(of('pitted')).toEqual({
      consequence: 'pass',
      why: expect.stringMatching(/inner/) as string,
    });
    expect(of('scored').consequence).toBe('dress');
  });
  it('of a house that laps takes tenths by hand, and no more', () => {
    const laps = { lapping: 'normal' as const };
    expect(propose('face', 'scored', 'catches', 0.01, laps).consequence).toBe('dress');
    expect(propose('face', 'scored', 'catches', 0.011, laps).consequence).toBe('machine');
    expect(propose('face', 'scored', 'catches', null, laps).consequence).toBe('machine');
    expect(propose('wall', 'scored', 'catches', 0.01, { lapping: 'never' }).consequence).toBe(
      'dress',
    );
  });
  it('of a house that renews gears does not dress them', () => {
    const renews = { gears: 'renew' as const };
    expect(propose('teeth', 'pitted', 'catches', null, renews).consequence).toBe('replace');
    expect(propose('rim', 'scored', 'catches', null, renews).consequence).toBe('replace');
    expect(propose('teeth', 'pitted', 'passes', null, renews).consequence).toBe('pass');
  });
  it('gives way to the book, which goes by the least depth that is enough', () => {
    const entry = (upTo_mm: number | null, consequence: Consequence): BookRule => ({
      surface: surfaceId('any'),
      defect: 'scored',
      source: 'page 4',
      upTo_mm,
      consequence,
    });
    const book = [entry(null, 'scrap'), entry(0.1, 'machine'), entry(0.02, 'pass')];
    const at = (depth: number | null) => propose('face', 'scored', 'catches', depth, {}, book);
    expect([0.01, 0.02, 0.05, 0.2].map((d) => at(d).consequence)).toEqual([
      ...['pass', 'pass', 'machine', 'scrap'],
    ]);
    // Without a depth only an entry for any depth holds.
    expect(at(null)).toEqual({ consequence: 'scrap', why: 'by the sheet: page 4' });
    expect(propose('face', 'pitted', 'catches', 0.01, {}, book).why).not.toMatch(/sheet/);
  });
  it('gives up what is cracked where it holds the pump, and only there', () => {
    expect(propose('casting', 'cracked', null).consequence).toBe('scrap');
    expect(propose('crescent', 'cracked', null).consequence).toBe('scrap');
    expect(propose('rim', 'cracked', null).consequence).toBe('replace');
  });
  it('is there for every defect of every surface, with a reason', () => {
    for (const kind of SURFACE_KINDS) {
      for (const { id } of defectsOf(kind)) {
        for (const nail of [null, 'passes', 'catches'] as const) {
          const { why, consequence } = propose(kind, id, nail);
          expect(why).not.toBe('');
          expect(consequence === 'scrap').toBe(
            id === 'cracked' && (kind === 'casting' || kind === 'crescent'),
          );
        }
      }
    }
    expect(SURFACE_KINDS.filter((kind) => defectsOf(kind).length < 2)).toEqual([]);
    expect(new Set(DEFECTS.map((d) => d.name)).size).toBe(DEFECTS.length);
  });
});
