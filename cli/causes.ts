import type { ComplaintId } from '../core/causes/complaints';
import { familyPump } from '../core/causes/familyPump';
import { foundOn } from '../core/causes/found';
import { rankCauses, type Ranking, type Settled } from '../core/causes/rank';
import { wordsAgainst, wordsFor, type Places } from '../core/causes/sayCauses';
import { assessJob } from '../core/guidance/evaluator';
import { jobIn } from './job';

const answerOf = ({ causes, settled }: Ranking, places: Places) => ({
  causes: causes.map((ranked) => ({
    id: ranked.cause.id,
    name: ranked.cause.name,
    for: wordsFor(ranked, places),
    against: wordsAgainst(ranked, places),
    settle: [ranked.cause.settle],
    cameFrom: ranked.cameFrom,
    score: ranked.score,
  })),
  settled,
});

/** Returns why the pump of the one job in a file failed, likeliest first. */
export function causesOfFile(file: object) {
  const job = jobIn(file);
  const found = foundOn(job, assessJob(job));
  const { causes, settled } = answerOf(rankCauses(job.sheet, found), found.places);
  return { causes: causes.map(({ score: _, ...cause }) => cause), settled };
}

/** Describes what a ranking by signs alone is asked. */
interface Asked {
  readonly family: string;
  readonly build?: string | undefined;
  readonly complaint: readonly ComplaintId[];
  readonly signs: readonly { readonly id: string; readonly found: boolean }[];
  readonly settled?: Readonly<Record<string, Settled | undefined>>;
}

/** Returns why a pump failed by its family and the signs that were found, each cause with its score. */
export function rankSigns({ family, build, complaint, signs, settled = {} }: Asked) {
  const said = Object.entries(settled).flatMap(([id, is]) => (is ? [[id, is] as const] : []));
  const ranking = rankCauses(familyPump(family, build), {
    complaints: complaint,
    signs: new Set(signs.filter(({ found }) => found).map(({ id }) => id)),
    settled: new Map(said),
  });
  return answerOf(ranking, new Map());
}
