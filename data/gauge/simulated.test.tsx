import { act, render, screen } from '@testing-library/react';
import { Text } from 'react-native';
import type { Source } from '../../core/schema/fields';
import { SOURCES, useGauge } from './useGauge';

/** A stream that the test itself feeds. */
class FakeStream {
  static readonly open: FakeStream[] = [];
  closed = false;
  private readonly listeners = new Map<string, (event: { data: string }) => void>();

  constructor(readonly url: string) {
    FakeStream.open.push(this);
  }
  addEventListener(name: string, listener: (event: { data: string }) => void) {
    this.listeners.set(name, listener);
  }
  send(name: string, data = '') {
    act(() => this.listeners.get(name)?.({ data }));
  }
  close() {
    this.closed = true;
  }
}

const heard: string[] = [];

function Bench({ id, expected_mm }: { readonly id: Source; readonly expected_mm: number | null }) {
  const { source, state, why } = useGauge(id, expected_mm, ({ text }) => heard.push(text));
  return <Text>{`${source.name}: ${state} ${why ?? ''}`}</Text>;
}

beforeEach(() => {
  Object.assign(globalThis, { EventSource: FakeStream });
  FakeStream.open.length = 0;
  heard.length = 0;
});

describe('a live gauge', () => {
  it('has three sources, the plain one first', () => {
    expect(SOURCES.map((s) => s.id)).toEqual(['typed', 'serial', 'simulated']);
    expect(SOURCES.find((s) => s.id === 'simulated')?.about).toMatch(/Simulated/);
  });
  it('needs no line where a cable types', () => {
    render(<Bench id="typed" expected_mm={20} />);
    expect(screen.getByText(/^Typed: ready/)).toBeTruthy();
    expect(FakeStream.open).toHaveLength(0);
  });
  it('that is simulated asks for readings near the size wanted, and hands them on', () => {
    const { rerender, unmount } = render(<Bench id="simulated" expected_mm={20.04} />);
    const first = FakeStream.open[0]!;
    expect(first.url).toBe('/api/gauge?around=20.04');
    expect(screen.getByText(/connecting/)).toBeTruthy();
    first.send('open');
    expect(screen.getByText(/Simulated gauge: ready/)).toBeTruthy();
    first.send('reading', '{"text":"20.041 mm","simulated":true}');
    expect(heard).toEqual(['20.041 mm']);
    rerender(<Bench id="simulated" expected_mm={116} />);
    expect(first.closed).toBe(true);
    expect(FakeStream.open[1]?.url).toBe('/api/gauge?around=116');
    unmount();
    expect(FakeStream.open[1]?.closed).toBe(true);
  });
  it('says so where the server does not answer', () => {
    render(<Bench id="simulated" expected_mm={null} />);
    expect(FakeStream.open[0]?.url).toBe('/api/gauge');
    FakeStream.open[0]?.send('error');
    expect(screen.getByText(/lost The simulated gauge needs/)).toBeTruthy();
  });
});
