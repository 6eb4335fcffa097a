import { lastExchange } from '../journal/exchanged';
import { workEntriesOf } from '../journal/eras';
import { partName, pumpOf, teardownOf } from '../pumps/registry';
import type { BuildStep } from '../pumps/assembly/step';
import type { BuiltJob } from './steps';
import { sayBuild } from './sayBuild';
import { WORK_WORD } from '../wording/reading';
import { listed } from '../wording/say';

/** Says which piece a part is: a new one, one from the shelf with its label, reworked; as it came where nothing was done. */
function pieceWords(job: BuiltJob, part: string): string {
  const exchange = lastExchange(job, part);
  const works = workEntriesOf(job).filter((o) => o.part === part);
  const since = exchange ? works.slice(works.indexOf(exchange) + 1) : works;
  const done = [
    ...new Set(since.filter((o) => o.work !== 'exchanged').map((o) => WORK_WORD[o.work])),
  ];
  const worked = done.length > 0 ? sayBuild('piece.worked', { works: listed(done) }) : '';
  const from = exchange
    ? exchange.piece
      ? sayBuild('piece.shelf', { label: exchange.piece.label })
      : sayBuild('piece.new')
    : '';
  return [from, worked].filter(Boolean).join(', ') || sayBuild('piece.asFound');
}

/** Names a part that a step puts in, and which piece it is. */
export interface PlacedPart {
  readonly id: string;
  readonly name: string;
  readonly piece: string;
}

/** Tells whether a line is on the order. */
export type IsOrdered = (line: string) => boolean;

/**
 * Lists the parts of the pump that a step puts in, each with which piece it is. What is new by a renewal is told by the line
 * of that.
 */
export function placedParts(
  job: BuiltJob,
  { parts }: BuildStep,
  isOrdered: IsOrdered,
): PlacedPart[] {
  const known = new Set<string>(pumpOf(job.sheet).parts.map(({ id }) => id));
  const { renewed: by } = teardownOf(job.sheet);
  const renewed = new Set<string>(
    parts.flatMap((id) => (isOrdered(`renew--${id}`) ? (by[id] ?? []) : [])),
  );
  return parts
    .filter((id) => known.has(id) && !renewed.has(id))
    .map((id) => ({ id, name: partName(job.sheet, id), piece: pieceWords(job, id) }));
}

/** Lists what is always replaced and comes with a step, by name. */
export const renewalsAt = (
  { sheet }: BuiltJob,
  { parts }: BuildStep,
  isOrdered: IsOrdered,
): string[] =>
  sheet.renew
    .filter(({ id }) => parts.includes(id) && isOrdered(`renew--${id}`))
    .map(({ name }) => name);
