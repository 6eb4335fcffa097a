import type { ChangeWhen } from '../records/entries/cause';
import type { Replacement } from '../pumps/remedies';
import type { ComplaintId } from './complaints';

/** Describes something that must change too, or the fault comes back. */
export interface Change {
  /** Says what to do, as an instruction. */
  readonly words: string;
  readonly when: ChangeWhen;
  /** Names the renewal that it is, where a sheet may have that replaced anyhow. */
  readonly renews?: string;
  /** Names what is bought new for it, where the plan has to count that in. */
  readonly replaces?: readonly Replacement[];
}

/** Names what a pump must have for a cause to be possible on it. */
export const HAVING = [
  'seal',
  'drain',
  'drain-valve',
  'groove',
  'bushing',
  'vane',
  'vane-edge',
  'crescent',
  'body-track',
  'cover',
  'face',
  'tip',
  'relief',
  'drive',
] as const;
export type Having = (typeof HAVING)[number];

/** Describes a reason why a pump failed: what it gives, what speaks for it and against it, what settles it, what must change too. */
export interface Cause {
  readonly id: string;
  /** Says it as a sentence, without a full stop. */
  readonly name: string;
  readonly has?: readonly Having[];
  /** Lists the complaints that it gives, by their codes. */
  readonly gives: readonly ComplaintId[];
  /** Lists signs, by their ids: each of the first speaks for it strongly, the others a little. */
  readonly strong: readonly string[];
  readonly some: readonly string[];
  readonly against: readonly string[];
  /** Says the one check that settles it. */
  readonly settle: string;
  /** Says how soon that check can be made: 1 before anything is washed, 2 by hand, 3 with an instrument, 4 on the machine or with parts out. */
  readonly effort: 1 | 2 | 3 | 4;
  readonly caution?: string;
  readonly change: readonly [Change, ...Change[]];
  /** Lists the causes that are results of this one. */
  readonly makes?: readonly string[];
  /** Says that it is mostly what another cause left behind. */
  readonly result?: true;
  /** Says how much it destroys where it is not found, 1 to 3. */
  readonly harm: 1 | 2 | 3;
}

/** Makes something that is changed before the pump goes together. */
export const build = (words: string, ...replaces: readonly Replacement[]): Change => ({
  words,
  when: 'build',
  replaces,
});
/** Makes something that is changed on the machine. */
export const machine = (words: string): Change => ({ words, when: 'machine' });
/** Has the seal renewed, where that is not done anyhow. */
export const NEW_SEAL: Change = { ...build('Renew the seal.'), renews: 'seal' };
