import { watchLines } from '../assembly/handover';
import { stateOf } from '../guidance/evaluator';
import { takenCauses } from '../journal/blamed';
import { isProven, isTestOvertaken } from '../journal/tested';
import type { Verdict } from '../metrology/verdict';
import type { Figure } from '../picture/figure';
import { sayProve } from '../prove/say';
import { followUpWords, untestedWords } from '../prove/sayProve';
import { capital } from '../quantity/letters';
import type { ShopUnit } from '../quantity/units';
import type { Job } from '../records/job';
import { NEW_SHOP } from '../records/shop';
import { dateText } from '../wording/date';
import { paragraph, say, sentence } from '../wording/say';
import { aroundOf, nextLook, type PageAround } from './around';
import { DUE, type SectionId } from './bench';
import { chartOf, type RunDrawn } from './chart';
import { nothingLines, planLines, quoteSentence } from './quote';
import {
  handWords,
  OPENED,
  reportOf,
  withUnit,
  type Report,
  type ReportContext,
  type ReportRow,
} from './report';
import { sayReport } from './sayReport';

/** Lists who a report is for: the owner, in plain words; or the next rebuilder, with all there is. */
export const REPORT_FORMS = ['owner', 'full'] as const;
export type ReportForm = (typeof REPORT_FORMS)[number];

/** Lists the forms that a page of a job can have: a report, or before the work a quote. */
export const PAGE_FORMS = [...REPORT_FORMS, 'quote'] as const;
export type PageForm = (typeof PAGE_FORMS)[number];

/** Lists in which units a report can be: those of one system, or both side by side. */
export const REPORT_UNITS = ['mm', 'thou', 'both'] as const;
export type ReportUnit = (typeof REPORT_UNITS)[number];

/** Lists the parts of a report in their order. */
export const PAGE_SECTIONS = [
  'came',
  'found',
  'cause',
  'measured',
  'done',
  'open',
  'test',
  'watch',
] as const;

/** Lists the parts of a quote in their order. */
const QUOTE_SECTIONS = ['came', 'found', 'cause', 'measured', 'plan', 'nothing'] as const;
export type PageSectionId = (typeof PAGE_SECTIONS | typeof QUOTE_SECTIONS)[number];

/** One part of a report: its rows, each of cells. */
export interface PageSection {
  readonly id: PageSectionId;
  readonly rows: readonly (readonly string[])[];
}

/** A check as a report has it, its figures with their units. */
export interface PageCheck {
  readonly name: string;
  /** As it came; empty where it is as it came. */
  readonly before: string;
  readonly now: string;
  /** Gives what it should be since; empty where that is not told. */
  readonly predicted: string;
  readonly limits: string;
  /** Empty where nobody can say. */
  readonly hot: string;
  readonly source: string;
  readonly verdict: Verdict;
  readonly word: string;
  readonly reason: string;
  readonly bar: Figure | null;
  /** Says what its columns do not: why, what it should be since, the hot gap, where its limit is from. */
  readonly beneath: string;
}

/** A report in one of its forms. */
export interface ReportPage {
  readonly form: PageForm;
  readonly around: PageAround;
  readonly title: string;
  readonly pump: string;
  /** Holds the worst that a check with a limit has come to. */
  readonly verdict: Verdict;
  /** The run of its test; null where there is none. */
  readonly chart: RunDrawn | null;
  readonly sentences: readonly [string, string];
  readonly sections: readonly PageSection[];
  /** The checks that it has one by one, and a line for the others; empty for none. */
  readonly checks: readonly PageCheck[];
  readonly others: string;
  /** Says whether all was measured that has a limit; empty for who does not read that. */
  readonly measured: string;
  /** Lists who measured with what, how the instruments stood, what was struck out; nothing for who does not read that. */
  readonly grounds: readonly (readonly [name: string, lines: readonly string[]])[];
  /** Says what is not measured, not looked at, not done. */
  readonly open: readonly string[];
  /** Says what stands beneath it all. */
  readonly notes: readonly string[];
}

