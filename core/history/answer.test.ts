import fc from 'fast-check';
import { answerOf, linesOf, type HistoryAsked } from './answer';
import type { GapFacts, JobFacts, Reach } from './facts';
import type { Question } from './past';

const reach = (mm: number): Reach => ({ smallest_mm: mm / 2, largest_mm: mm, over_mm: null });
/** A gap of which only that is known: the thickest leaf went in. */
const over = (mm: number): Reach => ({ smallest_mm: mm, largest_mm: null, over_mm: mm });

let count = 0;
/** A pump of the shop, as history keeps it. */
const pump = (more: Partial<JobFacts> = {}, gap: Partial<GapFacts> = {}): JobFacts => {
  const id = `p-${String((count += 1)).padStart(4, '0')}`;
  return {
    id,
    tag: id,
    isDemo: false,
    model: 'Veltrane T6',
    family: 'crescent',
    serial: '',
    owner: '',
    machine: '',
    complaint: '',
    day: '2026-01-10',
    out: '2026-01-20',
    used: null,
    usedUnit: 'h',
    visitOf: null,
    isProven: true,
    wasWorked: false,
    bushing: 'free',
    gaps: { face: { came: null, went: null, ...gap } },
    spares: [],
    back: null,
    repeats: [],
    said: [],
    ...more,
  };
};
const BACK = { day: '2026-03-01', used: null, cause: '', words: '' };
const came = (mm: number, more: Partial<JobFacts> = {}) => pump(more, { came: reach(mm) });
const went = (mm: number, more: Partial<JobFacts> = {}) => pump(more, { went: reach(mm) });

const QUESTION: Question = {
  model: 'Veltrane T6',
  characteristic: 'face',
  isDemo: false,
  except: '',
  end: 'largest',
};
const ASKED: HistoryAsked = {
  question: QUESTION,
  parts: ['drive'],
  now_mm: null,
  came_mm: null,
  limits: { lower_mm: null, upper_mm: 0.08 },
  unit: null,
};
const ask = (facts: readonly JobFacts[], more: Partial<HistoryAsked> = {}) =>
  answerOf(facts, { ...ASKED, ...more });

describe('what the past answers about a gap', () => {
  it('is nothing for a shop without one, and says so of every part', () => {
    const none = ask([]);
    expect(none).toMatchObject({
      unit: 'h',
      chart: null,
      makes: [],
      limit: null,
      held: 0,
      wear: null,
      left: null,
      outcome: null,
      earlier: [],
    });
    for (const side of [none.came, none.went]) {
      expect(side).toEqual({
        figures: [],
        over: [],
        median: null,
        columns: [],
        nine: null,
        standing: null,
      });
    }
  });
  it('keeps as it came and as it went out apart', () => {
    const answer = ask([came(0.09), pump({}, { came: reach(0.1), went: reach(0.05) })]);
    expect(answer.came.figures.map(({ mm }) => mm)).toEqual([0.09, 0.1]);
    expect(answer.went.figures.map(({ mm }) => mm)).toEqual([0.05]);
    expect([answer.came.median, answer.went.median]).toEqual([0.095, 0.05]);
  });
  it('takes the closest place where only a least is published', () => {
    const answer = ask([came(0.09)], { question: { ...QUESTION, end: 'smallest' } });
    expect(answer.came.figures.map(({ mm }) => mm)).toEqual([0.045]);
  });
  it('holds the figures of every pump once in its columns', () => {
    fc.assert(
      fc.property(fc.array(fc.integer({ min: 10, max: 300 }), { maxLength: 30 }), (all) => {
        const { figures, columns } = ask(all.map((um) => came(um / 1000))).came;
        expect(figures).toHaveLength(all.length);
        expect(columns.flatMap((column) => column.figures)).toHaveLength(all.length);
      }),
    );
  });
});

describe('what came of the limit', () => {
  it('is nobody’s guess where no upper one is published', () => {
    expect(ask([went(0.09)], { limits: null }).outcome).toBeNull();
    expect(ask([went(0.09)], { limits: { lower_mm: 0.01, upper_mm: null } }).outcome).toBeNull();
  });
  it('counts by what they went out with, and a pump at the limit is not over it', () => {
    const all = [went(0.08), went(0.081), went(0.09, { back: BACK }), went(0.05, { back: BACK })];
    expect(ask(all).outcome).toEqual({ over: 2, overBack: 1, within: 2, withinBack: 1 });
  });
  it('counts a pump that is only known to be over something by that', () => {
    const wide = pump({ back: BACK }, { went: over(0.1) });
    expect(ask([wide]).outcome).toEqual({ over: 1, overBack: 1, within: 0, withinBack: 0 });
    // Over a leaf that is under the limit: nobody knows on which side of it.
    const unknown = pump({}, { went: over(0.05) });
    expect(ask([unknown]).outcome).toBeNull();
    expect(ask([unknown, wide, went(0.05)]).outcome).toMatchObject({ over: 1, within: 1 });
    expect(
      ask([unknown, wide])
        .went.over.map(({ mm }) => mm)
        .sort(),
    ).toEqual([0.05, 0.1]);
  });
  it('does not count a comeback that is more than a year after', () => {
    const late = went(0.09, { back: { ...BACK, day: '2027-01-21' } });
    expect(ask([late]).outcome).toMatchObject({ over: 1, overBack: 0 });
  });
  it('lets pumps that held support a limit, from five of them on, none that came back', () => {
    const held = [0.05, 0.051, 0.052, 0.053].map((mm) => went(mm));
    const back = went(0.3, { back: BACK });
    expect(ask([...held, back])).toMatchObject({ held: 4, limit: null });
    const five = ask([...held, back, went(0.054)]);
    expect(five.held).toBe(5);
    expect(five.limit?.limit).toBeLessThan(0.06);
  });
});

