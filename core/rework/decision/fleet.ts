import { sheetName } from '../../records/sheet';
import type { ReworkCase } from './case';
import { plannedOperations } from './lines';
import { priceOf } from './money';
import type { Rework } from './solve';

/** A job of the fleet with what can be done about its pump. */
export interface FleetJob {
  readonly rework: ReworkCase;
  readonly solved: Rework;
}

/** A part that plans of several pumps ask for. */
export interface Spare {
  readonly key: string;
  /** Names what it is for, and the pump: `Bushing`, `Veltrane T6 front pump`. */
  readonly on: string;
  readonly model: string;
  /** Tags of the jobs that ask for it. */
  readonly tags: readonly string[];
  /** Gives what one of it costs, and the days until it is there. */
  readonly price: number;
  readonly days: number;
  /** Tells whether the price is only the app's example. */
  readonly example: boolean;
}

/** Says what the cheapest plans of a fleet come to. */
export interface Fleet {
  /** Lists the parts that are wanted, what most pumps want first. */
  readonly spares: readonly Spare[];
  /** Lists the tags of pumps that no work brings in. */
  readonly givenUp: readonly string[];
  readonly minutes: number;
  /** Gives what is paid for parts and outside, and the shop's own time. */
  readonly work: number;
  /** Tells whether some of it rests on prices that are only the app's examples. */
  readonly example: boolean;
}

/**
 * Returns what the cheapest plans of several pumps ask for together: the spares wanted in stock, time and cost.
 *
 * @param jobs with their plans, the cheapest first
 * @example
 * fleetOf([]); // { spares: [], givenUp: [], minutes: 0, work: 0, example: false }
 */
export function fleetOf(jobs: readonly FleetJob[]): Fleet {
  const spares = new Map<string, Spare>();
  const givenUp: string[] = [];
  let [minutes, work, example] = [0, 0, false];
  for (const { rework, solved } of jobs) {
    const { job } = rework;
    const [plan] = solved.plans;
    if (!plan) {
      givenUp.push(job.tag);
      continue;
    }
    const price = priceOf(rework, plan);
    minutes += price.minutes;
    work += price.work;
    example ||= price.example;
    for (const { offer } of plannedOperations(rework, plan)) {
      if (offer.operation.replaces === null) continue;
      const key = `${job.sheet.model}/${offer.id}`;
      const known = spares.get(key);
      spares.set(key, {
        key,
        on: offer.on,
        model: sheetName(job.sheet),
        price: offer.terms.price,
        days: offer.terms.days,
        example: offer.terms.example,
        tags: [...(known?.tags ?? []), job.tag],
      });
    }
  }
  const most = (a: Spare, b: Spare) => b.tags.length - a.tags.length || b.price - a.price;
  return { spares: [...spares.values()].sort(most), givenUp, minutes, work, example };
}
