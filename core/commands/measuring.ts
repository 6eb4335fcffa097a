import type { CharacteristicId, DimensionId } from '../pumps/ids';
import type { Ladder } from '../feeler/ladder';
import type { Assessment } from '../assessment/assessment';
import type { Felt } from '../feeler/bounds';
import type { Evaluator } from '../guidance/evaluator';
import { letGo } from '../guidance/next';
import { doubtOfSize, doubtOfSwing } from '../instruments/doubt';
import { benchOf, gaugeFor, indicatorFor, type ToolRoom } from '../instruments/gauges';
import { record, restored, withVoided } from '../journal/commands';
import { countedIn } from '../journal/eras';
import { targetOf } from '../journal/target';
import type { SizeStep } from '../methods/dimensional';
import { conflictsAt, type FeelerReading, type LeafStep } from '../methods/feeler';
import {
  figureWay,
  METHOD,
  methodOf,
  type Answer,
  type MethodId,
  type Reading,
  type Step,
} from '../methods/list';
import { characteristicOf, dimensionOf, dimensionsFor } from '../pumps/registry';
import type { ShopUnit } from '../quantity/units';
import type { WorkEntry } from '../records/entries/operation';
import type { Job } from '../records/job';
import { stampOf, standing, type Command, type Stamp } from './command';
import { onPlaces, onWorkOf } from './stands';

/** A try that contradicts what counts: held until a person says which to believe. */
interface Contradiction {
  readonly kind: 'contradiction';
  readonly reading: FeelerReading;
  readonly against: readonly FeelerReading[];
}

/** A figure that is hard to believe: held for a yes. */
interface Doubt {
  readonly kind: 'doubt';
  readonly reading: Reading;
  readonly why: string;
}

/** A leaf that went part way in, and would put the gap out: it may have been only its tip. */
interface Edge {
  readonly kind: 'edge';
  readonly reading: FeelerReading;
}

/** A reading that was made and is not recorded yet. */
export type PendingReading = Contradiction | Doubt | Edge;

/** A reading as it was made, and what has to be settled before it is recorded; null for nothing. */
export interface Taken {
  readonly reading: Reading;
  readonly pending: PendingReading | null;
}

/** Lists the tries at the same station that contradict a new one. */
export function conflictsWith(
  job: Job,
  at: Pick<FeelerReading, 'characteristic' | 'station'>,
  fresh: Pick<FeelerReading, 'leaves_mm' | 'marked_mm' | 'felt'>,
  ladder: Ladder,
): readonly FeelerReading[] {
  const here = countedIn(job)
    .ofGap(at.characteristic)
    .filter((r): r is FeelerReading => r.kind === 'leaf' && r.station === at.station);
  return conflictsAt(here, fresh, ladder);
}

/** Tells whether a reading would put out anything that was not out before. */
function putsOut(job: Job, reading: Reading, evaluator: Evaluator): boolean {
  const was = new Map(evaluator.assess(job).map((a) => [a.characteristic.id, a.verdict]));
  const after = evaluator.branch().assess(record(job, reading));
  return after.some((a) => a.verdict === 'out' && was.get(a.characteristic.id) !== 'out');
}

/** Describes what readings are made with. */
export interface MeasuringRoom extends ToolRoom {
  readonly unit: ShopUnit;
  readonly evaluator: Evaluator;
}

type Settling<Id extends MethodId> = (
  job: Job,
  step: Step<Id>,
  reading: Extract<Reading, { kind: Id }>,
  room: MeasuringRoom,
) => PendingReading | null;

const doubted = (reading: Reading, why: string | null): Doubt | null =>
  why === null ? null : { kind: 'doubt', reading, why };

/** Says what has to be settled before a reading is recorded, by its method; where none is named, nothing has. */
const PENDING: { readonly [Id in MethodId]?: Settling<Id> } = {
  leaf: (job, _step, reading, { evaluator }) => {
    const against = conflictsWith(job, reading, reading, evaluator.ladder(job));
    if (against.length > 0) return { kind: 'contradiction', reading, against };
    const isEdge = reading.felt === 'part-way' && putsOut(job, reading, evaluator);
    return isEdge ? { kind: 'edge', reading } : null;
  },
  size: (job, { dimension }, reading, room) => {
    const gauge = gaugeFor(room, job, dimension);
    return doubted(reading, doubtOfSize(job, dimension, reading, gauge, room.unit));
  },
  swing: (job, { characteristic }, reading, room) => {
    const c = characteristicOf(job.sheet, characteristic);
    const all = room.evaluator.assess(job);
    const { limits } = all.find((a) => a.characteristic.id === characteristic) ?? {};
    return doubted(
      reading,
      doubtOfSwing(c, limits ?? {}, reading, indicatorFor(room, job), room.unit),
    );
  },
};

