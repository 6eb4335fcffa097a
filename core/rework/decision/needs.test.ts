import { dimensionId } from '../../pumps/ids';
import { sayCause } from '../../commands/blaming';
import { carryOut } from '../../commands/deciding';
import { record } from '../../journal/commands';
import type { Job } from '../../records/job';
import { NEW_SHOP, type Shop } from '../../records/shop';
import type { Finding } from '../../records/entries/finding';
import { answerWords, findingWords } from '../../wording/decide';
import { lineReason } from '../../wording/partLines';
import { askedFor } from '../../inspect/looking';
import { exchanged, found, stamp } from '../../testing/findings';
import { SHEETS, VELTRANE_T6 } from '../../testing/sheets';
import { answerOf, jobWithSizes, neverDone, planFor } from '../../testing/worked';
import type { ReworkCase } from './case';
import { partLines, plannedOperations } from './lines';
import { overallDecision } from './proposal';

const SOUND = {
  'pocket-depth': 20.05,
  'drive-width': 20,
  'driven-width': 20,
  'track-depth': 10,
  'face-depth': 10,
};
/** A job on a pump of sound sizes, with what was found on a surface. */
const lookedAt = (surface: string, more: Partial<Finding>, sheet = VELTRANE_T6): Job =>
  record(jobWithSizes(SOUND, {}, sheet), found(surface, more));

/** A shop that does not do these kinds of operation. */
const without = (...kinds: string[]): Partial<Shop> => ({
  operations: neverDone(...kinds),
});

async function needsOn(job: Job, shop: Partial<Shop> = {}) {
  const planned = await planFor(job, shop);
  const { needs, unmet } = planned.rework;
  const ids = needs.map(({ offers }) => offers.map(({ id }) => id));
  return { ...planned, needs, unmet, ids };
}

describe('a finding', () => {
  it('that was passed asks for nothing', async () => {
    const { ids, unmet } = await needsOn(lookedAt('deck', { decided: 'pass' }));
    expect([ids, unmet]).toEqual([[], []]);
  });
  it.each([
    ['machine', ['deck-faced--body', 'body-renewed--body']],
    ['dress', ['nicks-stoned--body']],
    ['replace', ['body-renewed--body']],
    ['scrap', ['body-renewed--body']],
  ] as const)('decided to %s asks for one of %j', async (decided, offers) => {
    const { ids } = await needsOn(lookedAt('deck', { decided }));
    expect(ids).toEqual([offers]);
  });
  it('is told with its reason: the book’s, or the remark of who decided otherwise', async () => {
    const why = async (more: Partial<Finding>) =>
      (await needsOn(lookedAt('deck', more))).needs[0]?.why;
    expect(await why({})).toBe('Deck: by the book');
    expect(await why({ proposed: 'pass', remark: 'customer asks' })).toBe('Deck: customer asks');
    expect(await why({ proposed: 'pass' })).toBe('Deck: decided when it was looked at');
  });
  it('is taken away where that can be done, and by how deep it is else replaced: under a seal, a gasket', async () => {
    const sheet = SHEETS.find((s) => s.model === 'Brunnick H30 gear pump')!;
    const asked = async (surface: string, decided: Finding['decided'], depth_mm: number) => {
      const defect = { defect: 'pitted' as const, proposed: decided, decided, depth_mm };
      const job = record(jobWithSizes({}, {}, sheet), found(surface, defect));
      return (await needsOn(job)).ids;
    };
    expect(await asked('seal-track-inner', 'dress', 0.02)).toEqual([
      ['seal-track-polished--drive'],
    ]);
    expect(await asked('seal-track-inner', 'dress', 0.05)).toEqual([['gear-set--drive']]);
    expect(await asked('seal-track-outer', 'pass', 0.05)).toEqual([]);
    const [shallow] = await asked('gasket-face-front', 'machine', 0.1);
    expect(shallow?.[0]).toBe('gasket-face-ground--plate-front');
    expect(await asked('gasket-face-front', 'machine', 0.5)).toEqual([
      ['plate-renewed--plate-front'],
    ]);
  });
  it('deeper than the cut goes is renewed, and so is one deeper than the metal that has to stay', async () => {
    const metal = [{ dimension: dimensionId('pocket-depth'), least_mm: 20.03, most_mm: null }];
    const thin = { ...VELTRANE_T6, metal };
    const cuts = async (depth_mm: number, sheet = VELTRANE_T6) =>
      (await needsOn(lookedAt('deck', { depth_mm }, sheet))).ids;
    expect(await cuts(0.019)).toEqual([['deck-faced--body', 'body-renewed--body']]);
    expect(await cuts(0.019, thin)).toEqual([['deck-faced--body', 'body-renewed--body']]);
    expect(await cuts(0.021, thin)).toEqual([['body-renewed--body']]);
    expect(await cuts(0.021)).toEqual([['deck-faced--body', 'body-renewed--body']]);
    expect(await cuts(0.401)).toEqual([['body-renewed--body']]);
  });
  it('on a part that was exchanged since asks for nothing, and says nothing of the new one', async () => {
    const nicked = lookedAt('drive-face', { decided: 'dress' });
    const after = exchanged(nicked, 'drive');
    const lookedOf = ({ rework }: { rework: ReworkCase }) =>
      partLines(rework, null).find((l) => l.part.id === 'drive')?.looked;
    const [was, is] = [await needsOn(nicked), await needsOn(after)];
    expect([was.ids, lookedOf(was)]).toEqual([[['nicks-stoned--drive']], 'passed']);
    expect(askedFor(nicked).length).toBeGreaterThan(0);
    expect(askedFor(after)).toEqual([]);
    expect([is.ids, is.unmet, lookedOf(is)]).toEqual([[], [], 'unseen']);
  });
  it('on a face found twice is one need, as deep as the deeper', async () => {
    const job = lookedAt('deck', { depth_mm: 0.02 });
    const again = found('deck', { depth_mm: 0.05 });
    const { needs } = await needsOn(record(job, again));
    expect(needs.map((n) => n.least_mm)).toEqual([0.05]);
  });
  it('on a part that is replaced anyway asks for no work on it', async () => {
    const scored = lookedAt('deck', {});
    const cracked = found('crescent', { defect: 'cracked', decided: 'replace' });
    const { ids } = await needsOn(record(scored, cracked));
    expect(ids).toEqual([['body-renewed--body']]);
  });
});

