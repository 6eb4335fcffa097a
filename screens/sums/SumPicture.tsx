import Svg, { Path, Text } from 'react-native-svg';
import { StyleSheet, View } from 'react-native';
import { figuresFor } from '@/core/sums/kinds';
import type { Page } from '@/core/sums/page';
import { PENS, WIDTH } from '@/core/sums/pens';
import type { Chart, Scene } from '@/core/sums/picture';
import type { Input, Sum } from '@/core/sums/sum';
import { spelled } from '@/core/wording/say';
import { Held } from '@/ui/Held';
import { NamedChart } from '@/ui/NamedChart';
import { FONT, usePalette } from '@/ui/theme';
import { useRoom, useWidth } from '@/ui/useWidth';
import { Words } from '@/ui/Words';
import type { SumState } from './useSum';

interface Props {
  readonly sum: Sum;
  readonly state: SumState;
}

/** What is seen of a sum: a drawing to scale with the sizes that were entered, or a chart with the answer on it. */
export function SumPicture({ sum, state: { outcome, last, unit } }: Props) {
  const page = sum.page as unknown as Page<Input, unknown> | undefined;
  // Where text is twice as large there is room for words only.
  const { tiny } = useRoom();
  const picture = !tiny && last && page?.picture?.(last.given, last.value, figuresFor(unit), PENS);
  if (!picture) return null;
  return (
    <Held held={outcome.answer === null} quiet>
      {'parts' in picture ? <SceneDrawing scene={picture} /> : <SumChart chart={picture} />}
    </Held>
  );
}

/** Size of the words of a drawing, in its px. */
const LETTERS = 13.5;

function SceneDrawing({ scene: { height, parts, said } }: { readonly scene: Scene }) {
  const palette = usePalette();
  return (
    <View role="img" aria-label={said} style={styles.scene} testID="sum-picture">
      <Svg viewBox={`0 0 ${WIDTH} ${height}`} width="100%" style={{ aspectRatio: WIDTH / height }}>
        {parts.map((part, i) =>
          'path' in part ? (
            <Path
              key={i}
              d={part.path}
              fill={part.fill ? palette[part.fill] : 'none'}
              stroke={part.line ? palette[part.line] : 'none'}
              strokeWidth={part.width ?? 1.5}
              {...(part.dashed ? { strokeDasharray: '5 4' } : {})}
            />
          ) : (
            <Text
              key={i}
              x={part.x}
              y={part.y}
              fill={palette[part.ink ?? 'ink']}
              fontFamily={FONT}
              fontSize={LETTERS}
              fontWeight="500"
              textAnchor={part.anchor ?? 'start'}
            >
              {part.text}
            </Text>
          ),
        )}
      </Svg>
    </View>
  );
}

/** Height of a chart, in px. */
const CHART = 190;

function SumChart({ chart }: { readonly chart: Chart }) {
  const palette = usePalette();
  const [width, onLayout] = useWidth(WIDTH);
  const colors = [palette.blue, palette.muted, palette.in];
  return (
    <View onLayout={onLayout} style={styles.scene} testID="sum-picture">
      <NamedChart
        labels={chart.labels}
        lines={chart.curves.map(({ name, values, dashed = false }, i) => ({
          name: spelled(name),
          values,
          dashed,
          color: colors[i] ?? palette.ink,
        }))}
        at={chart.at}
        width={width}
        height={CHART}
        decimals={chart.decimals}
        fromZero
        described={chart.said}
      />
      <Words size="note">{spelled(chart.axes)}</Words>
    </View>
  );
}

const styles = StyleSheet.create({ scene: { width: '100%', maxWidth: 520 } });
