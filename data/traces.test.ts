import { readFile } from '../core/records/readFile';
import { noteTest } from '../core/commands/testing';
import type { Sample } from '../core/trace/sample';
import { setAside } from './aside';
import { load } from './opened';
import { removeOrphans } from './orphans';
import { change, remove, saveNew } from './records';
import { Recorder, type RunState } from './stand/recorder';
import type { StandListener, StandSource } from './stand/source';
import { keysUnder, readText, writeTexts } from './storage';
import { backup, demo, empty, fileOf, imported, planned, quietly } from './testing/transfer';
import { keepRun, loadRun, RunKeeper } from './traces';
import { jobFile } from './transfer/files';

const [job] = demo.jobs as [(typeof demo.jobs)[number]];
const at = (t_s: number): Sample => ({
  t_s,
  flow_lpm: 9 + (t_s % 8) / 8,
  bar: 8,
  rpm: 700,
  oil_C: 90,
});
const run = (seconds: number) => Array.from({ length: seconds }, (_, i) => at(i));

beforeEach(async () => {
  await empty();
  await saveNew([{ kind: 'job', record: job }]);
});

describe('a run', () => {
  it('is kept in pieces of a minute, and read back as it came', async () => {
    await keepRun(job.id, 'r1', run(200));
    expect(await keysUnder('trace/')).toEqual(
      [0, 1, 2, 3].map((piece) => `trace/${job.id}/r1/${piece}`),
    );
    expect(await loadRun(job.id, 'r1')).toEqual({ samples: run(200), isDamaged: false });
    expect((await loadRun(job.id, 'none')).samples).toEqual([]);
  });
  it('writes only the piece that grew, and what came before it once', async () => {
    const keeper = new RunKeeper(job.id, 'r1');
    for (const sample of run(50)) keeper.add(sample);
    await keeper.flush();
    for (const sample of run(130).slice(50)) keeper.add(sample);
    await keeper.flush();
    await writeTexts({ [`trace/${job.id}/r1/0`]: 'untouched' });
    keeper.add(at(130));
    await keeper.flush();
    expect(await readText(`trace/${job.id}/r1/0`)).toBe('untouched');
    const { samples, isDamaged } = await loadRun(job.id, 'r1');
    expect(isDamaged).toBe(true);
    expect(samples).toEqual(run(131).slice(60));
  });
  it('loses nothing where a minute is over while the one before is written', async () => {
    const keeper = new RunKeeper(job.id, 'r1');
    for (const sample of run(55)) keeper.add(sample);
    const writing = keeper.flush();
    // The write is on its way: what comes now is not in it.
    await Promise.resolve();
    for (const sample of run(70).slice(55)) keeper.add(sample);
    await writing;
    await keeper.flush();
    expect(await loadRun(job.id, 'r1')).toEqual({ samples: run(70), isDamaged: false });
  });
  it('goes with its job, and stays while that is only set aside', async () => {
    await keepRun(job.id, 'r1', run(70));
    await keepRun('unread', 'r2', run(5));
    await writeTexts({ 'job/unread': '{"schema":99,"id":"unread"}' });
    await setAside('job', 'unread');
    expect(await removeOrphans()).toEqual([]);
    await remove('job', job.id);
    expect(await keysUnder(`trace/${job.id}/`)).toEqual([]);
    expect(await keysUnder(`seal/trace/${job.id}/`)).toEqual([]);
    await keepRun('nobody', 'r3', run(5));
    expect((await removeOrphans()).sort()).toEqual(['seal/trace/nobody/r3/0', 'trace/nobody/r3/0']);
    expect((await loadRun('unread', 'r2')).samples.length).toBe(5);
  });
  it('travels with its job, and the longer of two copies stays', async () => {
    await keepRun(job.id, 'r1', run(70));
    const file = await jobFile(job);
    expect(readFile(file).traces.length).toBe(2);
    await empty();
    const take = (text: string) => imported(new Blob([text]));
    await take(file);
    expect((await loadRun(job.id, 'r1')).samples).toEqual(run(70));
    await keepRun(job.id, 'r1', run(100));
    await take(file);
    expect((await loadRun(job.id, 'r1')).samples).toEqual(run(100));
    const longer = await jobFile((await load('job', job.id))!);
    await keepRun(job.id, 'r1', run(65));
    await take(longer);
    expect((await loadRun(job.id, 'r1')).samples).toEqual(run(100));
  });
  it('is refused where its job does not come with it', async () => {
    await keepRun(job.id, 'r1', run(3));
    const { traces } = readFile(await jobFile(job));
    const stray = fileOf({ jobs: [{ ...job, id: 'other' }], traces });
    await expect(planned(stray)).rejects.toThrow(/belongs to nothing/);
  });
  it('is in a backup, and comes back from it', async () => {
    await keepRun(job.id, 'r1', run(130));
    const saved = await backup();
    await empty();
    await imported(saved);
    expect((await loadRun(job.id, 'r1')).samples).toEqual(run(130));
  });
});

