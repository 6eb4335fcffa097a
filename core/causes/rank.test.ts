import { familyOf } from '../pumps/registry';
import { CAUSES, SIGNS } from './causes';
import type { ComplaintId } from './complaints';
import { rankCauses, type Evidence, type Ranking, type Settled } from './rank';

const pump = (family: string, more: object = {}) => ({
  family,
  geometry: { ...familyOf(family).example, ...more },
});
const evidence = (
  complaints: readonly ComplaintId[],
  signs: readonly string[],
  settled: Readonly<Record<string, Settled>> = {},
): Evidence => ({
  complaints,
  signs: new Set(signs),
  settled: new Map(Object.entries(settled)),
});
const scoreIn = ({ causes }: Ranking) =>
  Object.fromEntries(causes.map(({ cause, score }) => [cause.id, score]));
const order = ({ causes }: Ranking) => causes.map(({ cause }) => cause.id);

const CRESCENT = pump('crescent');
const GEARS = pump('external-gear');
const FRONT = pump('gerotor', { use: 'front-pump' });

describe('the causes of a failure', () => {
  it('name only signs that there are, and every sign speaks of a cause', () => {
    const used = new Set(CAUSES.flatMap((c) => [...c.strong, ...c.some, ...c.against]));
    const known = SIGNS.map(({ id }) => id);
    expect(new Set(known).size).toBe(known.length);
    expect([...used].sort()).toEqual([...known].sort());
    expect(new Set(CAUSES.map(({ id }) => id)).size).toBe(30);
  });

  it('a groove that feeds the seal is ahead of a small drain, a wrong seal and a blocked drain', () => {
    const ranked = rankCauses(
      CRESCENT,
      evidence(
        ['SB'],
        ['again', 'rebuilt-lately', 'vent-open', 'bush-in', 'groove-open-to-seal', 'only-at-speed'],
      ),
    );
    expect(scoreIn(ranked)).toMatchObject({
      'bushing-groove-reversed': 7,
      'drain-small': 3,
      'seal-fitted-wrong': 2,
      'drain-blocked': -1,
    });
    expect(order(ranked)[0]).toBe('bushing-groove-reversed');
    expect(ranked.settled).toBe(true);
  });

  it('a body that gears have eaten is ahead of what new gears would have cured', () => {
    const ranked = rankCauses(
      GEARS,
      evidence(
        ['LP'],
        [
          'new-gears-no-gain',
          'bore-cut-ridge',
          'bore-cut',
          'crescent-or-bore-cut',
          'track-over',
          'tip-body-over',
          'tips-over',
          'bush-in',
          'face-in',
        ],
      ),
    );
    expect(scoreIn(ranked)).toMatchObject({
      'body-eaten': 9,
      'bushing-worn': 0,
      'end-clearance-wide': -1,
    });
    expect(order(ranked)[0]).toBe('body-eaten');
  });

  it('a bushing that a crooked drive wore came from that', () => {
    const ranked = rankCauses(
      FRONT,
      evidence(['SB', 'NS'], ['drive-work', 'bush-over', 'bushing-scored', 'rings-one-side']),
    );
    expect(scoreIn(ranked)).toMatchObject({ misalignment: 8, 'bushing-worn': 4 });
    const worn = ranked.causes.find(({ cause }) => cause.id === 'bushing-worn');
    expect(worn?.cameFrom).toBe('misalignment');
    expect([order(ranked)[0], ranked.settled]).toEqual(['misalignment', true]);
  });

  it('a bushing that has spun is not taken for a worn one', () => {
    const ranked = rankCauses(
      CRESCENT,
      evidence(
        ['SB'],
        [
          'bush-over',
          'bushing-turned',
          'bushing-turned-blued-seized',
          'hub-blued',
          'rebuilt-lately',
        ],
      ),
    );
    expect(scoreIn(ranked)).toMatchObject({ 'bushing-tight': 6, 'bushing-worn': 2 });
  });

  it('count three small signs at most, and a complaint once', () => {
    const some = ['hub-blued', 'rebuilt-lately', 'sudden'];
    const at = (signs: string[], complaints: ComplaintId[] = []) =>
      scoreIn(rankCauses(CRESCENT, evidence(complaints, signs)))['bushing-tight'];
    expect(at(some)).toBe(3);
    expect(at(some, ['SB', 'LK', 'SZ'])).toBe(4);
    const groove = ['rebuilt-lately', 'again', 'only-at-speed', 'bush-in', 'vent-size-in'];
    const { 'bushing-groove-reversed': most } = scoreIn(rankCauses(CRESCENT, evidence([], groove)));
    expect(most).toBe(3);
  });

  it('leave out what a pump has not', () => {
    const has = (of: object) => order(rankCauses(of as typeof CRESCENT, evidence([], [])));
    expect(has(CRESCENT)).not.toContain('vane-short');
    expect(has(CRESCENT)).toContain('gear-into-crescent');
    expect(has(GEARS)).not.toContain('gear-into-crescent');
    expect(has(GEARS)).toContain('shuttle-stuck');
    expect(has(pump('vacuum-vane'))).toContain('vane-short');
    for (const none of ['relief-seat', 'drain-blocked', 'tips-wide', 'cover-worn'])
      expect(has(pump('vacuum-vane'))).not.toContain(none);
    expect(has({ ...GEARS, seals: 0, drain: 'none' })).not.toContain('seal-fitted-wrong');
    // A drain that was found is one, where the model may have it.
    const found = rankCauses(pump('gerotor'), evidence([], ['drain-none']));
    expect(order(found)).toContain('drain-blocked');
  });

  it('put what a check proved first and what it ruled out last', () => {
    const signs = ['groove-open-to-seal', 'again'];
    const ruled = rankCauses(
      CRESCENT,
      evidence(['SB'], signs, { 'bushing-groove-reversed': 'no', misalignment: 'yes' }),
    );
    expect(order(ruled)[0]).toBe('misalignment');
    expect(order(ruled).at(-1)).toBe('bushing-groove-reversed');
    expect(ruled.settled).toBe(true);
  });

  it('are not settled below four, or without a lead of two over what is no result', () => {
    expect(rankCauses(CRESCENT, evidence([], ['lip-outward'])).settled).toBe(false);
    expect(rankCauses(CRESCENT, evidence(['LK'], ['lip-outward'])).settled).toBe(true);
    const two = evidence(['SB', 'LK'], ['lip-outward', 'vent-blocked']);
    expect(rankCauses(CRESCENT, two).settled).toBe(false);
    expect(rankCauses(CRESCENT, evidence([], [])).settled).toBe(false);
  });

  it('say normal wear less where something else began it', () => {
    const worn = ['gradual-hours', 'polished'];
    const alone = rankCauses(GEARS, evidence(['LH'], worn));
    expect(scoreIn(alone)['normal-wear']).toBe(5);
    const other = rankCauses(GEARS, evidence(['LH'], [...worn, 'spring-weak-short']));
    expect(scoreIn(other)['normal-wear']).toBe(3);
    // A result began nothing.
    const result = rankCauses(GEARS, evidence(['LH'], [...worn, 'face-over']));
    expect(scoreIn(result)['normal-wear']).toBe(5);
  });

  it('of equals a source stands before a result', () => {
    const equal = rankCauses(CRESCENT, evidence([], ['bush-over', 'lip-outward']));
    expect(order(equal).slice(0, 2)).toEqual(['seal-fitted-wrong', 'bushing-worn']);
  });

  it('of equals more strong signs stand first, then the one that destroys most', () => {
    const small = ['hub-blued', 'rebuilt-lately', 'sudden'];
    const strong = order(rankCauses(CRESCENT, evidence([], ['bush-over', ...small])));
    expect(strong.indexOf('bushing-worn')).toBeLessThan(strong.indexOf('bushing-tight'));
    const harm = order(rankCauses(CRESCENT, evidence([], ['lip-outward', 'gouged'])));
    expect(harm.slice(0, 2)).toEqual(['foreign-body', 'seal-fitted-wrong']);
  });

  it('need a lead of two, and no less', () => {
    const lead = (...signs: string[]) =>
      rankCauses(CRESCENT, evidence(['LK'], ['lip-outward', ...signs])).settled;
    expect(lead('sealer')).toBe(true);
    expect(lead('sealer', 'bush-in')).toBe(true);
    expect(lead('sealer', 'again')).toBe(false);
  });

  it('lead over what they left behind without being weighed against it', () => {
    const close = rankCauses(FRONT, evidence(['NS'], ['drive-work', 'bush-over']));
    expect(order(close).slice(0, 2)).toEqual(['misalignment', 'bushing-worn']);
    expect(scoreIn(close)).toMatchObject({ misalignment: 4, 'bushing-worn': 4 });
    expect(close.settled).toBe(true);
  });

  it('left nothing behind where a check ruled them out, and did where it proved them', () => {
    const cameFrom = (signs: readonly string[], said: Settled) =>
      rankCauses(FRONT, evidence(['NS'], signs, { misalignment: said })).causes.find(
        ({ cause }) => cause.id === 'bushing-worn',
      )?.cameFrom;
    expect(cameFrom(['drive-work', 'bush-over'], 'no')).toBeNull();
    expect(cameFrom(['bush-over'], 'yes')).toBe('misalignment');
  });

  it('are never of a seal or a drain that a sheet says is not there', () => {
    const oil = pump('external-gear', { build: 'oil' });
    const lip = evidence([], ['lip-outward']);
    expect(order(rankCauses(oil, lip))).toContain('seal-fitted-wrong');
    expect(order(rankCauses({ ...oil, seals: 0 }, lip))).not.toContain('seal-fitted-wrong');
    const none = { ...pump('gerotor'), drain: 'none' as const };
    expect(order(rankCauses(none, evidence([], ['drain-none'])))).not.toContain('drain-blocked');
  });
});
