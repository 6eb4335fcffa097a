import { View } from 'react-native';
import type { HistorySide } from '@/core/history/answer';
import type { When } from '@/core/history/past';
import { sayHistory } from '@/core/history/say';
import type { Told } from '@/core/history/sentences';
import type { Limits } from '@/core/metrology/interval';
import { dotFigure } from '@/core/picture/dotFigure';
import { formatLength, formatWithUnit } from '@/core/quantity/format';
import { MM_PER } from '@/core/quantity/units';
import { WideFigure } from '@/ui/WideFigure';
import { Words } from '@/ui/Words';

interface Props {
  readonly side: HistorySide;
  readonly limits: Limits | null;
  readonly own_mm: number | null;
  readonly told: Told;
  readonly when: When;
}

/** What the shop measured, a dot for each pump, with the limits and where this one stands. */
export function Dots({ side, limits, own_mm, told, when }: Props) {
  const { name, kind, unit } = told;
  const { figures, columns } = side;
  const text = (mm: number) => formatLength(mm, kind, unit);
  const ownWord = own_mm === null ? '' : formatWithUnit(own_mm, kind, unit);
  const figure = dotFigure(
    {
      columns: columns.map(({ at_mm, figures: own }) => ({
        at_mm,
        isHollow: own.map(({ isBack }) => isBack),
      })),
      limits,
      own:
        own_mm === null
          ? null
          : {
              mm: own_mm,
              word: sayHistory(when === 'went' ? 'history.ownGone' : 'history.own', {
                length: ownWord,
              }),
            },
    },
    text,
    MM_PER[unit === 'mm' ? 'mm' : 'thou'],
  );
  if (!figure) return null;
  const all = figures.map(({ mm }) => mm);
  const back = figures.filter(({ isBack }) => isBack).length;
  return (
    <View>
      <WideFigure
        figure={figure}
        said={sayHistory('history.dots', {
          name,
          n: figures.length,
          from: formatWithUnit(Math.min(...all), kind, unit),
          to: formatWithUnit(Math.max(...all), kind, unit),
        })}
      />
      {back > 0 ? (
        <Words size="note" tone="muted">
          {sayHistory('history.hollow', { n: back })}
        </Words>
      ) : null}
    </View>
  );
}
