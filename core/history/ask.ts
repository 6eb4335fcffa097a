import type { Assessment } from '../assessment/assessment';
import { heldLimits } from '../assessment/limits';
import type { Evaluator } from '../guidance/evaluator';
import { restsOn } from '../journal/eras';
import { centre, isOpen } from '../metrology/estimate';
import type { Characteristic } from '../pumps/family';
import { pumpOf } from '../pumps/registry';
import type { Job } from '../records/job';
import { sheetName, type Sheet } from '../records/sheet';
import type { HistoryAsked } from './answer';
import { asItCame } from './came';
import { isMadeUp } from './madeUp';
import type { Question } from './past';

/** Returns the parts that a characteristic rests on. */
function partsOf(sheet: Sheet, c: Characteristic): string[] {
  const { dimensions, features } = pumpOf(sheet);
  const rests = restsOn(c);
  const sized = [...dimensions, ...features].filter(({ id }) => rests.includes(id));
  return [...new Set(sized.map(({ part }) => part as string))];
}

/** Returns the question of one characteristic of a model: its widest place counts, but where only a lower limit is published. */
export function questionOf(
  sheet: Sheet,
  tier: string,
  c: Characteristic,
  of: Partial<Question>,
): Question {
  const limits = heldLimits(sheet, tier, c.id);
  const isLeast = limits != null && limits.upper_mm === null && limits.lower_mm !== null;
  return {
    model: sheetName(sheet),
    characteristic: c.id,
    isDemo: sheet.demo === true,
    except: '',
    end: isLeast ? 'smallest' : 'largest',
    ...of,
  };
}

/** Returns where a characteristic stands at one end, in mm; null where that end is not bounded. */
function standsAt(a: Assessment | undefined, end: Question['end']): number | null {
  const estimate = a?.[end];
  return estimate && !isOpen(estimate) ? centre(estimate) : null;
}

/** Returns what is asked of the past for a characteristic of a model, no pump in hand. */
export function askedOfSheet(
  sheet: Sheet,
  tier: string,
  c: Characteristic,
  isDemo = sheet.demo === true,
): HistoryAsked {
  return {
    question: questionOf(sheet, tier, c, { isDemo }),
    parts: partsOf(sheet, c),
    now_mm: null,
    came_mm: null,
    limits: heldLimits(sheet, tier, c.id),
    unit: null,
  };
}

/**
 * Returns what is asked of the past for a characteristic of the pump of a job.
 *
 * @param evaluator that knows the job
 */
export function askedOfJob(job: Job, c: Characteristic, evaluator: Evaluator): HistoryAsked {
  const { sheet, tier } = job;
  const question = questionOf(sheet, tier, c, { isDemo: isMadeUp(job), except: job.id });
  const of = (all: readonly Assessment[]) => all.find((a) => a.characteristic.id === c.id);
  return {
    ...askedOfSheet(sheet, tier, c),
    question,
    now_mm: standsAt(of(evaluator.assess(job)), question.end),
    came_mm: standsAt(of(asItCame(job, evaluator)), question.end),
    unit: job.usedUnit,
  };
}
