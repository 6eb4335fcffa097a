import { lookedAt } from '../inspect/looking';
import { noteWords, stripped } from '../inspect/stripping';
import { ledgerOf } from '../journal/ledger';
import { isWaiting } from '../journal/signed';
import type { Item } from '../records/entry';
import { seenWords } from '../records/entries/finding';
import type { Job } from '../records/job';
import { familyOf, partName } from '../pumps/registry';
import { sheetName } from '../records/sheet';
import { counting } from '../schema/voiding';
import { say } from '../wording/say';

/** Lists where on a job words stand by which it is found. */
export const SAID_IN = [
  'tag',
  'customer',
  'machine',
  'pump',
  'serial',
  'complaint',
  'finding',
  'part',
  'note',
  'cause',
  'order',
  'comeback',
  'waiting',
] as const;
export type SaidIn = (typeof SAID_IN)[number];

/** Holds words on a job, and says where they stand. */
export interface Said {
  readonly where: SaidIn;
  readonly text: string;
}

/** Lists the fields of an entry that hold what a person typed. */
const TYPED = ['remark', 'why', 'words', 'supplier', 'partNumber', 'complaint'] as const;

/** Says where the words of a kind of entry stand, where that is not among the notes. */
const WHERE: Readonly<Partial<Record<string, SaidIn>>> = {
  cause: 'cause',
  order: 'order',
  comeback: 'comeback',
};

const isText = (value: unknown): value is string => typeof value === 'string' && value !== '';

/** Returns what somebody typed on an entry. */
function typedOn(item: Item): Said[] {
  const fields = item as unknown as Readonly<Record<string, unknown>>;
  const text = TYPED.map((name) => fields[name]).filter(isText);
  if (item.kind === 'finding' || item.kind === 'strip' || text.length === 0) return [];
  return [{ where: WHERE[item.kind] ?? 'note', text: text.join(' · ') }];
}

/** Lists what was seen on the parts and what was noted when they came out. */
function seenOn(job: Job): Said[] {
  const seen = lookedAt(job).flatMap(({ surface, findings }) =>
    findings
      .filter(({ defect }) => defect !== null)
      .map((finding) => `${surface.name}: ${seenWords(finding, 'mm')}`),
  );
  const noted = stripped(job).flatMap(({ step, note }) => {
    const words = note ? noteWords(step, note) : '';
    return words ? [`${partName(job.sheet, step.part)}: ${words}`] : [];
  });
  return [...seen, ...noted].map((text) => ({ where: 'finding', text }));
}

/** Lists the parts of the shelf that were put in, by what is written on them. */
function pieceLabels(job: Job): Said[] {
  const pieces = counting(ledgerOf(job).operations).flatMap(({ piece, make }) =>
    [piece?.label, make].filter(isText),
  );
  return pieces.map((text) => ({ where: 'part', text }));
}

/** Lists every word on a job by which it may be looked for, with where it stands. What was struck is not among them. */
export function saidOf(job: Job): readonly Said[] {
  const { tag, owner, contact, unit, serial, complaint, sheet } = job;
  const head: readonly (readonly [SaidIn, string])[] = [
    ['tag', tag],
    ['customer', [owner, contact].filter(Boolean).join(' · ')],
    ['machine', unit],
    ['pump', `${sheetName(sheet)} · ${familyOf(sheet.family).name}`],
    ['serial', serial],
    ['complaint', complaint],
    ['note', job.closed?.why ?? ''],
    ['waiting', isWaiting(job) ? say('bench.waiting') : ''],
  ];
  const lists = Object.values(ledgerOf(job)) as readonly (readonly Item[])[];
  return [
    ...head.flatMap(([where, text]) => (text ? [{ where, text }] : [])),
    ...seenOn(job),
    ...pieceLabels(job),
    ...lists.flatMap((list) => counting(list)).flatMap(typedOn),
  ];
}
