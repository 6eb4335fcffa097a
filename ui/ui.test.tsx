import { fireEvent, render, screen } from '@testing-library/react';
import jsQR from 'jsqr';
import { TextEncoder } from 'node:util';
import { useState } from 'react';
import { PaperProvider } from 'react-native-paper';
import { DEFECTS } from '@/core/pumps/teardown/defects';
import { WAYS_ROUND } from '@/core/pumps/teardown/wayRound';
import type { Estimate } from '@/core/metrology/estimate';
import { typedOver, withUnit } from './padText';
import { barScale } from '@/core/picture/barScale';
import { DefectGlyph } from './DefectGlyph';
import { QrCode } from './QrCode';
import { ReadingPad } from './ReadingPad';
import { LIGHT_THEME, DARK_THEME } from './theme';
import { WayGlyph } from './WayGlyph';

// Browsers have it; the simulated page of the tests does not.
Object.assign(globalThis, { TextEncoder });

const bracket = (lo_mm: number, hi_mm: number | null): Estimate => ({
  kind: 'interval',
  lo_mm,
  hi_mm,
});

describe('the scale of the gap bar', () => {
  it('holds limits, evidence and the hot gap', () => {
    expect(barScale({ upper_mm: 0.06 }, [bracket(0.07, 0.08)], 0.02).to_mm).toBeGreaterThan(0.1);
    expect(barScale({ upper_mm: 0.06 }, [bracket(0.04, null)], null).to_mm).toBeCloseTo(0.075, 9);
  });
  it('does not let a wild reading squeeze the limits', () => {
    expect(barScale({ upper_mm: 0.06 }, [bracket(2, 3)], null).to_mm).toBeLessThan(0.5);
  });
  it('is there before anything is known', () => {
    expect(barScale(null, [], null).to_mm).toBeGreaterThan(0);
    const size = barScale({ lower_mm: 9, upper_mm: 9.2 }, [bracket(9.1, 9.15)], null, 'size');
    expect([size.from_mm > 8.5, size.to_mm < 9.7]).toEqual([true, true]);
  });
});

describe('the reading pad', () => {
  function Pad({
    onEnter,
    last,
  }: {
    readonly onEnter: (value: string) => void;
    readonly last: string | null;
  }) {
    const [value, setValue] = useState('');
    return (
      <PaperProvider theme={LIGHT_THEME}>
        <ReadingPad value={value} last={last} onChange={setValue} onEnter={() => onEnter(value)} />
      </PaperProvider>
    );
  }
  const press = (...names: string[]) =>
    names.forEach((name) => fireEvent.click(screen.getByRole('button', { name })));

  it('writes shop shorthand', () => {
    const entered: string[] = [];
    render(<Pad onEnter={(value) => entered.push(value)} last={null} />);
    press('2', '5', 'Delete the last sign', '½', 'Enter');
    expect(entered).toEqual(['2½']);
  });
  it('gives the last value again', () => {
    const entered: string[] = [];
    render(<Pad onEnter={(value) => entered.push(value)} last="20.05" />);
    press('Last value again', 'Enter');
    expect(entered).toEqual(['20.05']);
  });
});

describe('the palette', () => {
  const channel = (hex: string, at: number) => {
    const c = parseInt(hex.slice(at, at + 2), 16) / 255;
    return c <= 0.04045 ? c / 12.92 : ((c + 0.055) / 1.055) ** 2.4;
  };
  const luminance = (hex: string) =>
    0.2126 * channel(hex, 1) + 0.7152 * channel(hex, 3) + 0.0722 * channel(hex, 5);
  const contrast = (a: string, b: string) => {
    const [dark, light] = [luminance(a), luminance(b)].sort((x, y) => x - y) as [number, number];
    return (light + 0.05) / (dark + 0.05);
  };
  it.each([LIGHT_THEME, DARK_THEME])(
    'can be read: contrast AA on plate and paper',
    ({ palette }) => {
      for (const tone of ['ink', 'muted', 'blue', 'brass', 'in', 'out'] as const) {
        expect(contrast(palette[tone], palette.plate)).toBeGreaterThanOrEqual(4.5);
        expect(contrast(palette[tone], palette.paper)).toBeGreaterThanOrEqual(4.5);
      }
      expect(contrast(palette.onBlue, palette.blue)).toBeGreaterThanOrEqual(4.5);
    },
  );
});

describe('the code on a bench tag', () => {
  /** The drawn squares as a picture, four pixels to a module. */
  function pixels(container: HTMLElement): { data: Uint8ClampedArray; side: number } {
    const box = container.querySelector('svg')?.getAttribute('viewBox') ?? '';
    const modules = Number(box.split(' ')[2]);
    const side = 4 * modules;
    const data = new Uint8ClampedArray(4 * side * side).fill(255);
    const path = container.querySelector('path')?.getAttribute('d') ?? '';
    for (const [, x, y] of path.matchAll(/M(\d+) (\d+)h1/g)) {
      for (let i = 0; i < 16; i++) {
        const at = (4 * Number(y) + (i >> 2)) * side + 4 * Number(x) + (i & 3);
        data.set([0, 0, 0, 255], 4 * at);
      }
    }
    return { data, side };
  }
  it.each(['HM-0417', 'T 1', 'Überholung 12/2026 für Bay 7'])('reads “%s”', (text) => {
    const { container } = render(<QrCode text={text} size={132} />);
    const { data, side } = pixels(container);
    expect(jsQR(data, side, side)?.data).toBe(text);
  });
});

describe('the little pictures', () => {
  const pathsOf = (picture: React.ReactElement): string => {
    const { container, unmount } = render(
      <PaperProvider theme={LIGHT_THEME}>{picture}</PaperProvider>,
    );
    const drawn = container.querySelector('svg')?.outerHTML ?? '';
    unmount();
    return drawn;
  };
  it('of defects are there for each, and no two alike', () => {
    const drawn = DEFECTS.map(({ id }) => pathsOf(<DefectGlyph defect={id} />));
    for (const svg of drawn) expect(svg).toContain('<path');
    expect(new Set(drawn).size).toBe(DEFECTS.length);
  });
  it('of ways round differ within each set', () => {
    for (const { id, options } of WAYS_ROUND) {
      const drawn = options.map((o) => pathsOf(<WayGlyph way={id} option={o.id} />));
      expect(new Set(drawn).size).toBe(options.length);
      for (const svg of drawn) expect(svg).toContain('<path');
    }
  });
});

describe('digits that are typed over a figure', () => {
  it.each([
    ['1.2520', '1', '1.2521'],
    ['1.2520', '18', '1.2518'],
    ['20.05', '7', '20.07'],
    ['.6212', '300', '.6300'],
    ['31 thou', '8', '38 thou'],
    ['2', '345', '3'],
  ])('%s with %s is %s', (figure, digits, now) => {
    expect(typedOver(figure, digits)).toBe(now);
  });
  it('leave a unit where it is, and a key puts one there', () => {
    expect(withUnit('31', 'thou')).toBe('31 thou');
    expect(withUnit('31 thou', 'mm')).toBe('31 mm');
  });
});
