import { record } from '../journal/commands';
import { kindId } from '../pumps/ids';
import type { Job } from '../records/job';
import { blankSheet, type Sheet } from '../records/sheet';
import type { Fitted } from '../pumps/teardown/fitted';
import { familyOf } from '../pumps/registry';
import { NEW_RULES } from '../records/rules';
import { emptyJob } from '../practice/job';
import { reportOf } from '../report/report';
import { stamp } from '../testing/findings';
import { EVERY_BUILD } from '../testing/builds';
import { AT, ROOM } from '../testing/readings';
import { needsOf } from '../rework/decision/needs';
import { auxiliaryChecks, answerBeside, smallChecks } from './auxiliary';
import { lookedAt } from './looking';
import { orderList } from './order';
import { laidWrong } from './stripping';

/** A sheet of a gear pump of so many sections, with what is said of its seals and its drain. */
function sheetWith(said: Partial<Fitted> = {}, sections = 1, more: Partial<Sheet> = {}): Sheet {
  const { id: family, example } = familyOf('external-gear');
  const geometry = { ...example, sections };
  return {
    ...blankSheet({ family, geometry }, said),
    id: 's',
    model: 'Gear pump',
    family,
    invented: true,
    note: '',
    geometry,
    tiers: [{ id: 'service', name: 'Service', source: '' }],
    ...more,
  };
}

const jobOn = (sheet: Sheet, more: Partial<Job> = {}): Job => ({ ...emptyJob(sheet, AT), ...more });
const answered = (job: Job, ...answers: (readonly [check: string, answer: string])[]): Job =>
  record(
    job,
    ...answers.map(([check, answer]) => ({ ...stamp(), kind: 'also' as const, check, answer })),
  );
const idsOf = (job: Job) => auxiliaryChecks(job).map(({ check }) => check.id);
const checkedIn = (job: Job, id: string) => auxiliaryChecks(job).find((c) => c.check.id === id)!;
const otherChecks = (job: Job): string =>
  reportOf(job, 'mm')
    .sections.find(({ title }) => title === 'Other checks')!
    .lines.join('\n');

describe('a pump without a shaft seal', () => {
  const bare = sheetWith({ seals: 0, drain: 'none' });

  it('is not asked about seal or drain, takes none out, orders none, and shows no seal track', () => {
    expect(bare.strip.map(({ id }) => id)).not.toEqual(expect.arrayContaining(['seal']));
    expect(bare.strip.map(({ id }) => id)).not.toContain('plug');
    expect(bare.renew.map(({ id }) => id)).not.toContain('seal');
    const ids = smallChecks(bare).map(({ id }) => id);
    expect(ids.filter((id) => /^(seal|drain)/.test(id))).toEqual([]);
    const tracks = lookedAt(jobOn(bare)).filter(({ surface }) => surface.kind === 'seal-track');
    expect(tracks).toEqual([]);
  });
  it('is told from one with one and one with two', () => {
    const tracks = (seals: number) =>
      lookedAt(jobOn(sheetWith({ seals }))).flatMap(({ surface }) =>
        surface.kind === 'seal-track' ? [surface.id] : [],
      );
    expect([tracks(1), tracks(2)]).toEqual([
      ['seal-track-inner'],
      ['seal-track-inner', 'seal-track-outer'],
    ]);
    expect(sheetWith({ seals: 2 }).renew.find(({ id }) => id === 'seal')?.count).toBe(2);
  });
});

describe('the drain behind a seal', () => {
  it('is looked at before the pump is turned over, each kind in its way', () => {
    const plug = (drain: Fitted['drain']) =>
      sheetWith({ drain }).strip.find(({ id }) => id === 'plug');
    expect([plug('hole')?.way, plug('plug')?.way, plug('shuttle')?.way]).toEqual([
      'drain',
      'plug',
      '',
    ]);
  });
  it('is as red with its plug in the inlet side as with a hole open to the outlet', () => {
    const found = (drain: 'hole' | 'plug', way: string) =>
      laidWrong(
        record(jobOn(sheetWith({ drain })), {
          ...stamp(),
          kind: 'strip' as const,
          step: 'plug',
          way,
          state: 'there' as const,
          remark: '',
        }),
      );
    expect(found('plug', 'left')[0]).toMatchObject({ harm: true });
    expect(found('plug', 'left')[0]?.words).toContain('blows the seal');
    expect(found('hole', 'right')[0]).toMatchObject({ harm: true });
    expect(found('plug', 'right')).toEqual([]);
  });
  it('is asked whether it passes a wire and where to, and what comes of it is said', () => {
    const job = jobOn(sheetWith({ drain: 'hole' }));
    const wire = (answer: string) => checkedIn(answered(job, ['drain-wire', answer]), 'drain-wire');
    expect(wire('at the inlet')).toMatchObject({ differs: false, harm: null });
    expect(answerBeside(wire('at the outlet'))).toBe(
      'at the outlet; should be at the inlet; outlet pressure stands behind the seal: that blows it',
    );
    expect(wire('it does not pass').harm).toContain('cannot get away');
    expect(otherChecks(answered(job, ['drain-wire', 'at both']))).toContain('blows it');
  });
  it('asks of the kind that was found, whatever the sheet says', () => {
    const job = jobOn(sheetWith({ drain: 'hole' }));
    const converted = answered(job, ['drain-kind', 'a shuttle valve']);
    expect(idsOf(job)).toContain('drain-wire');
    expect(idsOf(converted)).toContain('drain-valve');
    expect(idsOf(converted)).not.toContain('drain-wire');
  });
  it('is drilled where the house wants that, and its valve freed where the house keeps it', () => {
    const worksFor = (
      drain: 'keep' | 'convert',
      ...answers: (readonly [string, string])[]
    ): string[] => {
      const rules = { ...NEW_RULES, drain, renew: 'measured' as const };
      const job = answered(jobOn(sheetWith({ drain: 'shuttle' }), { rules }), ...answers);
      const { needs } = needsOf(job, [], { operations: [], ...ROOM }, () => true);
      return needs.flatMap(({ offers }) => offers.map(({ operation }) => operation.id));
    };
    const valve = ['drain-kind', 'two check valves'] as const;
    const sticks = ['drain-valve', 'one sticks'] as const;
    expect(worksFor('convert', valve)).toEqual(['drain-drilled']);
    expect(worksFor('keep', valve)).toEqual([]);
    expect(worksFor('keep', valve, sticks)).toEqual(['drain-valve-freed']);
    expect(worksFor('convert', ['drain-kind', 'a drilled hole'])).toEqual([]);
  });
});

