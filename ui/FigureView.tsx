import { Path, Svg, Text } from 'react-native-svg';
import type { Figure } from '@/core/picture/figure';
import { FONT, usePalette } from './theme';

interface Props {
  readonly figure: Figure;
  readonly width: number;
  /** Said to a screen reader; left out where words beside it say the same. */
  readonly said?: string;
}

/** A figure of the core as it is drawn on the screen. */
export function FigureView({ figure, width, said }: Props) {
  const palette = usePalette();
  const { left, top, marks, words, type } = figure;
  const viewBox = [left, top, figure.width, figure.height].join(' ');
  const height = (width * figure.height) / figure.width;
  return (
    <Svg
      width={width}
      height={height}
      viewBox={viewBox}
      {...(said ? { role: 'img', 'aria-label': said } : { 'aria-hidden': true })}
    >
      {marks.map(({ path, fill, line, width: wide, isDashed, isFaint }, i) => (
        <Path
          key={i}
          d={path}
          fill={fill ? palette[fill] : 'none'}
          fillRule="evenodd"
          {...(line ? { stroke: palette[line], strokeWidth: wide } : {})}
          {...(isDashed ? { strokeDasharray: '5 4' } : {})}
          {...(isFaint ? { fillOpacity: 0.22 } : {})}
          strokeLinejoin="round"
        />
      ))}
      {words.map(({ text, x, y, anchor, ink }) => (
        <Text
          key={`${x} ${y}`}
          x={x}
          y={y}
          fill={palette[ink]}
          fontFamily={FONT}
          fontSize={type}
          textAnchor={anchor}
        >
          {text}
        </Text>
      ))}
    </Svg>
  );
}
