import { beyondOf } from '../assessment/beyond';
import { judge } from '../assessment/judge';
import type { Assessment } from '../assessment/assessment';
import { auxiliaryChecks } from '../inspect/auxiliary';
import { lookedAt, type Looked } from '../inspect/looking';
import { mixOf } from '../inspect/mixing';
import { stripped } from '../inspect/stripping';
import { exchangedSince, lastExchange } from '../journal/exchanged';
import { ledgerOf } from '../journal/ledger';
import { wayRoundWords } from '../pumps/teardown/wayRound';
import type { Finding } from '../records/entries/finding';
import type { Job } from '../records/job';
import { ROTATIONS } from '../records/tag';
import { counting } from '../schema/voiding';
import { SIGNS } from './causes';
import { COMPLAINT_IDS, type ComplaintId } from './complaints';
import {
  GAPS,
  type Clue,
  type FactId,
  type GapGroup,
  type On,
  type Sign,
  type Standing,
} from './clue';
import type { Evidence, Settled } from './rank';

/** Returns the id that something of a stack has on its first section. */
const onFirst = (id: string): string => id.replace(/-s\d+$/, '');

/** Holds what is known of the pump on a job, as it came in. */
interface Known {
  readonly job: Job;
  readonly gaps: readonly StandingGap[];
  readonly looked: readonly Looked[];
  readonly answers: ReadonlyMap<string, string>;
  readonly told: ReadonlyMap<string, 'yes' | 'no'>;
}

/** Says how one clearance stood as it came in; `open` where nobody knows. */
interface StandingGap {
  readonly first: string;
  readonly name: string;
  readonly standing: Standing | 'open';
}

/** Returns how a clearance with limits stood before any work on it. */
function standingOf(job: Job, a: Assessment): Standing | 'open' {
  const { limits, before } = a;
  if (!limits) return 'open';
  const was = a.work.length > 0 ? before : a;
  if (!was?.smallest || !was.largest) return 'open';
  const { verdict } = before
    ? judge(before.smallest, before.largest, limits, job.rules.decision, false)
    : a;
  if (verdict !== 'out') return verdict;
  const beyond = beyondOf({ limits, smallest: was.smallest, largest: was.largest });
  return beyond && beyond.under_mm > beyond.over_mm ? 'under' : 'over';
}

/** Tells whether a finding is of a part that came in with the pump, not of one that was put in since. */
const cameIn = (job: Job, { parts }: Looked['surface'], finding: Finding): boolean =>
  parts.length === 0 ||
  parts.some((part) => !lastExchange(job, part) || exchangedSince(job, part, finding));

function knownOf(job: Job, all: readonly Assessment[]): Known {
  const told = counting(ledgerOf(job).told).map(({ of, answer }) => [of, answer] as const);
  // What was answered tells, also where the sheet asks for it no more.
  const answered = counting(ledgerOf(job).also).map(
    ({ check, answer }) => [check, answer] as const,
  );
  return {
    job,
    gaps: all
      .filter((a) => a.limits !== null)
      .map((a) => ({
        first: a.characteristic.first,
        name: a.characteristic.name,
        standing: standingOf(job, a),
      })),
    looked: lookedAt(job).map((looked) => ({
      ...looked,
      findings: looked.findings.filter((finding) => cameIn(job, looked.surface, finding)),
    })),
    answers: new Map(answered),
    told: new Map(told),
  };
}

/**
 * Names the clearances of a group that stand so. That a group is in says only who knows all of it: one that nobody measured may
 * be out.
 */
function gapsThat({ gaps }: Known, group: GapGroup, is: Standing, least: number): string[] {
  const all = gaps.filter(({ first }) => GAPS[group].test(first));
  const these = all.filter(({ standing }) => standing === is).map(({ name }) => name);
  if (is === 'in' && these.length < all.length) return [];
  return these.length < least ? [] : these;
}

/** Names the surfaces on which one of some defects was seen. */
const defectsOn = (
  { looked }: Known,
  { kinds, ids, but }: On,
  defects: readonly string[],
): string[] =>
  looked
    .filter(({ surface: { id, kind }, findings }) => {
      const first = onFirst(id);
      const isMeant = (!kinds || kinds.includes(kind)) && (!ids || ids.test(first));
      return (
        isMeant &&
        !but?.test(first) &&
        findings.some(({ defect }) => defect && defects.includes(defect))
      );
    })
    .map(({ surface }) => surface.name);

const [, CLOCKWISE, OTHER_WAY] = ROTATIONS;
const ARROW: Readonly<Record<string, Job['rotation']>> = { cw: CLOCKWISE, ccw: OTHER_WAY };

