import { lookedAt } from '../../inspect/looking';
import { restsOn } from '../../journal/eras';
import { exchangedSince } from '../../journal/exchanged';
import type { PartId } from '../../pumps/ids';
import type { Decision } from '../../records/rework';
import type { ReworkCase } from './case';
import type { PartLine } from './lines';

/** Describes how a part stands: what becomes of it, how it looked, and how the clearances that rest on it stand. */
export interface PartState {
  readonly part: PartId;
  /** `unknown` where nothing is known of it, and nothing planned. */
  readonly decision: Decision | 'unknown';
  readonly looked: 'unseen' | 'sound' | 'passed' | 'condemned';
  /** The worst of them; `none` where no clearance with a limit rests on it. */
  readonly clearances: 'in' | 'close' | 'out' | 'open' | 'none';
}

/** The verdicts, the one that counts most first. */
const WORST = ['out', 'close', 'open', 'in'] as const;

/**
 * Lists how each part of a pump stands, in the order of the pump.
 *
 * @param rework what plans for the pump are made from
 * @param lines what is planned on the parts
 */
export function partStates(
  { job, known, all }: Pick<ReworkCase, 'job' | 'known' | 'all'>,
  lines: readonly PartLine[],
): PartState[] {
  const { pump } = known;
  const surfaces = lookedAt(job);
  const sizes = [...pump.dimensions, ...pump.features];
  return pump.parts.map(({ id: part }) => {
    const line = lines.find((l) => l.part.id === part);
    const own = sizes.filter((d) => d.part === part).map((d) => d.id);
    const verdicts = all
      .filter((a) => a.limits !== null && restsOn(a.characteristic).some((id) => own.includes(id)))
      .map((a) => a.verdict);
    // What was seen before it was exchanged was the part that is no longer in the pump.
    const condemned = surfaces.some(
      ({ surface, findings }) =>
        surface.parts.includes(part) &&
        findings.some(
          (f) =>
            (f.decided === 'replace' || f.decided === 'scrap') && !exchangedSince(job, part, f),
        ),
    );
    return {
      part,
      decision: line?.decision ?? 'unknown',
      looked: condemned ? 'condemned' : line && line.looked !== 'none' ? line.looked : 'unseen',
      clearances: WORST.find((v) => verdicts.includes(v)) ?? 'none',
    };
  });
}
