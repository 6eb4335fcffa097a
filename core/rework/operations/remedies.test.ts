import { Evaluator } from '../../guidance/evaluator';
import { record } from '../../journal/commands';
import { emptyJob } from '../../practice/job';
import { pumpOf, teardownOf } from '../../pumps/registry';
import { REMEDIES, REPLACEMENTS } from '../../pumps/remedies';
import { NEW_RULES } from '../../records/rules';
import { NEW_SHOP } from '../../records/shop';
import type { Sheet } from '../../records/sheet';
import type { Consequence } from '../../records/teardown';
import { EVERY_BUILD } from '../../testing/builds';
import { found } from '../../testing/findings';
import { AT } from '../../testing/readings';
import { reworkCase } from '../decision/case';
import { offersFor } from './offers';
import { OPERATIONS } from './operations';

/** Returns what a finding on a surface asks for, and what it leaves unmet. */
function asked(sheet: Sheet, surface: string, decided: Consequence) {
  const job = record(emptyJob(sheet, AT), found(surface, { proposed: decided, decided }));
  const quiet = { ...job, rules: { ...job.rules, renew: 'measured' as const } };
  const { needs, unmet } = reworkCase(quiet, new Evaluator().state(quiet), NEW_SHOP);
  return { ids: needs.map((n) => n.offers.map((o) => o.id)), unmet };
}

const build = (name: string): Sheet => EVERY_BUILD.find((s) => s.model === name)!;

describe.each(EVERY_BUILD.map((s) => [s.model, s] as const))('%s', (_, sheet) => {
  const pump = pumpOf(sheet);
  const { surfaces } = teardownOf(sheet);

  it('has an operation for every size that work can change, or a sentence why not', () => {
    const rules = { ...NEW_RULES, lapping: 'normal' as const };
    const offers = offersFor({ sheet, rules }, NEW_SHOP);
    const moved = new Set(
      offers.flatMap((o) => o.works.flatMap((w) => w.moves.map((m) => m.dimension))),
    );
    for (const { id, worked, remedies, unworked } of [...pump.dimensions, ...pump.features]) {
      if (Object.keys(worked ?? {}).length === 0) continue;
      const stoned = remedies?.includes('stone') ?? false;
      expect([id, moved.has(id) || stoned ? 'worked' : (unworked ?? 'nothing')]).toEqual([
        id,
        unworked === undefined ? 'worked' : expect.stringMatching(/^[A-Z].{20,}\.$/),
      ]);
    }
  });
  it('has an operation for every surface with every consequence', () => {
    for (const { id, parts } of surfaces) {
      for (const decided of ['dress', 'machine', 'replace', 'scrap'] as const) {
        const { ids, unmet } = asked(sheet, id, decided);
        expect([id, decided, unmet]).toEqual([id, decided, []]);
        // Where several parts are looked at together, each of them gets its own.
        expect([id, decided, ids.length]).toEqual([id, decided, parts.length]);
      }
      expect(asked(sheet, id, 'pass')).toEqual({ ids: [], unmet: [] });
    }
  });
});

describe('a remedy', () => {
  it('stands with something on some pump, and is carried out by an operation', () => {
    const pumps = EVERY_BUILD.map((s) => pumpOf(s));
    const standing = new Set([
      ...pumps.flatMap((p) => [...p.dimensions, ...p.features].flatMap((d) => d.remedies ?? [])),
      ...EVERY_BUILD.flatMap((s) => teardownOf(s).surfaces.flatMap((f) => f.remedies)),
      'roughen-race',
      'drill-drain',
      'free-drain-valve',
    ]);
    expect([...standing].sort()).toEqual(Object.keys(REMEDIES).sort());
    expect([...new Set(OPERATIONS.flatMap((o) => o.remedy ?? []))].sort()).toEqual(
      Object.keys(REMEDIES).sort(),
    );
    const replaced = new Set(pumps.flatMap((p) => p.parts.map((part) => part.replacedAs)));
    const bought = new Set(OPERATIONS.map((o) => o.replaces));
    for (const as of REPLACEMENTS)
      expect([as, replaced.has(as), bought.has(as)]).toEqual([as, true, true]);
  });
  it('of a spun bushing is another, in whatever it runs', () => {
    expect(asked(build('crescent'), 'bushing', 'replace').ids).toEqual([
      ['bushing-renewed--bushing'],
    ]);
    expect(asked(build('external-gear plates 1'), 'bushings', 'replace').ids).toEqual(
      ['drive-front', 'drive-rear', 'idler-front', 'idler-rear'].map((at) => [
        `bushing-renewed--bushing-${at}`,
      ]),
    );
    expect(asked(build('external-gear plates 4'), 'bushings-s3', 'replace').ids[0]).toEqual([
      'bushing-renewed--bushing-drive-front-s3',
    ]);
  });
  it('of a bushing block is a block, ground or new', () => {
    const blocks = build('external-gear blocks 1');
    expect(asked(blocks, 'block-front', 'machine').ids).toEqual([
      ['block-ground--block-front', 'block-renewed--block-front'],
    ]);
    expect(asked(blocks, 'block-rear', 'replace').ids).toEqual([['block-renewed--block-rear']]);
  });
  it('of a vacuum pump’s bearings is one for each', () => {
    expect(asked(build('vacuum-vane'), 'bearings', 'replace').ids).toEqual([
      ['bearing-renewed--bearing-front'],
      ['bearing-renewed--bearing-rear'],
    ]);
  });
  it('of an oil pump’s cover is grinding it, or another cover', () => {
    const oil = build('external-gear oil 1');
    expect(asked(oil, 'cover-track', 'machine').ids).toEqual([
      ['cover-ground--plate', 'cover-renewed--plate'],
    ]);
    expect(asked(oil, 'cover-track', 'replace').ids).toEqual([['cover-renewed--plate']]);
  });
  it('of a beaten valve seat is a cutter, before another valve', () => {
    expect(asked(build('crescent'), 'valve-seat', 'machine').ids).toEqual([
      ['seat-cut--plunger', 'plunger-renewed--plunger'],
    ]);
  });
});
