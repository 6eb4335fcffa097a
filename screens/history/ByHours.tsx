import type { HistoryAnswer, HistoryAsked } from '@/core/history/answer';
import { sayHistory } from '@/core/history/say';
import type { Told } from '@/core/history/sentences';
import { scatterFigure } from '@/core/picture/scatterFigure';
import { formatLength } from '@/core/quantity/format';
import { MM_PER } from '@/core/quantity/units';
import { paragraph } from '@/core/wording/say';
import { WideFigure } from '@/ui/WideFigure';
import { Words } from '@/ui/Words';

interface Props {
  readonly asked: HistoryAsked;
  readonly answer: HistoryAnswer;
  readonly used: number | null;
  readonly told: Told;
}

/** How wide pumps came over what they had run; those that count in another unit are left out. */
export function ByHours({ asked, answer, used, told }: Props) {
  const { kind, unit, name } = told;
  const counted = answer.came.figures.filter((figure) => figure.used !== null);
  const dots = counted.flatMap(({ used: at, usedUnit, mm, isBack }) =>
    at !== null && usedUnit === answer.unit ? [{ at, mm, isHollow: isBack }] : [],
  );
  const others = counted.length - dots.length;
  const otherWords =
    others > 0 ? sayHistory('history.otherUnit', { n: others, unit: answer.unit }) : '';
  const own = used === null || asked.came_mm === null ? null : { at: used, mm: asked.came_mm };
  const figure = scatterFigure(
    { dots, upper_mm: asked.limits?.upper_mm ?? null, own, unit: answer.unit },
    (mm) => formatLength(mm, kind, unit),
    MM_PER[unit === 'mm' ? 'mm' : 'thou'],
  );
  if (!figure) {
    return (
      <Words>{paragraph(sayHistory('history.noUsed', { unit: answer.unit }), otherWords)}</Words>
    );
  }
  return (
    <>
      <WideFigure figure={figure} said={sayHistory('history.scatter', { name, n: dots.length })} />
      {otherWords ? <Words>{otherWords}</Words> : null}
    </>
  );
}
