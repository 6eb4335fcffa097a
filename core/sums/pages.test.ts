import { readdirSync, readFileSync } from 'node:fs';
import fc from 'fast-check';
import { speak } from '../language';
import { GENERIC_FLUIDS } from '../hydraulics/grades';
import { sayFrom } from '../wording/say';
import { exampleOf } from './example';
import { figuresFor } from './kinds';
import { fromLink, toLink } from './link';
import { ROOM_SUMS } from './list';
import type { Page } from './page';
import { PENS, WIDTH } from './pens';
import type { Scene } from './picture';
import { findSums, ROOM_WORDS } from './room';
import type { Input, Sum } from './sum';
import {
  asked,
  factsOf,
  OIL,
  OIL_C,
  shownText,
  untouched,
  workOut,
  type Entry,
  type Typed,
} from './workOut';
import { FRAME_WORDS } from './frame';

const TOOLS = { solver: () => Promise.reject(new Error('none')), now: () => 0 };

const out = (sum: Sum, typed: Typed, unit: 'mm' | 'thou' = 'mm') =>
  workOut(sum, typed, GENERIC_FLUIDS, unit, TOOLS);

const pageOf = (sum: Sum) => sum.page as unknown as Page<Input, unknown>;

const mm = (text: string): Entry => ({ text, unit: 'mm' });

/** Lists what of a drawing has no place, or words that would be cut off. */
const beyond = ({ height, parts }: Scene): string[] =>
  parts.flatMap((part) => {
    if ('path' in part) return /NaN|undefined|Infinity/.test(part.path) ? [part.path] : [];
    const { text, x, y, anchor = 'start' } = part;
    const wide = text.length * 5;
    const left = anchor === 'start' ? x : anchor === 'end' ? x - wide : x - wide / 2;
    const isInside = left >= 0 && left + wide <= WIDTH && y >= 8 && y <= height;
    return isInside ? [] : [text];
  });

/** Loads a sum of the room by its name. */
const roomSum = (id: string): Promise<Sum> =>
  (ROOM_SUMS.find((one) => one.id === id) as (typeof ROOM_SUMS)[number]).load();

