import { carryOut } from '../commands/deciding';
import { turnToAgain } from '../commands/measuring';
import { Evaluator } from '../guidance/evaluator';
import { type Step, figureWay } from '../methods/list';
import { withReading } from '../journal/commands';
import { pumpOf } from '../pumps/registry';
import { evenFrom } from '../random';
import type { DecisionRule } from '../metrology/conformity';
import type { ZeroCheck } from '../records/instrument';
import type { Job } from '../records/job';
import { NEW_SHOP } from '../records/shop';
import type { Sheet } from '../records/sheet';
import { reworkCase, type ReworkCase } from '../rework/decision/case';
import { answerKind, decide, type Decided } from '../rework/decision/decide';
import type { PlannedOperation } from '../rework/decision/lines';
import { toMeasure, type ToMeasure } from '../rework/decision/measure';
import { solveRework, type Rework } from '../rework/decision/solve';
import type { Solver } from '../rework/solver/program';
import { measure, readingAt } from './hand';
import { emptyJob } from './job';
import { TruePump } from './truePump';

/** Describes a worn pump that is taken through the app: what it is, how it is judged and measured. */
export interface Case {
  readonly sheet: Sheet;
  readonly tier: string;
  readonly rule: DecisionRule;
  readonly by: 'leaf' | 'size';
  readonly seed: number;
}

/** Says what became of a pump, compared with what it truly was. */
export interface Followed {
  /** Says what the app came to at first, and at the end. */
  readonly first: Decided['kind'];
  readonly last: Decided['kind'];
  /** Readings that Decide asked for before it came to anything; as many as it was given where it never did. */
  readonly further: number;
  readonly decided: boolean;
  /** Names what the work locked. */
  readonly locked: readonly string[];
  /** Counts the checks that are called in after the work, and names those of them that are not. */
  readonly calledIn: number;
  readonly wrongIn: readonly string[];
  /** Give the expected cost of what was chosen, and of a new pump; null where nothing is to be had. */
  readonly chosen: number | null;
  readonly newPump: number;
  /** Tells whether it was given up for a new one. */
  readonly buys: boolean;
  /** Holds the problem as it was decided on, for who wants to search it otherwise. */
  readonly rework: ReworkCase;
  readonly solved: Rework;
}

/** So many readings more than these at a time are no help. */
const MOST_FURTHER = 24;
const MOST_ROUNDS = 4;
const BEGIN = new Date('2026-11-20T09:00:00.000Z');

const ROOM = { instruments: NEW_SHOP.instruments, zeros: NEW_SHOP.instruments.map(zeroOf) };

/** Returns the zero check of an instrument, made before the first reading. */
function zeroOf({ id }: (typeof NEW_SHOP.instruments)[number]): ZeroCheck {
  return { instrument: id, standard_mm: 25, read_mm: 25, at: BEGIN.toISOString(), by: '' };
}

/** Takes a simulated pump through measuring, deciding and work. */
class Bench {
  readonly pump: TruePump;
  private job: Job;
  private count = 0;
  further = 0;

  constructor(
    readonly given: Case,
    private readonly solve: Solver,
    private readonly room: typeof ROOM = ROOM,
  ) {
    const { sheet, tier, rule, by, seed } = given;
    this.pump = new TruePump(sheet, tier, evenFrom(seed));
    const base = emptyJob(sheet, BEGIN.toISOString());
    const rules = { ...base.rules, decision: rule, renew: 'measured' as const };
    this.job = { ...base, tier, rules, cursor: { characteristic: null, way: by } };
    this.measureAll();
  }

  /** Measures as the app leads until nothing is left. */
  measureAll(): void {
    this.count += 1;
    const { by } = this.given;
    const job: Job = {
      ...this.job,
      id: `m${this.count}`,
      cursor: { characteristic: null, way: by },
    };
    this.job = {
      ...measure(job, this.pump.hidden(this.room.instruments), this.room, BEGIN, 400),
      id: 'job',
    };
  }

  decide(): { readonly rework: ReworkCase; readonly solved: Rework; readonly decided: Decided } {
    const rework = reworkCase(this.job, new Evaluator().state(this.job), NEW_SHOP);
    const solved = solveRework(rework, this.solve);
    return { rework, solved, decided: decide(rework, solved) };
  }

