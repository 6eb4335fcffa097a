import { noteComeback } from '@/core/commands/returning';
import { sign } from '@/core/commands/reporting';
import { record } from '@/core/journal/commands';
import type { HistoryAsked } from '@/core/history/answer';
import { writeFile } from '@/core/records/fileFormat';
import type { Job } from '@/core/records/job';
import { evenFrom, normalFrom } from '@/core/random';
import { faced, found } from '@/core/testing/findings';
import { sized, withReadings } from '@/core/testing/readings';
import { jobWithSizes } from '@/core/testing/worked';
import { change, remove, saveNew } from '../records';
import { keysUnder, readText, writeTexts } from '../storage';
import { empty } from '../testing/transfer';
import { HistoryDesk } from './desk';

beforeEach(empty);

const even = evenFrom(21);
const STATIONS = ['12', '3', '6', '9'];

/** A pump as the shop measured it: its pocket's depth at four places, cut where it was wide, some signed, some back. */
function pump(i: number, demo: boolean): Job {
  const depth = 20.05 + 0.01 * normalFrom(even);
  const base = jobWithSizes({ 'drive-width': 20 });
  const at = (shift: number, n: number) =>
    STATIONS.map((s, k) => ({
      ...sized(base, 'pocket-depth', s, Number((depth + shift + k / 2000).toFixed(4))),
      id: `r-${i}-${n}-${k}`,
    }));
  const day = `2026-0${1 + (i % 9)}-10T10:00:00.000Z`;
  const stamp = (id: string) => ({ id, at: day, by: 'Ann', voided: null });
  let job: Job = { ...base, id: `p-${i}`, tag: `P-${i}`, createdAt: day };
  job = { ...withReadings(job, ...at(0, 0)), ...(demo ? { demo: true as const } : {}) };
  if (i % 3 === 0) job = withReadings(faced(job, 0.02), ...at(-0.02, 1));
  if (i % 2 === 0) job = sign({ as: 'rebuilder', name: 'Ann', strokes: '' })(job, stamp(`s-${i}`));
  if (i % 4 === 0) {
    const said = { date: '2026-11-01', used: null, complaint: '', cause: '', words: '', visit: '' };
    job = noteComeback(said)(job, stamp(`c-${i}`));
  }
  return job;
}

const JOBS = Array.from({ length: 24 }, (_, i) => pump(i, i % 6 === 5));
const ASKED: HistoryAsked = {
  question: {
    model: JOBS[0]!.sheet.model,
    characteristic: 'face-drive',
    isDemo: false,
    except: '',
    end: 'largest',
  },
  parts: ['drive'],
  now_mm: null,
  came_mm: null,
  limits: null,
  unit: 'h',
};

/** What of an entry is counted by hand. */
interface Plain {
  readonly kind: string;
  readonly dimension?: string;
  readonly value_mm?: number;
}

/** Counts over the plain JSON of a backup, by nothing of the app's own: the deepest place over the gear, before and after the work. */
function countedByHand(text: string, isDemo: boolean) {
  const { jobs } = JSON.parse(text) as { jobs: { demo?: true; journal: Plain[] }[] };
  const deepest = (entries: readonly Plain[]): number | null => {
    const depths = entries.flatMap((e) => (e.dimension === 'pocket-depth' ? [e.value_mm!] : []));
    return depths.length === 0 ? null : Math.max(...depths) - 20;
  };
  const mine = jobs.filter(({ demo }) => (demo === true) === isDemo);
  const came = mine.map(({ journal }) => {
    const cut = journal.findIndex(({ kind }) => kind === 'operation');
    return deepest(cut < 0 ? journal : journal.slice(0, cut));
  });
  const went = mine
    .filter(({ journal }) => journal.some(({ kind }) => kind === 'signed' || kind === 'comeback'))
    .map(({ journal }) =>
      deepest(journal.slice(1 + journal.findLastIndex((e) => e.kind === 'operation'))),
    );
  const back = mine.filter(({ journal }) => journal.some(({ kind }) => kind === 'comeback')).length;
  const tidy = (list: (number | null)[]) =>
    list.flatMap((mm) => (mm === null ? [] : [Math.round(mm * 1e4)])).sort();
  return { came: tidy(came), went: tidy(went), back };
}

const asTold = async (desk: HistoryDesk, isDemo: boolean) => {
  const { came, went } = await desk.history({ ...ASKED, question: { ...ASKED.question, isDemo } });
  const tidy = (list: readonly { readonly mm: number }[]) =>
    list.map(({ mm }) => Math.round(mm * 1e4)).sort();
  const back = came.figures.filter(({ isBack }) => isBack).length;
  return { came: tidy(came.figures), went: tidy(went.figures), back };
};

describe('the past of a shop', () => {
  it('agrees with what is counted by hand over its backup, the demo apart, also once it is written and read again', async () => {
    await saveNew(JOBS.map((job) => ({ kind: 'job' as const, record: job })));
    const text = writeFile({ jobs: JOBS }, '2026-11-20T09:00:00.000Z');
    const desk = new HistoryDesk();
    for (const isDemo of [false, true]) {
      const told = await asTold(desk, isDemo);
      expect(told).toEqual(countedByHand(text, isDemo));
      expect(told.came.length).toBeGreaterThan(3);
      // Another thread reads what this one kept.
      expect(await asTold(new HistoryDesk(), isDemo)).toEqual(told);
    }
    expect(await keysUnder('facts/')).toHaveLength(JOBS.length);
  });
  it('follows what is written, deleted and found, and reads nothing else again', async () => {
    await saveNew(JOBS.slice(0, 4).map((job) => ({ kind: 'job' as const, record: job })));
    const desk = new HistoryDesk();
    const read: number[] = [];
    const heard = (_: number, of: number) => read.push(of);
    expect(await desk.search('cracked', heard)).toEqual([]);
    await change('job', 'p-1', (job) => record(job, found('hub', { defect: 'cracked' })));
    expect((await desk.search('cracked', heard)).map(({ facts }) => facts.tag)).toEqual(['P-1']);
    await remove('job', 'p-1');
    expect(await desk.search('cracked', heard)).toEqual([]);
    expect(await desk.search('P-2', heard)).toHaveLength(1);
    expect(read).toEqual([4, 1]);
    expect(await keysUnder('facts/')).toHaveLength(3);
  });
  it('makes anew what was kept and is damaged or of another version, and leaves out a job that cannot be read', async () => {
    await saveNew(JOBS.slice(0, 3).map((job) => ({ kind: 'job' as const, record: job })));
    await new HistoryDesk().refresh();
    const kept = (await readText('facts/p-0'))!;
    await writeTexts({
      'facts/p-0': kept.slice(0, 80),
      'facts/p-1': kept.replace(/"by":"[^"]*"/, '"by":"0.0.1"'),
      'job/p-2': '{"id":"p-2",',
      'facts/p-2': null,
    });
    const told = await asTold(new HistoryDesk(), false);
    expect(told.came).toHaveLength(2);
  });
});
