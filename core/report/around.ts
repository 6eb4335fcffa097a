import { isBuildBegun } from '../guidance/stages';
import { workEntriesOf } from '../journal/eras';
import { isProven } from '../journal/tested';
import { quoteOf, signaturesOf } from '../journal/signed';
import { pumpFigure } from '../picture/pumpFigure';
import type { Figure } from '../picture/figure';
import { familyOf } from '../pumps/registry';
import { trimmed } from '../quantity/format';
import { SIGNERS, type Signer } from '../records/entries/signed';
import { NO_HEADING, type Paper, type ShopHeading } from '../records/heading';
import type { Job } from '../records/job';
import type { Photo } from '../records/photo';
import { isMoment } from '../schema/moments';
import { dateText } from '../wording/date';
import { sayReport } from './sayReport';

/** Holds what stands over a report: the shop’s own, and which job it is. */
export interface PageHead {
  readonly name: string;
  /** Lists its lines; empty where nobody said. */
  readonly address: readonly string[];
  /** Holds the data address of a JPEG; empty for none. */
  readonly picture: string;
  readonly tag: string;
  readonly dates: string;
}

/** Holds who signed, or is to sign where nobody did yet. */
export interface PageSignature {
  readonly as: Signer;
  /** Says as what, who and when. */
  readonly words: string;
  /** Holds it as it was drawn; empty for a name alone, or where nobody signed yet. */
  readonly strokes: string;
  /** Gives the name that stands for it where nothing was drawn. */
  readonly name: string;
  /** Says that the job went on since; empty where it did not. */
  readonly since: string;
}

/** Holds what of a report is no text of its parts. */
export interface PageAround {
  readonly paper: Paper;
  readonly head: PageHead;
  readonly pump: Figure;
  readonly photos: readonly Pick<Photo, 'id' | 'jpeg' | 'width' | 'height'>[];
  readonly signatures: readonly PageSignature[];
  /** Says what the shop warrants; empty for nothing. */
  readonly warranty: readonly string[];
}

const linesIn = (text: string): string[] =>
  text
    .split('\n')
    .map((line) => line.trim())
    .filter(Boolean);

const dayOf = (moment: string): string => (isMoment(moment) ? dateText(moment, 'day') : '');

/** Says from when to when a job was worked on. */
function datesOf({ createdAt, journal, closed }: Job): string {
  const [from, to] = [dayOf(createdAt), dayOf(closed?.at ?? journal.at(-1)?.at ?? createdAt)];
  return from === to || to === '' ? from : sayReport('report.fromTo', { from, to });
}

/** Lists who is to sign a quote: the customer, until he answered. */
function answersFor(job: Job): PageSignature[] {
  const isAnswered = (quoteOf(job)?.state ?? 'asked') !== 'asked';
  const words = sayReport('report.toApprove');
  return isAnswered ? [] : [{ as: 'customer', words, strokes: '', name: '', since: '' }];
}

/** Returns what whoever had a pump in hand signs for. */
function didOn(job: Job): 'both' | 'rebuilt' | 'tested' | 'none' {
  const isRebuilt = job.closed === null && (workEntriesOf(job).length > 0 || isBuildBegun(job));
  if (isProven(job)) return isRebuilt ? 'both' : 'tested';
  return isRebuilt ? 'rebuilt' : 'none';
}

/** Lists the two who sign a report, with what they drew. */
function signaturesFor(job: Job): PageSignature[] {
  const signed = signaturesOf(job);
  const did = didOn(job);
  return SIGNERS.map((as) => {
    const found = signed.find(({ entry }) => entry.as === as);
    const asWhat = sayReport('report.toSign', { as, did });
    if (!found) return { as, words: asWhat, strokes: '', name: '', since: '' };
    const { name, at, strokes } = found.entry;
    return {
      as,
      words: sayReport('report.signedBy', { as: asWhat, name, day: dayOf(at) }),
      strokes,
      name,
      since: found.isOvertaken ? sayReport('report.signedBefore') : '',
    };
  });
}

/**
 * Lists the photos that go on the report of a job, in the order chosen; one that was deleted since does not.
 *
 * @param job its photos, and those that were chosen
 * @example
 * const paper = { photos: ['b', 'gone'], nextUsed: null, nextDay: null };
 * photosChosen({ photos: [{ id: 'a' }, { id: 'b' }], paper }); // ['b']
 */
export const photosChosen = ({
  photos,
  paper,
}: Pick<Job, 'paper'> & { readonly photos: readonly { readonly id: string }[] }): string[] =>
  paper.photos.filter((id) => photos.some((photo) => photo.id === id));

/** Says when the pump is to be looked at next; empty where nobody said. */
export function nextLook({ paper: { nextUsed, nextDay }, usedUnit }: Job): string {
  const used = nextUsed === null ? '' : `${trimmed(nextUsed, 1)} ${usedUnit}`;
  const day = nextDay === null ? '' : dateText(nextDay, 'utc day');
  if (used && day) return sayReport('report.nextLookEither', { used, day });
  return used || day
    ? sayReport('report.nextLook', { at: used || day, by: used ? 'used' : 'day' })
    : '';
}

/**
 * Returns what stands round the words of a report: the shop's heading, the pump, photos, who signed.
 *
 * @param job with its journal
 * @param heading of the shop
 * @param photos those of the job that are at hand
 * @param isQuote it is a quote: nobody signs for work that is not done
 */
export function aroundOf(
  job: Job,
  heading: ShopHeading = NO_HEADING,
  photos: readonly Photo[] = [],
  isQuote = false,
): PageAround {
  const { family, geometry } = job.sheet;
  const isGivenUp = job.closed !== null;
  return {
    paper: heading.paper,
    head: {
      name: heading.name,
      address: linesIn(heading.address),
      picture: heading.picture,
      tag: job.tag,
      dates: datesOf(job),
    },
    pump: pumpFigure(familyOf(family).outline(geometry, { view: 'body' })),
    photos: photosChosen(job).flatMap((id) => photos.find((photo) => photo.id === id) ?? []),
    signatures: isQuote ? answersFor(job) : signaturesFor(job),
    // Nothing is warranted on a pump that was not rebuilt.
    warranty: isGivenUp ? [] : linesIn(heading.warranty),
  };
}
