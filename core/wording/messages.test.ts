import { readdirSync, readFileSync } from 'node:fs';
import { join } from 'node:path';
import { speak } from '../language';
import { formatLength } from '../quantity/format';
import { boltsWithTorque, boltsWords } from './bolts';
import { dateText } from './date';
import { MESSAGES } from './messages';
import { CAUSES_PAGE } from './messages/causesPage';
import { FLOW_PAGE } from './messages/flowPage';
import { HISTORY_PAGE } from './messages/historyPage';
import { MEASURE_PAGE } from './messages/measurePage';
import { PROVE_PAGE } from './messages/provePage';
import { REPORT_PAGE } from './messages/reportPage';
import { REWORK_PAGE } from './messages/reworkPage';
import { SHEETS_PAGE } from './messages/sheetsPage';
import { SHELF_PAGE } from './messages/shelfPage';
import { SHOP_PAGE } from './messages/shopPage';
import { listed, paragraph, say, sayAround, sayFrom, sentence, spelled } from './say';
import { BRITISH } from '../../scripts/lint/wholeSentences';
import { AMERICAN, britishIn, respelled } from './spelling';

/** Lists the code of every room that says something, without the catalogue and the tests. */
function sources(dir: string): string[] {
  return readdirSync(dir, { withFileTypes: true }).flatMap((entry) => {
    const path = join(dir, entry.name);
    if (entry.isDirectory()) return entry.name === 'messages' ? [] : sources(path);
    return /(?<!\.test)\.tsx?$/.test(entry.name) ? [readFileSync(path, 'utf8')] : [];
  });
}

const CODE = ['app', 'core', 'data', 'screens', 'ui'].flatMap(sources).join('\n');
/** Says what the app says, and what its rooms bring with them. */
const PAGES = [
  CAUSES_PAGE,
  FLOW_PAGE,
  HISTORY_PAGE,
  PROVE_PAGE,
  MEASURE_PAGE,
  REPORT_PAGE,
  REWORK_PAGE,
  SHEETS_PAGE,
  SHELF_PAGE,
  SHOP_PAGE,
] as const;
const CATALOGUE: Readonly<Record<string, string>> = Object.assign({}, MESSAGES, ...PAGES);
const KEYS = Object.keys(CATALOGUE);

const textOf = (key: string): string => CATALOGUE[key] ?? '';