describe('a finding that no work here puts right', () => {
  const never = without('deck-faced', 'body-renewed');

  it('is said, and the pump is not called ready', async () => {
    const { rework, solved, unmet } = await needsOn(lookedAt('deck', {}), never);
    expect(unmet.map((u) => u.why)).toEqual(['Deck: by the book']);
    const planned = plannedOperations(rework, solved.plans[0]!);
    expect(planned).toEqual([]);
    expect(answerWords(answerOf({ rework, solved }, false))).toBe(
      'Not ready: deck needs work that this shop does not do.',
    );
    expect(findingWords(rework, 'mm')).toContain(
      'Deck: by the book. No work of this shop fixes that.',
    );
    const lines = partLines(rework, solved.plans[0]!);
    const body = lines.find((l) => l.part.id === 'body')!;
    expect([body.decision, lineReason(rework, body, 'mm')]).toEqual([
      ...['replace', 'Deck: by the book.'],
    ]);
    expect(overallDecision(rework, lines, false)).toBe('machine');
  });
  it('stays to be seen to after the work that can be done', async () => {
    const job = lookedAt('deck', {});
    const track = found('cover-track', {});
    const { rework, solved } = await needsOn(record(job, track), never);

    expect(answerWords(answerOf({ rework, solved }, false))).toBe(
      'Grind the cover flat, then see to the rest.',
    );
  });
  it('is no longer asked for once it was put right where the shop does the work', async () => {
    const job = lookedAt('deck', {});
    const { rework } = await planFor(job);
    const deck = rework.offers.find(({ id }) => id === 'deck-faced--body')!;
    const cut = carryOut(deck, null, 0.01, 0.003)(job, stamp());
    const { ids, unmet } = await needsOn(cut);
    expect([ids, unmet]).toEqual([[], []]);
  });
});

describe('the house', () => {
  it('renews the bushing with every rebuild, with the terms of the shop', async () => {
    const job = jobWithSizes(SOUND);
    const always = { ...job, rules: { ...job.rules, renew: 'always' as const } };
    const { needs } = await needsOn(always, { money: { ...NEW_SHOP.money, rate: 60 } });
    expect(needs.map((n) => [n.why, n.finding, n.least_mm])).toEqual([
      ['replaced by house rule', null, 0],
    ]);
    expect((await needsOn(always, without('bushing-renewed'))).ids).toEqual([]);
  });
});

describe('why a pump failed', () => {
  const blamed = (job: Job, answer: 'taken' | 'ruled-out' = 'taken'): Job =>
    sayCause({
      cause: 'misalignment',
      answer,
      words: 'The drive pushes the pump sideways',
      change: [{ words: 'Renew the bushing.', when: 'build', replaces: ['bushing'] }],
    })(job, stamp());

  it('has bought new what it asks for: the bushing that the hub runs in, not those of the stator', async () => {
    const { needs, ids } = await needsOn(blamed(jobWithSizes(SOUND)));
    expect(ids).toEqual([['bushing-renewed--bushing']]);
    expect(needs[0]?.why).toBe('why it failed: the drive pushes the pump sideways');
  });

  it('asks for nothing once it is ruled out, or the part was put in', async () => {
    expect((await needsOn(blamed(jobWithSizes(SOUND), 'ruled-out'))).ids).toEqual([]);
    const fitted = blamed(jobWithSizes(SOUND, { fitted: 'new' }));
    expect((await needsOn(fitted)).ids).toEqual([]);
    const done = exchanged(blamed(jobWithSizes(SOUND)), 'bushing');
    expect((await needsOn(done)).ids).toEqual([]);
  });

  it('leaves a stack to the build: nobody can tell which section is meant', async () => {
    const tandem = SHEETS.find(({ id }) => id === 'demo-sheet-brunnick-h30-tandem')!;
    const { ids } = await needsOn(blamed(jobWithSizes({}, {}, tandem)));
    expect(ids).toEqual([]);
  });
});
