import { lastExchange } from '../journal/exchanged';
import { turnsAfter } from '../journal/workedOut';
import { stripped } from '../inspect/stripping';
import type { BuildStep } from '../pumps/assembly/step';
import type { BuiltJob } from './steps';

/** Names a way round, by the set of choices and the one of them. */
export interface Way {
  readonly id: string;
  readonly option: string;
}

/** Says how a part lies that a step puts in. */
export interface LaidWay {
  /** As it must be; null where nobody knows, or there is none. */
  readonly right: Way | null;
  /** As it was found; null where nobody noted it, or there is none. */
  readonly found: Way | null;
  /** Names the choices that whoever builds is asked for; null where the way is known, or there is none. */
  readonly asks: string | null;
  /** The option that is right as a rule, where the sheet does not say. */
  readonly rule: string | null;
}

const NO_WAY: LaidWay = { right: null, found: null, asks: null, rule: null };

/** Lists the ways that are as they were found: marks of a pair that ran together, the cup of a plunger. */
const AS_FOUND = ['mark', 'order'];

/** Names what is right on most pumps; the spring side of a lip faces the oil, a trap groove opens to the outlet. */
const AS_RULE: Readonly<Record<string, string>> = {
  lip: 'down',
  relief: 'right',
  edge: 'up',
  groove: 'down',
  bevel: 'up',
  plug: 'right',
  drain: 'left',
};

/** Lists the rules that hold whatever was found; the others only where what was found agrees. */
const RULE_HOLDS = ['lip', 'edge', 'groove', 'bevel', 'plug', 'drain'];

const ARROW = { clockwise: 'cw', anticlockwise: 'ccw' } as const;

/** Returns the option of an arrow that the pump's rotation asks for; undefined where nobody said how it turns. */
function arrowOf(job: BuiltJob): string | undefined {
  const turns = turnsAfter(job);
  return turns === 'unknown' ? undefined : ARROW[turns];
}

/**
 * Returns how the part of a step has to lie, and how it was found. What the sheet calls right holds; a mark lies as it was
 * found, an arrow points the way that the pump turns. Where neither sheet nor note nor rule says, it is asked for.
 *
 * @param job its sheet, its notes of the strip, its rotation
 * @param step of the build
 */
export function wayOf(job: BuiltJob, step: BuildStep): LaidWay {
  const noted = step.strip ? stripped(job).find((s) => s.step.id === step.strip) : undefined;
  const id = noted?.step.way ?? '';
  if (!noted || id === '') return NO_WAY;
  // The piece that is in now was never in that way.
  const isOther = step.parts.some((part) => lastExchange(job, part) !== undefined);
  // What was right one way round is not for the other rotation.
  const isTurned = job.asked.work === 'reverse';
  const found = noted.note?.way ? { id, option: noted.note.way } : null;
  const asFound = found && found.option !== 'none' && !isOther ? found.option : undefined;
  const rule = AS_RULE[id] ?? null;
  const byRule =
    rule !== null && (RULE_HOLDS.includes(id) || (!isOther && !isTurned && found?.option === rule))
      ? rule
      : '';
  const option =
    noted.step.right ||
    (AS_FOUND.includes(id) && asFound) ||
    (id.startsWith('arrow') && arrowOf(job)) ||
    byRule;
  if (option) return { right: { id, option }, found, asks: null, rule };
  const isFree =
    // A pair without a mark goes in either way, and so do plates that are alike on both sides.
    (id === 'mark' && (isOther || found?.option === 'none')) ||
    (id === 'relief' && job.sheet.reversing.symmetrical === true);
  return { right: null, found, asks: isFree ? null : id, rule };
}
