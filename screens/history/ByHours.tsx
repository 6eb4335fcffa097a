import type { HistoryAsked } from '@/core/history/answer';
import type { PastFigure } from '@/core/history/past';
import { sayHistory } from '@/core/history/say';
import type { Told } from '@/core/history/sentences';
import { scatterFigure } from '@/core/picture/scatterFigure';
import { formatLength } from '@/core/quantity/format';
import { MM_PER } from '@/core/quantity/units';
import { WideFigure } from '@/ui/WideFigure';
import { Words } from '@/ui/Words';

interface Props {
  readonly asked: HistoryAsked;
  readonly figures: readonly PastFigure[];
  readonly used: number | null;
  readonly told: Told;
}

/** How wide pumps came over what they had run; those that count in another unit are left out. */
export function ByHours({ asked, figures, used, told }: Props) {
  const { kind, unit, name } = told;
  const dots = figures.flatMap(({ used: at, usedUnit, mm, isBack }) =>
    at !== null && usedUnit === asked.unit ? [{ at, mm, isHollow: isBack }] : [],
  );
  const own = used === null || asked.came_mm === null ? null : { at: used, mm: asked.came_mm };
  const figure = scatterFigure(
    { dots, upper_mm: asked.limits?.upper_mm ?? null, own, unit: asked.unit },
    (mm) => formatLength(mm, kind, unit),
    MM_PER[unit === 'mm' ? 'mm' : 'thou'],
  );
  if (!figure) return <Words>{sayHistory('history.noUsed')}</Words>;
  return (
    <WideFigure figure={figure} said={sayHistory('history.scatter', { name, n: dots.length })} />
  );
}