/** Tells whether an arrow points another way than is right on this pump, or than the tag says that it turned. */
function isAgainst({ rotation }: Job, right: string, way: string | undefined): boolean {
  const arrow = ARROW[way ?? ''];
  if (!arrow) return false;
  return right in ARROW ? right !== way : rotation !== 'unknown' && rotation !== arrow;
}

/** Says what shows each fact of a job: names where it stands, or nothing where it is not so. */
const FACT: Readonly<Record<FactId, (known: Known) => readonly string[]>> = {
  'plain-drain': ({ job: { sheet }, answers }) =>
    !answers.has('drain-kind') && (sheet.drain === 'hole' || sheet.drain === 'plug') ? [''] : [],
  'against-drive': ({ job }) => [
    ...auxiliaryChecks(job)
      .filter(({ check, harm }) => check.id === 'larger-port' && harm !== null)
      .map(({ check }) => check.name),
    ...stripped(job)
      .filter(
        ({ step, note }) => step.way === 'arrow-shaft' && isAgainst(job, step.right, note?.way),
      )
      .map(({ note, step }) => wayRoundWords(step.way, note?.way ?? '')),
  ],
  'mixed-parts': ({ job }) =>
    mixOf(job).some(({ verdict, of, in: other }) => verdict !== 'fits' && of !== other) ? [''] : [],
  bright: ({ looked }) =>
    looked.length > 0 &&
    looked.every(
      ({ state, findings }) =>
        state !== 'unseen' &&
        findings.every(({ defect }) => defect !== 'rusted' && defect !== 'pitted'),
    )
      ? ['']
      : [],
  'only-polished': ({ looked }) => {
    const seen = looked.filter(({ surface }) => surface.kind === 'crescent');
    const defects = seen.flatMap(({ findings }) => findings.map(({ defect }) => defect));
    return defects.includes('polished') && defects.every((d) => d === 'polished' || d === null)
      ? seen.map(({ surface }) => surface.name)
      : [];
  },
};

/** Names the places at which a clue shows; empty where it does not. */
function placesOf(known: Known, clue: Clue): readonly string[] {
  if ('gap' in clue) return gapsThat(known, clue.gap, clue.is, clue.least ?? 1);
  if ('on' in clue) return defectsOn(known, clue.on, clue.defects);
  if ('check' in clue) {
    const said = [...known.answers].filter(
      ([check, answer]) => clue.check.test(check) && clue.answers.includes(answer),
    );
    return said.map(() => '');
  }
  if ('noted' in clue) {
    return stripped(known.job)
      .filter(({ step, note }) => step.way === clue.noted && clue.ways.includes(note?.way ?? ''))
      .map(() => '');
  }
  if ('told' in clue) return known.told.get(clue.told) === 'yes' ? [''] : [];
  return FACT[clue.fact](known);
}

/** Names the places at which a sign shows; null where it does not. */
function shownAt(known: Known, { id, clues, together }: Sign): readonly string[] | null {
  const said = known.told.get(id);
  const places = clues.map((clue) => placesOf(known, clue));
  const isShown = together
    ? places.every((p) => p.length > 0)
    : said === 'yes' || places.some((p) => p.length > 0);
  return isShown ? [...new Set(places.flat().filter(Boolean))] : null;
}

/** Holds what a job says of why its pump failed. */
export interface FoundOnJob extends Evidence {
  /** Names the places where each sign that was found shows; empty where it is of no place. */
  readonly places: ReadonlyMap<string, readonly string[]>;
  /** Says what was answered, by complaint and sign. */
  readonly told: ReadonlyMap<string, 'yes' | 'no'>;
}

/** Says what a person's answer on a cause settles. */
const SETTLES: Readonly<Record<string, Settled | undefined>> = { proven: 'yes', 'ruled-out': 'no' };

/**
 * Returns what a job says of why its pump failed: the complaint, the signs that looking, measuring and asking showed, and what
 * checks settled. What stood before any work counts, not what was mended since.
 *
 * @param all what its clearances come to
 */
export function foundOn(job: Job, all: readonly Assessment[]): FoundOnJob {
  const known = knownOf(job, all);
  const places = new Map(
    SIGNS.flatMap((sign) => {
      const at = shownAt(known, sign);
      return at ? [[sign.id, at] as const] : [];
    }),
  );
  const settled = counting(ledgerOf(job).causes).flatMap(({ cause, answer }) => {
    const is = SETTLES[answer];
    return is ? [[cause, is] as const] : [];
  });
  return {
    complaints: COMPLAINT_IDS.filter((id): id is ComplaintId => known.told.get(id) === 'yes'),
    signs: new Set(places.keys()),
    settled: new Map(settled),
    places,
    told: known.told,
  };
}
