import { acceptedParts } from '../journal/accepted';
import { lastExchange, exchangedSince } from '../journal/exchanged';
import { ledgerOf } from '../journal/ledger';
import type { PartId } from '../pumps/ids';
import { ownerName, partName, pumpOf, teardownOf } from '../pumps/registry';
import type { Job } from '../records/job';
import type { OrderEntry } from '../records/entries/order';
import type { Sheet } from '../records/sheet';
import type { Finding } from '../records/entries/finding';
import { counting } from '../schema/voiding';
import { say } from '../wording/say';
import { holdsPump, lookedAt, type Looked } from './looking';
import { missingParts } from './auxiliary';
import { wrongParts } from './stripping';

type OrderedJob = Pick<Job, 'sheet' | 'rules' | 'journal' | 'tier'>;

/** Something that has to be bought, and why. */
interface Wanted {
  /** Tells it from other lines of the job's list, whatever else is on that. */
  readonly id: string;
  readonly name: string;
  readonly count: number;
  readonly why: string;
}

/** One line of the order list: what is bought, why, and how far it is. */
export interface OrderLine extends Wanted {
  /** Says when it was ordered or came, and from whom; null where nobody ordered it. */
  readonly order: OrderEntry | null;
  /** Another part is in the pump already, and came from elsewhere than the shelf. */
  readonly fitted: boolean;
}

/** Says where another part came from that was put into the place of one; null where none was. */
type PutIn = 'shelf' | 'bought' | null;

/** Returns where the other part came from that is in the place of one, since a finding where that is said. */
function putIn(job: OrderedJob, part: PartId, since?: Finding): PutIn {
  const last = lastExchange(job, part);
  if (!last || (since && !exchangedSince(job, part, since))) return null;
  return last.piece ? 'shelf' : 'bought';
}

/** Describes a line that is wanted, and where each of its parts came from that is in already. */
type WithParts = Wanted & { readonly putIn: readonly PutIn[] };

/** Makes an id of a line: a word for why it is there, and what asks for it. */
const lineId = (why: string, of: string): string => `${why}--${of}`.slice(0, 64);

/** Lists what is always replaced, and what the house renews. */
function renewed(job: OrderedJob, renewals: Sheet['renew']): WithParts[] {
  const { renewed: partsOf } = teardownOf(job.sheet);
  return renewals.map(({ id, name, count, when }) => ({
    id: lineId('renew', id),
    name,
    count,
    why: when === 'always' ? 'always replaced' : 'replaced by house rule',
    putIn: (partsOf[id] ?? []).map((part) => putIn(job, part)),
  }));
}

/** Lists the parts that were missing at teardown, or wrong. */
function missing(job: OrderedJob): WithParts[] {
  const { sheet } = job;
  const { parts } = pumpOf(sheet);
  return wrongParts(job).map(({ step, note }) => {
    const name = partName(sheet, step.part);
    return {
      id: lineId('missing', step.id),
      name: note?.remark ? say('inspect.partRemark', { part: name, remark: note.remark }) : name,
      count: 1,
      why: note?.state === 'wrong' ? 'wrong part found' : 'missing at teardown',
      putIn: parts.flatMap(({ id }) => (id === step.part ? [putIn(job, id)] : [])),
    };
  });
}

/** Lists the keys, clips, pins and washers that were missing when they were counted. */
const smallMissing = (job: OrderedJob): WithParts[] =>
  missingParts(job).map(({ small, name, missing: count }) => ({
    id: lineId('small', small.id),
    name,
    count,
    why: 'missing when counted',
    putIn: [],
  }));

/** Lists the parts that a person decided to replace or gave up, each once, with the surfaces that say so. */
function condemned(job: OrderedJob, anyway: ReadonlySet<PartId>): WithParts[] {
  const { sheet } = job;
  const asks = ({ decided }: Finding) => decided === 'replace' || decided === 'scrap';
  const wanted = lookedAt(job).filter(
    ({ surface, findings }) =>
      // A bushing that is renewed anyway is not ordered twice.
      !surface.parts.every((part) => anyway.has(part)) &&
      // A body is looked for, not bought like a seal: the finding says so, the order list does not.
      !holdsPump(sheet, surface) &&
      findings.some(asks),
  );
  const byParts = new Map<string, Looked[]>();
  for (const looked of wanted) {
    const key = looked.surface.parts.join();
    byParts.set(key, [...(byParts.get(key) ?? []), looked]);
  }
  return [...byParts.values()].flatMap((all) =>
    all.slice(0, 1).map(({ surface }) => {
      const findings = all.flatMap((l) => l.findings.filter(asks));
      // What was found last has to be of the part before, too.
      const from = surface.parts.map((part) =>
        findings.map((f) => putIn(job, part, f)).reduce((a, b) => a && b),
      );
      return {
        id: lineId('part', surface.parts[0] ?? ''),
        name: ownerName(sheet, surface),
        count: from.filter((of) => of !== 'shelf').length,
        why: say('inspect.toReplace', {
          surfaces: all.map((l) => l.surface.name).join(', '),
        }),
        putIn: from,
      };
    }),
  );
}

/** Lists each part once: two steps at which the same one is missing ask for one. */
function onceEach<T extends Wanted>(lines: readonly T[]): T[] {
  const keyOf = ({ name, why }: Wanted) => `${name} ${why}`;
  return lines.filter((line, i) => lines.findIndex((l) => keyOf(l) === keyOf(line)) === i);
}

/** Tells whether all that is wanted came from the shelf. */
const isFromShelf = ({ putIn: from }: WithParts): boolean =>
  from.length > 0 && from.every((of) => of === 'shelf');

/**
 * Returns what has to be bought: what is always replaced, what the house renews, parts
 * that were missing or wrong, and parts that a person decided to replace or gave up; with how far each order is.
 * What was put in from the shelf is not bought.
 */
export function orderList(job: OrderedJob): OrderLine[] {
  const { sheet, rules } = job;
  const orders = counting(ledgerOf(job).orders);
  const { renewed: partsOf } = teardownOf(sheet);
  const accepted = acceptedParts(job);
  const renewals = sheet.renew.filter(
    ({ id, when }) =>
      when === 'always' ||
      (rules.renew === 'always' && !partsOf[id]?.some((part) => accepted.has(part))),
  );
  const anyway = new Set(renewals.flatMap(({ id }) => partsOf[id] ?? []));
  const wanted = [
    ...renewed(job, renewals),
    ...missing(job),
    ...smallMissing(job),
    ...condemned(job, anyway),
  ];
  return onceEach(wanted)
    .filter((line) => !isFromShelf(line))
    .map(({ putIn: from, ...line }) => ({
      ...line,
      order: orders.findLast((o) => o.line === line.id) ?? null,
      fitted: from.length > 0 && from.every((of) => of !== null),
    }));
}
