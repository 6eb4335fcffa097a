import { Evaluator } from '../../core/guidance/evaluator';
import {
  answerOf,
  linesOf,
  type HistoryAnswer,
  type HistoryAsked,
  type HistoryLine,
} from '../../core/history/answer';
import { comebacksOf, type Comebacks } from '../../core/history/comebacks';
import type { JobFacts } from '../../core/history/facts';
import type { Question } from '../../core/history/past';
import type { Repeat } from '../../core/history/repeats';
import { searchable, searchedFor, type Found, type Sought } from '../../core/history/search';
import { idsOf, keyOf } from '../opened';
import { sealFrom, sealKey } from '../seal';
import { readUnder, writeTexts } from '../storage';
import { factsKey } from '../texts';
import { factsFrom, factsMade, type KnownFacts } from './storedFacts';

/** Counts the facts that are written at once. */
const AT_ONCE = 50;

/** Hears how far it is: so many jobs of all that have to be read. */
export type Heard = (done: number, of: number) => void;

/**
 * Answers what the shop's past says. It keeps the facts of every job in memory, and before each question reads which
 * jobs were written since: only those are read again.
 */
export class HistoryDesk {
  private readonly known = new Map<string, KnownFacts>();
  private all: readonly JobFacts[] = [];
  private sought: readonly Sought[] | null = null;
  private coming: Promise<void> | null = null;

  /** Brings what is known up to date; whoever asks meanwhile waits for the same work. */
  refresh(heard: Heard = () => undefined): Promise<void> {
    this.coming ??= this.read(heard).finally(() => (this.coming = null));
    return this.coming;
  }

  /** Returns what the past says about one characteristic. */
  async history(asked: HistoryAsked, heard?: Heard): Promise<HistoryAnswer> {
    await this.refresh(heard);
    return answerOf(this.all, asked);
  }

  /** Returns what it says about each of several, in a line. */
  async lines(questions: readonly Question[], heard?: Heard): Promise<readonly HistoryLine[]> {
    await this.refresh(heard);
    return linesOf(this.all, questions);
  }

  /** Returns what came back of all that went out. */
  async comebacks(isDemo: boolean, heard?: Heard): Promise<Comebacks> {
    await this.refresh(heard);
    return comebacksOf(this.all, isDemo);
  }

  /** Returns every place that was read again with one instrument, in the order of time. */
  async repeats(instrument: string, isDemo: boolean, heard?: Heard): Promise<readonly Repeat[]> {
    await this.refresh(heard);
    return this.all
      .filter((job) => job.isDemo === isDemo)
      .flatMap(({ repeats }) => repeats.filter((one) => one.instrument === instrument))
      .sort((a, b) => (a.day < b.day ? -1 : 1));
  }

  /** Returns the jobs that hold every part of what is looked for; those of the demo among them. */
  async search(wanted: string, heard?: Heard): Promise<readonly Found[]> {
    await this.refresh(heard);
    this.sought ??= searchable(this.all);
    return searchedFor(this.sought, wanted);
  }

  private async read(heard: Heard): Promise<void> {
    const isFirst = this.known.size === 0;
    const [ids, seals, texts] = await Promise.all([
      idsOf('job'),
      readUnder(sealKey(keyOf('job', ''))),
      isFirst ? readUnder(factsKey('')) : new Map<string, string | null>(),
    ]);
    const tokenOf = (id: string) => sealFrom(seals.get(sealKey(keyOf('job', id))))?.token ?? null;
    const isCurrent = (id: string, known: KnownFacts | null | undefined): known is KnownFacts =>
      known != null && known.token === tokenOf(id);
    const stale: string[] = [];
    let isChanged = this.all.length === 0;
    for (const id of ids) {
      const known = this.known.get(id) ?? factsFrom(id, texts.get(factsKey(id)));
      if (!isCurrent(id, known)) stale.push(id);
      else if (isFirst) this.known.set(id, known);
    }
    const there = new Set(ids);
    for (const id of this.known.keys()) {
      if (there.has(id)) continue;
      this.known.delete(id);
      isChanged = true;
    }
    await this.make(stale, tokenOf, heard);
    if (!isChanged && stale.length === 0) return;
    this.all = ids.flatMap((id) => this.known.get(id)?.facts ?? []);
    this.sought = null;
  }

  /** Makes anew what is known of jobs that were written since, and keeps it. */
  private async make(
    ids: readonly string[],
    tokenOf: (id: string) => string | null,
    heard: Heard,
  ): Promise<void> {
    for (let begin = 0; begin < ids.length; begin += AT_ONCE) {
      const evaluator = new Evaluator();
      const made: Record<string, string> = {};
      for (const id of ids.slice(begin, begin + AT_ONCE)) {
        const { text, ...known } = await factsMade(id, evaluator);
        // One that cannot be read is not tried again until it is written.
        this.known.set(id, { ...known, token: known.token ?? tokenOf(id) });
        if (text !== null) made[factsKey(id)] = text;
      }
      // A cache: without room for it the jobs are read again next time.
      await writeTexts(made, 'relaxed').catch(() => undefined);
      heard(Math.min(begin + AT_ONCE, ids.length), ids.length);
    }
  }
}
