import type { Verdict } from '../metrology/verdict';
import { characteristicOf } from '../pumps/registry';
import { bareFlow, flowWithin, formatFlow, formatPressure, pressureBy } from '../quantity/flow';
import { formatWithUnit } from '../quantity/format';
import { lower } from '../quantity/letters';
import { formatTemperature } from '../quantity/temperature';
import type { ShopUnit } from '../quantity/units';
import type { GapFrom } from '../flow/known';
import type { ProofEntry } from '../records/entries/proof';
import type { TestEntry } from '../records/entries/tested';
import type { Job } from '../records/job';
import { pumpSpeed } from '../records/tag';
import { dateText } from '../wording/date';
import { finenessOf } from '../wording/flowFigures';
import { sayFlow } from '../wording/sayFlow';
import { listed, paragraph, sentence } from '../wording/say';
import { isTestOvertaken, proofsIn, testsNow } from '../journal/tested';
import { benchlessFor, NOT_TESTED } from './checks';
import type { Judged, StepResult } from './compare';
import { FREE_bar, type PlanStep } from './plan';
import { sayProve } from './say';
import type { Suspect } from './suspects';

type Ran = Pick<TestEntry, 'drive_rpm' | 'ratio' | 'pressure_bar' | 'oil_C' | 'sections'>;

/** Says how fast and against which pressure a pump ran, and which of its sections delivered. */
export function stateOf(ran: Ran, unit: ShopUnit): string {
  const speed = sayFlow('flow.speed', { rpm: Math.round(pumpSpeed(ran)) });
  const { pressure_bar, sections } = ran;
  const where =
    pressure_bar === null
      ? speed
      : pressure_bar <= FREE_bar
        ? sayProve('prove.whereFree', { speed })
        : sayProve('prove.where', { speed, pressure: pressureBy(pressure_bar, 3, unit) });
  if (sections.length === 0) return where;
  return sayProve('prove.sections', {
    where,
    count: sections.length,
    sections: listed(sections.map(String)),
  });
}

/** Says where a step ran, as it goes on in a sentence: by its name where it ran so, else by its speed and pressure. */
export const whereOf = (
  { step, isOff }: Pick<StepResult, 'step' | 'isOff'>,
  ran: Ran,
  unit: ShopUnit,
): string => (step?.name && !isOff ? lower(step.name) : stateOf(ran, unit));

/** Says all of a step of a plan: its name, speed, pressure, oil and how long it lasts. */
export function stepWords(step: PlanStep, unit: ShopUnit): string {
  let state = stateOf(step, unit);
  if (step.ratio !== 1) {
    state = sayProve('prove.stepDrive', { state, rpm: Math.round(step.drive_rpm) });
  }
  if (step.oil_C !== null) {
    state = sayProve('prove.stepOil', { state, oil: formatTemperature(step.oil_C, unit) });
  }
  if (step.minutes !== null) {
    state = sayProve('prove.stepMinutes', { state, minutes: step.minutes });
  }
  return step.name ? sayProve('prove.stepName', { name: step.name, state }) : state;
}

/** Returns how finely a tested flow is told, in l/min: as it is known, a tenth of a litre at the finest, or 2% of little. */
const finenessOfTest = (lpm: number, half95: number): number =>
  Math.max(half95, Math.min(0.1, 0.02 * lpm));

/** Writes the flow of a test as finely as it is known. */
export const testedFlow = (
  { flow_lpm, half95_lpm }: { readonly flow_lpm: number; readonly half95_lpm: number | null },
  unit: ShopUnit,
): string =>
  half95_lpm === null
    ? formatFlow(flow_lpm, unit)
    : flowWithin(flow_lpm, finenessOfTest(flow_lpm, half95_lpm), unit);

/** Less than this share of a flow is the same flow: what a meter repeats to. */
const SAME = 0.01;

/** Gives how much of a difference in temperature is said, in kelvin. */
const OTHER_OIL_K = 10;

/** Holds how a test stands beside what the pump came with: on which side, and by how much in l/min. */
interface Beside {
  readonly side: 'more' | 'less' | 'same' | 'none';
  readonly by_lpm: number;
}

/** Returns how a test stands beside what the pump came with at the same speed and pressure. */
export function besideBefore({ test, before }: Pick<StepResult, 'test' | 'before'>): Beside {
  if (!test || !before) return { side: 'none', by_lpm: 0 };
  const by_lpm = test.flow_lpm - before.flow_lpm;
  const isSame = Math.abs(by_lpm) < SAME * before.flow_lpm;
  return { side: isSame ? 'same' : by_lpm > 0 ? 'more' : 'less', by_lpm: Math.abs(by_lpm) };
}

