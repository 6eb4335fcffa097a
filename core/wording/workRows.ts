import type { PumpModel } from '../pumps/family';
import { capital, lower } from '../quantity/letters';
import type { ShopUnit } from '../quantity/units';
import type { Shop } from '../records/shop';
import { bySection } from '../pumps/sections';
import type { ReworkCase } from '../rework/decision/case';
import type { PlannedOperation } from '../rework/decision/lines';
import type { WorkRow } from '../rework/decision/workRows';
import { movesBySize } from '../rework/operations/offer';
import type { Amounts } from '../rework/solver/problem';
import { purposeWords } from './partLines';
import { minutesWords, sumWords } from './money';
import { offerTitle, offerWords, riskWords, stepWords } from './planStep';
import { listed, paragraph, say } from './say';

type Parts = Pick<PumpModel, 'parts'>;

/** Returns parts by their ids, and whether they are all of their kind. */
function allOf(ids: ReadonlySet<string>, { parts }: Parts) {
  const own = parts.filter(({ id }) => ids.has(id));
  const kinds = new Set(own.map(({ kind }) => kind));
  return { own, isAll: parts.filter(({ kind }) => kinds.has(kind)).length === own.length };
}

/** Returns the parts that equal works are done on, and whether they are all of their kind. */
const partsOf = ({ works }: Pick<WorkRow, 'works'>, pump: Parts) =>
  allOf(new Set(works.flatMap(({ offer }) => offer.parts)), pump);

/**
 * Names equal works on several parts: `All 16 bushings: replace and size`.
 *
 * @param ids of the parts
 * @param count of the works
 * @param what is done to each
 * @param pump its parts
 */
export function equalWords(
  ids: ReadonlySet<string>,
  count: number,
  what: string,
  pump: Parts,
): string {
  const { own, isAll } = allOf(ids, pump);
  const [as = 'other', ...others] = [
    ...new Set(own.map(({ replacedAs }) => replacedAs ?? 'other')),
  ];
  return say('rework.equalWorks', {
    which: isAll ? 'all' : 'some',
    count,
    as: others.length > 0 ? 'other' : as,
    what,
  });
}

/** Names a line of a plan: `Body: face the deck`, `All 16 bushings: replace and size`. */
export function workTitle(row: Pick<WorkRow, 'works'>, pump: Pick<PumpModel, 'parts'>): string {
  const { works } = row;
  if (works.length === 1) return offerTitle(works[0].offer);
  const ids = new Set(works.flatMap(({ offer }) => offer.parts));
  return equalWords(ids, works.length, offerWords(works[0].offer), pump);
}

/** Says on which parts equal works are done: by their sections, or by name where not all of a kind are worked on. */
function whereWords(row: WorkRow, pump: Pick<PumpModel, 'parts'>): string {
  if (row.works.length === 1) return '';
  const { own, isAll } = partsOf(row, pump);
  const sections = bySection(own);
  const inStack = pump.parts.some(({ section }) => (section ?? 1) > 1);
  if (isAll) {
    const last = sections.at(-1)?.section ?? 1;
    return inStack ? say('rework.sections', { last }) : '';
  }
  return paragraph(
    ...sections.map(({ section, items }) => {
      const parts = listed(items.map(({ short }) => lower(short)));
      return inStack
        ? say('rework.inSection', { section, parts })
        : say('rework.onParts', { parts: capital(parts) });
    }),
  );
}

/** So many reasons of equal works are said; of more there is a count. */
const REASONS = 2;

/** Says by how much a line of a plan is done, on which parts, and what asks for it where no gap of its own does. */
export function workDetail(row: WorkRow, pump: Pick<PumpModel, 'parts'>, unit: ShopUnit): string {
  const [first, ...others] = row.works;
  // What a bar beneath shows is not said again; a finding is said wherever it asks for the work.
  const isSaid = row.gaps.length > 0 || first.need !== null;
  const reasons = row.works.map((work) =>
    purposeWords(isSaid ? { ...work, brings: [], keeps: [] } : work),
  );
  const distinct = [...new Set(others.length > 0 && !isSaid ? reasons.slice(0, 1) : reasons)];
  const more = distinct.length - REASONS;
  return paragraph(
    stepWords(first, unit),
    whereWords(row, pump),
    ...distinct.slice(0, REASONS),
    more > 0 ? say('rework.moreFindings', { count: more }) : '',
  );
}

/** Says what a line of a plan costs and how long it takes: `40 $ · 50 min`; empty for nothing. */
export const workCost = ({ cost, minutes }: WorkRow, money: Shop['money']): string =>
  [cost > 0 ? sumWords(cost, money) : '', minutes > 0 ? minutesWords(minutes) : '']
    .filter(Boolean)
    .join(' · ');

/** Says what is most likely to go wrong with a plan: the narrowest range of its cuts, and what goes out beyond it; null for none. */
export function mainRisk(
  rework: ReworkCase,
  planned: readonly PlannedOperation[],
  amounts: Amounts,
  unit: ShopUnit,
): string | null {
  const [narrowest] = planned
    .filter(
      ({ offer, waitsFor }) =>
        // How far a cut may go to a new part nobody knows before that is measured.
        offer.terms.most_mm !== null && movesBySize(offer) && waitsFor.length === 0,
    )
    .sort((a, b) => a.to_mm - a.from_mm - (b.to_mm - b.from_mm));
  const [risk] = narrowest ? riskWords(rework, amounts, narrowest, unit) : [];
  if (!narrowest || !risk) return null;
  const { offer } = narrowest;
  const alike = planned.filter((p) => p.offer.operation === offer.operation);
  const work = alike.length > 1 ? offerTitle(offer) : offerWords(offer);
  return say('rework.risk', { work, risk });
}
