import { fitFromShelf } from '../commands/shelving';
import { noteDefect } from '../commands/noting';
import { noteOrder, undoOrder, type Ordered } from '../commands/ordering';
import { ledgerOf } from '../journal/ledger';
import { emptyJob } from '../practice/job';
import { surfaceId } from '../pumps/ids';
import { entrySchemaOf } from '../records/entry';
import { writeFile } from '../records/fileFormat';
import { readFile } from '../records/readFile';
import type { Job } from '../records/job';
import { merged } from '../records/merge';
import type { Finding } from '../records/entries/finding';
import { EVERY_BUILD } from '../testing/builds';
import { exchanged, stamp } from '../testing/findings';
import { AT } from '../testing/readings';
import { gearSet, shelfPart } from '../testing/shelf';
import { VELTRANE_T6 } from '../testing/sheets';
import { orderLineWords, orderWords } from '../wording/order';
import { orderList } from './order';

const base = emptyJob(VELTRANE_T6, AT);
const JOB: Job = { ...base, rules: { ...base.rules, renew: 'always' } };
const finding = (surface: string, decided: Finding['decided'] = 'replace') => ({
  surface: surfaceId(surface),
  defect: 'scored' as const,
  nail: 'catches' as const,
  depth_mm: null,
  spot: null,
  proposed: decided,
  why: '',
  decided,
  remark: '',
});
const found = (job: Job, surface: string) => noteDefect(finding(surface))(job, stamp());
const seal: Ordered = {
  line: 'renew--seal',
  state: 'ordered',
  date: '2026-11-27',
  supplier: 'Arvel Parts',
  partNumber: '44-102',
};
const lineOf = (job: Job, id: string) => orderList(job).find((l) => l.id === id);

describe('an order', () => {
  it('stands with its line, the last that counts, and is taken back one at a time', () => {
    const ordered = noteOrder(seal)(JOB, stamp());
    expect(orderWords(lineOf(ordered, 'renew--seal')!)).toBe(
      'Ordered 27 Nov 2026, from Arvel Parts, part number 44-102.',
    );
    const came = noteOrder({ ...seal, state: 'came', date: '2026-11-30', partNumber: '' })(
      ...([ordered, stamp()] as const),
    );
    expect(orderLineWords(lineOf(came, 'renew--seal')!)).toBe(
      '1 × Converter seal (always replaced). Came 30 Nov 2026, from Arvel Parts.',
    );
    const back = undoOrder('renew--seal')(came, stamp());
    expect(lineOf(back, 'renew--seal')?.order?.state).toBe('ordered');
    const none = undoOrder('renew--seal')(back, stamp());
    expect(orderLineWords(lineOf(none, 'renew--seal')!)).toBe(
      '1 × Converter seal (always replaced)',
    );
    expect(undoOrder('renew--seal')(none, stamp())).toBe(none);
    expect(ledgerOf(none).orders.map((o) => o.voided?.why)).toEqual(['undone', 'undone']);
  });
  it('is of its own line only, and outlives lines that come and go', () => {
    const job = noteOrder(seal)(found(JOB, 'driven-rim'), stamp());
    expect(
      orderList(job)
        .filter((l) => l.order)
        .map((l) => l.id),
    ).toEqual(['renew--seal']);
    const measured = { ...job, rules: { ...job.rules, renew: 'measured' as const } };
    expect(lineOf(measured, 'renew--bushing')).toBeUndefined();
    expect(lineOf(measured, 'renew--seal')?.order).not.toBeNull();
  });
  it('goes into a file and out of it, and merges with what another device noted', () => {
    const ordered = noteOrder(seal)(JOB, stamp());
    const [read] = readFile(writeFile({ jobs: [ordered] }, AT)).jobs;
    expect(lineOf(read!, 'renew--seal')?.order).toMatchObject(seal);
    const other = noteOrder({ ...seal, line: 'renew--gasket' })(JOB, stamp());
    const both = merged('job', ordered, other, {
      choose: () => null,
      device: 'here',
    }).record;
    expect(
      ledgerOf(both)
        .orders.map((o) => o.line)
        .sort(),
    ).toEqual(['renew--gasket', 'renew--seal']);
  });
  it.each([
    ['a day that is none', { date: '2026-02-30' }],
    ['a state that is none', { state: 'lost' }],
    ['a supplier of two lines', { supplier: 'Arvel\nParts' }],
    ['a field that is not known', { price: 4 }],
  ])('with %s is refused', (_, wrong) => {
    const { voided: __, ...entry } = { ...stamp(), kind: 'order', ...seal };
    expect(entrySchemaOf('order')!.isValidSync(entry, { strict: true })).toBe(true);
    expect(entrySchemaOf('order')!.isValidSync({ ...entry, ...wrong }, { strict: true })).toBe(
      false,
    );
  });
});

describe('the order list', () => {
  it('leaves out what was put in from the shelf, and says what else was put in', () => {
    const rim = found(found(JOB, 'driven-rim'), 'drive-teeth');
    expect(orderList(rim).map((l) => l.id)).toEqual(
      expect.arrayContaining(['part--drive', 'part--driven', 'renew--bushing']),
    );
    const fitted = fitFromShelf(gearSet('GS-7', 20.01))(rim, stamp());
    expect(orderList(fitted).map((l) => l.id)).not.toEqual(expect.arrayContaining(['part--drive']));
    expect(lineOf(fitted, 'part--driven')).toBeUndefined();
    const bushed = fitFromShelf(shelfPart('BU-1', ['bushing'], {}))(fitted, stamp());
    expect(lineOf(bushed, 'renew--bushing')).toBeUndefined();
    const bought = exchanged(rim, 'driven');
    expect(lineOf(bought, 'part--driven')).toMatchObject({ fitted: true, count: 1 });
    expect(orderWords(lineOf(bought, 'part--driven')!)).toBe('Put in already.');
    const noted = noteOrder({ ...seal, line: 'part--driven', state: 'came' })(bought, stamp());
    expect(orderWords(lineOf(noted, 'part--driven')!)).toMatch(/44-102\. Put in\.$/);
  });
  it('asks again for a part of which more was found after another was put in', () => {
    const fitted = fitFromShelf(gearSet('GS-7', 20.01))(found(JOB, 'driven-rim'), stamp());
    const again = found(fitted, 'driven-rim');
    expect(lineOf(again, 'part--driven')).toMatchObject({ fitted: false, count: 1 });
  });
  it('has a line for what is looked at together, with how many are still to be bought', () => {
    const stack = EVERY_BUILD.find((s) => s.model === 'external-gear plates 4')!;
    const plain = emptyJob(stack, AT);
    const job = found({ ...plain, rules: { ...plain.rules, renew: 'measured' } }, 'bushings-s2');
    const id = 'part--bushing-drive-front-s2';
    expect(lineOf(job, id)).toMatchObject({ name: 'Section 2: Bushings', count: 4 });
    const one = shelfPart('BU-2', ['bushing-drive-front-s2'], {}, { sheet: stack.id });
    expect(lineOf(fitFromShelf(one)(job, stamp()), id)).toMatchObject({ count: 3, fitted: false });
  });
});
