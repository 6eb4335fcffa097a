import { ENOUGH } from '../workshop/standing';
import { formatLength, formatWithUnit } from '../quantity/format';
import type { LengthKind, ShopUnit } from '../quantity/units';
import { dateText } from '../wording/date';
import { listed, paragraph } from '../wording/say';
import type { HistoryAnswer, HistorySide, LimitOutcome } from './answer';
import type { StudyScatter } from '../metrology/repeatability';
import type { Hand } from './hands';
import type { PastFigure, When } from './past';
import { sayHistory } from './say';
import type { SpareGroup } from './spares';

/** Says what a characteristic is called, and how its lengths are written. */
export interface Told {
  readonly name: string;
  readonly kind: LengthKind;
  readonly unit: ShopUnit;
}

/** Limits the tags: more of them are not read. */
const MOST_TAGS = 4;

/** Says what is hardly chance: a difference less likely than this by chance is said to be hardly chance. */
const HARDLY = 0.05;

const month = (day: string): string => dateText(day, 'utc month');

/** Returns that there is nothing to stand among: nothing went out yet, no other pump was measured, or none at all. */
function noneWords(when: When, isMeasured: boolean): string {
  if (when === 'went') return sayHistory('history.noneOut');
  return isMeasured ? sayHistory('history.noOther') : sayHistory('history.none');
}

const leastOf = (figures: readonly PastFigure[]): number =>
  Math.min(...figures.map(({ mm }) => mm));

/** Returns how a figure stands among those of the past: `Wider than 33 of our 34.`, or how many there are. */
export function standingSentence(
  { figures, over, standing }: HistorySide,
  when: When,
  { kind, unit }: Told,
  own_mm: number | null,
): string {
  const n = figures.length;
  if (n === 0 && over.length > 0) {
    return sayHistory('history.onlyOver', {
      n: over.length,
      from: formatWithUnit(leastOf(over), kind, unit),
    });
  }
  if (n === 0) return noneWords(when, own_mm !== null);
  if (!standing || own_mm === null) return sayHistory('history.count', { n });
  const below = figures.filter(({ mm }) => mm < own_mm).length;
  const above = figures.filter(({ mm }) => mm > own_mm).length;
  if (below + above === 0) return sayHistory('history.same', { n });
  if (kind === 'size') {
    return below >= above
      ? sayHistory('history.larger', { n, of: below })
      : sayHistory('history.smaller', { n, of: above });
  }
  return below >= above
    ? sayHistory('history.wider', { n, of: below })
    : sayHistory('history.tighter', { n, of: above });
}

/** Returns what the figures of the past are spread over: the median and what nine in ten lie between. */
export function spreadWords({ figures, nine, median }: HistorySide, told: Told): string {
  const n = figures.length;
  if (n === 0) return '';
  const { kind, unit } = told;
  const all = figures.map(({ mm }) => mm);
  if (n < ENOUGH || !nine || median === null) {
    return sayHistory('history.few', {
      n,
      from: formatWithUnit(Math.min(...all), kind, unit),
      to: formatWithUnit(Math.max(...all), kind, unit),
    });
  }
  return sayHistory('history.spread', {
    median: formatWithUnit(median, kind, unit),
    from: formatLength(nine[0], kind, unit),
    to: formatWithUnit(nine[1], kind, unit),
  });
}

/** Returns how many pumps are in no figure since nothing bounds their gap above; empty for none, and where nothing else is told. */
function overWords({ figures, over }: HistorySide, { kind, unit }: Told): string {
  if (over.length === 0 || figures.length === 0) return '';
  const from = formatWithUnit(leastOf(over), kind, unit);
  return sayHistory('history.over', { n: over.length, from });
}

/** Returns the line under the answer: which figures they are, and what they are spread over. */
export const aboutWords = (side: HistorySide, when: When, told: Told): string =>
  paragraph(
    sayHistory('history.when', { when, name: told.name }),
    spreadWords(side, told),
    overWords(side, told),
  );

