import { View } from 'react-native';
import type { Figure } from '@/core/picture/figure';
import { FigureView } from './FigureView';
import { useWidth } from './useWidth';

interface Props {
  readonly figure: Figure;
  /** Said to a screen reader. */
  readonly said: string;
}

/** A drawing wider than this says no more, in px. */
const WIDEST = 640;

/** A figure as wide as its place, up to what it is worth. */
export function WideFigure({ figure, said }: Props) {
  const [width, onLayout] = useWidth(340);
  return (
    <View onLayout={onLayout}>
      <FigureView figure={figure} width={Math.min(width, WIDEST)} said={said} />
    </View>
  );
}