/** Says that the oil had another temperature when the pump came; empty where that was about the same, or nobody read it. */
export function otherOilWords(
  { test, before }: Pick<StepResult, 'test' | 'before'>,
  unit: ShopUnit,
): string {
  const [then, now] = [before?.oil_C ?? null, test?.oil_C ?? null];
  if (then === null || now === null || Math.abs(then - now) <= OTHER_OIL_K) return '';
  return sayProve('prove.otherOil', {
    then: formatTemperature(then, unit),
    now: formatTemperature(Math.round(now), unit),
  });
}

/** Says what a step gave, beside what the pump came with: `9.4 l/min at hot idle: 2.6 more than it came with.` */
export function resultWords(result: StepResult, unit: ShopUnit): string {
  const { test } = result;
  if (!test) return '';
  const said = { flow: testedFlow(test, unit), where: whereOf(result, test, unit) };
  const { side, by_lpm } = besideBefore(result);
  if (side === 'none') return sayProve('prove.flowOnly', said);
  return paragraph(
    sayProve('prove.beside', { ...said, side, by: bareFlow(by_lpm, 0.1, unit) }),
    otherOilWords(result, unit),
  );
}

/** Says what the model has for a step, and on which side of it the test lies; what is missing for it. */
export function modelWords({ model, lacks }: StepResult, unit: ShopUnit): string {
  if (lacks) return sayProve('prove.lacks', { lacks });
  if (!model) return '';
  const { band, side, isMeasured } = model;
  const half = finenessOf(band);
  const [lo, hi] = [bareFlow(band.lo, half, unit), flowWithin(band.hi, half, unit)];
  const said =
    lo === bareFlow(band.hi, half, unit)
      ? sayProve('prove.modelOne', { side, lo: hi })
      : sayProve('prove.model', { side, lo, hi });
  return paragraph(said, !isMeasured && sayProve('prove.unmeasured'));
}

const sourceWords = (source: string): string =>
  source ? sayProve('prove.source', { source }) : '';

/** Says what is wanted of a step at least, and whether it is there; empty where nobody wants anything. */
export const leastWords = (least: Judged | null, unit: ShopUnit): string =>
  least
    ? sayProve('prove.least', {
        verdict: least.verdict,
        flow: formatFlow(least.lpm, unit),
        source: sourceWords(least.source),
      }).trim()
    : '';

/** Says what is lost from no pressure to that of a step, and what may be; empty where nobody knows. */
export function lossWords({ test, loss }: StepResult, unit: ShopUnit): string {
  if (!test || !loss) return '';
  if (loss.lpm <= 0) return sayProve('prove.lossNone');
  const { most } = loss;
  return paragraph(
    sayProve('prove.loss', {
      pressure: pressureBy(test.pressure_bar ?? 0, 3, unit),
      flow: flowWithin(loss.lpm, 0.1, unit),
      percent: Math.round(100 * loss.share),
    }),
    most
      ? sayProve('prove.most', {
          verdict: most.verdict,
          flow: formatFlow(most.lpm, unit),
          source: sourceWords(most.source),
        }).trim()
      : '',
  );
}

/** Says which leak would explain a flow that is too low, and what to measure first. */
export function suspectWords(
  { sheet }: Pick<Job, 'sheet'>,
  suspects: readonly Suspect[],
  unit: ShopUnit,
): string[] {
  if (suspects.length === 0) return [sayProve('prove.suspectNone')];
  return suspects.map(({ characteristic, from, taken_mm, would_mm }, i) =>
    paragraph(
      sayProve('prove.suspect', {
        gap: characteristicOf(sheet, characteristic).name,
        would: formatWithUnit(would_mm, 'gap', unit),
        taken: formatWithUnit(taken_mm, 'gap', unit),
        from,
      }),
      i === 0 ? sayProve('prove.suspectFirst', { from }) : '',
    ),
  );
}

/** Says through which gap most is lost where a flow is too low and the gaps of the pump explain it; empty where that is not so. */
export function leakWords({ sheet }: Pick<Job, 'sheet'>, { model, least }: StepResult): string {
  const greatest = model?.paths[0];
  if (model?.side !== 'as' || least?.verdict !== 'out' || !greatest) return '';
  return sayProve('prove.leak', {
    percent: Math.round(100 * greatest.share),
    gap: lower(characteristicOf(sheet, greatest.characteristic).name),
    isMeasured: isSure(greatest.gapFrom) ? 'yes' : 'no',
  });
}

/** Tells whether a gap was measured, or is as work should have left it. */
const isSure = (from: GapFrom): boolean => from === 'measured' || from === 'predicted';

