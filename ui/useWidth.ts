import { useCallback, useState } from 'react';
import { useWindowDimensions, type LayoutChangeEvent } from 'react-native';
import { WIDE } from './theme';

/** Whether the window is laid out for a bench computer. */
export function useWide(): boolean {
  return useWindowDimensions().width >= WIDE;
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