  /** Reads what Decide asks for: a leaf at a place, the next size, or everything of a gap once more. */
  read(asked: ToMeasure): boolean {
    const before = this.job.journal.length;
    const { characteristic, by, leaves_mm } = asked;
    const c = pumpOf(this.job.sheet).characteristics.find(({ id }) => id === characteristic)!;
    const station = c.stations.find(({ id }) => id === asked.station);
    if (by === 'leaves' && station) {
      const total_mm = leaves_mm.reduce((sum, mm) => sum + mm, 0);
      this.take({ way: 'leaf', characteristic, station, stack: { leaves_mm, total_mm } });
    } else {
      const way = figureWay(this.job.sheet, c) ?? 'size';
      const cursor = { characteristic, way, closer: true };
      const step = by === 'zero' ? null : new Evaluator().next({ ...this.job, cursor });
      if (step) this.take(step);
      else this.again(characteristic);
    }
    this.further += this.job.journal.length - before;
    return this.job.journal.length > before;
  }

  /** Carries out a plan, as far as it can be before a bought part is measured; then measures again. */
  work(planned: readonly PlannedOperation[]): void {
    for (const step of planned) {
      if (step.waitsFor.length > 0) break;
      const taken = this.pump.work(step);
      this.count += 1;
      const made = { id: `o${this.count}`, at: BEGIN.toISOString(), by: '', voided: null };
      const amount = step.offer.terms.most_mm === null ? null : taken;
      this.job = carryOut(step.offer, null, amount, 0.003)(this.job, made);
    }
    this.measureAll();
  }

  assessed() {
    return new Evaluator().assess(this.job);
  }

  private take(step: Step): void {
    this.count += 1;
    const id = `f${this.count}`;
    const at = BEGIN.toISOString();
    const reading = readingAt(
      step,
      this.job,
      this.room,
      this.pump.hidden(this.room.instruments),
      id,
      at,
    );
    this.job = withReading(this.job, reading);
  }

  /** Reads every place of a gap once more, as the app leads. */
  private again(characteristic: ToMeasure['characteristic']): void {
    const made = { id: `a${this.count}`, at: BEGIN.toISOString(), by: '', voided: null };
    this.job = turnToAgain(characteristic)(this.job, made);
    for (;;) {
      const step = new Evaluator().next(this.job);
      if (step?.characteristic !== characteristic) return;
      this.take(step);
    }
  }
}

/** Measures until the app comes to a decision, or its readings are used up. */
function settle(bench: Bench): ReturnType<Bench['decide']> & { readonly settled: boolean } {
  const asked = new Map<string, number>();
  const before = bench.further;
  for (;;) {
    const now = bench.decide();
    const { decided, rework, solved } = now;
    const { plan, planned, buyNew } = decided;
    const kind = answerKind({ rework, solved, plan, planned, buyNew });
    if (kind !== 'measure') return { ...now, settled: true };
    const next = toMeasure(rework, solved, planned).find(({ characteristic, by, station }) => {
      const key = [characteristic, by, station].join();
      const times = asked.get(key) ?? 0;
      asked.set(key, times + 1);
      return by !== 'zero' || times < 1;
    });
    const isMore = next !== undefined && bench.further - before < MOST_FURTHER && bench.read(next);
    if (!isMore) return { ...now, settled: false };
  }
}

/** Takes a simulated pump through the app: measured, decided, worked on with a machine's scatter, measured again. */
export function followed(given: Case, solve: Solver): Followed {
  const bench = new Bench(given, solve);
  const first = bench.decide().decided.kind;
  const start = settle(bench);
  const { further } = bench;
  let now = start;
  for (let round = 0; round < MOST_ROUNDS; round++) {
    const { buyNew, planned } = now.decided;
    if (buyNew || planned.filter(({ offer }) => offer.again === null).length === 0) break;
    if (!now.settled) break;
    bench.work(planned.filter(({ offer }) => offer.again === null));
    now = settle(bench);
  }
  const { newPump } = start.rework;
  const best = start.solved.plans[0]?.expected ?? null;
  const after = bench.assessed().filter((a) => a.limits !== null && a.verdict === 'in');
  return {
    first,
    last: now.decided.kind,
    further,
    decided: start.settled,
    locked: bench.pump.locked().map(({ name }) => name),
    calledIn: after.length,
    wrongIn: after.flatMap(({ characteristic: c }) => (bench.pump.isIn(c) ? [] : [c.name])),
    chosen: start.decided.buyNew ? newPump.expected : best,
    newPump: newPump.expected,
    buys: start.decided.buyNew,
    rework: start.rework,
    solved: start.solved,
  };
}

/** An instrument that is never off tells the truth, in mm. */
const EXACT_mm = 1e-4;

/**
 * Returns what the best that can be done about a pump is expected to cost by its true sizes; null where no work brings it
 * in.
 */
export function trueCost(given: Case, solve: Solver): number | null {
  const room = {
    ...ROOM,
    instruments: ROOM.instruments.map((i) => ({ ...i, u_mm: EXACT_mm, own_mm: EXACT_mm / 2 })),
  };
  const { plans } = new Bench({ ...given, by: 'size' }, solve, room).decide().solved;
  return plans[0]?.expected ?? null;
}
