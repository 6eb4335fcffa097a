import { group, median } from 'd3-array';
import { nineInTen } from './nineInTen';
import { controlChart, type ControlChart } from './control';
import { dotColumns, type DotColumn } from './dots';
import type { JobFacts } from './facts';
import { asked, endOf, knownOver, pastOf, type PastFigure, type Question, type When } from './past';
import { byMake, type SpareGroup } from './spares';
import { hoursLeft, wearRate, type WearRate } from './wear';
import { workingLimit, type WorkingLimit } from './workingLimit';
import { standing, type Standing } from '../workshop/standing';
import type { Limits } from '../metrology/interval';
import { daysBetween } from '../schema/moments';

/** Says what is asked of the shop's past about one characteristic. */
export interface HistoryAsked {
  readonly question: Question;
  /** Names the parts that it rests on: whose spares may move it. */
  readonly parts: readonly string[];
  /** Says where it stands now on the pump that asks, in mm; null where no pump does, or nobody measured it. */
  readonly now_mm: number | null;
  /** Says the same as that pump came. */
  readonly came_mm: number | null;
  readonly limits: Limits | null;
  /** Names what the machine counts; null where no pump asks: then it is what most of the pumps count. */
  readonly unit: string | null;
}

/** Holds the figures of the past on one side of the work. */
export interface HistorySide {
  readonly figures: readonly PastFigure[];
  /** Lists what others were found to be over whose gap nothing bounds above: they are in no figure. */
  readonly over: readonly PastFigure[];
  /** Is null where there is none. */
  readonly median: number | null;
  readonly columns: readonly DotColumn[];
  /** Holds what nine in ten lie between; null below five. */
  readonly nine: readonly [from: number, to: number] | null;
  /** Says where this pump stands among them; null where no pump asks, or it was not measured. */
  readonly standing: Standing | null;
}

/** Counts how many pumps came back of those over the limit as they went out, and of those that were in. */
export interface LimitOutcome {
  readonly over: number;
  readonly overBack: number;
  readonly within: number;
  readonly withinBack: number;
}

/** Describes a visit of the same pump before. */
export interface EarlierVisit {
  readonly id: string;
  readonly tag: string;
  readonly day: string;
  readonly out: string | null;
  readonly used: number | null;
  readonly usedUnit: string;
  readonly mm: number | null;
}

/** Holds what the shop's past says about one characteristic. */
export interface HistoryAnswer {
  readonly came: HistorySide;
  readonly went: HistorySide;
  /** Names what the machine counts: of this pump, else of most. */
  readonly unit: string;
  /** Charts how the pumps came, in the order of time; null below eight. */
  readonly chart: ControlChart | null;
  readonly makes: readonly SpareGroup[];
  /** Gives what pumps that held would support; null below five. */
  readonly limit: WorkingLimit | null;
  /** Counts the pumps that went out and did not come back. */
  readonly held: number;
  readonly wear: WearRate | null;
  /** Gives how much longer this pump takes to its limit; null where that cannot be said. */
  readonly left: number | null;
  readonly outcome: LimitOutcome | null;
  readonly earlier: readonly EarlierVisit[];
}

function sideOf(
  figures: readonly PastFigure[],
  over: readonly PastFigure[],
  value_mm: number | null,
): HistorySide {
  const all = figures.map(({ mm }) => mm);
  return {
    figures,
    over,
    median: median(all) ?? null,
    columns: figures.length > 0 ? dotColumns(figures) : [],
    nine: nineInTen(all),
    standing: value_mm === null ? null : standing(all, value_mm),
  };
}

/**
 * Counts what came back by the upper limit: null where there is none, or of nothing that went out it is known on which side of it
 * it was. A pump only known to be over something below the limit is on neither.
 */
function outcomeOf({ figures, over }: HistorySide, limits: Limits | null): LimitOutcome | null {
  const upper = limits?.upper_mm;
  if (upper == null) return null;
  const wide = [...figures.filter(({ mm }) => mm > upper), ...over.filter(({ mm }) => mm >= upper)];
  const within = figures.filter(({ mm }) => mm <= upper);
  if (wide.length + within.length === 0) return null;
  const back = (list: readonly PastFigure[]) => list.filter(({ isBack }) => isBack).length;
  return {
    over: wide.length,
    overBack: back(wide),
    within: within.length,
    withinBack: back(within),
  };
}

