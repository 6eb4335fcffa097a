import type { KindId } from '../pumps/ids';
import { hasRole } from '../pumps/kinds';
import { pumpOf } from '../pumps/registry';
import type { Job } from '../records/job';
import type { Sheet } from '../records/sheet';

/** A part of one variant against a part of another, and what the sheet says of it. */
export interface Mixed {
  readonly part: KindId;
  readonly of: string;
  readonly against: KindId;
  readonly in: string;
  /** `unsaid` where the sheet has nothing on it: then nobody knows here. */
  readonly verdict: 'fits' | 'fits-not' | 'unsaid';
  readonly note: string;
}

/** Returns which variant a kind of part of the pump comes from: the job's own, but for those said otherwise. */
export function originOf(job: Pick<Job, 'variant' | 'mixed'>, part: KindId): string | null {
  return job.mixed.find((m) => m.part === part)?.variant ?? job.variant;
}

/**
 * Returns everything in a pump put together from two that the sheet allows or forbids,
 * and each part against the body, whether the sheet says anything of it or
 * not. The direction counts: a late cover may go on an early body and not the
 * other way round.
 */
export function mixOf(job: Pick<Job, 'variant' | 'mixed'> & { readonly sheet: Sheet }): Mixed[] {
  const { sheet } = job;
  const { kinds } = pumpOf(sheet);
  const parts = kinds.map((k) => k.id);
  const base = (kinds.find((k) => hasRole(k, 'base')) ?? kinds[0])?.id;
  return parts.flatMap((part) =>
    parts.flatMap((other): Mixed[] => {
      const [of, into] = [originOf(job, part), originOf(job, other)];
      if (part === other || of === null || into === null || of === into) return [];
      const rule = sheet.mixes.find(
        (m) => m.part === part && m.of === of && m.against === other && m.in === into,
      );
      if (rule) {
        const verdict = rule.fits ? 'fits' : 'fits-not';
        return [{ part, of, against: other, in: into, verdict, note: rule.note }];
      }
      return other === base
        ? [{ part, of, against: other, in: into, verdict: 'unsaid', note: '' }]
        : [];
    }),
  );
}