describe('a run that is recorded', () => {
  const recorded = () => {
    const heard: { listener: StandListener | null; states: RunState[]; closed: number } = {
      listener: null,
      states: [],
      closed: 0,
    };
    const source: StandSource = {
      id: 'simulated',
      name: 'Stand',
      available: true,
      connect: (listener) => {
        heard.listener = listener;
        return () => (heard.closed += 1);
      },
    };
    const setting = { cc: 10, slip: 1, rpm: 700, bar: 8, seed: '1' };
    const recorder = new Recorder(job.id, 'r1', source, setting, {
      onSamples: quietly,
      onState: (state) => heard.states.push(state),
    });
    return { heard, recorder };
  };
  it('loses no more than the last second, however the app ends', async () => {
    const { heard } = recorded();
    heard.listener!.onReady();
    for (const sample of run(20)) heard.listener!.onSample(sample);
    await new Promise((resolve) => setTimeout(resolve, 1300));
    // Nobody ends it: what is in storage is what a killed app leaves.
    expect((await loadRun(job.id, 'r1')).samples).toEqual(run(20));
    heard.listener!.onLost();
  });
  it('keeps what came where the line breaks, and takes nothing that comes after', async () => {
    const { heard, recorder } = recorded();
    heard.listener!.onReady();
    for (const sample of run(4)) heard.listener!.onSample(sample);
    heard.listener!.onSample(at(1));
    heard.listener!.onLost();
    heard.listener!.onSample(at(9));
    await recorder.end();
    await new Promise((resolve) => setTimeout(resolve, 50));
    expect((await loadRun(job.id, 'r1')).samples).toEqual(run(4));
    expect([heard.states, heard.closed]).toEqual([['running', 'lost'], 1]);
  });
  it('says that there is no stand where nothing ever came', async () => {
    const { heard } = recorded();
    heard.listener!.onLost();
    await new Promise((resolve) => setTimeout(resolve, 50));
    expect(heard.states).toEqual(['none']);
    expect(await keysUnder('trace/')).toEqual([]);
  });
  it('is found again from the job, whoever cut it or nobody did', async () => {
    const said = {
      point: '',
      drive_rpm: 700,
      ratio: 1,
      pressure_bar: 8,
      oil_C: 90,
      sections: [],
      flow_lpm: null,
      half95_lpm: null,
      from: 'simulated' as const,
      run: 'r1',
      from_s: null,
      to_s: null,
      remark: '',
    };
    const made = { id: 't1', at: '2026-12-01T10:00:00.000Z', by: '', voided: null };
    await change('job', job.id, (j) => noteTest(said)(j, made));
    const back = await load('job', job.id);
    expect(back?.journal.at(-1)).toMatchObject({ kind: 'test', run: 'r1', flow_lpm: null });
  });
});