/** Returns what most pumps count of those whose count is known; hours where none is. */
function countedIn(figures: readonly PastFigure[]): string {
  const units = figures.flatMap(({ used, usedUnit }) => (used === null ? [] : [usedUnit]));
  const [most] = [...group(units, (unit) => unit)].sort(([, a], [, b]) => b.length - a.length);
  return most?.[0] ?? 'h';
}

/** Lists the visits of the pump that asks before this one, the last one first. */
function earlierVisits(
  jobs: readonly JobFacts[],
  own: JobFacts | null,
  { characteristic, end }: Question,
): readonly EarlierVisit[] {
  if (!own) return [];
  const isSame = (job: JobFacts) =>
    job.id === own.visitOf || (own.serial !== '' && job.serial === own.serial);
  return jobs
    .filter((job) => job.id !== own.id && isSame(job) && daysBetween(job.day, own.day) >= 0)
    .sort((a, b) => (a.day < b.day ? 1 : -1))
    .map(({ id, tag, day, out, used, usedUnit, gaps }) => {
      const of = gaps[characteristic];
      return {
        id,
        tag,
        day,
        out,
        used,
        usedUnit,
        mm: endOf(of?.went, end) ?? endOf(of?.came, end),
      };
    });
}

/**
 * Returns what the shop's past says about one characteristic.
 *
 * @param facts of every job of the shop
 * @param ask which characteristic, of which pumps, and where this pump stands
 */
export function answerOf(facts: readonly JobFacts[], ask: HistoryAsked): HistoryAnswer {
  const { question, parts, now_mm, came_mm, limits } = ask;
  const sideAt = (when: When, value_mm: number | null) =>
    sideOf(pastOf(facts, question, when), knownOver(facts, question, when), value_mm);
  const [came, went] = [sideAt('came', came_mm), sideAt('went', now_mm)];
  const unit = ask.unit ?? countedIn(came.figures);
  const jobs = asked(facts, { ...question, except: '' });
  const own = jobs.find(({ id }) => id === question.except) ?? null;
  const held = went.figures.filter(({ isBack }) => !isBack).map(({ mm }) => mm);
  const wear = wearRate(question, { jobs, own, past: came.figures, unit });
  const upper = limits?.upper_mm;
  const canTell = wear !== null && now_mm !== null && upper != null;
  return {
    came,
    went,
    unit,
    chart: controlChart(came.figures.map(({ mm }) => mm)),
    makes: byMake(went.figures, new Set(parts)),
    limit: workingLimit(held),
    held: held.length,
    wear,
    left: canTell ? hoursLeft(now_mm, upper, wear.perThousand_mm) : null,
    outcome: outcomeOf(went, limits),
    earlier: earlierVisits(jobs, own, question),
  };
}

/** Describes a characteristic of a model as its list shows it. */
export interface HistoryLine {
  readonly characteristic: string;
  readonly n: number;
  readonly median: number | null;
  readonly nine: readonly [from: number, to: number] | null;
  /** Tells whether pumps of late came otherwise than before. */
  readonly isDrifting: boolean;
}

/**
 * Returns what the shop's past says about each characteristic of a model, in a line.
 *
 * @param facts of every job of the shop
 * @param questions one for each characteristic
 */
export const linesOf = (
  facts: readonly JobFacts[],
  questions: readonly Question[],
): readonly HistoryLine[] =>
  questions.map((question) => {
    const figures = pastOf(facts, question, 'came').map(({ mm }) => mm);
    const chart = controlChart(figures);
    const n = figures.length;
    return {
      characteristic: question.characteristic,
      n,
      median: median(figures) ?? null,
      nine: nineInTen(figures),
      isDrifting: chart?.run != null && chart.run.to === n - 1,
    };
  });
