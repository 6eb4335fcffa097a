import { onPaper, sign } from '../commands/reporting';
import { removePhoto } from '../commands/job';
import { noteProof } from '../commands/testing';
import { lookedAgainOn } from '../journal/again';
import { NO_HEADING } from '../records/heading';
import type { Job } from '../records/job';
import { faced, stamp } from '../testing/findings';
import { AT } from '../testing/readings';
import { VELTRANE_T6 } from '../testing/sheets';
import { measuredJob } from '../testing/worked';
import { idleTest, testedJob } from '../testing/tests';
import { aroundOf, nextLook, photosChosen } from './around';
import { pageOf } from './page';

const WORN = measuredJob(VELTRANE_T6, 0.9, 4);
const HEADING = {
  ...NO_HEADING,
  name: 'Highmoor',
  address: ' Depot Road \n\n bay 2',
  warranty: 'Twelve months.',
};
const photo = (id: string) => ({ id, jpeg: '', width: 4, height: 3 }) as never;

describe('what stands round a report', () => {
  it('has the heading of the shop line by line, and no warranty on a pump that was given up', () => {
    const { head, warranty } = aroundOf(WORN, HEADING);
    expect([head.name, head.address, warranty]).toEqual([
      'Highmoor',
      ['Depot Road', 'bay 2'],
      ['Twelve months.'],
    ]);
    const closed = { ...WORN, closed: { at: AT, by: '', why: 'cracked' } };
    expect(aroundOf(closed, HEADING).warranty).toEqual([]);
  });
  it('has the photos that were chosen and are there, in the order chosen', () => {
    const taken = ['a', 'b', 'c'].map((id) => ({ id, at: AT, by: '', of: 'tag' }));
    const job = onPaper({ photos: ['b', 'gone', 'a'] })({ ...WORN, photos: taken }, stamp());
    const all = ['a', 'b', 'c', 'gone'].map(photo);
    const shown = (of: Job) => aroundOf(of, HEADING, all).photos.map(({ id }) => id);
    expect(shown(job)).toEqual(['b', 'a']);
    // One that is deleted is no longer chosen either.
    const without = removePhoto('b')(job, stamp());
    expect(shown(without)).toEqual(['a']);
    expect(photosChosen(without)).toEqual(['a']);
  });
  it('has a line for each who signs, and says that one was signed before the last change', () => {
    const words = (job: Job) =>
      aroundOf(job).signatures.map(({ words: said, since }) => [said, since].join('|'));
    expect(words(WORN)).toEqual(['Examined by|', 'Received by|']);
    const signed = sign({ as: 'rebuilder', name: 'Ivo K.', strokes: '' })(WORN, stamp());
    expect(words(signed)[0]).toMatch(/^Examined by Ivo K\., .*\d{4}\|$/);
    expect(words(faced(signed, 0.01))[0]).toMatch(
      /^Rebuilt by Ivo K\..*\|Signed before the last change to this job\.$/,
    );
    const tested = testedJob(WORN, idleTest(12));
    expect(words(tested)[0]).toBe('Tested by|');
    expect(words(testedJob(faced(WORN, 0.01), idleTest(12)))[0]).toBe('Rebuilt and tested by|');
    // A pump that was given up was not rebuilt, whatever was done to it.
    const closed = { at: AT, by: '', why: 'cracked' };
    expect(words({ ...faced(WORN, 0.01), closed })[0]).toBe('Examined by|');
  });
  it('says when it is looked at next: by the count, on the day, whichever comes first', () => {
    const at = (nextUsed: number | null, nextDay: string | null) =>
      nextLook({ ...WORN, usedUnit: 'h', paper: { photos: [], nextUsed, nextDay } });
    expect(at(null, null)).toBe('');
    expect(at(5200, null)).toBe('Next look due at 5200 h.');
    expect(at(null, '2027-10-01')).toMatch(/^Next look due on .*2027\.$/);
    expect(at(5200, '2027-10-01')).toMatch(/^Next look due at 5200 h, or on .*2027 if that/);
    const due = onPaper({ nextUsed: 5200 })({ ...WORN, usedUnit: 'h' }, stamp());
    const watch = pageOf(due, 'owner', 'mm').sections.find(({ id }) => id === 'watch');
    expect(watch?.rows[0]).toEqual(['Next look due at 5200 h.']);
  });
  it('is looked at again on the first of the days that were said, until it is given up', () => {
    const later = noteProof('hot-idle', {
      answer: 'later',
      value_bar: null,
      due: '2026-12-20',
      remark: '',
    });
    const both = onPaper({ nextDay: '2027-10-01' })(later(WORN, stamp()), stamp());
    expect(lookedAgainOn(both)).toBe('2026-12-20');
    expect(lookedAgainOn(noteProof('hot-idle', null)(both, stamp()))).toBe('2027-10-01');
    expect(lookedAgainOn(WORN)).toBeNull();
    expect(lookedAgainOn({ ...both, closed: { at: AT, by: '', why: 'cracked' } })).toBeNull();
  });
});
