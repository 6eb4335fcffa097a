import { operationId } from '../core/pumps/ids';
import { evenFrom } from '../core/random';
import type { Sheet } from '../core/records/sheet';
import { followed, trueCost, type Case, type Followed } from '../core/practice/decidedPump';
import { cheaperChoice } from '../core/testing/searchedPlan';
import type { Solver } from '../core/rework/solver/program';
import { loadHighs } from '../core/rework/solver/highs';
import { DEMO_SHEETS } from '../demo/sheets';
import { howMany } from './howMany';

/**
 * How far Decide can be trusted: worn pumps with a hidden truth, measured by simulated hands, each by leaves and by
 * sizes, planned, carried out with a machine's scatter, and measured again. All is compared with the truth.
 */
const PUMPS = Number(process.env.PUMPS ?? howMany(600, 1));
const SEED = 20261129;
/** With EACH set, names each pump that fell short: true, chosen and new cost, and what went wrong. */
const EACH = Boolean(process.env.EACH);
/** Costs differ by nothing that counts where they differ by less. */
const WORTH = 1;
/** A pump with more gaps than these is not searched: its choices are too many. */
const MOST_GAPS = 40;
/** So many readings beside those of the first round are promised to do. */
const FURTHER = 6;

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

function caseOf(n: number): Omit<Case, 'by'> {
  const base = DEMO_SHEETS[n % DEMO_SHEETS.length]!;
  const price = 300 + Math.round(700 * even());
  const prices = [{ operation: operationId('whole-pump'), price, days: Math.round(6 * even()) }];
  const limited = Math.floor(n / DEMO_SHEETS.length) % 2 === 0 ? base : withoutLeast(base);
  const tier = base.tiers[Math.floor(even() * base.tiers.length)]!.id;
  return {
    sheet: { ...limited, prices },
    tier,
    rule: even() < 0.5 ? 'guarded' : 'plain',
    seed: SEED + 7 * n,
  };
}

type By = 'leaf' | 'size';

/** A pump as it was taken through the app by either way of measuring, and what the best by its true sizes costs. */
type Pump = Readonly<Record<By, Followed>> & {
  readonly case: Omit<Case, 'by'>;
  readonly truth: number | null;
};

/** What fell short, in words, and the pumps on which it did. */
interface Short {
  readonly words: string;
  readonly pumps: readonly Pump[];
}

const percent = (part: number, whole: number): string => `${((100 * part) / whole).toFixed(2)}%`;

function pumpOf(n: number, solve: Solver): Pump {
  const given = caseOf(n);
  return {
    case: given,
    leaf: followed({ ...given, by: 'leaf' }, solve),
    size: followed({ ...given, by: 'size' }, solve),
    truth: trueCost({ ...given, by: 'size' }, solve),
  };
}

/** Lists the pumps that were given up for a new one though work was cheaper, and those worked on though a new one was. */
function wrongKind(all: readonly Pump[], by: By): readonly [Short, Short] {
  const bought = all.filter(({ [by]: f, truth }) => {
    return f.buys && truth !== null && truth < f.newPump - WORTH;
  });
  const worked = all.filter(({ [by]: { decided, buys, chosen, newPump }, truth }) => {
    if (!decided || buys || chosen === null) return false;
    return newPump < Math.min(truth ?? Infinity, chosen) - WORTH;
  });
  const share = (pumps: readonly Pump[]) => percent(pumps.length, all.length);
  return [
    { words: `new pump where work was cheaper: ${share(bought)}`, pumps: bought },
    { words: `work where a new pump was cheaper: ${share(worked)}`, pumps: worked },
  ];
}

/** Lists the pumps whose plan is dearer than another choice of works, found by trying all of them. */
function dearer(all: readonly Pump[], by: By, solve: Solver): Short {
  const searched = all.filter(({ [by]: { rework, solved } }) => {
    return solved.plans.length > 0 && rework.watched.length <= MOST_GAPS;
  });
  const pumps = searched.filter(
    ({ [by]: { rework, solved } }) => cheaperChoice(rework, solved, WORTH, solve) !== null,
  );
  const of = `of ${searched.length} searched`;
  return { words: `plans dearer than the cheapest of all choices, ${of}: ${pumps.length}`, pumps };
}

/** Lists the pumps that fell short of what was promised of the work and of the measuring. */
function afterWork(all: readonly Pump[], by: By): readonly Short[] {
  const locked = all.filter(({ [by]: f }) => f.locked.length > 0);
  const late = all.filter(({ [by]: f }) => !f.decided || f.further > FURTHER);
  const wrong = all.filter(({ [by]: f }) => f.wrongIn.length > 0);
  const sum = (count: (f: Followed) => number) => all.reduce((n, p) => n + count(p[by]), 0);
  const [called, off] = [sum((f) => f.calledIn), sum((f) => f.wrongIn.length)];
  const inTime = percent(all.length - late.length, all.length);
  return [
    { words: `locked by the work: ${locked.length}`, pumps: locked },
    { words: `decided after ${FURTHER} further readings at most: ${inTime}`, pumps: late },
    {
      words: `checks called in after the work: ${called}, wrong ${off} (${percent(off, called)})`,
      pumps: wrong,
    },
  ];
}

/** Describes a pump that fell short, so that it can be looked at. */
const about = (all: readonly Pump[], pump: Pump, by: By): string => {
  const { case: given, truth, [by]: f } = pump;
  const costs = [truth, f.chosen, f.newPump].map((cost) => cost?.toFixed(0) ?? 'none').join('/');
  const told = [f.first, f.last, `${f.further} further`, costs, ...f.locked, ...f.wrongIn];
  return [all.indexOf(pump), given.sheet.model, given.tier, given.rule, ...told].join(', ');
};

async function main(): Promise<void> {
  const solve = await loadHighs();
  const all: Pump[] = [];
  for (let n = 0; n < PUMPS; n++) {
    all.push(pumpOf(n, solve));
    if (EACH && (n + 1) % 20 === 0) console.error(n + 1);
  }
  for (const by of ['leaf', 'size'] as const) {
    const firsts = all.map((pump) => pump[by].first);
    const kinds = [...new Set(firsts)].map(
      (kind) => `${kind} ${firsts.filter((first) => first === kind).length}`,
    );
    const way = by === 'leaf' ? 'leaves' : 'sizes';
    console.log(`\n${PUMPS} pumps by ${way}: at first ${kinds.join(', ')}`);
    const print = ({ words, pumps }: Short): void => {
      console.log(`  ${words}`);
      if (EACH) for (const pump of pumps) console.log(`    ${about(all, pump, by)}`);
    };
    [...wrongKind(all, by), ...afterWork(all, by)].forEach(print);
    print(dearer(all, by, solve));
  }
}

void main();
