import { readFileSync } from 'node:fs';
import { assessJob } from '../guidance/evaluator';
import { auxiliaryChecks, smallChecks } from '../inspect/auxiliary';
import { laidWrong, noteWords, stripped } from '../inspect/stripping';
import { buildList } from '../assembly/list';
import { ledgerOf } from '../journal/ledger';
import { APP_FLOORS } from '../pumps/floors';
import { AS_THE_SHEET, NO_SHEET_FLOW } from './flow';
import { readFile } from './readFile';
import { NO_REVERSING } from './reversing';

/** Returns what a version wrote, and what it made of it; see fixtures/README.md. */
const written = (name: string): string => readFileSync(`fixtures/${name}.json`, 'utf8');

/** Says what versions 13 to 16 have of a sheet of before: nothing of a build, and of a test. */
const TEST_SINCE = { testPoints: [], testFluid: null };
const SHEET_SINCE = { assembly: [], handover: [], tools: [], photos: [], ...TEST_SINCE };
const jobSince = ({ rules }: { rules?: unknown }) => ({
  rules: { ...(rules as object), wash: 'hot-wash' },
  asked: { work: 'rebuild', set: '' },
  handover: null,
  testing: { points: null, fluid: null },
  paper: { photos: [], nextUsed: null, nextDay: null },
  visit: null,
});

/** Returns the journal of a version as it reads now: nobody said whose make a part is. */
const journalSince = ({ journal }: { readonly journal: readonly object[] }): object[] =>
  journal.map((entry) => ('work' in entry ? { ...entry, make: '' } : entry));

describe.each([3, 4, 5, 6, 7, 8, 10, 11, 12, 13, 14, 15, 16, 17])(
  'a backup of version %i',
  (version) => {
    it('opens with every record, and judges it as it did', () => {
      const { jobs } = readFile(written(`v${version}/backup`));
      const was = JSON.parse(written(`v${version}/expected`)) as Record<
        string,
        { verdicts: Record<string, string> }
      >;
      expect(jobs.map((j) => j.id)).toEqual(Object.keys(was));
      for (const job of jobs) {
        const is = assessJob(job).map((a) => [a.characteristic.id, a.verdict]);
        expect(Object.fromEntries(is)).toEqual(was[job.id]!.verdicts);
      }
    });
  },
);

describe('a backup of version 3', () => {
  const backup = readFile(written('v3/backup'));

  it('keeps the small checks of a clutch as they were asked, and has no entry for it', () => {
    const [sheet] = backup.sheets;
    expect(sheet?.clutches).toEqual([]);
    expect(sheet?.also.map((c) => c.id)).toEqual(expect.arrayContaining(['clutch', 'tabs']));
    expect(smallChecks(backup.jobs[0]!.sheet)).toEqual(backup.jobs[0]!.sheet.also);
  });
  it('keeps what version 3 brought', () => {
    const [job] = backup.jobs;
    const { skips, readings } = ledgerOf(job!);
    expect([job!.fitted, skips[0]?.why]).toEqual(['old', 'Cannot get at it']);
    const own = readings.filter((r) => r.kind === 'size' && r.dimension === 'own-seat-1');
    expect(own.map((r) => r.voided)).toEqual([null, null]);
  });
});

describe('a backup of version 10', () => {
  const backup = readFile(written('v10/backup'));

  it('says nothing of flow, and keeps what the shop had set and a test before the teardown', () => {
    const { jobs, sheets, shop, parts } = backup;
    expect(jobs.map(({ flow }) => flow)).toEqual(jobs.map(() => AS_THE_SHEET));
    for (const { flow } of [...sheets, ...jobs.map(({ sheet }) => sheet)]) {
      expect(flow).toEqual(NO_SHEET_FLOW);
    }
    expect(shop).toMatchObject({ fluids: [], unit: 'thou', money: { rate: 55 } });
    expect([jobs[0]?.before.length, parts.length]).toEqual([2, 2]);
  });
});

describe('a backup of version 11', () => {
  const backup = readFile(written('v11/backup'));
  const raw = JSON.parse(written('v11/backup')) as Readonly<
    Record<'jobs' | 'sheets', Record<string, unknown>[]>
  >;

  it('keeps every field to the letter, and says nothing of reversing', () => {
    const bare = (record: object) => ({ ...record, schema: 0, sheet: 0 });
    expect(backup.jobs.map(bare)).toEqual(
      raw.jobs.map((job) => ({ ...bare(job), ...jobSince(job) })),
    );
    expect(backup.sheets.map(bare)).toEqual(
      raw.sheets.map((sheet) => ({ ...bare(sheet), reversing: NO_REVERSING, ...SHEET_SINCE })),
    );
    expect(backup.jobs.map(({ sheet }) => sheet.reversing)).toEqual(
      backup.jobs.map(() => NO_REVERSING),
    );
    expect(backup.jobs.map((job) => ledgerOf(job).worked)).toEqual([[], [], []]);
    expect(backup.shop?.fluids.map(({ name }) => name)).toEqual(['Depot hydraulic 32']);
  });
});