describe('the gears of a stack', () => {
  const sits = (sheet: Sheet, answer: string) =>
    checkedIn(answered(jobOn(sheet), ['gear-loose-s2', answer]), 'gear-loose-s2').differs;

  it('float: tight is the finding, unless the sheet says that they are pressed on', () => {
    const [floating, pressed] = [sheetWith({}, 2), sheetWith({ gearFit: 'pressed' }, 2)];
    expect([sits(floating, 'slides'), sits(floating, 'tight')]).toEqual([false, true]);
    expect([sits(pressed, 'slides'), sits(pressed, 'tight')]).toEqual([true, false]);
    expect(idsOf(jobOn(sheetWith()))).not.toContain('gear-loose');
  });
});

describe('keys, clips, pins and washers', () => {
  const small: Sheet['small'] = [
    { id: 'keys', part: kindId('drive'), count: 2, kind: 'key' },
    { id: 'clip', part: kindId('body'), count: 1, kind: 'clip' },
  ];
  const job = jobOn(sheetWith({}, 1, { small }));

  it('are counted', () => {
    const asks = auxiliaryChecks(job).flatMap(({ check }) =>
      check.id.startsWith('small-') ? [[check.name, check.options] as const] : [],
    );
    expect(asks).toEqual([
      ['Keys of the drive gear', ['all 2', '1 missing', 'all missing']],
      ['Clip of the body', ['there', 'missing']],
    ]);
  });
  it('go on the order list where some are missing, as many as that', () => {
    const found = answered(job, ['small-keys', 'all missing'], ['small-clip', 'there']);
    const lines = orderList(found).filter(({ why }) => why === 'missing when counted');
    expect(lines).toMatchObject([{ name: 'Keys of the drive gear', count: 2 }]);
    const one = answered(job, ['small-keys', '1 missing']);
    expect(orderList(one)).toEqual(
      expect.arrayContaining([
        expect.objectContaining({ name: 'Key of the drive gear', count: 1 }),
      ]),
    );
    expect(otherChecks(found)).toContain('Keys of the drive gear: all missing');
  });
});

describe('the rotation by the ports', () => {
  const clash = (rotation: Job['rotation'], answer: string) =>
    checkedIn(answered(jobOn(sheetWith(), { rotation }), ['larger-port', answer]), 'larger-port')
      .harm;

  it('contradicts a tag that says otherwise, and that is said', () => {
    expect(clash('anticlockwise', 'the left one')).toBe(
      'the tag says anticlockwise: ask how it was driven',
    );
    expect(clash('clockwise', 'the right one')).toContain('the tag says clockwise');
    const job = jobOn(sheetWith(), { rotation: 'anticlockwise' });
    expect(otherChecks(answered(job, ['larger-port', 'the left one']))).toContain(
      'Larger port: the left one: it turns clockwise, viewed from the shaft end; the tag says anticlockwise',
    );
  });
  it('contradicts nothing where the tag agrees or is silent, or the ports are alike', () => {
    expect(clash('clockwise', 'the left one')).toBeNull();
    expect(clash('unknown', 'the left one')).toBeNull();
    expect(clash('anticlockwise', 'both the same')).toBeNull();
  });
});

describe('what else is asked on a visit', () => {
  const idsFor = (family: string, geometry: object = {}) => {
    const pump = { family, geometry: { ...familyOf(family).example, ...geometry } };
    const blank = { ...blankSheet(pump), ...pump };
    return smallChecks(blank as unknown as Sheet).map(({ id }) => id);
  };
  it('is the old seal where there is one, what the oil left behind everywhere, the spring of a slide', () => {
    for (const family of ['crescent', 'gerotor', 'external-gear', 'fixed-vane', 'vacuum-vane'])
      expect(idsFor(family)).toEqual(expect.arrayContaining(['seal-out', 'sludge']));
    expect(idsFor('external-gear', { build: 'oil' })).not.toContain('seal-out');
    expect(idsFor('variable-vane')).toContain('slide-spring');
  });
  it('stands in the report, every question of every build with whatever was answered', () => {
    for (const sheet of EVERY_BUILD) {
      const job = jobOn({
        ...sheet,
        small: [{ id: 'pins', part: kindId('body'), count: 2, kind: 'pin' }],
      });
      const checks = auxiliaryChecks(job).map(({ check }) => check);
      const said = answered(job, ...checks.map((c) => [c.id, c.options.at(-1)!] as const));
      const lines = otherChecks(said);
      const asked = auxiliaryChecks(said).filter(({ answer }) => answer !== null);
      expect(asked.length).toBeGreaterThan(0);
      for (const { check, answer } of asked) {
        expect(lines).toContain(`${check.name}: ${answer!.answer}`);
      }
    }
  });
});
