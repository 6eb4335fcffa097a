import type { ReversalOf } from '../assembly/asked';
import { isMoment } from '../schema/moments';
import { stateOf } from '../guidance/evaluator';
import type { Assessment } from '../assessment/assessment';
import { readingWords, type Reading } from '../methods/list';
import { acceptedWords, type Acceptance } from '../records/entries/accept';
import { decidingText } from '../wording/deciding';
import { hotText, rangeText, shownExtremes } from '../wording/figures';
import { explain, explainBeside } from '../wording/verdict';
import { VERDICT_WORD } from '../wording/verdictWord';
import { conventionWords } from '../wording/limits';
import { worstVerdict } from '../assessment/summary';
import { ledgerOf } from '../journal/ledger';
import type { Verdict } from '../metrology/verdict';
import { formatTemperature } from '../quantity/temperature';
import { formatLimits, unitName, formatRange } from '../quantity/format';
import type { ShopUnit } from '../quantity/units';
import { acceptedIn } from '../journal/accepted';
import type { Job } from '../records/job';
import { sheetChanges } from '../records/changes';
import { rulesWords } from '../records/rules';
import { benchSections, struckFindings, struckWork, tagFacts, type ReportSection } from './bench';
import type { Photo } from '../records/photo';
import type { Shop } from '../records/shop';
import type { Sample } from '../trace/sample';
import type { Figure } from '../picture/figure';
import { gapFigure } from '../picture/gapFigure';
import { limitsFor, sheetName, type Sheet } from '../records/sheet';
import { placeOf, targetOf } from '../journal/target';
import { offsetWords } from '../records/entries/zero';
import { dateText } from '../wording/date';
import { listed, paragraph } from '../wording/say';
import { firstSentences } from './sentences';
import { sayReport } from './sayReport';

/** One judged characteristic as the report prints it. */
export interface ReportRow {
  readonly name: string;
  readonly limits: string;
  /** Gives the figure that the verdict hangs on: the largest, of a length with a least value the smallest. */
  readonly evidence: string;
  /** The unit of all figures in it: a shop that reads thou has its sizes in inches. */
  readonly unit: string;
  /** Gives what it was before it was worked on; only where it was. */
  readonly before?: string;
  /** Gives what it should be since; only where that can be told. */
  readonly predicted?: string;
  readonly hot: string;
  readonly verdict: Verdict;
  readonly word: string;
  /** Says who publishes the limit; empty where there is none. */
  readonly source: string;
  /** Says of the verdict what the other columns do not. */
  readonly reason: string;
  /** Draws its bar; null where nothing is known of it. */
  readonly bar: Figure | null;
}

/** Writes the figures of a row with their unit; words that hold no figure stay as they are. */
export const withUnit = (words: string, unit: string): string => {
  const [figures = '', ...convention] = words.split(', ');
  return /\d/.test(figures) ? [`${figures} ${unit}`, ...convention].join(', ') : words;
};

/** A person with an instrument, how often and when: who measured with what. */
export interface ReportHand {
  readonly who: string;
  readonly instrument: string;
  readonly readings: number;
  /** Counts those that were made with a zero that was overdue or never checked; empty for none. */
  readonly zero: string;
  readonly from: string;
  readonly to: string;
}

/** Says who measured with what, how often, when, and how the zero stood, in a line. */
export function handWords(h: ReportHand): string {
  const count = sayReport('report.readings', {
    who: h.who,
    instrument: h.instrument,
    count: h.readings,
  });
  const when = h.from === h.to ? h.from : sayReport('report.fromTo', { from: h.from, to: h.to });
  return [count, when, h.zero].filter(Boolean).join(', ');
}

/** Everything that stands on the one page, as words, so that screen, paper and PDF say the same. */
export interface Report {
  readonly title: string;
  readonly pump: string;
  readonly facts: readonly (readonly [label: string, value: string])[];
  readonly overall: { readonly verdict: Verdict; readonly words: string };
  /** Says the verdict with what was done, and what the test showed. */
  readonly sentences: readonly [string, string];
  readonly rows: readonly ReportRow[];
  /** Holds what is no clearance: variant, findings, orientation, parts to order, what was not done. */
  readonly sections: readonly ReportSection[];
  readonly notMeasured: readonly string[];
  /** Says whether all was measured that has a limit, and names what has no reading. */
  readonly measured: string;
  readonly struck: readonly string[];
  readonly hands: readonly ReportHand[];
  /** Zero checks made for the job, with what was taken off since. */
  readonly zeros: readonly string[];
  readonly notes: readonly string[];
  /** Those of them that whoever owns the pump reads. */
  readonly ownerNotes: readonly string[];
}

/** Names the moment at which a job began. */
export const OPENED = 'Opened';

const day = (moment: string): string =>
  isMoment(moment) ? dateText(moment, 'zoned') : 'not a date';

