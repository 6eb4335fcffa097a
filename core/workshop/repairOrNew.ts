/** Says what a repair costs beside a new pump, in the shop's money; times in minutes and days. */
export interface RepairOrNew {
  readonly partsCost: number;
  readonly minutes: number;
  readonly ratePerHour: number;
  readonly outsideCost: number;
  readonly repairDays: number;
  /** Price of a new pump; null where nobody asked. */
  readonly price: number | null;
  readonly newDays: number;
  readonly downPerDay: number;
  readonly repairComeback_percent: number;
  readonly newComeback_percent: number;
  readonly comebackCost: number;
}

/** Either cost, which is less, and how far repair may go before they are even. */
export interface RepairAgainstNew {
  readonly repair: number;
  readonly new: number | null;
  readonly better: 'repair' | 'new' | 'even' | null;
  readonly by: number | null;
  /** Days at which a repair costs as much as a new pump; null where no day of waiting costs anything, or none would be soon enough. */
  readonly evenRepairDays: number | null;
  /** Chance of a comeback at which it does, in %; null where it is none between 0 and 100. */
  readonly evenComeback_percent: number | null;
}

/** Sums of money that differ by less are even. */
const SAME = 1e-9;

/**
 * Returns what a repair comes to beside a new pump: what is paid, what every day of waiting costs, and the chance of a
 * comeback times what one costs.
 *
 * @param job money in the shop's own, times in minutes and days, chances in %
 * @example
 * const repair = { partsCost: 210, minutes: 150, ratePerHour: 72, outsideCost: 95, repairDays: 3, repairComeback_percent: 10 };
 * const fresh = { price: 980, newDays: 9, newComeback_percent: 2, downPerDay: 60, comebackCost: 350 };
 * repairOrNew({ ...repair, ...fresh }); // { repair: 700, new: 1527, better: 'repair', by: 827, evenRepairDays: 16.783333 }
 * repairOrNew({ ...repair, ...fresh, price: null }).better; // null
 */
export function repairOrNew(job: RepairOrNew): RepairAgainstNew {
  const { downPerDay, comebackCost } = job;
  const paid = job.partsCost + (job.minutes / 60) * job.ratePerHour + job.outsideCost;
  const after = (days: number, percent: number) =>
    days * downPerDay + (percent / 100) * comebackCost;
  const repair = paid + after(job.repairDays, job.repairComeback_percent);
  if (job.price === null)
    return {
      repair,
      new: null,
      better: null,
      by: null,
      evenRepairDays: null,
      evenComeback_percent: null,
    };
  const fresh = job.price + after(job.newDays, job.newComeback_percent);
  const cheaper = fresh - repair;
  const days = downPerDay > 0 ? job.repairDays + cheaper / downPerDay : -1;
  const percent =
    comebackCost > 0 ? job.repairComeback_percent + (100 * cheaper) / comebackCost : -1;
  return {
    repair,
    new: fresh,
    better: Math.abs(cheaper) < SAME ? 'even' : cheaper > 0 ? 'repair' : 'new',
    by: Math.abs(cheaper),
    evenRepairDays: days >= 0 ? days : null,
    evenComeback_percent: percent >= 0 && percent <= 100 ? percent : null,
  };
}