/** Returns what the control chart shows, the latest first. */
export function trendWords(
  { came, chart }: Pick<HistoryAnswer, 'came' | 'chart'>,
  kind: LengthKind,
): string {
  const { figures } = came;
  if (!chart) return sayHistory('history.fewTrend');
  const { run, beyond } = chart;
  const dayAt = (i: number): string => month(figures[i]?.day ?? '');
  const tags = beyond.slice(-MOST_TAGS).map((i) => figures[i]?.tag ?? '');
  const words = [
    run &&
      (run.to === figures.length - 1
        ? sayHistory('history.runNow', {
            n: run.to - run.from + 1,
            as: kind,
            side: run.side,
            month: dayAt(run.from),
          })
        : sayHistory('history.runThen', {
            n: run.to - run.from + 1,
            side: run.side,
            month: dayAt(run.from),
            until: dayAt(run.to),
          })),
    tags.length > 0 &&
      sayHistory('history.beyond', { more: beyond.length - tags.length, tags: listed(tags) }),
  ].filter((one) => typeof one === 'string');
  return words.length > 0 ? paragraph(...words) : sayHistory('history.steady');
}

/** Returns what the spares of one maker came to, and how they stand to the others'. */
export function makeWords(
  { figures, median, back, than }: SpareGroup,
  { kind, unit }: Told,
): string {
  const count = sayHistory('history.make', {
    n: figures.length,
    back,
    median: formatWithUnit(median, kind, unit),
  });
  if (!than) return paragraph(count, sayHistory('history.makeFew'));
  if (than.p > HARDLY || than.by === 0) return paragraph(count, sayHistory('history.makeSame'));
  const by = formatWithUnit(Math.abs(than.by), kind, unit);
  return paragraph(
    count,
    sayHistory('history.makeDiffers', { as: kind, side: than.by > 0 ? 'above' : 'below', by }),
  );
}

/** Returns what the shop's own pumps would support as an upper working limit, where no limit is published. */
export function limitWords(
  { limit, held }: Pick<HistoryAnswer, 'limit' | 'held'>,
  { kind, unit }: Told,
): string {
  if (!limit) return sayHistory('history.supportFew', { n: held });
  return sayHistory('history.support', {
    n: limit.n,
    limit: formatWithUnit(limit.limit, kind, unit),
    from: formatLength(limit.from, kind, unit),
    to: formatWithUnit(limit.to, kind, unit),
  });
}

/** Writes a count of the machine with two digits that count: nobody knows it better. */
const roughly = (count: number): string => String(Number(count.toPrecision(2)));

/** Returns how fast it wears, and how long that takes to its limit; empty where the past does not tell. */
export function wearWords(
  { wear, left }: Pick<HistoryAnswer, 'wear' | 'left'>,
  upper_mm: number | null,
  { kind, unit }: Told,
): string {
  if (!wear) return '';
  const length = (mm: number) => formatWithUnit(mm, kind, unit);
  const rate = length(wear.perThousand_mm);
  const [from, to] = wear.interval_mm ?? [];
  return paragraph(
    sayHistory('history.wear', { from: wear.from, rate, unit: wear.unit, n: wear.n }),
    from === undefined || to === undefined
      ? ''
      : sayHistory('history.wearBand', { from: formatLength(from, kind, unit), to: length(to) }),
    left === null || upper_mm === null
      ? ''
      : left > 0
        ? sayHistory('history.left', {
            left: roughly(left),
            unit: wear.unit,
            limit: length(upper_mm),
          })
        : sayHistory('history.leftNone', { limit: length(upper_mm) }),
  );
}

/** Returns what came of pumps that went out over the limit, and of those that were in. */
export const outcomeWords = ({ over, overBack, within, withinBack }: LimitOutcome): string =>
  paragraph(
    sayHistory('history.outcome', { over, overBack }),
    sayHistory('history.outcomeIn', { within, withinBack }),
  );

/** Returns what one hand scatters at the bench beside the study. */
export function handWords(
  { name, n, s_mm, p, chart }: Hand,
  study: StudyScatter,
  fine: (mm: number) => string,
): string {
  const said = sayHistory('history.hand', { name, n, s: fine(s_mm) });
  const pairs = chart.beyond.length;
  const beyond = pairs > 0 ? sayHistory('history.handBeyond', { n: pairs }) : '';
  if (p === null) return paragraph(said, beyond, sayHistory('history.handFew'));
  const s = fine(study.s_mm);
  return paragraph(
    said,
    p < HARDLY ? sayHistory('history.handMore', { s }) : sayHistory('history.handSame', { s }),
    beyond,
  );
}