/** Returns who publishes the limit of a check: as its line says, else its set of limits. */
const sourceOf = ({ sheet, tier }: Job, { characteristic }: Assessment): string =>
  limitsFor(sheet, tier, characteristic.id)?.source ||
  (sheet.tiers.find(({ id }) => id === tier)?.source ?? '');

function rowOf(
  a: Assessment,
  job: Job,
  unit: ShopUnit,
  acceptance: Acceptance | undefined,
): ReportRow {
  const known = shownExtremes(a);
  const { quantity } = a.characteristic;
  const convention = a.limits ? conventionWords(job.sheet, a.limits, a.characteristic.id) : '';
  const unread = a.touches.length > 0 ? 'by hand' : 'not measured';
  const hot =
    known && a.heatShift_mm !== null ? hotText(known, a.heatShift_mm, unit, quantity) : '–';
  return {
    name: a.characteristic.name,
    unit: unitName(quantity, unit),
    source: a.limits ? sourceOf(job, a) : '',
    limits: a.limits
      ? [formatLimits(a.limits, quantity, unit), convention].filter(Boolean).join(', ')
      : 'none',
    evidence: known ? decidingText(a, known, unit) : unread,
    ...(a.before ? { before: rangeText(a.before, unit, quantity) } : {}),
    ...(a.predicted ? { predicted: rangeText(a.predicted, unit, quantity) } : {}),
    hot,
    verdict: a.verdict,
    word: a.limits ? VERDICT_WORD[a.verdict] : acceptance ? 'Accepted' : 'Recorded',
    bar: gapFigure({ limits: a.limits, known, before: a.before, kind: quantity }),
    reason: paragraph(
      known ? explainBeside(a, job.sheet, unit, job.rules) : explain(a, job.sheet, unit, job.rules),
      acceptance && !a.limits ? acceptedWords(acceptance) : '',
    ),
  };
}

function zeroWords(readings: readonly Reading[]): string {
  return (['never', 'overdue'] as const)
    .map(
      (state) =>
        [readings.filter((r) => r.kind === 'size' && r.zero === state).length, state] as const,
    )
    .filter(([n]) => n > 0)
    .map(([count, state]) => sayReport('report.zeroCount', { count, state }))
    .join(', ');
}

function handsOf(readings: readonly Reading[]): ReportHand[] {
  const hands = new Map<string, Reading[]>();
  for (const r of readings) {
    const key = `${r.by}|${r.instrument}`;
    hands.set(key, [...(hands.get(key) ?? []), r]);
  }
  return [...hands.values()].map((group) => {
    const times = group.map((r) => r.at).sort();
    const [first] = group as [Reading];
    return {
      who: first.by || 'unknown',
      instrument: first.instrument,
      readings: group.length,
      zero: zeroWords(group),
      from: day(times[0] ?? ''),
      to: day(times.at(-1) ?? ''),
    };
  });
}

function struckWords(r: Reading, job: Job, unit: ShopUnit): string {
  const { name } = targetOf(job.sheet, r);
  const what = `${name}, ${placeOf(job.sheet, r)}: ${readingWords(r, unit)}`;
  const why = r.voided?.why || 'no reason given';
  return r.voided?.by
    ? sayReport('report.struckBy', { what, why, who: r.voided.by })
    : sayReport('report.struck', { what, why });
}

function zeroLines(job: Job, names: Names, unit: ShopUnit): string[] {
  return ledgerOf(job).zeros.map(({ instrument, at, by, standard_mm, read_mm }) => {
    const words = offsetWords(read_mm - standard_mm, unit);
    return [`${names(instrument)} ${day(at)}`, words, by].filter(Boolean).join(', ');
  });
}

const MANUAL_FIRST =
  'The maker’s manual, local codes and licensed practice come first: this report calculates, the rebuilder decides.';

/** Says of a demonstration that it is one. */
const inventedNote = ({ sheet }: Job): string[] =>
  sheet.invented
    ? [
        'The pump, the limits and their sources are invented for a demonstration: not for a real pump.',
      ]
    : [];

/** Returns what the limits and the verdicts rest on, and what nobody should read into them. */
function notesOf(job: Job, changed: readonly string[], unit: ShopUnit): string[] {
  const rule =
    job.rules.decision === 'guarded'
      ? 'Guarded rule: in or out only where it is at least 95% sure (JCGM 106).'
      : 'Plain rule: the reading is compared with the limit as it stands.';
  const reference = formatTemperature(20, unit);
  const example = formatRange(0.04, 0.05, 'gap', unit);
  const temperatures =
    job.part_C === null
      ? []
      : [
          sayReport('report.partTemperature', {
            part: formatTemperature(job.part_C, unit),
            reference,
          }),
        ];
  return [
    ...inventedNote(job),
    ...(changed.length > 0
      ? [sayReport('report.sheetChanged', { changes: changed.join('; ') })]
      : []),
    paragraph(rule, sayReport('report.howToRead', { example, reference }), ...temperatures),
    sayReport('report.houseRules', { rules: rulesWords(job.rules) }),
    MANUAL_FIRST,
  ];
}

