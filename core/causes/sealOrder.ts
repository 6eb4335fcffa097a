import type { Verdict } from '../metrology/verdict';
import { stripped } from '../inspect/stripping';
import type { Job } from '../records/job';
import type { FoundOnJob } from './found';
import { possible } from './possible';
import { causeOf } from './causes';

/** Holds one of the questions that a blown seal is asked by, and what was found. */
export interface SealQuestion {
  readonly id: string;
  readonly ask: string;
  readonly answer: 'right' | 'wrong' | 'open';
}

/** Describes a question of the order: which cause it is about, what signs answer it. */
interface Asked {
  readonly id: string;
  readonly ask: string;
  readonly cause: string;
  readonly wrong: readonly string[];
  readonly right: readonly string[];
}

/** Lists what a blown seal is asked by, in this order: each is looked at before the next is worth looking at. */
const ORDER: readonly Asked[] = [
  {
    id: 'open',
    ask: 'Is the drain behind it open?',
    cause: 'drain-blocked',
    wrong: ['vent-blocked', 'drain-none'],
    right: ['vent-open', 'drain-to-outlet'],
  },
  {
    id: 'side',
    ask: 'Does it open to the inlet side?',
    cause: 'drain-wrong-side',
    wrong: ['drain-to-outlet'],
    right: ['vent-open'],
  },
  {
    id: 'groove',
    ask: 'Is the blind end of the bushing’s groove at the seal?',
    cause: 'bushing-groove-reversed',
    wrong: ['groove-open-to-seal'],
    right: ['no-groove'],
  },
  {
    id: 'play',
    ask: 'Is the play in the bushing in?',
    cause: 'bushing-worn',
    wrong: ['bush-over'],
    right: ['bush-in'],
  },
  {
    id: 'size',
    ask: 'Has the drain hole its size?',
    cause: 'drain-small',
    wrong: ['vent-small'],
    right: ['vent-size-in'],
  },
  {
    id: 'lip',
    ask: 'Were lip, seat and track of the old seal sound?',
    cause: 'seal-fitted-wrong',
    wrong: ['lip-outward', 'lip-cut-cocked', 'seal-track-marked'],
    right: ['seal-out-whole'],
  },
];

/** Tells whether the blind end of the groove was found at the seal. */
const isBlindAtSeal = (job: Job): boolean =>
  stripped(job).some(({ step, note }) => step.way === 'groove' && note?.way === 'down');

/** Says how the answer to a question of a blown seal is marked. */
export const SEAL_MARK: Readonly<Record<SealQuestion['answer'], Verdict>> = {
  right: 'in',
  wrong: 'out',
  open: 'open',
};

/**
 * Lists what a blown seal is asked by, in the order in which it is asked, with what was found; empty where no seal was pushed
 * out. What the pump has not is not asked.
 */
export function sealQuestions(job: Job, { complaints, signs }: FoundOnJob): SealQuestion[] {
  if (!complaints.includes('SB') && !signs.has('seal-out')) return [];
  return ORDER.flatMap(({ id, ask, cause, wrong, right }): SealQuestion[] => {
    const about = causeOf(cause);
    if (!about || !possible(about, job.sheet, signs)) return [];
    const isWrong = wrong.some((sign) => signs.has(sign));
    const isRight =
      right.some((sign) => signs.has(sign)) || (id === 'groove' && isBlindAtSeal(job));
    return [{ id, ask, answer: isWrong ? 'wrong' : isRight ? 'right' : 'open' }];
  });
}
