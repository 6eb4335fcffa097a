import { readFileSync } from 'node:fs';
import { EVERY_BUILD } from '../testing/builds';
import { pumpOf } from '../pumps/registry';
import { HOUSE_RULES } from '../records/rules';
import { glossaryTable, stretchesOf, TERM_IDS, TERMS, termsIn } from './terms';

describe('the words of the trade', () => {
  it('are each explained once, in one or two sentences', () => {
    expect(TERMS.map(({ id }) => id)).toEqual(TERM_IDS);
    for (const { text } of TERMS) {
      const sentences = text.split(/[.:] /).length;
      expect([text, sentences >= 1 && sentences <= 4, text.endsWith('.')]).toEqual([
        ...[text, true, true],
      ]);
    }
  });
  it('are marked where they stand first, and the text is whole', () => {
    const text =
      'Straightedge across 12–6, leaf on the drive gear at 12. Another leaf: straightedge.';
    const stretches = stretchesOf(text);
    expect(stretches.map((s) => s.text).join('')).toBe(text);
    expect(stretches.flatMap(({ text: t, term }) => (term ? [[t, term]] : []))).toEqual([
      ['Straightedge', 'straightedge'],
      ['12–6', 'clock'],
      ['leaf', 'leaf'],
    ]);
  });
  it('are not found in words that only look like them', () => {
    expect(termsIn('The leaflet of a static dragon, partway up a stackable tierce')).toEqual([]);
    expect(stretchesOf('')).toEqual([]);
  });
  it('all stand somewhere on the screen of some pump, or in the house rules', () => {
    const texts = [
      ...EVERY_BUILD.flatMap((sheet) =>
        pumpOf(sheet).characteristics.flatMap((c) => [
          ...[c.name, c.convention],
          ...c.stations.map(({ instruction }) => instruction),
          ...(c.swing?.stations ?? []).map(({ instruction }) => instruction),
        ]),
      ),
      ...HOUSE_RULES.flatMap(({ schools }) => schools.map(({ why }) => why)),
    ];
    const said = new Set(texts.flatMap(termsIn));
    // On the answers of a leaf, at the limits of a job, and beside every figure that was measured.
    const elsewhere = ['drags', 'part-way', 'tier', 'uncertainty'];
    expect(TERM_IDS.filter((id) => !said.has(id) && !elsewhere.includes(id))).toEqual([]);
  });
  it('make the trade’s half of the glossary', () => {
    const words = (text: string) => text.replace(/[\s|-]+/g, ' ');
    expect(words(readFileSync('docs/glossary.md', 'utf8'))).toContain(words(glossaryTable()));
  });
});
