import type { Assessment } from '../assessment/assessment';
import type { Evaluator } from '../guidance/evaluator';
import { comebackOf, wentOutOn } from '../journal/comebacks';
import { workEntriesOf } from '../journal/eras';
import { isProven } from '../journal/tested';
import { centre, ends, isOpen, type Estimate } from '../metrology/estimate';
import type { Job } from '../records/job';
import type { HouseRules } from '../records/rules';
import { sheetName } from '../records/sheet';
import { asItCame } from './came';
import { isMadeUp } from './madeUp';
import { repeatsIn, type Repeat } from './repeats';
import { saidOf, type Said } from './said';
import { serialKey } from './serial';

/** Gives the smallest and the largest place of a gap or a size, each by its middle, in mm; null for an end that nothing bounds. */
export interface Reach {
  readonly smallest_mm: number | null;
  readonly largest_mm: number | null;
  /** Says what its largest place is at least, where nothing bounds it above: the thickest leaf went in. Null where something does. */
  readonly over_mm: number | null;
}

/** Describes one characteristic of one pump: as it came, and as it went out; null where that is not known. */
export interface GapFacts {
  readonly came: Reach | null;
  readonly went: Reach | null;
}

/** Names a part that was exchanged, and whose make the new one is; empty where nobody said. */
export interface SpareFacts {
  readonly part: string;
  readonly make: string;
}

/** Says that a pump came back. */
export interface BackFacts {
  readonly day: string;
  readonly used: number | null;
  readonly cause: string;
  readonly words: string;
}

/** Holds what history keeps of a job: small, plain, and made anew whenever the job was written. */
export interface JobFacts {
  readonly id: string;
  readonly tag: string;
  /** Tells whether it is made up: it came with the demo, or was read off a simulated gauge. That never mixes with a shop's own. */
  readonly isDemo: boolean;
  readonly model: string;
  readonly family: string;
  readonly serial: string;
  readonly owner: string;
  /** Names the machine that the pump is of. */
  readonly machine: string;
  readonly complaint: string;
  readonly day: string;
  /** Gives the day on which it went out; null while it did not. */
  readonly out: string | null;
  /** Counts hours or distance run when it came, in its unit; null where nobody said. */
  readonly used: number | null;
  readonly usedUnit: string;
  /** Names the visit before this one, by the id of its job; null for the first. */
  readonly visitOf: string | null;
  readonly isProven: boolean;
  readonly wasWorked: boolean;
  readonly bushing: HouseRules['bushing'];
  readonly gaps: Readonly<Record<string, GapFacts>>;
  readonly spares: readonly SpareFacts[];
  readonly back: BackFacts | null;
  readonly repeats: readonly Repeat[];
  readonly said: readonly Said[];
}

/** Says with how many decimals of a millimetre a middle is kept. */
const DECIMALS = 4;

const kept = (mm: number): number => Number(mm.toFixed(DECIMALS));

const boundedOf = (estimate: Estimate): number | null =>
  isOpen(estimate) ? null : kept(centre(estimate));

/** Returns where a characteristic lies; null where nothing is known of it. */
function reachOf({ smallest, largest }: Assessment): Reach | null {
  if (!smallest || !largest) return null;
  return {
    smallest_mm: boundedOf(smallest),
    largest_mm: boundedOf(largest),
    over_mm: isOpen(largest) ? kept(ends(largest)[0]) : null,
  };
}

/** Returns every characteristic of which something is known, as it came and as it went out. */
function gapsOf(
  job: Job,
  evaluator: Evaluator,
  isOut: boolean,
): Readonly<Record<string, GapFacts>> {
  const now = evaluator.assess(job);
  const came = asItCame(job, evaluator);
  return Object.fromEntries(
    now.flatMap((a, i) => {
      const first = came[i];
      const facts = { came: first ? reachOf(first) : null, went: isOut ? reachOf(a) : null };
      return facts.came || facts.went ? [[a.characteristic.id, facts]] : [];
    }),
  );
}

/**
 * Returns what history keeps of a job.
 *
 * @param evaluator may be the one of many jobs: it is asked, and keeps what it knows
 */
export function factsOf(job: Job, evaluator: Evaluator): JobFacts {
  const out = wentOutOn(job);
  const back = comebackOf(job);
  const work = workEntriesOf(job);
  return {
    id: job.id,
    tag: job.tag,
    isDemo: isMadeUp(job),
    model: sheetName(job.sheet),
    family: job.sheet.family,
    serial: serialKey(job.serial),
    owner: job.owner,
    machine: job.unit,
    complaint: job.complaint,
    day: job.createdAt.slice(0, 10),
    out,
    used: job.used,
    usedUnit: job.usedUnit,
    visitOf: job.visit?.of ?? null,
    isProven: isProven(job),
    wasWorked: work.length > 0,
    bushing: job.rules.bushing,
    gaps: gapsOf(job, evaluator, out !== null),
    spares: work.flatMap(({ work: kind, part, make }) =>
      kind === 'exchanged' ? [{ part, make }] : [],
    ),
    back: back && {
      day: back.date,
      used: back.used,
      cause: back.cause,
      words: back.words,
    },
    repeats: repeatsIn(job),
    said: saidOf(job),
  };
}
