import { proxy, type Remote } from 'comlink';
import type { HistoryAsked } from '../../core/history/answer';
import type { Question } from '../../core/history/past';
import { Thread } from '../thread';
import type { HistoryDesk, Heard } from './desk';

/** Reading a shop of thousands of jobs for the first time says how far it is, but not within one of its reads. */
const PATIENCE_MS = 60_000;

/** The thread that answers: one for the page, begun when it is first asked. */
const thread = new Thread<HistoryDesk>(
  () => new Worker(new URL('../../workers/history.worker', window.location.href)),
);

/** Asks it something; what it tells of how far it is counts as a word from it. */
const ask = <R>(
  question: (desk: Remote<HistoryDesk>, heard: Heard) => Promise<R>,
  tell: Heard,
): Promise<R> =>
  thread.ask(
    (desk, heard) =>
      question(
        desk,
        proxy((done: number, of: number) => {
          heard();
          tell(done, of);
        }) as Heard,
      ),
    { patience_ms: PATIENCE_MS },
  );

const quietly: Heard = () => undefined;

/** Asks what the shop's past says about one characteristic. */
export const askHistory = (asked: HistoryAsked, tell: Heard = quietly) =>
  ask((desk, heard) => desk.history(asked, heard), tell);

/** Asks what it says about each of several, in a line. */
export const askLines = (questions: readonly Question[], tell: Heard = quietly) =>
  ask((desk, heard) => desk.lines([...questions], heard), tell);

/** Asks for the jobs that hold every part of what is looked for. */
export const askSearch = (wanted: string, tell: Heard = quietly) =>
  ask((desk, heard) => desk.search(wanted, heard), tell);

/** Asks what came back of all that went out. */
export const askComebacks = (isDemo: boolean, tell: Heard = quietly) =>
  ask((desk, heard) => desk.comebacks(isDemo, heard), tell);

/** Asks for every place that was read again with an instrument, by its name. */
export const askRepeats = (instrument: string, isDemo: boolean, tell: Heard = quietly) =>
  ask((desk, heard) => desk.repeats(instrument, isDemo, heard), tell);