/** Keys that are said by a stem and an id: `tag.rotation.${id}`. A stem names more than the room. */
const STEMS = [...CODE.matchAll(/say(?:[A-Z]\w+)?\(`((?:\w+\.){2,})\$\{/g)].map(
  ([, stem]) => stem ?? '',
);

afterEach(() => speak({ spelling: 'british', locale: 'en-GB' }));

describe('the catalogue of messages', () => {
  it('has no message that nothing says', () => {
    const used = (key: string) =>
      CODE.includes(`'${key}'`) || STEMS.some((stem) => key.startsWith(stem));
    expect(KEYS.filter((key) => !used(key))).toEqual([]);
  });
  it.each(['british', 'american'] as const)('can be read in %s spelling', (spelling) => {
    speak({ spelling, locale: 'en-GB' });
    const left = KEYS.filter((key) => {
      const names = [...textOf(key).matchAll(/\{(\w+)(?=[},])/g)].map(([, name]) => name);
      const said = sayFrom(CATALOGUE) as (key: string, values: object) => string;
      return /[{}]/.test(said(key, Object.fromEntries(names.map((name) => [name, 2]))));
    });
    expect(left).toEqual([]);
  });
  it('has no key in two catalogues', () => {
    const all = [MESSAGES, ...PAGES].flatMap((catalogue) => Object.keys(catalogue));
    expect(all.filter((key, i) => all.indexOf(key) < i)).toEqual([]);
  });
  it('says nothing twice under two keys', () => {
    const texts = KEYS.map(textOf);
    const twice = KEYS.filter((key, i) => texts.indexOf(textOf(key)) < i);
    expect(twice).toEqual([]);
  });
  it('has whole sentences in every branch of a plural or a choice', () => {
    const joined = KEYS.filter((key) => /\}[a-z’]|[a-z]\{/.test(textOf(key)));
    expect(joined).toEqual([]);
  });
});

describe('what is said', () => {
  it('counts, chooses and puts values in their place', () => {
    expect(say('judge.placesLeft', { left: 2, all: 4 })).toBe('2 of 4 places left.');
    expect(say('judge.leftOut', { count: 1, reasons: 'stuck' })).toBe('One place left out: stuck.');
    expect(say('judge.leftOut', { count: 3, reasons: 'stuck' })).toBe('3 places left out: stuck.');
    expect(listed(['A', 'B', 'C'])).toBe('A, B and C');
    expect(listed(['Tips, front', 'B'])).toBe('Tips, front; B');
  });
  it('sets whole sentences in a row, and leaves out what is not said', () => {
    expect(paragraph('All in.', '', null, sentence('as new'), sentence('Free?'))).toBe(
      'All in. As new. Free?',
    );
    expect(paragraph('')).toBe('');
  });
  it('names bolts with their thread and torque, as far as the sheet has them', () => {
    const bolts = { name: 'Cover bolts', thread: 'M6', count: 6, unit: 'Nm' as const };
    const said = (torque: number | null, torqueTo: number | null) =>
      boltsWithTorque({ ...bolts, torque, torqueTo });
    expect(said(9, 11)).toBe('6 × Cover bolts M6: 9–11 Nm');
    expect(said(9, null)).toBe('6 × Cover bolts M6: 9 Nm');
    expect(said(null, null)).toBe('6 × Cover bolts M6: no torque on the sheet');
    expect(boltsWords({ ...bolts, thread: '' })).toBe('6 × Cover bolts');
  });
  it('leaves a gap for what is drawn otherwise', () => {
    const said = sayAround('measure.tryTogether', 'leaf', {
      instruction: 'Here.',
      total: '0.1 mm',
    });
    expect(said).toEqual(['Here. Try ', ' = 0.1 mm together']);
  });
  it('is spelled as is asked for, but for what a person wrote', () => {
    expect(say('tag.rotation.anticlockwise')).toBe('Anticlockwise');
    speak({ spelling: 'american', locale: 'en-US' });
    expect(say('tag.rotation.anticlockwise')).toBe('Counterclockwise');
    expect(spelled('Centre distance')).toBe('Center distance');
    expect(say('judge.leftOut', { count: 1, reasons: 'centre stuck' })).toMatch(/centre stuck/);
  });
  it('knows every word of its table in both cases, and changes nothing else', () => {
    for (const [word, american] of Object.entries(AMERICAN)) {
      expect(respelled(`a ${word}, b`, 'american')).toBe(`a ${american}, b`);
      expect(britishIn(respelled(word, 'american'))).toEqual([]);
      // The lint rule looks for the same words.
      expect([BRITISH.test(word), BRITISH.test(american)]).toEqual([true, false]);
    }
    expect(respelled('centred, a parameter', 'american')).toBe('centred, a parameter');
  });
  it('writes decimals and dates as the locale does', () => {
    const moment = '2026-11-20T09:00:00.000Z';
    expect(formatLength(0.052, 'gap', 'mm')).toBe('0.052');
    expect(dateText(moment, 'zoned')).toBe('20 Nov 2026, 09:00 UTC');
    speak({ spelling: 'british', locale: 'de-DE' });
    expect(formatLength(0.052, 'gap', 'mm')).toBe('0,052');
    expect(formatLength(-0.0001, 'gap', 'mm')).toBe('0,00');
    expect(dateText(moment, 'zoned')).toBe('20. Nov. 2026, 09:00 UTC');
  });
});