/** Lists the parts that an owner does not read: what the next rebuilder needs. */
const FOR_REBUILDERS: readonly SectionId[] = ['variant', 'also', 'wayRound', 'decided', 'worked'];

/** Says where each part of what is told of a job stands on its report. */
const PLACE: Readonly<Record<SectionId, PageSectionId>> = {
  closed: 'done',
  variant: 'found',
  before: 'came',
  look: 'found',
  also: 'found',
  wrong: 'found',
  wayRound: 'found',
  why: 'cause',
  decided: 'done',
  work: 'done',
  left: 'open',
  worked: 'done',
  order: 'done',
  build: 'done',
  test: 'test',
  open: 'open',
};

/** Returns a row with the units of its figures, and the figures of another system beside them where there is one. */
function checkOf(row: ReportRow, other: ReportRow | undefined): PageCheck {
  const figure = (of: (r: ReportRow) => string | undefined): string => {
    const text = of(row);
    if (!text || text === '–') return '';
    const one = withUnit(text, row.unit);
    const beside = other && withUnit(of(other) ?? '', other.unit);
    return beside && beside !== one ? sayReport('report.inBoth', { one, other: beside }) : one;
  };
  const { name, source, verdict, word, reason, bar } = row;
  const [predicted, hot] = [figure((r) => r.predicted), figure((r) => r.hot)];
  return {
    name,
    before: figure((r) => r.before),
    now: figure((r) => r.evidence),
    predicted,
    limits: figure((r) => r.limits),
    hot,
    source,
    verdict,
    word,
    reason,
    bar,
    beneath: paragraph(
      reason,
      predicted && sentence(capital(say('report.predicted', { value: predicted }))),
      hot && sentence(capital(say('report.hot', { gap: hot }))),
      source && sentence(say('report.limitBy', { source })),
    ),
  };
}

/** Tells whether an owner reads of a check by itself: it has a limit, and is out or close, or something was done to it. */
const isTold = ({ verdict, word, before }: PageCheck): boolean =>
  word !== 'Recorded' && (verdict === 'out' || verdict === 'close' || before !== '');

/** Says of the checks that are not told one by one how many are in; empty where there are none. */
function othersWords(told: number, others: readonly PageCheck[]): string {
  const count = others.filter(
    ({ verdict, word }) => verdict === 'in' && word !== 'Recorded',
  ).length;
  return count === 0
    ? ''
    : sayReport('report.restIn', { count, other: told > 0 ? 'some' : 'none' });
}

const cellsOf = (check: PageCheck, form: PageForm): string[] => {
  const { name, before, now, limits, source, word, reason } = check;
  return form !== 'full'
    ? [name, before, now, limits, word]
    : [name, before, now, limits, source, word, reason];
};

/** Says that a pump was not tested as it is now; nothing where it was, was proven otherwise, or is given up. */
function untestedLine(job: Job): string[] {
  if (isProven(job) || job.closed) return [];
  return [untestedWords(job) || sayProve(isTestOvertaken(job) ? 'prove.sinceWork' : 'prove.not')];
}

/** Lists what is left open of a job: checks with a limit that nobody measured or that are not settled, what was skipped, put off or not done, no test. */
function openOf(job: Job, report: Report): string[] {
  const lines = report.sections.filter(({ id }) => PLACE[id] === 'open');
  const unread = new Set(report.notMeasured);
  const unsettled = report.rows.filter(
    ({ verdict, word, name }) => verdict === 'open' && word === 'Open' && !unread.has(name),
  );
  return [
    ...report.notMeasured.map((name) => sayReport('report.notMeasured', { place: name })),
    ...unsettled.map(({ name }) => sayReport('report.notSettled', { name })),
    ...lines.flatMap((section) => section.lines),
    ...untestedLine(job),
  ];
}