/** Tells what is worth a row: it has a limit, or something was found out about it. */
const reported = (a: Assessment): boolean =>
  a.limits !== null || a.largest !== null || a.before !== null || a.touches.length > 0;

/** Says in which order a report has its checks: what is out first. */
const ORDER: readonly Verdict[] = ['out', 'close', 'open', 'in'];

/** Returns checks with a limit by their verdict, the worst first, and after them what was only recorded. */
function inOrder(all: readonly Assessment[]): Assessment[] {
  const judged = all.filter((a) => a.limits !== null);
  const sorted = ORDER.flatMap((verdict) => judged.filter((a) => a.verdict === verdict));
  return [...sorted, ...all.filter((a) => a.limits === null)];
}

/** Says in a sentence how a pump stands: `2 of 6 checks are out.` */
function overallWords(judged: readonly Assessment[]): string {
  const of = (verdict: Verdict) => judged.filter((a) => a.verdict === verdict).length;
  return sayReport('report.stands', {
    all: judged.length,
    out: of('out'),
    close: of('close'),
    open: of('open'),
  });
}

/** Says whether every check with a limit was measured, and names those, and others, of which there is no reading. */
function measuredWords(all: readonly Assessment[]): string {
  const unread = all.filter((a) => !a.smallest && a.touches.length === 0);
  const judged = all.filter((a) => a.limits !== null);
  const missing = unread.filter((a) => a.limits !== null).length;
  const counts = { measured: judged.length - missing, all: judged.length };
  return paragraph(
    judged.length > 0
      ? sayReport('report.measuredAll', { ...counts, which: missing === 0 ? 'all' : 'some' })
      : '',
    unread.length > 0
      ? sayReport('report.noReading', { checks: listed(unread.map((a) => a.characteristic.name)) })
      : '',
  );
}

/** The name of an instrument by its id. */
type Names = (id: string) => string;

/** Describes what a report may know beyond its job: the sheet as it is now, and the instruments by name. */
export interface ReportContext {
  readonly sheetNow?: Sheet | null;
  readonly instrumentName?: Names;
  /** Says how the pump is reversed, where the job was given for that. */
  readonly reversalOf?: ReversalOf | null;
  /** Holds what stands over the reports of the shop, and its money. */
  readonly shop?: Pick<Shop, 'heading' | 'money'> | null;
  /** Lists the photos of the job that are at hand. */
  readonly photos?: readonly Photo[];
  /** Lists the samples of the test that tells most. */
  readonly run?: readonly Sample[] | null;
}

/** Returns the report of a job as words, in the unit that the shop reads. */
export function reportOf(
  job: Job,
  unit: ShopUnit,
  { sheetNow = null, instrumentName = (id) => id, reversalOf = null }: ReportContext = {},
): Report {
  const changed = sheetNow ? sheetChanges(job.sheet, sheetNow, unit) : [];
  const state = stateOf(job);
  const all = state.characteristics;
  const { readings } = ledgerOf(job);
  const judged = all.filter((a) => a.limits !== null);
  const accepted = acceptedIn(job);
  const tier = job.sheet.tiers.find((t) => t.id === job.tier);
  const verdict = worstVerdict(judged);
  return {
    title: sayReport('report.title', { tag: job.tag }),
    pump: sheetName(job.sheet),
    facts: [
      ...tagFacts(job),
      ...(job.visit
        ? [
            [
              'Here before',
              sayReport('report.visit', { number: job.visit.number, tag: job.visit.tag }),
            ],
          ]
        : []),
      [OPENED, day(job.createdAt)],
      [
        'Limits',
        sayReport('report.limitsFrom', {
          limits: tier?.name ?? job.tier,
          source: tier?.source || 'no source given',
        }),
      ],
    ].filter(([, value]) => value !== '') as [string, string][],
    overall: { verdict, words: overallWords(judged) },
    sentences: firstSentences(job, state, unit),
    rows: inOrder(all.filter(reported)).map((a) =>
      rowOf(a, job, unit, accepted.get(a.characteristic.id)),
    ),
    sections: benchSections(job, unit, state, reversalOf),
    notMeasured: judged.filter((a) => !a.smallest).map((a) => a.characteristic.name),
    measured: measuredWords(all),
    struck: [
      ...readings.filter((r) => r.voided).map((r) => struckWords(r, job, unit)),
      ...struckFindings(job, unit),
      ...struckWork(job, unit),
    ],
    hands: handsOf(readings.filter((r) => !r.voided)),
    zeros: zeroLines(job, instrumentName, unit),
    notes: notesOf(job, changed, unit),
    ownerNotes: [...inventedNote(job), MANUAL_FIRST],
  };
}
