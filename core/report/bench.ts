import { workEntriesOf } from '../journal/eras';
import { counting } from '../schema/voiding';
import { workWords } from '../wording/reading';
import { skipWords } from '../records/entries/skip';
import { answerBeside, auxiliaryChecks } from '../inspect/auxiliary';
import { decidedWords, seenWords } from '../records/entries/finding';
import { checksOf } from '../inspect/checks';
import { identify } from '../inspect/identify';
import { answerWords, standingWords } from '../wording/key';
import { lookedAt } from '../inspect/looking';
import { mixOf } from '../inspect/mixing';
import { orderList } from '../inspect/order';
import { ledgerOf } from '../journal/ledger';
import { turnsFrom, workedOutIn } from '../journal/workedOut';
import { laidWrong, noteWords, stripped } from '../inspect/stripping';
import { partName, teardownOf } from '../pumps/registry';
import { formatFlow, formatPressure } from '../quantity/flow';
import { trimmed } from '../quantity/format';
import { formatTemperature } from '../quantity/temperature';
import type { ShopUnit } from '../quantity/units';
import type { ReversalOf } from '../assembly/asked';
import type { State } from '../guidance/evaluator';
import type { Job } from '../records/job';
import { pumpSpeed } from '../records/tag';
import { dateText } from '../wording/date';
import { acceptedLines, decisionLines, stepsLeft } from '../wording/worked';
import { orderLineWords } from '../wording/order';
import { paragraph, say } from '../wording/say';
import { workedWhen } from '../wording/workedOut';
import { buildLines, openLines } from './build';
import { sayReport } from './sayReport';
import { testLines } from './tested';
import { whyLines } from './why';

/** Lists the parts of a report that are words. */
export type SectionId =
  | 'closed'
  | 'variant'
  | 'before'
  | 'look'
  | 'also'
  | 'wrong'
  | 'wayRound'
  | 'why'
  | 'decided'
  | 'work'
  | 'left'
  | 'worked'
  | 'order'
  | 'build'
  | 'test'
  | 'open';

/** A part of the report that is words: lines beneath each other, or run on where paper is short. */
export interface ReportSection {
  readonly id: SectionId;
  readonly title: string;
  readonly lines: readonly string[];
}

/**
 * Returns what was read before the teardown: `27 l/min, 9.8 bar, oil 88 °C, pump at 2000 rpm (engine
 * 2000 rpm × 1)`
 */
export function beforeLines({ before }: Job, unit: ShopUnit): string[] {
  return before.map((b) => {
    const speed = sayReport('report.pumpAt', {
      pump: trimmed(pumpSpeed(b), 0),
      engine: trimmed(b.drive_rpm, 0),
      ratio: trimmed(b.ratio, 3),
    });
    const figures = [
      b.flow_lpm === null ? '' : formatFlow(b.flow_lpm, unit),
      b.pressure_bar === null ? '' : formatPressure(b.pressure_bar, unit),
      b.oil_C === null
        ? ''
        : sayReport('report.oil', { temperature: formatTemperature(b.oil_C, unit) }),
    ].filter(Boolean);
    return [...(figures.length > 0 ? figures : ['nothing read']), speed].join(', ');
  });
}