/** Lists what to watch: what is due, what has to change on the machine, and what is told to whoever gets the pump; nobody gets one that was given up. */
const watchOf = (job: Job): string[] =>
  job.closed
    ? []
    : [
        nextLook(job),
        ...followUpWords(job),
        ...takenCauses(job).flatMap(({ change }) =>
          change.flatMap(({ words, when }) => (when === 'machine' ? [words] : [])),
        ),
        ...watchLines(job),
      ].filter(Boolean);

/** Lists who measured with what, how the instruments stood, and what was struck out. */
const groundsOf = ({ hands, zeros, struck }: Report): ReportPage['grounds'] =>
  (
    [
      ['Measured by', hands.length > 0 ? hands.map(handWords) : ['No reading yet.']],
      ['Zero checks', zeros],
      ['Struck out, not used', struck],
    ] as const
  ).filter(([, lines]) => lines.length > 0);

/**
 * Returns the report of a job in one of its forms: two sentences, and its parts in the order in which they are read.
 *
 * @param job with its journal
 * @param form for the owner or the next rebuilder
 * @param unit that figures are in, or both systems
 * @param context what it may know beyond its job
 */
export function pageOf(
  job: Job,
  form: PageForm,
  unit: ReportUnit,
  context: ReportContext = {},
): ReportPage {
  const main: ShopUnit = unit === 'both' ? 'mm' : unit;
  const report = reportOf(job, main, context);
  const beside = unit === 'both' ? reportOf(job, 'thou', context).rows : [];
  const all = report.rows.map((row) =>
    checkOf(
      row,
      beside.find(({ name }) => name === row.name),
    ),
  );
  const checks = form === 'full' ? all : all.filter(isTold);
  const others = othersWords(
    checks.length,
    all.filter((check) => !checks.includes(check)),
  );
  const told = report.sections.filter(({ id }) => form === 'full' || !FOR_REBUILDERS.includes(id));
  const of = (place: PageSectionId): string[][] =>
    told
      .filter(({ id }) => PLACE[id] === place)
      .flatMap(({ title, lines }) => lines.map((line, i) => [i === 0 ? title : '', line]));
  const alone = (lines: readonly string[]) => lines.map((line) => [line]);
  const open = openOf(job, report);
  const isQuote = form === 'quote';
  const money = context.shop?.money ?? NEW_SHOP.money;
  const state = stateOf(job);
  const rows: Readonly<Record<PageSectionId, readonly (readonly string[])[]>> = {
    came: [
      // When it was opened stands over an owner's page.
      ...report.facts
        .filter(([label]) => form === 'full' || label !== OPENED)
        .map(([label, value]) => [label, label === DUE ? dateText(value, 'utc day') : value]),
      ...of('came'),
    ],
    found: of('found'),
    cause: alone(of('cause').map(([, line = '']) => line)),
    measured: [...checks.map((check) => cellsOf(check, form)), ...(others ? [[others]] : [])],
    done: of('done'),
    open: alone(open),
    test: alone(of('test').map(([, line = '']) => line)),
    watch: alone(watchOf(job)),
    plan: isQuote ? alone(planLines(job, main)) : [],
    nothing: isQuote ? alone(nothingLines(job, state, main)) : [],
  };
  return {
    form,
    around: aroundOf(job, context.shop?.heading, context.photos, isQuote),
    title: isQuote ? sayReport('report.quoteTitle', { tag: job.tag }) : report.title,
    chart: isQuote || !context.run ? null : chartOf(job, state, context.run, main),
    sentences: isQuote ? [report.sentences[0], quoteSentence(job, money)] : report.sentences,
    sections: (isQuote ? QUOTE_SECTIONS : PAGE_SECTIONS).map((id) => ({ id, rows: rows[id] })),
    pump: report.pump,
    verdict: report.overall.verdict,
    measured: form === 'full' ? report.measured : '',
    grounds: form === 'full' ? groundsOf(report) : [],
    checks,
    others,
    open,
    notes: form === 'full' ? report.notes : report.ownerNotes,
  };
}