/** Returns the reading that an answer at a step comes to, pending where something has to be settled first. */
export function takenAt<Id extends MethodId>(
  job: Job,
  step: Step<Id>,
  answer: Answer<Id>,
  made: Stamp,
  room: MeasuringRoom,
): Taken {
  const reading = methodOf(step.way).record(step, answer, made, benchOf(job, room));
  const settling = PENDING[step.way] as Settling<MethodId> | undefined;
  return { reading, pending: settling?.(job, step, reading, room) ?? null };
}

/** Returns the reading of a leaf that was answered, pending where it contradicts what counts. */
export const answerLeaf = (
  job: Job,
  step: LeafStep,
  felt: Felt,
  made: Stamp,
  evaluator: Evaluator,
): Taken => takenAt<'leaf'>(job, { way: 'leaf', ...step }, felt, made, { evaluator, ...NO_TOOLS });

/** Leaves need no instrument. */
const NO_TOOLS = { instruments: [], zeros: [], unit: 'mm' } as const;

/**
 * Adds a reading to a job, and turns to what comes next. It stands on nothing: what was read in another window of the same
 * place is one more observation.
 *
 * @param instead ids of readings that it takes the place of, and why they no longer count
 */
export const addReading =
  (
    reading: Reading,
    evaluator: Evaluator,
    instead: { readonly ids: readonly string[]; readonly why: string } = { ids: [], why: '' },
  ): Command =>
  (job, { by }) => {
    const voiding = { at: reading.at, by, why: instead.why };
    return evaluator.movedOn(record(withVoided(job, instead.ids, voiding), reading));
  };

/** Notes work on a part; what it opens again is measured in the order of the work. */
export const recordWork = (operation: WorkEntry): Command =>
  standing(onWorkOf([operation.part]), (job) => letGo(record(job, operation)));

/** Voids an entry of the journal: it stays there and no longer counts. */
export const voidEntry =
  (id: string, why: string): Command =>
  (job, { at, by }) =>
    withVoided(job, [id], { at, by, why });

/** Returns what a step is of: the size that is read, or the characteristic itself. */
const targetOfStep = (step: Step): CharacteristicId | DimensionId =>
  'dimension' in step ? step.dimension.id : step.characteristic;

/** Leaves the place of a step out, for a reason that is kept. */
export const skipPlace = (step: Step, why: string, evaluator: Evaluator): Command =>
  standing(onPlaces([{ target: targetOfStep(step), station: step.station.id }]), (job, made) => {
    const of = { target: targetOfStep(step), way: step.way, place: step.station.id };
    return evaluator.movedOn(record(job, { ...made, kind: 'skip', ...of, why }));
  });

/**
 * Leaves out what is still unread of pieces of which one end counts: whoever has found the shortest vane
 * says so of the others.
 */
export const skipOthers = ({ dimension }: SizeStep, why: string, evaluator: Evaluator): Command =>
  standing(
    onPlaces(dimension.stations.map(({ id }) => ({ target: dimension.id, station: id }))),
    (job, made) => {
      const read = countedIn(job).ofSize(dimension.id);
      const left = dimension.stations.filter(({ id }) => !read.some((r) => r.station === id));
      const skips = left.map(({ id: place }, i) => ({
        ...stampOf(made, i),
        kind: 'skip' as const,
        target: dimension.id,
        way: 'size' as const,
        place,
        why,
      }));
      return evaluator.movedOn(record(job, ...skips));
    },
  );

/** Takes a strike back: the entry counts again. */
export const restoreEntry =
  (id: string): Command =>
  (job, { at, by }) =>
    restored(job, id, { at, by });

/** Turns to a characteristic, or to another way of measuring. */
export const turnTo =
  (cursor: Partial<Job['cursor']>): Command =>
  ({ cursor: { characteristic, way }, ...job }) => ({
    ...job,
    cursor: { characteristic, way, ...cursor },
  });

/** Turns to a characteristic to read all its places once more; by leaves, closer, where nothing gives it a figure. */
export const turnToAgain =
  (characteristic: CharacteristicId): Command =>
  (job, made) => {
    const way = figureWay(job.sheet, characteristicOf(job.sheet, characteristic));
    if (way === null) return turnTo({ characteristic, way: 'leaf', closer: true })(job, made);
    const again = job.journal.at(-1)?.id;
    return turnTo({ characteristic, way, ...(again === undefined ? {} : { again }) })(job, made);
  };

/** Returns the step that reads a place again; null where the pump has it no more. */
export function againAt(job: Job, r: Reading, all: readonly Assessment[]): Step | null {
  const station = targetOf(job.sheet, r).stations.find((s) => s.id === r.station);
  if (!station) return null;
  if (METHOD[r.kind].gives !== 'figure') return null;
  if (!('dimension' in r)) {
    return { way: r.kind, characteristic: r.characteristic, station } as Step;
  }
  const dimension = dimensionOf(job.sheet, r.dimension);
  const inHand = job.cursor.characteristic;
  const rests = all.filter((a) => dimensionsFor(a.characteristic).includes(r.dimension));
  const of = rests.find((a) => a.characteristic.id === inHand) ?? rests[0];
  return of ? { way: r.kind, characteristic: of.characteristic.id, dimension, station } : null;
}