/** Says what a check without a bench showed; null for a check that the pump does not have. */
export function proofWords(job: Job, proof: ProofEntry, unit: ShopUnit): string | null {
  const check = benchlessFor(job).find(({ id }) => id === proof.check);
  if (!check) return null;
  let said = sayProve('prove.checkWas', { check: check.name, answer: proof.answer });
  if (proof.value_bar !== null) {
    said = sayProve('prove.checkRead', { said, value: formatPressure(proof.value_bar, unit) });
  }
  if (proof.remark) said = sayProve('prove.checkRemark', { said, remark: proof.remark });
  if (proof.due && proof.answer === 'later') {
    said = sayProve('prove.checkDue', { said, day: dateText(proof.due, 'utc day') });
  }
  return said;
}

/** Says what is to be read later, and on which day, the nearest first. */
export function followUpWords(job: Job): string[] {
  const later = proofsIn(job).filter(({ answer, due }) => answer === 'later' && due !== null);
  return [...later]
    .sort((a, b) => (a.due ?? '').localeCompare(b.due ?? ''))
    .flatMap(({ check: id, due }) => {
      const check = benchlessFor(job).find((one) => one.id === id);
      if (!check || due === null) return [];
      const day = dateText(due, 'utc day');
      return [sayProve('prove.dueOn', { day, check: lower(check.name) })];
    });
}

/** Returns the step that says most of a test: one that misses its limit, one that the model does not explain, else the first. */
export function tellingResult(results: readonly StepResult[]): StepResult | null {
  const tested = results.filter(({ test }) => test !== null);
  return (
    tested.find(({ least, loss }) => [least, loss?.most].some((l) => l?.verdict === 'out')) ??
    tested.find(({ model }) => model && model.side !== 'as') ??
    tested.find(({ step, before }) => before !== null || step?.least) ??
    tested[0] ??
    null
  );
}

/** Says that a pump was not tested, and why; empty where nobody said so, or it was since. */
export function untestedWords(job: Job): string {
  if (testsNow(job).length > 0) return '';
  const not = proofsIn(job).find(({ check }) => check === NOT_TESTED);
  if (!not) return '';
  const why = not.remark.replace(/\.$/, '');
  return why ? sayProve('prove.notWhy', { why: lower(why) }) : sayProve('prove.not');
}

/** Says in a sentence what a test showed: the step that is looked at, or tells most; else what was proven without a bench. */
export function proveTitle(
  job: Job,
  results: readonly StepResult[],
  unit: ShopUnit,
  shown: StepResult | null = null,
): string {
  const telling = shown?.test ? shown : tellingResult(results);
  if (telling) return resultWords(telling, unit);
  const not = untestedWords(job);
  if (not) return not;
  const proofs = proofsIn(job).filter(({ check }) => check !== NOT_TESTED);
  const bad = proofs.find(({ answer }) => answer === 'bad');
  if (bad) return sentence(proofWords(job, bad, unit) ?? '');
  const good = proofs.filter(({ answer }) => answer === 'good').length;
  if (good > 0) return sayProve('prove.checksGood', { count: good });
  return sayProve(isTestOvertaken(job) ? 'prove.sinceWork' : 'prove.notYet');
}

/** Says the rest of what a step came to: the model, the limits, what it loses. */
export const beneathWords = (result: StepResult, unit: ShopUnit): string =>
  paragraph(
    result.isOff && result.test && sayProve('prove.off', { state: stateOf(result.test, unit) }),
    leastWords(result.least, unit),
    modelWords(result, unit),
    lossWords(result, unit),
    result.model?.side === 'high' ? sayProve('prove.highWhy') : '',
  );

/** Writes the flow of a test as finely as it is known, without its unit. */
export const testedBare = (
  { flow_lpm, half95_lpm }: { readonly flow_lpm: number; readonly half95_lpm: number | null },
  unit: ShopUnit,
): string =>
  bareFlow(flow_lpm, half95_lpm === null ? 0.1 : finenessOfTest(flow_lpm, half95_lpm), unit);

/** Writes the limits of a step: `≥ 8.0`, `loses ≤ 2.0`; none where nobody wants anything. */
export const limitTexts = ({ step }: Pick<StepResult, 'step'>, unit: ShopUnit): string[] =>
  [
    step?.least ? sayProve('prove.atLeast', { flow: bareFlow(step.least.lpm, 0.1, unit) }) : '',
    step?.mostLoss
      ? sayProve('prove.atMost', { flow: bareFlow(step.mostLoss.lpm, 0.1, unit) })
      : '',
  ].filter(Boolean);

/** Returns how a step stands against its limits: the worst of them; open where nothing is judged. */
export const stepVerdict = ({ least, loss }: StepResult): Verdict =>
  worstOf([least, loss?.most ?? null].flatMap((limit) => (limit ? [limit.verdict] : [])));

const WORST: readonly Verdict[] = ['out', 'close', 'in'];

const worstOf = (verdicts: readonly Verdict[]): Verdict =>
  WORST.find((verdict) => verdicts.includes(verdict)) ?? 'open';
