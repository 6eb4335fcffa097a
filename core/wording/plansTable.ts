import { formatWithUnit } from '../quantity/format';
import { capital, lower } from '../quantity/letters';
import type { ShopUnit } from '../quantity/units';
import { pumpOf } from '../pumps/registry';
import type { ReworkCase } from '../rework/decision/case';
import { plannedOperations, type PlannedOperation } from '../rework/decision/lines';
import type { RatedPlan } from '../rework/decision/rated';
import { equalWorks } from '../rework/decision/workRows';
import { movesBySize } from '../rework/operations/offer';
import { offerWords } from './planStep';
import { say, together } from './say';
import { workTitle } from './workRows';

/** Plans beside each other: what all of them do, and by part what one does and another does not. */
export interface PlansTable {
  /** Says what stands in every plan; empty for nothing. */
  readonly common: string;
  readonly rows: readonly PlansRow[];
}

/** Says what each plan does on some parts; empty where a plan leaves them alone. */
export interface PlansRow {
  readonly title: string;
  readonly cells: readonly string[];
}

/** Parts named in a row; of more there is a count. */
const NAMED = 2;

/** Says what is done on a part, in a cell: `Face the deck, 0.03 mm`. */
function cellWords({ offer, amount_mm }: PlannedOperation, unit: ShopUnit): string {
  const what = capital(offerWords(offer));
  const byAmount = offer.terms.most_mm !== null && movesBySize(offer) && offer.washer_mm === null;
  return byAmount
    ? say('rework.cellAmount', { what, amount: formatWithUnit(amount_mm, 'gap', unit) })
    : what;
}

/** Returns plans as a table: a row for each part that is treated differently, those treated alike in one row. */
export function plansTable(
  rework: ReworkCase,
  plans: readonly RatedPlan[],
  unit: ShopUnit,
): PlansTable {
  const all = plans.map((plan) => plannedOperations(rework, plan));
  const [first = []] = all;
  const isIn = (work: PlannedOperation, planned: readonly PlannedOperation[]): boolean =>
    planned.some(
      (p) => p.offer.id === work.offer.id && cellWords(p, unit) === cellWords(work, unit),
    );
  const common = first.filter((work) => all.every((planned) => isIn(work, planned)));
  const pump = pumpOf(rework.job.sheet);
  const works = equalWorks(common).map((group) => lower(workTitle({ works: group }, pump)));
  const differing = all.map((planned) => planned.filter((work) => !isIn(work, common)));
  const names = [...new Set(differing.flat().map(({ offer }) => offer.on))];
  const rows = names.map((on) => ({
    on,
    cells: differing.map((planned) =>
      planned
        .filter(({ offer }) => offer.on === on)
        .map((work) => cellWords(work, unit))
        .join('; '),
    ),
  }));
  const alike = [...new Set(rows.map(({ cells }) => cells.join('|')))].map((key) =>
    rows.filter(({ cells }) => cells.join('|') === key),
  );
  return {
    common: works.length > 0 ? say('rework.inEvery', { works: works.join('; ') }) : '',
    rows: alike.map((equal) => ({
      title: namesWords(equal.map(({ on }) => on)),
      cells: equal[0]?.cells ?? [],
    })),
  };
}

function namesWords(names: readonly string[]): string {
  const [first = '', ...more] = names;
  return names.length > NAMED
    ? say('rework.moreParts', { part: first, count: more.length })
    : together(names);
}
