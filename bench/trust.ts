import { evenFrom } from '../core/random';
import { DEMO_SHEETS } from '../demo/sheets';
import { agreementTrial } from '../demo/trials/agreement';
import { familyTrial, limitedBy } from '../demo/trials/families';
import {
  floorTrial,
  leafTrial,
  sizeTrial,
  swingTrial,
  type TrialPlan,
} from '../demo/trials/methods';
import { tallied, tallyOf, type Tally } from '../demo/trials/tally';
import { howMany } from './howMany';

/** How far verdicts and intervals can be trusted: simulated parts, from a seed, by every way of measuring. */
const SEED = 20261125;
const TRIALS = howMany(1500, 2);
const LEAF_TRIALS = howMany(400, 2);
const FAMILY_TRIALS = howMany(12, 1);

const percent = (share: number): string => `${(100 * share).toFixed(1)}%`.padStart(6);
const um = (mm: number): string => `${Math.round(mm * 1000)} µm`;

const said = ({ wrongIn, wrongOut, undecided, coverage }: Tally, held = true): string =>
  [
    `in wrong ${percent(wrongIn)}`,
    `out wrong ${percent(wrongOut)}`,
    `undecided ${percent(undecided)}`,
    ...(held ? [`covered ${percent(coverage)}`] : []),
  ].join(', ');

const even = evenFrom(SEED);

function byPlan(name: string, trial: typeof sizeTrial): void {
  console.log(`\n${name}: places × repeats, u, spread of the part (${TRIALS} parts each)`);
  for (const u_mm of [0.003, 0.006]) {
    for (const places of [1, 4, 16]) {
      for (const repeats of [1, 3, 5]) {
        for (const varies_mm of [0, 0.01]) {
          const run = (over_mm: number | null) => {
            const plan: TrialPlan = { places, repeats, u_mm, varies_mm, over_mm };
            return tallied(TRIALS, () => trial(plan, even));
          };
          const key = `${`${places} × ${repeats}`.padEnd(7)} ${um(u_mm)} ${um(varies_mm).padStart(5)}`;
          const [on, over] = [run(0), run(0.012)];
          console.log(
            `  ${key}: ${said(run(null))}; on the limit called out ${percent(on.out)}, 12 µm over found ${percent(over.out)}`,
          );
        }
      }
    }
  }
}

byPlan('Sizes', sizeTrial);
byPlan('Swings', swingTrial);

console.log(`\nLeaves 4 µm off their marking, gaps within 8 µm of a limit (${LEAF_TRIALS} each)`);
for (const [lower_mm, upper_mm] of [
  [0.02, 0.06],
  [null, 0.06],
  [0.02, 0.062],
  [0.02, 0.0635],
  [0.02, 0.067],
] as const) {
  for (const [what, said_mm, micd] of [
    ['taken at their word', 0, false],
    ['tolerance said', 0.004, false],
    ["mic'd", 0, true],
  ] as const) {
    const plan = { off_mm: 0.004, said_mm, micd, lower_mm, upper_mm };
    const trial = leafTrial(plan);
    const tally = tallied(LEAF_TRIALS, () => trial(even));
    console.log(
      `  ${lower_mm ?? 'no lower limit'}–${upper_mm}, ${what.padEnd(20)}: ${said(tally, false)}`,
    );
  }
}

console.log(`\nDepth planes read with u = 3 µm (${TRIALS} floors each)`);
for (const wavy_mm of [0, 0.006]) {
  for (const places of [3, 4, 8]) {
    for (const tilt_mm of [0, 0.02]) {
      const tally = tallied(TRIALS, () =>
        floorTrial({ places, u_mm: 0.003, wavy_mm, tilt_mm }, even),
      );
      console.log(
        `  ${places} places, waviness ${um(wavy_mm)}, tilt ${um(tilt_mm).padStart(5)}: covered ${percent(tally.coverage)}`,
      );
    }
  }
}

console.log('\nLeaves and sizes of the same gap');
for (const off_mm of [0, 0.02]) {
  for (const varies_mm of [0, 0.01]) {
    const plan = { u_mm: 0.003, varies_mm, off_mm };
    const flagged = tallyOf(
      Array.from({ length: TRIALS }, () => ({
        verdict: agreementTrial(plan, even) ? 'out' : 'in',
        sound: true,
        held: [],
      })),
    ).out;
    console.log(
      `  sizes off by ${um(off_mm).padStart(5)}, part varies by ${um(varies_mm).padStart(5)}: said to disagree ${percent(flagged)}`,
    );
  }
}

console.log(`\nDemo pumps near their limits, ${FAMILY_TRIALS} of every characteristic`);
for (const way of ['leaf', 'size', 'swing'] as const) {
  for (const sheet of DEMO_SHEETS) {
    const trials = limitedBy(sheet, way).flatMap((a) =>
      Array.from({ length: FAMILY_TRIALS }, () => familyTrial(sheet, a, way, even)),
    );
    if (trials.length === 0) continue;
    console.log(
      `  ${way.padEnd(5)} ${sheet.family.padEnd(14)} ${sheet.model}: ${said(tallyOf(trials))}`,
    );
  }
}
