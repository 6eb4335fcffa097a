import { operationsOf } from '../journal/eras';
import { counting } from '../schema/voiding';
import { workWords } from '../wording/reading';
import { skipWords } from '../wording/skip';
import { answerBeside, auxiliaryChecks } from '../inspect/auxiliary';
import { decidedWords, seenWords } from '../wording/finding';
import { checksOf } from '../inspect/checks';
import { identify } from '../inspect/identify';
import { answerWords, standingWords } from '../wording/key';
import { lookedAt } from '../inspect/looking';
import { mixOf } from '../inspect/mixing';
import { orderList } from '../inspect/order';
import { ledgerOf } from '../journal/ledger';
import { laidWrong, noteWords, stripped } from '../inspect/stripping';
import { partName, teardownOf } from '../pumps/registry';
import { formatFlow, formatPressure } from '../quantity/flow';
import { trimmed } from '../quantity/format';
import { formatTemperature } from '../quantity/temperature';
import type { ShopUnit } from '../quantity/units';
import type { Job } from '../records/job';
import { pumpSpeed } from '../records/tag';

/** A part of the report that is words: lines beneath each other, or run on where paper is short. */
export interface ReportSection {
  readonly title: string;
  readonly lines: readonly string[];
}

/**
 * Returns what was read before the teardown: `27 l/min, 9.8 bar, oil 88 °C, pump at 2000 /min (drive 2000
 * × 1)`
 */
function beforeLines({ before }: Job, unit: ShopUnit): string[] {
  return before.map((b) => {
    const speed = `pump at ${trimmed(pumpSpeed(b), 0)} /min (drive ${trimmed(b.drive_rpm, 0)} × ${trimmed(b.ratio, 3)})`;
    const figures = [
      b.flow_lpm === null ? '' : formatFlow(b.flow_lpm, unit),
      b.pressure_bar === null ? '' : formatPressure(b.pressure_bar, unit),
      b.oil_C === null ? '' : `oil ${formatTemperature(b.oil_C, unit)}`,
    ].filter(Boolean);
    return `${figures.join(', ') || 'nothing read'}, ${speed}`;
  });
}

function variantLines(job: Job, unit: ShopUnit): string[] {
  const { sheet, key } = job;
  const name = (id: string | null) => sheet.variants.find((v) => v.id === id)?.name ?? 'not said';
  const checks = checksOf(sheet);
  const answers = key.flatMap((answer) => {
    const check = checks.find((c) => c.id === answer.check);
    return check ? [`${check.ask}: ${answerWords(check, answer, unit)}`] : [];
  });
  const state = identify(sheet, key);
  // Where the person took another than the answers name, or the answers name none, that is said.
  const sure =
    job.variant === null || (state.standing === 'one' && state.left[0]?.id === job.variant);
  const part = (id: string) => partName(sheet, id).toLowerCase();
  const said = { fits: 'fits', 'fits-not': 'does not fit', unsaid: 'the sheet does not say' };
  const mixed = mixOf(job).map(
    (m) =>
      `${part(m.part)} of ${name(m.of)} with ${part(m.against)} of ${name(m.in)}: ${[said[m.verdict], m.note].filter(Boolean).join(', ')}`,
  );
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
    return words
      ? [`${partName(job.sheet, step.part)}: ${words.charAt(0).toLowerCase()}${words.slice(1)}`]
      : [];
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
    `${of('sound').length} of ${looked.length} surfaces sound`,
    ...(unseen.length > 0 ? [`Not looked at: ${unseen.join(', ')}`] : []),
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
  return operationsOf(job).map((o) =>
    [workWords(job.sheet, o, unit), o.at.slice(0, 10), o.by].filter(Boolean).join(', '),
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
  const count = (n: number, one: string, many: string) =>
    n === 0 ? [] : [`${n} ${n === 1 ? one : many}`];
  return [
    ...count(undone, 'strip step was not noted', 'strip steps were not noted'),
    ...count(unseen, 'surface was not looked at', 'surfaces were not looked at'),
    ...count(unasked, 'small check was not made', 'small checks were not made'),
    ...(job.clean === null && ledgerOf(job).readings.length > 0
      ? ['Nobody said whether the parts were clean and dry']
      : []),
    ...(job.clean?.state === 'wet'
      ? ['Measured wet: an oil film may have taken up some of a gap']
      : []),
    ...(job.fitted === 'new' ? ['Measured with a new bushing and seal in'] : []),
    ...counting(ledgerOf(job).skips).map((skip) => `Not measured: ${skipWords(job.sheet, skip)}`),
  ];
}

/** Returns everything of a job that is not a clearance, as words; what there is nothing of is left out. */
export function benchSections(job: Job, unit: ShopUnit): ReportSection[] {
  const order = orderList(job).map(({ name, count, why }) => `${count} × ${name} (${why})`);
  const { strip, findings } = ledgerOf(job);
  const sections: ReportSection[] = [
    { title: 'Closed', lines: job.closed ? [job.closed.why] : [] },
    { title: 'Variant', lines: variantLines(job, unit) },
    { title: 'Before the teardown', lines: beforeLines(job, unit) },
    { title: 'Looked at', lines: lookLines(job, unit) },
    { title: 'Also on this unit', lines: alsoLines(job) },
    { title: 'Found the wrong way round', lines: laidWrongLines(job) },
    { title: 'How it lay', lines: stripLines(job) },
    { title: 'Work done', lines: workLines(job, unit) },
    { title: 'To order', lines: strip.length > 0 || findings.length > 0 ? order : [] },
    { title: 'Skipped', lines: skippedLines(job) },
  ];
  return sections.filter((s) => s.lines.length > 0);
}

/** Returns the tag's own facts, in the order in which they are read. */
export function tagFacts(job: Job): [label: string, value: string][] {
  const used = job.used === null ? '' : `${trimmed(job.used, 1)} ${job.usedUnit}`;
  const turn = job.rotation === 'unknown' ? '' : `${job.rotation}, seen from the shaft end`;
  return [
    ['Unit', [job.unit, job.serial && `serial ${job.serial}`, used].filter(Boolean).join(', ')],
    ['Customer', [job.owner, job.contact].filter(Boolean).join(', ')],
    ['Complaint', job.complaint],
    ['Received', [turn, job.ports, job.fluid].filter(Boolean).join('; ')],
    ['Due', job.due ?? ''],
  ];
}
