import * as deciding from '../core/commands/deciding';
import * as jobs from '../core/commands/job';
import * as measuring from '../core/commands/measuring';
import * as noting from '../core/commands/noting';
import * as ordering from '../core/commands/ordering';
import * as shelving from '../core/commands/shelving';
import * as paper from '../core/paper/typed';
import { after, type Command, type Stamp } from '../core/commands/command';
import { Evaluator } from '../core/guidance/evaluator';
import type { Step } from '../core/methods/list';
import { ledgerOf } from '../core/journal/ledger';
import { characteristicId, dimensionId, kindId, partId } from '../core/pumps/ids';
import { dimensionOf, teardownOf } from '../core/pumps/registry';
import type { Entry } from '../core/records/entry';
import type { Job } from '../core/records/job';
import { NEW_SHOP } from '../core/records/shop';
import type { PlannedOperation } from '../core/rework/decision/lines';
import { offersFor } from '../core/rework/operations/offers';
import { counting } from '../core/schema/voiding';
import { AT, JOB, sized } from '../core/testing/readings';
import { gearSet } from '../core/testing/shelf';
import { VELTRANE_T6 } from '../core/testing/sheets';
import type * as shelfModule from './shelf';
import type * as openedModule from './opened';
import type * as recordsModule from './records';

type Tab = typeof openedModule & typeof recordsModule & typeof shelfModule;

/** Returns a tab: all that is in memory once more, on the same store and the same locks. */
function tab(): Tab {
  const own = {} as Tab;
  jest.isolateModules(() => {
    for (const path of ['./opened', './records', './shelf'])
      Object.assign(own, jest.requireActual(path));
  });
  return own;
}

let count = 0;
const made = (by: string): Stamp => ({ id: `made-${(count += 1)}`, at: AT, by, voided: null });

const evaluator = new Evaluator();
const offer = offersFor(JOB, NEW_SHOP).find(({ works }) => works.some((w) => w.moves.length > 0))!;
const planned = {
  offer,
  amount_mm: 0.05,
  from_mm: 0.04,
  to_mm: 0.06,
  waitsFor: [],
  unread: [],
} as unknown as PlannedOperation;
const [surface] = teardownOf(VELTRANE_T6).surfaces;
const reading = () => sized(JOB, 'drive-width', 'a', 20.01);
const step = {
  way: 'size',
  characteristic: characteristicId('face-drive'),
  dimension: dimensionOf(VELTRANE_T6, dimensionId('drive-width')),
  station: dimensionOf(VELTRANE_T6, dimensionId('drive-width')).stations[0]!,
} as Extract<Step, { way: 'size' }>;
const ordered = {
  line: 'renew--seal',
  state: 'ordered' as const,
  date: '2026-11-23',
  supplier: '',
  partNumber: '',
};
const found = {
  surface: surface!.id,
  defect: 'scored' as const,
  nail: null,
  depth_mm: null,
  spot: null,
  proposed: 'machine' as const,
  why: '',
  decided: 'machine' as const,
  remark: '',
};
const signed = {
  part: partId('body'),
  proposed: 'reuse' as const,
  why: '',
  decided: 'reuse' as const,
  remark: '',
};
const [key] = VELTRANE_T6.key;
const answer = { check: key!.id, option: key!.options[0]!, value: null, u_mm: null };
const [strip] = VELTRANE_T6.strip;
const [also] = VELTRANE_T6.also;

/** An entry that is there already. */
const there = (): Entry => {
  const { voided: _, ...entry } = { ...reading(), id: 'struck' };
  return entry;
};

/** Returns a job on which something was done before. */
const with_ = (...commands: readonly Command[]): Job =>
  commands.reduce((job, command) => command(job, made('')), JOB);
const listed = with_(deciding.makeWorkList([planned], 48));
const [listedStep] = ledgerOf(listed).plans[0]!.steps;
const ticked = deciding.carryOut(offer, listedStep!.id, 0.05, 0)(listed, made(''));

/**
 * What comes of a command that is given in two tabs at one instant: it is done `once`, and the second is told or finds nothing
 * left to do; it `adds`, because each of them is an observation of its own; or it is `passing`, and only says where one is.
 */
type Outcome = 'once' | 'adds' | 'passing';

interface Case {
  readonly outcome: Outcome;
  readonly on: Job;
  /** The command as the first and as the second tab gives it. */
  readonly give: (nth: number) => Command;
}