describe.each(ROOM_SUMS.map(({ id, load }) => [id, load] as const))('the page of %s', (_, load) => {
  let sum: Sum;
  beforeAll(async () => {
    sum = await load();
  });

  it('answers its example in words, whole, in both units', () => {
    const { answer, errors, missing } = out(sum, exampleOf(sum));
    expect([errors, missing]).toEqual([{}, null]);
    for (const words of [answer?.said.head ?? '', ...(answer?.said.rest ?? [])])
      expect(words).toMatch(/^[A-Z0-9−].*[.?:]$/);
    const inThou = out(sum, exampleOf(sum), 'thou').answer;
    // What was typed in mm stands for the same, whatever is shown.
    expect(inThou?.value).toEqual(answer?.value);
    expect(inThou?.said.mark).toBe(answer?.said.mark);
  });
  it('comes to the same by its link, opened in either unit', () => {
    const typed = exampleOf(sum);
    const fields = pageOf(sum).asks.map(({ at }) => at);
    for (const unit of ['mm', 'thou'] as const) {
      const link = Object.fromEntries(new URLSearchParams(toLink(typed, unit)));
      const opened = { ...untouched(sum, unit), ...fromLink(link, fields) };
      expect(out(sum, opened, unit).answer?.value).toEqual(out(sum, typed).answer?.value);
    }
  });
  it('shows a figure in the other unit, and brings it back as it was', () => {
    const typed = exampleOf(sum);
    for (const ask of pageOf(sum).asks) {
      const entry = typed[ask.at];
      expect(shownText(sum, ask, entry, 'mm')).toBe(entry?.text);
      expect(shownText(sum, ask, entry, 'thou')).not.toMatch(/NaN/);
    }
  });
  it('asks first for what is missing, and says nothing of what is not wrong', () => {
    const empty = untouched(sum, 'mm');
    const { answer, errors, missing } = out(sum, empty);
    expect(errors).toEqual({});
    expect(answer !== null || missing !== null).toBe(true);
  });
  it('says of text that is no figure where it stands, and of all others nothing', () => {
    for (const ask of asked(sum.page as never, exampleOf(sum))) {
      const { kind } = factsOf(sum, ask);
      if (!kind || ask.at === OIL) continue;
      const { errors, answer } = out(sum, { ...exampleOf(sum), [ask.at]: mm('two-ish') });
      expect([Object.keys(errors), answer]).toEqual([[ask.at], null]);
    }
  });
  it('names every field, and what of it is a choice', () => {
    for (const ask of pageOf(sum).asks) {
      const { label, choices } = factsOf(sum, ask);
      expect(label).toMatch(/^[A-Z]/);
      if (ask.at !== OIL && ask.at !== OIL_C) expect(label).not.toBe(ask.at);
      for (const choice of choices) expect(ask.names?.[choice]).toMatch(/\S/);
    }
  });
  it('says what would change it in whole sentences, three at most', () => {
    const { most } = out(sum, exampleOf(sum));
    expect(most.length).toBeLessThanOrEqual(3);
    for (const { words } of most) expect(words).toMatch(/^If [^{}]+: [^{}]+$/);
  });
  it('names what can be read on, and its source', () => {
    const page = pageOf(sum);
    const ids = ROOM_SUMS.map(({ id }) => id);
    expect((page.beside ?? []).filter((id) => !ids.includes(id))).toEqual([]);
    expect(page.formula.source).toMatch(/\S/);
    const rows = out(sum, exampleOf(sum)).answer;
    const figures = rows && page.rows?.(rows.given, rows.value, figuresFor('mm'));
    for (const [of, figure] of figures ?? []) expect(of + figure).not.toMatch(/NaN|undefined|null/);
  });
  it('draws its example to scale, or as a chart, with nothing beyond the paper', () => {
    for (const unit of ['mm', 'thou'] as const) {
      const { answer } = out(sum, exampleOf(sum), unit);
      const picture =
        answer && pageOf(sum).picture?.(answer.given, answer.value, figuresFor(unit), PENS);
      expect(picture?.said).toMatch(/^[A-Z].*\.$/);
      if (picture && 'parts' in picture) expect(beyond(picture)).toEqual([]);
      else
        expect(picture?.curves.flatMap(({ values }) => values).every(Number.isFinite)).toBe(true);
    }
  });
  it.each(['british', 'american'] as const)('can be read in %s spelling', (spelling) => {
    speak({ spelling, locale: 'en-GB' });
    const { words } = pageOf(sum);
    const say = sayFrom(words) as (key: string, values: object) => string;
    for (const [key, text] of Object.entries(words)) {
      const names = [...text.matchAll(/\{(\w+)(?=[},])/g)].map(([, name]) => name);
      expect(say(key, Object.fromEntries(names.map((name) => [name, 2])))).not.toMatch(/[{}]/);
    }
    speak({ spelling: 'british', locale: 'en-GB' });
  });
});

describe('what the room says', () => {
  it('has no message that nothing says', () => {
    const all = ROOM_SUMS.map(({ load }) => /'\.\/(\w+)'/.exec(String(load))?.[1] ?? '');
    const frame = ['room', 'words', 'kinds', 'workOut'].map((file) => `core/sums/${file}.ts`);
    const screens = readdirSync('screens/sums');
    const code = [...frame, ...screens.map((file) => `screens/sums/${file}`)]
      .map((file) => readFileSync(file, 'utf8'))
      .join('\n');
    expect(all).not.toContain('');
    const unsaid = [...Object.keys(ROOM_WORDS), ...Object.keys(FRAME_WORDS)].filter(
      (key) => !code.includes(`'${key}'`) && !/^(min|max|more|less)$/.test(key),
    );
    expect(unsaid).toEqual([]);
  });
  it('finds a sum by its name and by what else people call it', () => {
    const ids = (wanted: string) => findSums(ROOM_SUMS, wanted).map(({ id }) => id);
    expect(ids('')).toHaveLength(ROOM_SUMS.length);
    expect(ids('SEAL blow')).toEqual(['seal.drain']);
    expect(ids('shim')).toEqual(['bridge.shim']);
    expect(ids('gpm')).toEqual(['flow.drive']);
    expect(ids('carburettor')).toEqual([]);
  });
});