describe('what the machine counts', () => {
  const ran = (used: number | null, usedUnit: string) => came(0.05, { used, usedUnit });

  it('is what the pump that asks counts, else what most do of whom it is known', () => {
    const all = [ran(100, 'km'), ran(200, 'km'), ran(300, 'h'), ran(null, 'mi'), ran(null, 'mi')];
    expect(ask(all).unit).toBe('km');
    expect(ask(all, { unit: 'h' }).unit).toBe('h');
    expect(ask([ran(null, 'mi')]).unit).toBe('h');
  });
  it('is not mixed in the wear: hours tell nothing of kilometres', () => {
    const rising = (usedUnit: string) =>
      [1, 2, 3, 4, 5, 6].map((i) => came(0.03 + i / 100, { used: 1000 * i, usedUnit }));
    expect(ask(rising('km')).wear).toMatchObject({ from: 'hours', unit: 'km' });
    expect(ask(rising('km'), { unit: 'h' }).wear).toBeNull();
    expect(ask(rising('km')).wear?.perThousand_mm).toBeCloseTo(0.01, 9);
  });
  it('leaves what is left unsaid without a limit, a figure or wear', () => {
    const all = [1, 2, 3, 4, 5, 6].map((i) => came(0.03 + i / 100, { used: 1000 * i }));
    expect(ask(all, { now_mm: 0.05 }).left).toBeCloseTo(3000, 6);
    expect(ask(all, { now_mm: 0.1 }).left).toBe(0);
    expect(ask(all).left).toBeNull();
    expect(ask(all, { now_mm: 0.05, limits: null }).left).toBeNull();
    expect(ask([came(0.05)], { now_mm: 0.05 }).left).toBeNull();
  });
});

describe('the same pump before', () => {
  const first = pump(
    { serial: '71204', day: '2026-01-10' },
    { came: reach(0.09), went: reach(0.05) },
  );
  const second = pump({ serial: '71204', day: '2026-04-10', out: null }, { came: reach(0.07) });
  const own = pump({ serial: '71204', day: '2026-08-10', visitOf: second.id });
  const asks = (facts: readonly JobFacts[], except = own.id) =>
    ask(facts, { question: { ...QUESTION, except } }).earlier;

  it('is found by its serial number or by the visit that it names, the last one first', () => {
    expect(asks([first, second, own]).map(({ id, mm }) => [id, mm])).toEqual([
      [second.id, 0.07],
      [first.id, 0.05],
    ]);
    const unnumbered = { ...own, serial: '' };
    expect(asks([first, second, unnumbered]).map(({ id }) => id)).toEqual([second.id]);
  });
  it('is none of a pump that came later, of another number, or of the demo', () => {
    expect(asks([first, second, own], first.id)).toEqual([]);
    expect(asks([pump({ serial: '9' }), own])).toEqual([]);
    expect(asks([{ ...first, isDemo: true }, own])).toEqual([]);
    expect(asks([first, second, own], '')).toEqual([]);
  });
});

describe('the lines of a model', () => {
  const line = (facts: readonly JobFacts[], more: Partial<Question> = {}) =>
    linesOf(facts, [{ ...QUESTION, ...more }])[0]!;

  it('say how many there are, and what they are spread over from five on', () => {
    const four = [0.05, 0.06, 0.07, 0.08].map((mm) => came(mm));
    expect(line(four)).toMatchObject({ characteristic: 'face', n: 4, nine: null });
    const five = line([...four, came(0.09)]);
    expect(five.median).toBeCloseTo(0.07, 9);
    expect(five.nine?.map((mm) => Number(mm.toFixed(4)))).toEqual([0.052, 0.088]);
    expect(line(four, { isDemo: true })).toMatchObject({ n: 0, median: null });
  });
  it('say that pumps drift only where the last of them do', () => {
    const at = (i: number) =>
      `2026-${String(1 + Math.floor(i / 28)).padStart(2, '0')}-${String(1 + (i % 28)).padStart(2, '0')}`;
    const even = (n: number, mm: number, from: number) =>
      Array.from({ length: n }, (_, i) => came(mm + (i % 2) / 1000, { day: at(from + i) }));
    const shifted = [...even(20, 0.05, 0), ...even(8, 0.09, 20)];
    expect(line(shifted).isDrifting).toBe(true);
    // One more, on the other side: it drifted then, and does not now.
    expect(line([...shifted, came(0.04, { day: at(28) })]).isDrifting).toBe(false);
    expect(line(even(20, 0.05, 0)).isDrifting).toBe(false);
  });
});