const once = (give: (nth: number) => Command, on: Job = JOB): Case => ({
  outcome: 'once',
  on,
  give,
});
const adds = (give: (nth: number) => Command, on: Job = JOB): Case => ({
  outcome: 'adds',
  on,
  give,
});
const passing = (give: (nth: number) => Command): Case => ({ outcome: 'passing', on: JOB, give });

/** Every command of the core. */
const TABLE: Readonly<Record<string, Case>> = {
  setFields: once((n) => jobs.setFields({ complaint: `heard ${n}` })),
  answerKey: once((n) => jobs.answerKey({ ...answer, option: key!.options[n]! })),
  forgetKey: once(() => jobs.forgetKey(answer.check), with_(jobs.answerKey(answer))),
  mixPart: once((n) => jobs.mixPart(kindId('cover'), `variant-${n + 1}`)),
  answerClean: once((n) => jobs.answerClean(n ? 'wet' : 'dry')),
  answerFitted: once((n) => jobs.answerFitted(n ? 'old' : 'new')),
  closeJob: once((n) => jobs.closeJob(`why ${n}`)),
  addPhoto: adds((n) => jobs.addPhoto(`p-${n}`, 'tag')),
  removePhoto: once(() => jobs.removePhoto('p-9'), with_(jobs.addPhoto('p-9', 'tag'))),
  chooseInstrument: once((n) => jobs.chooseInstrument('depth-mic', `mic-${n}`)),
  recordZero: adds(() =>
    jobs.recordZero({ instrument: 'depth-mic', at: AT, by: '', standard_mm: 25, read_mm: 25 }),
  ),
  takeSheet: once((n) => jobs.takeSheet({ ...VELTRANE_T6, note: `note ${n}` }, 'new')),
  addReading: adds(() => measuring.addReading(reading(), evaluator)),
  recordWork: once(() => {
    const [work] = deciding.workEntriesFor(offer, null, 0.05, 0, made(''));
    return measuring.recordWork(work!);
  }),
  voidEntry: once(() => measuring.voidEntry('struck', 'slip'), {
    ...JOB,
    journal: [there()],
  }),
  restoreEntry: once(
    () => measuring.restoreEntry('struck'),
    measuring.voidEntry('struck', 'slip')({ ...JOB, journal: [there()] }, made('')),
  ),
  skipPlace: once(() => measuring.skipPlace(step, 'no room', evaluator)),
  skipOthers: once(() => measuring.skipOthers(step, 'the shortest', evaluator)),
  turnTo: passing(() => measuring.turnTo({ characteristic: characteristicId('backlash') })),
  turnToAgain: passing(() => measuring.turnToAgain(characteristicId('face-drive'))),
  noteDefect: once(() => noting.noteDefect(found)),
  noteSound: once(() => noting.noteSound([surface!])),
  unlook: once(() => noting.unlook(surface!.id), with_(noting.noteDefect(found))),
  undoLook: once(
    () => noting.undoLook(noting.lastLooked(with_(noting.noteDefect(found)))!),
    with_(noting.noteDefect(found)),
  ),
  withdrawDefect: once(
    () => noting.withdrawDefect('found'),
    noting.noteDefect(found)(JOB, { ...made(''), id: 'found' }),
  ),
  noteStrip: once((n) =>
    noting.noteStrip({
      step: strip!.id,
      state: n ? 'wrong' : 'there',
      way: '',
      remark: '',
    } as never),
  ),
  answerAuxiliary: once((n) => noting.answerAuxiliary(also!.id, also!.options[n]!)),
  answerAsExpected: once(() => noting.answerAsExpected([also!])),
  noteOrder: once(() => ordering.noteOrder(ordered)),
  undoOrder: once(
    () => ordering.undoOrder(ordered.line),
    with_(ordering.noteOrder(ordered), ordering.noteOrder({ ...ordered, state: 'came' })),
  ),
  makeWorkList: once(() => deciding.makeWorkList([planned], 48)),
  setWashers: once((n) => deciding.setWashers([1 + n])),
  dropWorkList: once(() => deciding.dropWorkList, listed),
  carryOut: once((n) => deciding.carryOut(offer, listedStep!.id, 0.05 + n / 100, 0), listed),
  undoStep: once(() => deciding.undoStep(ledgerOf(ticked).operations), ticked),
  acceptGaps: once((n) => deciding.acceptGaps([characteristicId('backlash')], `why ${n}`)),
  withdrawAcceptance: once(
    () => deciding.withdrawAcceptance('accepted-0'),
    deciding.acceptGaps([characteristicId('backlash')], 'why')(JOB, {
      ...made(''),
      id: 'accepted',
    }),
  ),
  signOff: once((n) => deciding.signOff([{ ...signed, remark: `remark ${n}` }])),
  fitFromShelf: once(() => shelving.fitFromShelf(gearSet('GS-1', 20))),
  takeOut: once(() => shelving.takeOut('gs-1'), with_(shelving.fitFromShelf(gearSet('GS-1', 20)))),
  takePaper: once(() => paper.takePaper([reading()], evaluator)),
};

