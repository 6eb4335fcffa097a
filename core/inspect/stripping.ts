import { neverRight, wayRoundWords } from '../pumps/teardown/wayRound';
import { ledgerOf } from '../journal/ledger';
import type { Job } from '../records/job';
import { lower } from '../quantity/letters';
import { counting } from '../schema/voiding';
import type { Sheet } from '../records/sheet';
import type { StripNote } from '../records/entries/strip';
import { say } from '../wording/say';

export type StripStep = Sheet['strip'][number];

/** A step of the strip, and what was noted at it. */
export interface Stripped {
  readonly step: StripStep;
  readonly note: StripNote | null;
}

/** Returns the steps in order, each with the note that stands. */
export function stripped(job: Pick<Job, 'sheet' | 'journal'>): Stripped[] {
  const notes = counting(ledgerOf(job).strip);
  return job.sheet.strip.map((step) => ({
    step,
    note: notes.findLast((n) => n.step === step.id) ?? null,
  }));
}

/** Returns how the parts go back together: what was noted, last first. */
export function buildOrder(job: Pick<Job, 'sheet' | 'journal'>): Stripped[] {
  return stripped(job).reverse();
}

const STATE = { there: '', missing: 'missing', wrong: 'wrong part' } as const;

/** Returns what was noted at a step in words; empty where there is only that it is done. */
export function noteWords(step: StripStep, note: StripNote): string {
  const unsaid = step.way !== '' && note.way === '' && note.state === 'there';
  const way = unsaid ? 'way round not recorded' : wayRoundWords(step.way, note.way);
  return [way, STATE[note.state], note.remark].filter(Boolean).join('; ');
}

/** Lists the parts that ought to be there and were not, or were the wrong ones. */
export function wrongParts(job: Pick<Job, 'sheet' | 'journal'>): Stripped[] {
  return stripped(job).filter(({ note }) => note !== null && note.state !== 'there');
}

/** A part that did not lie as it should, and why that matters. */
export interface LaidWrong extends Stripped {
  readonly words: string;
  /** It can be right on no pump, and does harm. */
  readonly harm: boolean;
}

/** Lists the parts that were found another way round than is right on this pump, or on any. */
export function laidWrong(job: Pick<Job, 'sheet' | 'journal'>): LaidWrong[] {
  return stripped(job).flatMap(({ step, note }): LaidWrong[] => {
    if (!note?.way) return [];
    const harm = neverRight(step.way, note.way);
    if (!harm && (step.right === '' || note.way === step.right)) return [];
    const found = lower(wayRoundWords(step.way, note.way));
    const right = lower(wayRoundWords(step.way, step.right));
    const words = [
      say('inspect.found', { found }),
      harm,
      right && say('inspect.shouldBe', { right }),
    ];
    return [{ step, note, words: words.filter(Boolean).join('; '), harm: harm !== null }];
  });
}
