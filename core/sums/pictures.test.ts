import { speak } from '../language';
import { GENERIC_FLUIDS } from '../hydraulics/grades';
import { exampleOf } from './example';
import { figuresFor } from './kinds';
import { ROOM_SUMS } from './list';
import type { Page } from './page';
import { PENS } from './pens';
import type { Chart, Outline, Picture, Scene } from './picture';
import { inletSide } from './rotation.picture';
import type { Input } from './sum';
import { workOut } from './workOut';

const TOOLS = { solver: () => Promise.reject(new Error('none')), now: () => 0 };

/** Draws a sum with its example, some of it typed otherwise. */
async function drawn(id: string, more: Readonly<Record<string, string>> = {}) {
  const sum = await ROOM_SUMS.find((one) => one.id === id)!.load();
  const typed = Object.fromEntries(
    Object.entries(more).map(([at, text]) => [at, { text, unit: 'mm' as const }]),
  );
  const { answer } = workOut(sum, { ...exampleOf(sum), ...typed }, GENERIC_FLUIDS, 'mm', TOOLS);
  const page = sum.page as unknown as Page<Input, unknown>;
  if (!answer) throw new Error(`${id} has no answer`);
  return page.picture?.(answer.given, answer.value, figuresFor('mm'), PENS) ?? null;
}

const scene = async (id: string, more?: Readonly<Record<string, string>>) =>
  (await drawn(id, more)) as Scene;

const words = (picture: Picture | null): string[] =>
  picture && 'parts' in picture
    ? picture.parts.flatMap((part) => ('text' in part ? [part.text] : []))
    : [];

const filled = ({ parts }: Scene, fill: string): Outline[] =>
  parts.filter((part): part is Outline => 'path' in part && part.fill === fill);

/** Returns width and height of a box by its path. */
function sizeOf({ path }: Outline): readonly [number, number] {
  const [, wide = '', high = ''] = /^M[-\d.]+ [-\d.]+h([-\d.]+)v([-\d.]+)h/.exec(path) ?? [];
  return [Number(wide), Number(high)];
}

beforeAll(() => speak({ spelling: 'british', locale: 'en-GB' }));

describe('a picture', () => {
  it('of a seal has shaft, bushing and drain to one scale, and oil where it goes', async () => {
    const open = await scene('seal.drain');
    const [shaft] = filled(open, 'steel').map(sizeOf);
    const [bushing] = filled(open, 'brass').map(sizeOf);
    const [drain] = filled(open, 'paper').map(sizeOf);
    expect((bushing?.[0] ?? 0) / (shaft?.[1] ?? 1)).toBeCloseTo(16 / 38, 2);
    expect((drain?.[0] ?? 0) / (shaft?.[1] ?? 1)).toBeCloseTo(3.2 / 38, 2);
    // What blows is in the colour of out, what holds in that of in; of no rating it is neither.
    expect([filled(open, 'out').length, filled(open, 'in').length]).toEqual([2, 0]);
    const holds = await scene('seal.drain', { rating_bar: '3' });
    expect([filled(holds, 'out').length, filled(holds, 'in').length]).toEqual([0, 2]);
    const unknown = await scene('seal.drain', { rating_bar: '' });
    expect([filled(unknown, 'out').length, filled(unknown, 'in').length]).toEqual([0, 0]);
  });
  it('of a vane stands it out of its rotor by its reach', async () => {
    const left = words(await drawn('vane.reach'));
    expect(left).toEqual(expect.arrayContaining(['9.70 mm out', '5.80 mm in', 'least 5.00 mm']));
    const escaped = words(await drawn('vane.reach', { vaneLength_mm: '9' }));
    expect(escaped).toContain('0.00 mm in');
  });
  it('of bolts numbers them in the order in which they are drawn up', async () => {
    const [first, second] = (await scene('torque.plan')).parts.flatMap((part) =>
      'text' in part ? [part] : [],
    );
    expect([first?.text, second?.text]).toEqual(['1', '2']);
    // The second lies across the circle from the first.
    expect(second?.x).toBeCloseTo(first?.x ?? NaN, 1);
    expect(Math.abs((second?.y ?? 0) - (first?.y ?? 0))).toBeCloseTo(2 * 74, 0);
    expect(words(await drawn('torque.plan', { bolts: '24' }))).toEqual([]);
  });
  it('of an inlet takes from the air pressure what is missing at the pump', async () => {
    const texts = words(await drawn('inlet.maxSpeed'));
    const bar = (name: string) => Number.parseFloat(texts[texts.indexOf(name) + 1] ?? '');
    const taken = ['The height takes', 'Port, bends and strainer take', 'The hose takes'];
    const sum = taken.reduce((all, name) => all + bar(name), 0);
    expect(1.01 - sum).toBeCloseTo(bar('Left at the inlet, absolute'), 1);
  });
  it('of costs has the bar of each as long as it says', async () => {
    const texts = words(await drawn('money.compare'));
    expect(texts.slice(0, 4)).toEqual(['Repair', '700', 'New', '1527']);
    expect(words(await drawn('money.compare', { price: '' })).slice(0, 2)).toEqual([
      'Repair',
      '700',
    ]);
  });
  it('of a drive has what arrives under what its gears displace', async () => {
    const { curves, at } = (await drawn('flow.drive')) as Chart;
    const [real, theory, wider] = curves.map(({ values }) => values.at(-1) ?? NaN);
    expect([real! < theory!, real! < wider!]).toEqual([true, true]);
    expect(at?.value).toBeCloseTo(30.1, 6);
    const bare = (await drawn('flow.drive', { testFlow_lpm: '', testPumpRpm: '' })) as Chart;
    expect(bare.curves.map(({ name }) => name)).toEqual(['without any gap']);
    expect(await drawn('flow.drive', { cc_rev: '' })).toBeNull();
  });
  it('of a pump that is reversed is there only where it can be', async () => {
    const there = await drawn('rotation.reverse');
    expect(words(there)).toEqual(['now anticlockwise', 'then clockwise']);
    expect(await drawn('rotation.reverse', { helical: 'yes' })).toBeNull();
    expect(await drawn('rotation.reverse', { drain: '' })).toBeNull();
  });
});

describe('two gears', () => {
  it('draw from the side from which the upper one carries the oil over the top', () => {
    expect(inletSide({ shaftGear: 'top', rotation: 'clockwise' })).toBe('left');
    expect(inletSide({ shaftGear: 'top', rotation: 'anticlockwise' })).toBe('right');
    expect(inletSide({ shaftGear: 'bottom', rotation: 'clockwise' })).toBe('right');
  });
});
