import { capital } from '../quantity/letters';
import { sayFrom } from '../wording/say';
import type { Turning } from '../workshop/reversing';

/** Lists the ways that a shaft turns, seen from its end. */
export const TURNINGS = ['clockwise', 'anticlockwise'] as const satisfies readonly Turning[];

const say = sayFrom({ clockwise: 'clockwise', anticlockwise: 'anticlockwise' });

/** Names a way of turning. */
export const turningWord = (turning: Turning): string => say(turning);

/** Names it at the head of a sentence. */
export const capitalTurning = (turning: Turning): string => capital(say(turning));

/** Returns the other way: what is seen from the other end, or after reversing. */
export const otherWay = (turning: Turning): Turning =>
  turning === 'clockwise' ? 'anticlockwise' : 'clockwise';
