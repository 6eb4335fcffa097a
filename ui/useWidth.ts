import { useCallback, useState } from 'react';
import { useWindowDimensions, type LayoutChangeEvent } from 'react-native';
import { TEXT_SCALE, WIDE } from './theme';

/** Under this width, in px, there is room for words only: a phone whose text is twice as large. */
export const TINY = 260;

/** Under this height, in px, the drawing stands beside the answers, or goes. */
const LOW = 520;

/** Under this height what can wait stands beneath the answers. */
const SHORT = 700;

/** Returns how little room a window leaves for a step of measuring. */
export function useRoom(): {
  readonly tiny: boolean;
  readonly narrow: boolean;
  readonly low: boolean;
  readonly short: boolean;
} {
  // Where text is twice as large there is room for half of it.
  const window = useWindowDimensions();
  const [width, height] = [window.width / TEXT_SCALE, window.height / TEXT_SCALE];
  // Two answers side by side have no room for pictures: on a small phone, and between two side panels.
  const narrow = width < 360 || (width >= WIDE && width < 1160);
  return {
    tiny: width < TINY,
    narrow,
    low: height < LOW && width > height && width < WIDE,
    short: height < SHORT,
  };
}

/** Whether the window is laid out for a bench computer. */
export function useWide(): boolean {
  return useWindowDimensions().width / TEXT_SCALE >= WIDE;
}

/** The width that a view was given, for drawings that are laid out in px. */
export function useWidth(first: number): readonly [number, (event: LayoutChangeEvent) => void] {
  const [width, setWidth] = useState(first);
  const onLayout = useCallback(
    (event: LayoutChangeEvent) => setWidth(Math.round(event.nativeEvent.layout.width)),
    [],
  );
  return [width, onLayout];
}
