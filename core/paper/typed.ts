import { stampOf, standing, type Command, type Stamp } from '../commands/command';
import { placeOf } from '../records/entry';
import { onPlaces } from '../commands/stands';
import { answerLeaf, takenAt, type MeasuringRoom, type Taken } from '../commands/measuring';
import { tried } from '../errors';
import { stackOf, type Felt } from '../feeler/bounds';
import type { Stack } from '../feeler/stacks';
import type { Evaluator } from '../guidance/evaluator';
import type { ToolRoom } from '../instruments/gauges';
import { record } from '../journal/commands';
import { METHOD, readingWords, type Reading, type Step } from '../methods/list';
import type { Box } from '../methods/method';
import { formatWithUnit } from '../quantity/format';
import { parseReading } from '../quantity/parse';
import { bareUnit, tidy_mm } from '../quantity/units';
import type { Job } from '../records/job';
import { say } from '../wording/say';
import type { PaperBlock, PaperPlace } from './blank';

/** Holds what was typed into the boxes of a sheet, by place and box. */
export type PaperCells = Readonly<Record<string, string>>;

/** Names the box of a place. */
export const boxId = ({ id }: Pick<PaperPlace, 'id'>, box: Box): string => `${id}/${box}`;

const FELT: Readonly<Record<'goes' | 'refused', Felt>> = { goes: 'free', refused: 'no-go' };

/** Holds what a typed sheet comes to: the readings that can be taken, and what is wrong at each box that cannot. */
export interface Typed {
  readonly readings: readonly Reading[];
  /** Says what is wrong, by box: nothing is taken of it. */
  readonly wrong: ReadonlyMap<string, string>;
  /** Says what is hard to believe, by box: taken where it is typed again as it is. */
  readonly doubted: ReadonlyMap<string, string>;
}

/** Describes what typed readings are made with. */
export interface PaperRoom extends MeasuringRoom {
  /** The moment of the paper: its readings bear that, whenever they are typed. */
  readonly made: Stamp;
}

/** Returns the leaves that come to a thickness: one of the set, or as few together as can be; null for none. */
function stackIn({ evaluator }: PaperRoom, job: Job, mm: number): Stack | null {
  const total = tidy_mm(mm);
  const { stacks } = evaluator.ladder(job);
  // By what is marked on them: whoever wrote it down read that.
  const [first] = stacks
    .filter(({ marked_mm, leaves_mm }) => Math.abs(stackOf(marked_mm ?? leaves_mm) - total) < 1e-6)
    .sort((a, b) => a.leaves_mm.length - b.leaves_mm.length);
  return first ?? null;
}

/** Lists the zero checks that a reading of a moment can rest on: none was made after it. */
const zerosUntil = ({ zeros }: ToolRoom, at: string) => zeros.filter((zero) => zero.at <= at);

/** Makes the reading of one box; null for an empty one, a text where it cannot be read. */
function boxTaken(
  job: Job,
  { assessment, way }: PaperBlock,
  place: PaperPlace,
  box: Box,
  text: string,
  made: Stamp,
  room: PaperRoom,
): Taken | string {
  const { station, dimension } = place;
  const { unit } = room;
  const kind = dimension ? 'size' : 'gap';
  const bare = bareUnit(kind, unit);
  const read = tried(() => parseReading(text, kind, bare));
  if (!read.ok) return read.message;
  const { mm } = read.value;
  const characteristic = assessment.characteristic.id;
  if (box !== 'figure') {
    const stack = stackIn(room, job, mm);
    if (!stack) return say('measure.noSuchLeaf', { leaf: formatWithUnit(mm, 'gap', unit) });
    return answerLeaf(job, { characteristic, station, stack }, FELT[box], made, room.evaluator);
  }
  const figure = { text: text.trim(), unit: bare, read_mm: mm, source: 'typed' } as const;
  const tools = { ...room, zeros: zerosUntil(room, made.at) };
  const at = dimension ? { station, dimension } : { station };
  return takenAt(job, { way, characteristic, ...at } as Step, figure, made, tools);
}

/**
 * Reads what was typed from a sheet of paper, place by place: each box is a reading that was typed, with the paper's date.
 * What cannot be read, or contradicts what is there, is said at its box, and the rest is taken all the same.
 *
 * @param believed boxes whose figure a person stands by, though it is hard to believe
 */
export function typedFrom(
  job: Job,
  blocks: readonly PaperBlock[],
  cells: PaperCells,
  room: PaperRoom,
  believed: ReadonlySet<string> = new Set(),
): Typed {
  const readings: Reading[] = [];
  const wrong = new Map<string, string>();
  const doubted = new Map<string, string>();
  let now = job;
  for (const block of blocks) {
    for (const place of block.places) {
      for (const box of METHOD[block.way].paper) {
        const id = boxId(place, box);
        const text = cells[id] ?? '';
        if (text.trim() === '') continue;
        const made = stampOf(room.made, readings.length);
        const taken = boxTaken(now, block, place, box, text, made, room);
        if (typeof taken === 'string') {
          wrong.set(id, taken);
          continue;
        }
        const { reading, pending } = taken;
        if (pending?.kind === 'contradiction') {
          const earlier = pending.against.map((r) => readingWords(r, room.unit)).join(', ');
          wrong.set(id, say('measure.paperContradicts', { earlier }));
        } else if (pending?.kind === 'doubt' && !believed.has(id)) {
          doubted.set(id, pending.why);
        } else {
          readings.push(reading);
          now = record(now, reading);
        }
      }
    }
  }
  return { readings, wrong, doubted };
}

/** Takes the readings of a sheet of paper into a job, all in one stroke. */
export const takePaper = (readings: readonly Reading[], evaluator: Evaluator): Command =>
  standing(onPlaces(readings.map(placeOf)), (job) =>
    readings.length > 0 ? evaluator.movedOn(record(job, ...readings)) : job,
  );