describe('a backup of version 12', () => {
  const backup = readFile(written('v12/backup'));
  const raw = JSON.parse(written('v12/backup')) as Readonly<
    Record<'jobs' | 'sheets', Record<string, unknown>[]>
  >;
  const bare = (record: object) => ({ ...record, schema: 0, sheet: 0 });

  it('keeps every field to the letter, and was given for a rebuild', () => {
    expect(backup.jobs.map(bare)).toEqual(
      raw.jobs.map((job) => ({ ...bare(job), ...jobSince(job) })),
    );
    expect(backup.sheets.map(bare)).toEqual(
      raw.sheets.map((sheet) => ({ ...bare(sheet), ...SHEET_SINCE })),
    );
    expect(backup.shop?.rules.wash).toBe('hot-wash');
  });

  it('has its build made anew, with nothing of it done', () => {
    for (const job of backup.jobs) {
      const items = buildList(job, assessJob(job));
      expect(items.length).toBeGreaterThan(15);
      expect(items.every(({ state }) => state === 'open')).toBe(true);
      expect(ledgerOf(job).builds).toEqual([]);
    }
    // What it came with, and what was ordered, is there.
    const [crescent] = backup.jobs;
    const seal = buildList(crescent!, []).flatMap(({ needs }) => needs);
    expect(seal.find(({ id }) => id === 'order-renew--seal')?.met).toBe(true);
  });
});

describe('a backup of version 4', () => {
  const backup = readFile(written('v4/backup'));

  it('has work that no plan asked for, and nothing planned or decided', () => {
    const { operations, plans, decisions } = ledgerOf(backup.jobs[0]!);
    expect(operations.map((o) => [o.work, o.step])).toEqual([['faced', null]]);
    expect([plans, decisions]).toEqual([[], []]);
  });
  it('begins with the app’s own terms of work, and keeps what the shop had set', () => {
    const { shop, sheets } = backup;
    expect(shop).toMatchObject({ unit: 'thou', spelling: 'american', shortcuts: false });
    expect([shop?.operations, shop?.makes, shop?.rules.shelf]).toEqual([[], [], 'again']);
    for (const { metal, prices, sets } of sheets)
      expect([metal, prices, sets]).toEqual([[], [], []]);
  });
});

describe('a backup of version 5', () => {
  const backup = readFile(written('v5/backup'));

  it('keeps the plan, what was carried out of it and what was decided; nothing came from the shelf', () => {
    const { operations, plans, decisions } = ledgerOf(backup.jobs[0]!);
    const steps = plans.flatMap((plan) => plan.steps.map(({ id }) => id));
    expect(operations.map((o) => [o.work, o.step, o.piece])).toEqual([
      ['faced', steps[0], null],
      ['exchanged', null, null],
    ]);
    expect(decisions.map((d) => [d.part, d.decided])).toEqual([['body', 'machine']]);
  });
  it('keeps the shelf, the shop’s makes and terms, and what a sheet says of work', () => {
    const { parts, shop, sheets } = backup;
    expect(parts.map((p) => [p.label, p.sizes.length])).toEqual([
      ['GS-12', 2],
      ['HB-3', 0],
    ]);
    expect(shop).toMatchObject({ makes: [{ name: 'Skarn' }], rules: { shelf: 'trust' } });
    expect(sheets[0]).toMatchObject({ metal: [{ least_mm: 19.9 }], sets: [{ over_mm: 0.05 }] });
  });
});

describe('a backup of version 6', () => {
  const backup = readFile(written('v6/backup'));

  it('keeps every entry of its journals and every loose part to the letter', () => {
    const raw = JSON.parse(written('v6/backup')) as {
      jobs: { journal: object[] }[];
      parts: object[];
    };
    expect(backup.jobs.map((job) => job.journal)).toEqual(raw.jobs.map(journalSince));
    expect(backup.parts).toEqual(
      raw.parts.map((part) => ({ ...part, schema: 3, demo: true, takenBy: null })),
    );
  });
  it('keeps the parts that came from the shelf; nothing was ordered yet', () => {
    const { operations, orders, decisions } = ledgerOf(backup.jobs[0]!);
    expect(operations.filter((o) => o.piece).map((o) => [o.part, o.piece?.label])).toEqual([
      ['drive', backup.parts[0]?.label],
      ['driven', backup.parts[0]?.label],
    ]);
    expect([orders, decisions.length]).toEqual([[], 1]);
  });
});