/** Exports beside them that do nothing to a job. */
const NO_COMMANDS = [
  ...['conflictsWith', 'answerLeaf', 'takenAt'],
  ...['againAt', 'lastLooked', 'workEntriesFor', 'placesFor'],
];

/** What of a job counts, without ids and moments. */
function counts(job: Job): unknown {
  const lists = Object.entries(ledgerOf(job)).map(([name, list]) => [
    name,
    counting(list as readonly { readonly voided: null }[]).map((item) => ({
      ...item,
      id: '',
      at: '',
      ...('steps' in item
        ? { steps: (item.steps as object[]).map((s) => ({ ...s, id: '' })) }
        : {}),
    })),
  ]);
  const { journal: _, revision: __, cursor: ___, marks: ____, ...fields } = job;
  return [Object.fromEntries(lists), { ...fields, key: fields.key.length }];
}

describe('a command that is given in two tabs at one instant', () => {
  const tabs = [tab(), tab()];
  it('is in the table, each of them', () => {
    const modules = [deciding, jobs, measuring, noting, ordering, shelving];
    const names = modules.flatMap((module) => Object.keys(module));
    expect([...Object.keys(TABLE), ...NO_COMMANDS].sort()).toEqual([...names, 'takePaper'].sort());
  });
  it.each(Object.entries(TABLE))('%s', async (name, { outcome, on, give }) => {
    const id = `job-${name}`;
    await tabs[0]!.saveNew([{ kind: 'job', record: { ...on, id } }]);
    const seen = await Promise.all(tabs.map((t) => t.load('job', id)));
    const done = await Promise.allSettled(
      tabs.map((t, n) =>
        t.change('job', id, (job) => after(job, seen[n]!, give(n), made('Ivo K.'))),
      ),
    );
    const is = (await tabs[0]!.load('job', id))!;
    const first = give(0)({ ...on, id }, made('Ivo K.'));
    const both = give(1)(first, made('Ivo K.'));
    if (outcome === 'passing')
      return expect(done.map(({ status }) => status)).not.toContain('rejected');
    expect(counts(is)).toEqual(counts(outcome === 'once' ? first : both));
    // A case in which once and twice are the same would show nothing, but where the second finds nothing to do.
    const isTold = done.some(({ status }) => status === 'rejected');
    const isNothing = both.journal.length === first.journal.length;
    if (outcome === 'once') expect([name, isTold || isNothing]).toEqual([name, true]);
    else expect(counts(both)).not.toEqual(counts(first));
  });
  it('takes a part from the shelf once, for one of two jobs', async () => {
    const [one, two] = tabs as [Tab, Tab];
    const part = gearSet('GS-40', 20, { id: 'gs-40' });
    await one.saveNew([
      { kind: 'part', record: part },
      ...['t-1', 't-2'].map((id) => ({ kind: 'job' as const, record: { ...JOB, id, tag: id } })),
    ]);
    const taken = await Promise.allSettled([
      one.fitIntoJob({ id: 't-1' }, part.id, ''),
      two.fitIntoJob({ id: 't-2' }, part.id, ''),
    ]);
    expect(taken.map(({ status }) => status).sort()).toEqual(['fulfilled', 'rejected']);
    const holders = await Promise.all(
      ['t-1', 't-2'].map(async (id) => ledgerOf((await one.load('job', id))!).operations.length),
    );
    expect(holders.sort()).toEqual([0, 2]);
    const seen = (await one.load('part', part.id))!;
    const holder = await one.holderOf(seen);
    const back = await Promise.allSettled([one, two].map((t) => t.putBack(seen, holder, '')));
    expect(back.map(({ status }) => status).sort()).toEqual(['fulfilled', 'rejected']);
    expect((await one.load('part', part.id))?.state).toBe('here');
  });
});