function variantLines(job: Job, unit: ShopUnit): string[] {
  const { sheet, key } = job;
  const name = (id: string | null) => sheet.variants.find((v) => v.id === id)?.name ?? 'not chosen';
  const checks = checksOf(sheet);
  const answers = key.flatMap((answer) => {
    const check = checks.find((c) => c.id === answer.check);
    return check ? [`${check.ask}: ${answerWords(check, answer, unit)}`] : [];
  });
  const state = identify(sheet, key);
  // Where the person took another than the answers name, or the answers name none, that is said.
  const sure =
    job.variant === null || (state.standing === 'one' && state.left[0]?.id === job.variant);
  const part = (id: string) => partName(sheet, id);
  const said = { fits: 'Fits', 'fits-not': 'Does not fit', unsaid: 'The sheet does not say' };
  const mixed = mixOf(job).map(({ verdict, note, ...m }) => {
    const fit = {
      verdict: said[verdict],
      part: part(m.part),
      of: name(m.of),
      against: part(m.against),
      in: name(m.in),
    };
    return note ? say('judge.mixNote', { ...fit, note }) : say('judge.mix', fit);
  });
  if (job.variant === null && answers.length === 0) return [];
  return [
    job.variant === null ? 'Not identified' : name(job.variant),
    ...answers,
    ...(sure || answers.length === 0 ? [] : [standingWords(state)]),
    ...mixed,
  ];
}

function stripLines(job: Job): string[] {
  return stripped(job).flatMap(({ step, note }) => {
    const words = note ? noteWords(step, note) : '';
    return words ? [`${partName(job.sheet, step.part)}: ${words}`] : [];
  });
}

function lookLines(job: Job, unit: ShopUnit): string[] {
  const looked = lookedAt(job);
  const of = (state: string) => looked.filter((l) => l.state === state);
  if (of('unseen').length === looked.length) return [];
  const found = of('found').flatMap(({ surface, findings }) =>
    findings
      .filter((f) => f.defect)
      .map((f) => `${surface.name}: ${seenWords(f, unit)}, ${decidedWords(f)}`),
  );
  const unseen = of('unseen').map((l) => l.surface.name);
  return [
    ...found,
    sayReport('report.sound', { sound: of('sound').length, all: looked.length }),
    ...(unseen.length > 0
      ? [sayReport('report.notLookedAt', { surfaces: unseen.join(', ') })]
      : []),
  ];
}

function alsoLines(job: Job): string[] {
  return auxiliaryChecks(job).flatMap((checked) =>
    checked.answer ? [`${checked.check.name}: ${answerBeside(checked)}`] : [],
  );
}

/** Lists the defects that were voided, with who and why. */
export function struckFindings(job: Job, unit: ShopUnit): string[] {
  return ledgerOf(job).findings.flatMap((f) => {
    if (!f.voided || !f.defect) return [];
    const name = teardownOf(job.sheet).surfaces.find((s) => s.id === f.surface)?.name ?? f.surface;
    const who = [f.voided.why, f.voided.by].filter(Boolean).join(', ');
    return [`${name}: ${seenWords(f, unit)} (${who})`];
  });
}

/** Lists what was done to parts, who did it and when. */
function workLines(job: Job, unit: ShopUnit): string[] {
  return workEntriesOf(job).map((o) =>
    [workWords(job.sheet, o, unit), dateText(o.at, 'utc day'), o.by].filter(Boolean).join(', '),
  );
}

/** Lists work that was voided, with who and why. */
export function struckWork(job: Job, unit: ShopUnit): string[] {
  return ledgerOf(job).operations.flatMap((o) =>
    o.voided
      ? [
          `${workWords(job.sheet, o, unit)} (${[o.voided.why, o.voided.by].filter(Boolean).join(', ')})`,
        ]
      : [],
  );
}

function laidWrongLines(job: Job): string[] {
  return laidWrong(job).map(({ step, words }) => `${partName(job.sheet, step.part)}: ${words}`);
}