describe('a backup of version 7', () => {
  const backup = readFile(written('v7/backup'));
  const raw = JSON.parse(written('v7/backup')) as {
    jobs: { journal: object[]; rules: object }[];
    sheets: object[];
    shop: { rules: object; operations: object[] };
  };

  it('keeps every entry of its journals to the letter', () => {
    expect(backup.jobs.map((job) => job.journal)).toEqual(raw.jobs.map(journalSince));
  });
  it('has the least clearances of the app, says of no sheet what is mounted, and shares no set-up', () => {
    const { shop, sheets, jobs } = backup;
    expect(jobs.map((job) => job.floors)).toEqual(jobs.map(() => APP_FLOORS));
    expect(jobs[0]!.rules).toEqual({ ...raw.jobs[0]!.rules, closer: 'pays', wash: 'hot-wash' });
    expect(sheets).toEqual(
      raw.sheets.map((s) => ({
        ...s,
        schema: 13,
        ...SHEET_SINCE,
        flow: NO_SHEET_FLOW,
        reversing: NO_REVERSING,
        mount: null,
        newSizes: [],
        washers_mm: [],
        demo: true,
        seals: null,
        drain: null,
        gearFit: null,
        small: [],
        // Gears of a stack float: what called them right where they are tight is gone.
        ...('also' in s && JSON.stringify(s.also).includes('gear-loose')
          ? { also: [], gearFit: 'floats' }
          : {}),
      })),
    );
    expect(shop!.operations).toEqual(raw.shop.operations.map((o) => ({ ...o, setup: 0 })));
    expect(shop!.rules).toEqual({ ...raw.shop.rules, closer: 'pays', wash: 'hot-wash' });
  });
});

describe('a backup of version 8', () => {
  const backup = readFile(written('v8/backup'));
  const jobOf = (id: string) => backup.jobs.find((job) => job.id === id)!;

  it('keeps every entry of its journals to the letter', () => {
    const raw = JSON.parse(written('v8/backup')) as { jobs: { journal: object[] }[] };
    expect(backup.jobs.map((job) => job.journal)).toEqual(raw.jobs.map(journalSince));
  });
  it('says of none what is fitted, and asks nothing new of a job that is done', () => {
    for (const { sheet } of backup.jobs) {
      expect([sheet.seals, sheet.drain, sheet.small]).toEqual([null, null, []]);
    }
    const job = jobOf('demo-job-hm-0412');
    const unasked = auxiliaryChecks(job).filter(({ answer }) => answer === null);
    expect(unasked).toEqual([]);
  });
  it('turns no blind end of a groove from right to wrong, by the usual sheet or by one of the shop’s own', () => {
    for (const id of ['demo-job-hm-0412', 'own-groove']) {
      const wrong = laidWrong(jobOf(id)).filter(({ step }) => step.way === 'groove');
      expect(wrong).toEqual([]);
    }
    const note = (id: string) => {
      const { step, note: said } = stripped(jobOf(id)).find((s) => s.step.way === 'groove')!;
      return said && noteWords(step, said);
    };
    expect(note('demo-job-hm-0412')).toBe('Blind end of the oil groove to the seal');
    expect(note('own-groove')).toBe('Blind end of the oil groove to the gears');
  });
  it('asks of a stack whether its gears float, but goes on as it did where that was answered', () => {
    const sheet = backup.sheets.find(({ id }) => id.endsWith('tandem'))!;
    expect([sheet.gearFit, sheet.also.map(({ id }) => id)]).toEqual(['floats', []]);
    const tight = auxiliaryChecks(jobOf('demo-job-hm-0419')).filter(({ check }) =>
      check.id.startsWith('gear-loose'),
    );
    expect(tight.map(({ answer, differs }) => [answer?.answer, differs])).toEqual([
      ['tight', false],
      ['tight', false],
    ]);
  });
  it('knows the demo’s records by their ids, and nobody else’s', () => {
    expect(backup.jobs.map((job) => job.demo)).toEqual([true, true, true, undefined]);
    expect(backup.parts.map((part) => part.demo)).toEqual([true, true]);
    expect(backup.sheets.find(({ id }) => id === 'own-sheet')?.demo).toBeUndefined();
  });
});

describe('a backup of version 9', () => {
  const backup = readFile(written('v9/backup'));
  const raw = JSON.parse(written('v9/backup')) as Readonly<
    Record<'jobs' | 'sheets' | 'parts' | 'studies', Record<string, unknown>[]>
  >;

  /** Lists what records of later versions have besides. */
  const SINCE: Partial<Record<keyof typeof raw, (record: object) => object>> = {
    jobs: (job) => ({ flow: AS_THE_SHEET, ...jobSince(job) }),
    sheets: () => ({ flow: NO_SHEET_FLOW, reversing: NO_REVERSING, ...SHEET_SINCE }),
    parts: () => ({ takenBy: null }),
  };
  it('keeps every field of every record to the letter, and says of none who wrote it', () => {
    for (const list of ['jobs', 'sheets', 'parts', 'studies'] as const) {
      const kept = backup[list].map((record) => ({ ...record, schema: 0, sheet: 0 }));
      expect(kept).toEqual(
        raw[list].map((record) => ({
          ...record,
          schema: 0,
          sheet: 0,
          ...SINCE[list]?.(record),
        })),
      );
    }
    for (const list of ['jobs', 'sheets', 'parts', 'studies'] as const) {
      expect(backup[list].filter((record) => 'marks' in record)).toEqual([]);
    }
  });
});
