import type { Assessment } from '../assessment/assessment';
import { formatLength, formatWithUnit } from '../quantity/format';
import { lower } from '../quantity/letters';
import type { ShopUnit } from '../quantity/units';
import { bindingAt } from '../rework/decision/binding';
import type { ReworkCase } from '../rework/decision/case';
import { openedByOffer } from '../rework/effects/effects';
import type { PlannedOperation } from '../rework/decision/lines';
import { movesBySize, stepOf } from '../rework/operations/offer';
import { rangeOf, type Amounts, type Problem } from '../rework/solver/problem';
import { listed, paragraph, say } from './say';

/** Names an operation as it follows what it is done on: `grind flat`; by what it puts in, where that has a name. */
export function offerWords({ operation, set, piece }: PlannedOperation['offer']): string {
  if (piece) return say('rework.fitPiece', { label: piece.label });
  return set?.name ?? operation.name;
}

/** Names an operation with what it is done on: `Plate, front: grind flat` */
export const offerTitle = (offer: PlannedOperation['offer']): string =>
  say('rework.partWhat', { part: offer.on, what: offerWords(offer) });

/**
 * Writes the amount of a step as a shop would: `Take 0.031 mm off the deck (0.024 to 0.043 is in).` Empty
 * where it has none.
 */
export function stepWords(
  {
    offer,
    amount_mm,
    from_mm,
    to_mm,
    waitsFor = [],
    unread = [],
    isOpen = false,
  }: Pick<PlannedOperation, 'offer' | 'amount_mm' | 'from_mm' | 'to_mm'> &
    Partial<Pick<PlannedOperation, 'waitsFor' | 'unread' | 'isOpen'>>,
  unit: ShopUnit,
): string {
  const { operation, terms, set, washer_mm } = offer;
  if (set) return say('rework.fitSet', { set: set.name });
  if (washer_mm !== null) {
    return say('rework.fitWasher', { thickness: formatWithUnit(washer_mm, 'size', unit) });
  }
  if (terms.most_mm === null) return '';
  if (!movesBySize(offer)) {
    const said = { least: formatWithUnit(from_mm, 'gap', unit) };
    if (operation.decision !== 'dress') {
      // Where no wear was measured, the least that can be cut is planned.
      const isLeast = isOpen || from_mm <= (terms.least_mm ?? 0);
      return say(isLeast ? 'rework.makeFlatLeast' : 'rework.makeFlat', said);
    }
    return say('rework.makeSmooth', { most: formatWithUnit(terms.most_mm, 'gap', unit) });
  }
  if (waitsFor.length > 0) {
    return say('rework.waitsFor', {
      amount: formatWithUnit(amount_mm, 'gap', unit),
      parts: listed([...new Set(waitsFor.map(({ on }) => lower(on)))]),
    });
  }
  if (unread.length > 0) return untilRead(amount_mm, unread, unit);
  const said = {
    amount: formatWithUnit(amount_mm, 'gap', unit),
    from: formatLength(from_mm, 'gap', unit),
    to: formatLength(to_mm, 'gap', unit),
  };
  return say(operation.amountSaid ?? 'rework.cut.other', said);
}

/**
 * Lists checks by name in a sentence, the first of many.
 *
 * @param most how many are named; of more there is a count
 */
export function checksWords(checks: readonly Assessment[], most = 3): string {
  const names = checks.map((a) => lower(a.characteristic.name));
  const [first = '', ...more] = names;
  return names.length > most
    ? say('rework.moreChecks', { check: first, count: more.length })
    : listed(names);
}

/** Says what has to be done along with a step, and what is measured again after it. */
export function afterWords(
  { known, all }: Pick<ReworkCase, 'known' | 'all'>,
  { offer }: Pick<PlannedOperation, 'offer'>,
): string {
  const again = openedByOffer(known.pump, all, offer).filter((a) => a.parts.length === 0);
  // A second kind of work on the same part is a face that follows the first.
  const follows = offer.works.some(
    ({ part, work }) => part === offer.works[0]?.part && work !== offer.works[0].work,
  );
  return paragraph(
    follows ? say('rework.follows') : '',
    again.length > 0 ? say('rework.then', { checks: checksWords(again) }) : '',
  );
}

/** Writes an amount of which nobody knows how far it may go: `About 0.2 mm: worked out again after measuring side clearance.` */
function untilRead(amount_mm: number, unread: readonly Assessment[], unit: ShopUnit): string {
  // A total is read with its parts.
  const own = unread.filter((a) => a.parts.length === 0);
  return say('rework.untilRead', {
    amount: formatWithUnit(amount_mm, 'gap', unit),
    checks: checksWords(own.length > 0 ? own : unread),
  });
}

/** Says what holds the ends of a step's range: `Over 0.043 mm, end clearance is out.` */
export function riskWords(
  rework: Pick<ReworkCase, 'watched' | 'kept' | 'unit'>,
  amounts: Amounts,
  { offer, from_mm, to_mm }: PlannedOperation,
  unit: ShopUnit,
): string[] {
  if (offer.terms.most_mm === null || !movesBySize(offer)) return [];
  const step_mm = stepOf(offer.operation, rework.unit);
  const narrow =
    to_mm - from_mm < 2 * step_mm
      ? [
          say('rework.narrow', {
            work: offerTitle(offer),
            width: formatWithUnit(to_mm - from_mm, 'gap', unit),
            step: formatWithUnit(step_mm, 'gap', unit),
          }),
        ]
      : [];
  const range = [
    [to_mm, 1],
    [from_mm, -1],
  ] as const;
  const ends = range.flatMap(([at, towards]) => {
    const { gap, at_mm, by } = bindingAt(rework, amounts, offer.id, at, towards);
    if (!gap) return [];
    const check = lower(gap.characteristic.name);
    const amount = formatWithUnit(at_mm, 'gap', unit);
    return [say(towards > 0 ? 'rework.overIt' : 'rework.underIt', { amount, check, by })];
  });
  return [...narrow, ...ends];
}

/**
 * Says an amount and from where to where it is in: `0.031 mm; 0.024 to 0.043 is in.`
 *
 * @param unread the checks that it moves and nobody has measured: with one, no range is known
 */
export function rangeWords(
  problem: Problem,
  amounts: Amounts,
  operation: string,
  unit: ShopUnit,
  unread: readonly Assessment[] = [],
): string {
  const { from_mm, to_mm } = rangeOf(problem, amounts, operation);
  if (unread.length > 0) return untilRead(amounts.get(operation) ?? 0, unread, unit);
  const amount = formatWithUnit(amounts.get(operation) ?? 0, 'gap', unit);
  return from_mm <= to_mm
    ? say('rework.amountIs', {
        amount,
        from: formatLength(from_mm, 'gap', unit),
        to: formatLength(to_mm, 'gap', unit),
      })
    : say('rework.amountNever', { amount });
}