/** Lists the strip and look steps that were skipped or answered against the sheet. */
function skippedLines(job: Job): string[] {
  const undone = stripped(job).filter((s) => s.note === null).length;
  const unseen = lookedAt(job).filter((l) => l.state === 'unseen').length;
  const unasked = auxiliaryChecks(job).filter((c) => c.answer === null).length;
  const counted = (
    count: number,
    message: 'report.stepsNotRecorded' | 'report.surfacesNotInspected' | 'report.checksNotDone',
  ) => (count === 0 ? [] : [say(message, { count })]);
  return [
    ...counted(undone, 'report.stepsNotRecorded'),
    ...counted(unseen, 'report.surfacesNotInspected'),
    ...counted(unasked, 'report.checksNotDone'),
    ...(job.clean === null && ledgerOf(job).readings.length > 0
      ? ['Clean and dry: not confirmed']
      : []),
    ...(job.clean?.state === 'wet' ? ['Measured wet: oil may make a gap read small'] : []),
    ...(job.fitted === 'new' ? ['Measured with a new bushing and seal in'] : []),
    ...counting(ledgerOf(job).skips).map((skip) =>
      sayReport('report.notMeasured', { place: skipWords(job.sheet, skip) }),
    ),
  ];
}

/** Returns what sums came to for a job, and how its tag is stamped since. */
function workedOutLines(job: Job): string[] {
  const turns = turnsFrom(job);
  return [
    ...workedOutIn(job).map((worked) => paragraph(worked.said, workedWhen(job, worked))),
    ...(turns === null || turns === job.rotation
      ? []
      : [say('tag.restamp', { turning: say(`tag.viewed.${turns}`) })]),
  ];
}

/** Returns everything of a job that is not a clearance, as words; what there is nothing of is left out. */
export function benchSections(
  job: Job,
  unit: ShopUnit,
  state: State,
  reversalOf: ReversalOf | null = null,
): ReportSection[] {
  const all = state.characteristics;
  const order = orderList(job).map(orderLineWords);
  const { strip, findings } = ledgerOf(job);
  const sections: ReportSection[] = [
    { id: 'closed', title: 'Closed', lines: job.closed ? [job.closed.why] : [] },
    { id: 'variant', title: 'Variant', lines: variantLines(job, unit) },
    { id: 'before', title: 'Test before teardown', lines: beforeLines(job, unit) },
    { id: 'look', title: 'Visual inspection', lines: lookLines(job, unit) },
    { id: 'also', title: 'Other checks', lines: alsoLines(job) },
    { id: 'wrong', title: 'Found the wrong way round', lines: laidWrongLines(job) },
    { id: 'wayRound', title: 'Orientation as found', lines: stripLines(job) },
    { id: 'why', title: 'Why it failed', lines: whyLines(job, all) },
    { id: 'decided', title: 'Decided', lines: [...decisionLines(job), ...acceptedLines(job)] },
    { id: 'work', title: 'Work done', lines: workLines(job, unit) },
    { id: 'left', title: 'Work planned and not done', lines: stepsLeft(job) },
    { id: 'worked', title: 'Worked out', lines: workedOutLines(job) },
    {
      id: 'order',
      title: 'Parts to order',
      lines: strip.length > 0 || findings.length > 0 ? order : [],
    },
    { id: 'build', title: 'Build', lines: buildLines(job, all, reversalOf) },
    { id: 'test', title: 'Test', lines: testLines(job, state, unit) },
    {
      id: 'open',
      title: 'Not done',
      lines: [...skippedLines(job), ...openLines(job, all, reversalOf)],
    },
  ];
  return sections.filter((s) => s.lines.length > 0);
}

/** Names the day on which a job is wanted. */
export const DUE = 'Due';

/** Returns the tag's own facts, in the order in which they are read. */
export function tagFacts(job: Job): [label: string, value: string][] {
  const used = job.used === null ? '' : `${trimmed(job.used, 1)} ${job.usedUnit}`;
  const turn = job.rotation === 'unknown' ? '' : say(`tag.viewed.${job.rotation}`);
  return [
    [
      'Machine',
      [job.unit, job.serial && sayReport('report.serial', { serial: job.serial }), used]
        .filter(Boolean)
        .join(', '),
    ],
    ['Customer', [job.owner, job.contact].filter(Boolean).join(', ')],
    ['Complaint', job.complaint],
    ['Received', [turn, job.ports, job.fluid].filter(Boolean).join('; ')],
    [DUE, job.due ?? ''],
  ];
}
