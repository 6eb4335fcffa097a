import { dropQuote, noteQuote, onPaper, sign, unsign, type QuoteSaid } from '../commands/reporting';
import type { Command } from '../commands/command';
import { emptyJob } from '../practice/job';
import { writeFile } from '../records/fileFormat';
import type { Job } from '../records/job';
import { readFile } from '../records/readFile';
import { faced, stamp } from '../testing/findings';
import { AT } from '../testing/readings';
import { VELTRANE_T6 } from '../testing/sheets';
import { measuredJob } from '../testing/worked';
import { isWaiting, quoteOf, signaturesOf } from './signed';

const WORN = measuredJob(VELTRANE_T6, 0.9, 4);
const doing = (job: Job, ...commands: Command[]): Job =>
  commands.reduce((last, command) => command(last, stamp()), job);
const signedBy = (as: 'rebuilder' | 'customer', name: string) =>
  sign({ as, name, strokes: '10,20 30,40;50,60' });
const stands = (job: Job) =>
  signaturesOf(job).map(({ entry, isOvertaken }) => [entry.as, entry.name, isOvertaken]);

const ASKED: QuoteSaid = {
  state: 'asked',
  price: 340,
  days: 4,
  name: '',
  date: '2026-12-02',
  remark: '',
};

describe('signatures', () => {
  it('are the last of each, the rebuilder first, and can be taken back', () => {
    const both = doing(
      WORN,
      signedBy('customer', 'Bo'),
      signedBy('rebuilder', 'Ivo K.'),
      signedBy('customer', 'Bo R.'),
    );
    expect(stands(both)).toEqual([
      ['rebuilder', 'Ivo K.', false],
      ['customer', 'Bo R.', false],
    ]);
    expect(stands(doing(both, unsign('customer')))).toEqual([['rebuilder', 'Ivo K.', false]]);
    expect(stands(emptyJob(VELTRANE_T6, AT))).toEqual([]);
  });
  it('are overtaken by what changes the report, and not by what is only on paper', () => {
    const signed = doing(WORN, signedBy('rebuilder', 'Ivo K.'));
    const onlyPaper = doing(
      signed,
      noteQuote(ASKED),
      onPaper({ nextUsed: 5200 }),
      signedBy('customer', 'Bo'),
      unsign('customer'),
    );
    expect(stands(onlyPaper)).toEqual([['rebuilder', 'Ivo K.', false]]);
    expect(stands(faced(signed, 0.01))).toEqual([['rebuilder', 'Ivo K.', true]]);
    expect(stands(doing(faced(signed, 0.01), signedBy('rebuilder', 'Runa T.')))).toEqual([
      ['rebuilder', 'Runa T.', false],
    ]);
  });
  it('come back from a file to the letter; strokes that are none are refused', () => {
    const job = doing(WORN, signedBy('rebuilder', 'Ivo K.'), noteQuote(ASKED));
    const text = writeFile({ jobs: [job] }, AT);
    expect(readFile(text).jobs).toEqual([job]);
    for (const strokes of ['1,2 3', 'M1 2', '1,2\n', `${'1,1'.repeat(8000)}!`]) {
      const odd = text.replace('10,20 30,40;50,60', strokes.replace('\n', '\\n'));
      expect(() => readFile(odd)).toThrow('strokes');
    }
  });
});

describe('a quote', () => {
  it('waits for the customer until he answers, and again where the answer is taken back', () => {
    expect([quoteOf(WORN), isWaiting(WORN)]).toEqual([null, false]);
    const asked = doing(WORN, noteQuote(ASKED));
    expect([quoteOf(asked)?.price, isWaiting(asked)]).toEqual([340, true]);
    const approved = doing(asked, noteQuote({ ...ASKED, state: 'approved', name: 'Bo R.' }));
    expect([quoteOf(approved)?.name, isWaiting(approved)]).toEqual(['Bo R.', false]);
    const again = doing(approved, dropQuote(quoteOf(approved)!.id));
    expect([quoteOf(again)?.state, isWaiting(again)]).toEqual(['asked', true]);
    const none = doing(again, dropQuote(quoteOf(again)!.id));
    expect([quoteOf(none), isWaiting(none)]).toEqual([null, false]);
  });
  it('is not waited for on a pump that was given up', () => {
    const asked = doing(WORN, noteQuote(ASKED));
    expect(isWaiting({ ...asked, closed: { at: AT, by: '', why: 'cracked' } })).toBe(false);
  });
});
