import { operationId } from '../core/pumps/ids';
import { evenFrom } from '../core/random';
import type { Sheet } from '../core/records/sheet';
import { followed, trueCost, type Case, type Followed } from '../core/practice/decidedPump';
import { cheaperThan } from './searchedPlan';
import { loadHighs } from '../core/rework/solver/highs';
import type { Offer } from '../core/rework/operations/offers';
import { isLastResort } from '../core/rework/decision/solve';
import { DEMO_SHEETS } from '../demo/sheets';

/**
 * How far Decide can be trusted: worn pumps with a hidden truth, measured by simulated hands, each by leaves and by
 * sizes, planned, carried out with a machine's scatter, and measured again. All is compared with the truth.
 */
const PUMPS = Number(process.env.PUMPS ?? 600);
const SEED = 20261129;
/** Costs differ by nothing that counts where they differ by less. */
const WORTH = 1;
/** A pump with more gaps than these is not searched: its choices are too many. */
const MOST_GAPS = 40;

/** Returns a sheet without the lower limits of what runs: most manuals print none. */
const withoutLeast = (sheet: Sheet): Sheet => ({
  ...sheet,
  limits: sheet.limits.map((l) =>
    l.upper_mm === null
      ? l
      : { ...l, lower_mm: null, preferredLower_mm: null, preferredUpper_mm: null },
  ),
});

const even = evenFrom(SEED);
const sheets = DEMO_SHEETS.filter((s) => !s.model.includes('four-section'));

function caseOf(n: number): Omit<Case, 'by'> {
  const base = sheets[n % sheets.length]!;
  const price = 300 + Math.round(700 * even());
  const prices = [{ operation: operationId('whole-pump'), price, days: Math.round(6 * even()) }];
  const limited = Math.floor(n / sheets.length) % 2 === 0 ? base : withoutLeast(base);
  const tier = base.tiers[Math.floor(even() * base.tiers.length)]!.id;
  return {
    sheet: { ...limited, prices },
    ...{ tier, rule: even() < 0.5 ? 'guarded' : 'plain', seed: SEED + 7 * n },
  };
}

const percent = (part: number, whole: number): string => `${((100 * part) / whole).toFixed(2)}%`;

async function main(): Promise<void> {
  const solve = await loadHighs();
  const all: { case: Omit<Case, 'by'>; leaf: Followed; size: Followed; truth: number | null }[] =
    [];
  const began = Date.now();
  for (let n = 0; n < PUMPS; n++) {
    const given = caseOf(n);
    const [leaf, size] = (['leaf', 'size'] as const).map((by) => followed({ ...given, by }, solve));
    all.push({
      case: given,
      leaf: leaf!,
      size: size!,
      truth: trueCost({ ...given, by: 'size' }, solve),
    });
    if (process.env.LOUD && (n + 1) % 20 === 0) console.error(n + 1, Date.now() - began);
  }
  for (const by of ['leaf', 'size'] as const) {
    const list = all.map((a) => a[by]);
    const locked = list.filter((f) => f.locked.length > 0);
    const late = list.filter((f) => !f.decided || f.further > 6);
    const calledIn = list.reduce((sum, f) => sum + f.calledIn, 0);
    const wrong = list.reduce((sum, f) => sum + f.wrongIn.length, 0);
    const kinds = [...new Set(list.map((f) => f.first))].map(
      (kind) => `${kind} ${list.filter((f) => f.first === kind).length}`,
    );
    console.log(
      `\n${PUMPS} pumps by ${by === 'leaf' ? 'leaves' : 'sizes'}: at first ${kinds.join(', ')}`,
    );
    const bought = all.filter(
      (a) => a[by].buys && a.truth !== null && a.truth < a[by].newPump - WORTH,
    );
    const worked = all.filter(
      (a) =>
        a[by].decided &&
        !a[by].buys &&
        a[by].chosen !== null &&
        a[by].newPump < Math.min(a.truth ?? Infinity, a[by].chosen ?? Infinity) - WORTH,
    );
    let searched = 0;
    const dearer = all.filter((a) => {
      const [plan] = a[by].solved.plans;
      if (!plan || a[by].rework.watched.length > MOST_GAPS) return false;
      searched += 1;
      // What the house does only where nothing else helps is no choice where something else does.
      const { rework } = a[by];
      const liked = (offer: Offer) => !isLastResort(offer, rework);
      const isLiked = plan.works.every(({ id }) =>
        rework.offers.some((o) => o.id === id && liked(o)),
      );
      const allowed = isLiked ? liked : () => true;
      return cheaperThan(rework, plan.expected - WORTH, solve, allowed) !== null;
    });
    console.log(`  new pump where work was cheaper: ${percent(bought.length, PUMPS)}`);
    console.log(`  work where a new pump was cheaper: ${percent(worked.length, PUMPS)}`);
    console.log(
      `  plans dearer than the cheapest of all choices, of ${searched} searched: ${dearer.length}`,
    );
    if (process.env.LOUD) {
      for (const a of bought) {
        const { rework, solved } = a[by];
        console.log(
          '   bought',
          all.indexOf(a),
          a.case.rule,
          a.truth,
          a[by].newPump,
          JSON.stringify(solved.blocked),
          solved.closer.join(),
          solved.plans[0]?.expected,
          rework.watched
            .filter((w) => w.assessment.verdict !== 'in')
            .map((w) =>
              [
                w.assessment.characteristic.id,
                w.assessment.verdict,
                w.assessment.probability?.toFixed(2),
                w.assessment.largest?.kind,
                w.span.low_mm.toFixed(3),
                w.span.high_mm.toFixed(3),
                w.assessment.limits?.lower_mm,
                w.assessment.limits?.upper_mm,
              ].join(' '),
            )
            .join(' | '),
        );
      }
      for (const a of worked)
        console.log('   worked', all.indexOf(a), a.truth, a[by].chosen, a[by].newPump);
      for (const a of dearer)
        console.log('   dearer', all.indexOf(a), a[by].solved.plans[0]?.expected);
    }
    console.log(`  locked by the work: ${locked.length}`);
    console.log(
      `  decided after six further readings at most: ${percent(PUMPS - late.length, PUMPS)}`,
    );
    console.log(
      `  checks called in after the work: ${calledIn}, wrong ${wrong} (${percent(wrong, calledIn)})`,
    );
    if (process.env.LOUD) {
      for (const [i, f] of list.entries()) {
        const { sheet, tier, rule } = all[i]!.case;
        const what = [sheet.model, tier, rule, f.first, f.last, f.further].join(' ');
        if (f.locked.length > 0) console.log('   locked', i, what, f.locked);
        if (!f.decided || f.further > 6)
          console.log(
            '   late',
            i,
            what,
            f.rework.all
              .filter((a) => f.solved.closer.includes(a.characteristic.id))
              .map((a) => a.characteristic.id)
              .join(),
          );
        if (f.wrongIn.length > 0) console.log('   wrong', i, what, f.wrongIn);
      }
    }
  }
}

void main();