describe('what is said holds as it stands', () => {
  const said = async (id: string, more: Record<string, string>) => {
    const sum = await roomSum(id);
    const typed = Object.entries(more).map(([at, text]) => [at, mm(text)] as const);
    const { answer } = out(sum, { ...exampleOf(sum), ...Object.fromEntries(typed) });
    return [answer?.said.head, ...(answer?.said.rest ?? [])].join(' ');
  };
  it('of a gap that only its doubt takes out', async () => {
    const doubted = { uDepth_mm: '0.4', coverWear_mm: '0', depth_mm: '18.06', width_mm: '18.02' };
    expect(await said('stack.face', doubted)).toMatch(/^0\.04 mm: the uncertainty is wider/);
    const size = { value_mm: '0.04', u_mm: '0.4', lower_mm: '0.02', upper_mm: '0.06' };
    expect(await said('conformity.need', size)).toMatch(
      /^Too close to call\. An uncertainty under/,
    );
    expect(await said('conformity.need', { value_mm: '0.09' })).toMatch(/^Out: .* stays decided/);
  });
  it('of what is not all counted', async () => {
    const open = { coverWear_mm: '', depth_mm: '18.06' };
    expect(await said('stack.face', open)).toMatch(/Not all is counted\. Measure the cover/);
    const over = { coverWear_mm: '', depth_mm: '18.2' };
    expect(await said('stack.face', over)).toMatch(/^Over by .*: limit .* Measure the cover/);
    const tight = { depth_mm: '18', coverWear_mm: '0' };
    expect(await said('stack.face', tight)).toMatch(/^Tight by 0\.04 mm/);
  });
  it('of an end play by leaves, and beside the washer that lies in it', async () => {
    const leaves = { 'places[].case_mm': '', 'places[].pump_mm': '', gasket_mm: '' };
    const apart = { ...leaves, lo_mm: '0.1', hi_mm: '0.6', fitted_mm: '3.6' };
    const close = await said('bridge.shim', apart);
    expect(close).toMatch(/^Fit 3\.60 mm: in at the middle.* The two leaves lie 0\.50 mm apart/);
    const none = await said('bridge.shim', { ...apart, shims_mm: '9' });
    expect(none).toMatch(/^The two leaves lie 0\.50 mm apart/);
    const near = { ...apart, lo_mm: '0.4', hi_mm: '0.45' };
    expect(await said('bridge.shim', near)).toMatch(/In place of the washer of 3\.60 mm/);
  });
  it('of a vane that shows no wear, and of one of which nobody knows it', async () => {
    expect(await said('vane.reach', { newVaneLength_mm: '15.5' })).toMatch(/So far no wear shows/);
    expect(await said('vane.reach', { hours: '' })).toMatch(/enter the length of a new vane/);
  });
  it('of an inlet that is under the oil, and of a test that is half there', async () => {
    const thin = { lift_m: '-0.1', atmosphere_bar: '0.7' };
    expect(await said('inlet.maxSpeed', thin)).toMatch(/^It never fills: the air pressure/);
    expect(await said('inlet.maxSpeed', { lift_m: '9' })).toMatch(/^It never fills: the height/);
    expect(await said('inlet.bore', thin)).toMatch(/^No bore is wide enough: the air/);
    const half = await said('flow.drive', { testPumpRpm: '' });
    expect(half).toMatch(/in theory .* A test wants its flow.* In theory the engine/);
  });
});

