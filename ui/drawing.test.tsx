import { dimensionId, stationId } from '@/core/pumps/ids';
import { fireEvent, render, screen } from '@testing-library/react';
import type { ReactNode } from 'react';
import { PaperProvider } from 'react-native-paper';
import type { Tool } from '@/core/pumps/family';
import { families } from '@/core/pumps/registry';
import { HOUSE_RULES, NEW_RULES } from '@/core/records/rules';
import { GapBar } from './GapBar';
import { HowPicture, type How } from './HowPicture';
import { PumpDrawing } from './PumpDrawing';
import { PumpPicture } from './PumpPicture';
import { RowButton } from './RowButton';
import { RuleChoices } from './RuleChoices';
import { LIGHT_THEME } from './theme';
import { ToolMark } from './ToolMark';

const shown = (children: ReactNode) =>
  render(<PaperProvider theme={LIGHT_THEME}>{children}</PaperProvider>);

/** Everything that was drawn, as attributes of SVG. */
const svg = () => document.body.innerHTML;

describe('the drawing of a pump', () => {
  it.each(families().map((f) => [f.name, f] as const))('%s', (name, family) => {
    const { id, example } = family;
    shown(<PumpPicture sheet={{ model: name, family: id, geometry: example }} size={200} />);
    expect(screen.getByRole('img', { name: `${name}, viewed from the gear side` })).toBeTruthy();
    expect(document.querySelectorAll('path').length).toBeGreaterThan(5);
    expect(svg()).not.toMatch(/NaN|undefined/);
  });

  it('marks the place in hand, the places done, and how the instrument lies', () => {
    const family = families()[0]!;
    const outline = family.outline(family.example, { view: 'body' });
    const placement = family.placement(family.example, dimensionId('face-drive'), stationId('3'));
    shown(
      <PumpDrawing
        outline={outline}
        placement={placement}
        stations={[{ id: '12', at: { x: 0, y: -30 }, verdict: 'in' }]}
        label="2"
        size={300}
        describe="Edge across 3–9"
      />,
    );
    expect(screen.getByRole('img', { name: 'Edge across 3–9' })).toBeTruthy();
    expect(screen.getByText('2')).toBeTruthy();
    expect(svg()).not.toMatch(/NaN/);
  });

  it('shows a floor’s tilt with how much', () => {
    const family = families()[0]!;
    const sheet = { model: 'T6', family: family.id, geometry: family.example };
    shown(<PumpPicture sheet={sheet} size={200} tilt={{ direction_deg: 90, label: '0.03' }} />);
    expect(screen.getByText('0.03')).toBeTruthy();
  });
});

describe('an instrument on the drawing', () => {
  const kinds: Tool['kind'][] = ['leaf', 'mic', 'bore', 'depth', 'dial', 'finger'];
  it.each(kinds)('%s is drawn where it lies, even from a point to itself', (kind) => {
    const at = { x: 10, y: 5 };
    shown(
      <svg>
        <ToolMark tool={{ kind, from: at, to: { x: 30, y: -5 } }} half={70} />
        <ToolMark tool={{ kind, from: at, to: at }} half={70} />
      </svg>,
    );
    expect(svg()).not.toMatch(/NaN|undefined/);
    expect(document.querySelectorAll('path, line, circle').length).toBeGreaterThan(1);
  });
  const hows: How[] = ['edge', 'push', 'between', 'mic', 'bore', 'depth', 'dial', 'finger'];
  it.each(hows)('%s is shown from the side, inside its frame', (how) => {
    shown(<HowPicture how={how} width={100} />);
    const blocks = [...document.querySelectorAll('rect')];
    expect(blocks.length).toBeGreaterThan(2);
    for (const block of blocks) {
      const figure = (name: string) => Number(block.getAttribute(name));
      expect(figure('x') + figure('width')).toBeLessThanOrEqual(102);
      expect(figure('y') + figure('height')).toBeLessThanOrEqual(64);
    }
  });
});

describe('the bar', () => {
  it('shows a size about its limits, in the unit of sizes', () => {
    const known = { kind: 'value', value_mm: 9.02, u_mm: 0.002 } as const;
    shown(
      <GapBar
        limits={{ lower_mm: 8.95, upper_mm: 9.05 }}
        known={{ smallest: known, largest: known }}
        heatShift_mm={null}
        unit="mm"
        kind="size"
      />,
    );
    expect(screen.getByRole('img', { name: /^Size 9.02 ± 0.004 mm, limit / })).toBeTruthy();
    expect(svg()).not.toMatch(/NaN/);
  });
  it('says that nothing was read yet', () => {
    shown(<GapBar limits={{ upper_mm: 0.1 }} known={null} heatShift_mm={null} unit="thou" />);
    expect(screen.getByRole('img', { name: /^No reading yet, / })).toBeTruthy();
  });
});

describe('house rules', () => {
  it('each show the reason of what is held to, and hand on another choice', () => {
    const chosen: object[] = [];
    shown(<RuleChoices rules={NEW_RULES} onChange={(rules) => chosen.push(rules)} />);
    for (const { name, schools } of HOUSE_RULES) {
      expect(screen.getByRole('radiogroup', { name })).toBeTruthy();
      expect(document.body.textContent).toContain(schools[0].why);
    }
    fireEvent.click(screen.getByRole('radio', { name: 'Thin and climb' }));
    expect(chosen).toEqual([{ ...NEW_RULES, ladder: 'climb' }]);
  });
});

describe('a line that opens', () => {
  it('says whether it is open', () => {
    let pressed = 0;
    shown(<RowButton name="Depth mic" about="0–150 mm" open onPress={() => (pressed += 1)} />);
    const row = screen.getByRole('button', { name: 'Depth mic: 0–150 mm' });
    expect(row.getAttribute('aria-expanded')).toBe('true');
    fireEvent.click(row);
    expect(pressed).toBe(1);
  });
});
