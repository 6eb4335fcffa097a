import type { Job } from '../core/records/job';

/** The texts of parts that do not change from tap to tap. */
const KNOWN = new WeakMap<object, string>();

function textOf(part: object): string {
  const text = KNOWN.get(part) ?? JSON.stringify(part);
  KNOWN.set(part, text);
  return text;
}

/** A job as JSON, as JSON.stringify gives it; an entry or a sheet that was written before is not written out again. */
export function jobText(job: Job): string {
  const fields = Object.entries(job).map(([name, value]) => {
    if (name === 'sheet') return `"sheet":${textOf(job.sheet)}`;
    if (name === 'journal') return `"journal":[${job.journal.map(textOf).join(',')}]`;
    return `${JSON.stringify(name)}:${JSON.stringify(value)}`;
  });
  return `{${fields.join(',')}}`;
}