describe('bad input', () => {
  const at = async (id: string, more: Record<string, string>, unit: 'mm' | 'thou' = 'mm') => {
    const sum = await roomSum(id);
    const typed = Object.fromEntries(
      Object.entries(more).map(([field, text]) => [field, { text, unit }]),
    );
    return out(sum, { ...exampleOf(sum), ...typed }, unit);
  };
  it('beyond its bounds is told them in the shop’s unit, and asked for another unit where that fits', async () => {
    expect((await at('stack.face', { depth_mm: '0.7087' })).errors).toEqual({
      depth_mm: 'At least 1.00\u00a0mm. Another unit?',
    });
    expect((await at('stack.face', { depth_mm: '18' }, 'thou')).errors.depth_mm).toBe(
      'At most 11.811\u00a0in. Another unit?',
    );
    expect((await at('stack.face', { depth_mm: '0.001' })).errors.depth_mm).toBe(
      'At least 1.00\u00a0mm.',
    );
  });
  it('is told at the field that it is about', async () => {
    expect((await at('stack.face', { upper_mm: '0.01' })).errors.upper_mm).toMatch(
      /below the lower/,
    );
    expect((await at('tilt.fit', { 'points[].depth_mm': '20 20.1 20' })).errors).toEqual({
      'points[].depth_mm': 'One figure for every place.',
    });
    expect((await at('bridge.shim', { 'places[].pump_mm': '58.72' })).errors).toEqual({
      'places[].pump_mm': 'One figure for every place.',
    });
    expect((await at('torque.plan', { stages: '0.5 0.4 1' })).errors.stages).toMatch(/rise/);
    expect((await at('flow.drive', { testFlow_lpm: '99' })).errors.testFlow_lpm).toMatch(/more/);
  });
  it('that can be and looks wrong is asked about at its field, beside its answer', async () => {
    const reach = await at('vane.reach', { ringRadius_mm: '58' });
    expect([Object.keys(reach.errors), reach.answer === null]).toEqual([['ringRadius_mm'], false]);
    expect((await at('vane.reach', { rotorRadius_mm: '48' })).errors.rotorRadius_mm).toMatch(
      /diameter\?/,
    );
    expect((await at('vane.reach', {})).errors).toEqual({});
    const tilt = await at('tilt.fit', { 'points[].radius_mm': '100' });
    expect(tilt.errors['points[].radius_mm']).toMatch(/^Farther out/);
  });
  it('that is only missing is asked for', async () => {
    const { missing, errors } = await at('seal.drain', { supply_bar: '' });
    expect([missing?.at, errors]).toEqual(['supply_bar', {}]);
    expect((await at('tilt.fit', { diameter_mm: '' })).missing?.at).toBe('diameter_mm');
  });
});

describe('figures', () => {
  it('with their units mean the same, whatever the shop’s are', async () => {
    const sum = await roomSum('seal.drain');
    const written = { supply_bar: '101.526416 psi', 'bore.diametralClearance_mm': '0.18 mm' };
    const typed = Object.fromEntries(
      Object.entries(written).map(([field, text]) => [field, { text, unit: 'thou' as const }]),
    );
    const by = (outcome: ReturnType<typeof out>) =>
      (outcome.answer?.value as { cavity_bar: number }).cavity_bar;
    expect(by(out(sum, { ...exampleOf(sum), ...typed }, 'thou'))).toBeCloseTo(
      by(out(sum, exampleOf(sum))),
      5,
    );
  });
  it('of one kind are the same typed in either unit', async () => {
    const sum = await roomSum('flow.drive');
    fc.assert(
      fc.property(fc.double({ min: 1, max: 400, noNaN: true }), (cc) => {
        const of = (text: string, unit: 'mm' | 'thou') =>
          (
            out(sum, { ...exampleOf(sum), testFlow_lpm: mm(''), cc_rev: { text, unit } }).answer
              ?.value as { theoretical_lpm: number }
          ).theoretical_lpm;
        const inches = (cc / 16.387064).toFixed(9);
        expect(of(inches, 'thou')).toBeCloseTo(of(cc.toFixed(6), 'mm'), 4);
      }),
    );
  });
});
