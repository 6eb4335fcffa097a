import { record } from '../journal/commands';
import type { Job } from '../records/job';
import { itemAt, jobOn, listOf, T6 } from '../testing/assembly';
import { EVERY_BUILD } from '../testing/builds';
import { exchanged, workOn } from '../testing/findings';

const pieceOf = (job: Job, step: string, part: string) =>
  itemAt(job, step).parts.find(({ id }) => id === part)?.piece;

describe('the piece that goes in', () => {
  it('is as it came where nothing was done to it', () => {
    expect(pieceOf(T6, 'drive', 'drive')).toBe('as it came');
  });

  it('says what was done to it, each work once', () => {
    const dressed = record(T6, workOn('drive', 'dressed'), workOn('drive', 'dressed'));
    expect(pieceOf(dressed, 'drive', 'drive')).toBe('reworked: dressed');
    const ground = record(dressed, workOn('drive', 'ground'));
    expect(pieceOf(ground, 'drive', 'drive')).toBe('reworked: dressed and ground');
    // What was done to one part says nothing of the other.
    expect(pieceOf(ground, 'driven', 'driven')).toBe('as it came');
  });

  it('is new where it was exchanged, and only what was done since counts', () => {
    const other = exchanged(record(T6, workOn('drive', 'dressed')), 'drive');
    expect(pieceOf(other, 'drive', 'drive')).toBe('a new one');
    const ground = record(other, workOn('drive', 'ground'));
    expect(pieceOf(ground, 'drive', 'drive')).toBe('a new one, reworked: ground');
  });

  it('from the shelf is called by its label', () => {
    const piece = { id: 'gs-30', label: 'GS-30', sizes: [] };
    const shelf = record(T6, { ...workOn('drive', 'exchanged'), piece } as ReturnType<
      typeof workOn
    >);
    expect(pieceOf(shelf, 'drive', 'drive')).toBe('from the shelf, GS-30');
  });

  it('of a renewal is told by the renewal: the bushing that is pressed in is not “as it came”', () => {
    const { parts, renewals } = itemAt(T6, 'bushing');
    expect(parts.map(({ id }) => id)).toEqual(['body']);
    expect(renewals).toEqual(['Hub bushing']);
    const kept = jobOn(T6.sheet, { rules: { ...T6.rules, renew: 'measured' } });
    const at = itemAt(kept, 'bushing');
    expect([at.parts.map(({ id }) => id), at.renewals]).toEqual([['body', 'bushing'], []]);
  });

  it('has a name on every step of every pump', () => {
    for (const sheet of EVERY_BUILD) {
      for (const { step, parts, renewals } of listOf(jobOn(sheet))) {
        for (const { name, piece } of parts) {
          expect([name, piece]).not.toContain('');
          expect(name).not.toBe(step.id);
        }
        expect(renewals).not.toContain('');
        if (step.kind === 'clean') expect(renewals).toEqual([]);
      }
    }
  });
});
