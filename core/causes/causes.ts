import { ASKED_SIGNS } from './askedSigns';
import type { Cause } from './cause';
import type { Sign } from './clue';
import { DAMAGE_CAUSES } from './damageCauses';
import { FLOW_CAUSES } from './flowCauses';
import { SEAL_CAUSES } from './sealCauses';
import { SEEN_SIGNS } from './seenSigns';

/** Lists every cause that has a name here. */
export const CAUSES: readonly Cause[] = [...SEAL_CAUSES, ...FLOW_CAUSES, ...DAMAGE_CAUSES];

/** Lists every sign that speaks for or against one. */
export const SIGNS: readonly Sign[] = [...SEEN_SIGNS, ...ASKED_SIGNS];

const BY_ID: ReadonlyMap<string, Sign> = new Map(SIGNS.map((sign) => [sign.id, sign]));

/**
 * Returns a sign by its id.
 *
 * @param id of the sign
 * @example
 * signOf('vent-open').words; // 'The drain behind the seal is open.'
 */
// A test holds every id of the tables to the list.
export const signOf = (id: string): Sign => BY_ID.get(id) as Sign;

/**
 * Returns a cause by its id; undefined where there is none.
 *
 * @param id of the cause
 * @example
 * causeOf('foreign-body')?.name; // 'A hard piece went through it'
 */
export const causeOf = (id: string): Cause | undefined => CAUSES.find((c) => c.id === id);
