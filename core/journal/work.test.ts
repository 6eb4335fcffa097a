import { partId } from '../pumps/ids';
import { workOn } from '../testing/findings';
import { SHEETS, VELTRANE_T6 } from '../testing/sheets';
import { workWords } from '../wording/reading';
import { pumpOf } from '../pumps/registry';
import type { WorkEntry } from '../records/entries/operation';
import { changesOf, choicesOf, hasAmount, movedByWork, openedBy, worksOn } from './work';

const operation = (
  part: string,
  work: WorkEntry['work'],
  by: number | null,
  chosen: string | null = null,
): WorkEntry =>
  workOn(part, work, changesOf(VELTRANE_T6, { part: partId(part), work }, chosen, by, 0.003));

describe('work on a part', () => {
  it('of one cut moves all that it goes over', () => {
    expect(choicesOf(VELTRANE_T6, partId('body'), 'faced')).toEqual([]);
    expect(operation('body', 'faced', 0.04).changes).toEqual([
      { dimension: 'pocket-depth', by_mm: -0.04, u_mm: 0.003 },
      { dimension: 'deck', by_mm: -0.04, u_mm: 0.003 },
    ]);
  });
  it('is on one of several sizes where a person has to say which', () => {
    const choices = SHEETS.flatMap((sheet) =>
      pumpOf(sheet).parts.flatMap(({ id }) =>
        worksOn(sheet, id).flatMap((work) => {
          const sizes = choicesOf(sheet, id, work);
          return sizes.length > 0 ? [{ sheet, id, work, sizes }] : [];
        }),
      ),
    );
    expect(choices.length).toBeGreaterThan(0);
    for (const { sheet, id, work, sizes } of choices) {
      const [first, second] = sizes;
      const changed = changesOf(sheet, { part: id, work }, first!.id, 0.02, 0.003);
      expect(changed.map((c) => c.dimension)).toContain(first!.id);
      expect(changed.map((c) => c.dimension)).not.toContain(second!.id);
    }
  });
  it('that moves nothing by its own amount asks for none', () => {
    expect(hasAmount(VELTRANE_T6, partId('cover'), 'ground')).toBe(false);
    const moved = operation('cover', 'ground', 0.04).changes.map((c) => c.by_mm);
    expect(moved).toEqual([null, null, null]);
  });
  it('can always be another part in its place', () => {
    for (const sheet of SHEETS) {
      for (const { id } of pumpOf(sheet).parts) {
        expect(worksOn(sheet, id)).toContain('exchanged');
        for (const work of worksOn(sheet, id)) {
          if (work !== 'exchanged') expect(movedByWork(sheet, id, work)).not.toEqual([]);
        }
      }
    }
  });
  it('says which clearances it opens, sums as well', () => {
    const opened = openedBy(pumpOf(VELTRANE_T6), operation('body', 'faced', null)).map((c) => c.id);
    expect(opened).toEqual(expect.arrayContaining(['face-drive', 'face-driven', 'stack-drive']));
    expect(opened).not.toContain('od-pocket');
  });
  it('reads as a rebuilder would say it', () => {
    expect(workWords(VELTRANE_T6, operation('body', 'faced', 0.04), 'mm')).toBe(
      'Body: faced off by 0.04 mm',
    );
    expect(workWords(VELTRANE_T6, operation('driven', 'exchanged', null), 'mm')).toBe(
      'Driven gear: replaced with another',
    );
  });
});
