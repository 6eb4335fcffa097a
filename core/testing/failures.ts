import type { ComplaintId } from '../causes/complaints';
import { familyPump } from '../causes/familyPump';
import type { CausedPump } from '../causes/possible';
import type { Evidence } from '../causes/rank';

/** Holds a pump that failed for a reason that is known, with what a shop would have found and been told. */
export interface Failure {
  readonly cause: string;
  readonly pump: CausedPump;
  readonly evidence: Evidence;
}

/*
 * Holds forty made-up failures, written from what each cause does to a pump, before the ranking was tried on them: the cause, the
 * pump, the complaints, the signs. About every third has something in it that points elsewhere: a bushing that is worn as well as
 * a drain that sludge shut, faces that a starved inlet scored, gaps that are a little wide where a valve hangs.
 */
const TOLD = `
drain-blocked | crescent | SB | vent-blocked bush-in seal-out seal-out-lip-sound seal-out-whole sealer again
drain-blocked | external-gear plates | SB LK | drain-none cavity-idle bush-over dirt seal-out
drain-wrong-side | external-gear plates | SB | drain-to-outlet first-pressure reversed-or-moved seal-out bush-in rebuilt-lately
drain-wrong-side | external-gear blocks | SB | drain-to-outlet seal-out seal-out-whole shaft-twisted
drain-small | crescent | SB | cavity-rises vent-open only-at-speed pressure-raised bush-in
bushing-worn | crescent | LK LH | bush-over bushing-worn-through journal-scored hours crescent-or-bore-cut crescent-tip-over tip-over tips-over
bushing-worn | external-gear plates | LH | bush-over bushing-worn-through hours gradual-even gradual-hours polished
bushing-tight | crescent | SB HT | bushing-turned bushing-turned-blued-seized hub-blued rebuilt-lately bush-over sudden
bushing-tight | external-gear blocks | SZ | bushing-turned-blued-seized journals-blued rebuilt-lately sudden pitted-or-blued
bushing-groove-reversed | gerotor front-pump | SB | groove-open-to-seal rebuilt-lately again vent-open seal-out bush-in
bushing-groove-reversed | variable-vane | SB LK | groove-open-to-seal rebuilt-lately only-at-speed vent-size-in bush-in seal-out
shuttle-stuck | external-gear plates | SB | shuttle-stuck dirt two-way-drive several-alike seal-out bush-in
seal-fitted-wrong | external-gear plates | LK | lip-cut-cocked same-unloaded first-minute rebuilt-lately bush-in vent-open
seal-fitted-wrong | crescent | LK | lip-outward first-minute rebuilt-lately bush-in again
inlet-starved | external-gear plates | NS HT | vacuum-high flow-flat pitted-or-blued pitted screen-metal face-in new-pump-again
inlet-starved | external-gear blocks | NS LP | vacuum-high two-sets-one-inlet new-pump-again pitted pitted-or-blued faces-scored face-over
air-leak | external-gear oil | NS ER | foam air-drawn-in pickup-ring-cut hose-opened screen-whole
air-leak | gerotor oil-pump | PR NS | foam air-drawn-in hose-opened pitted face-in pitted-or-blued
vane-short | vacuum-vane | SZ NP | slot-under vane-under vanes-chipped-stuck ring-scored hours sudden chipped
vane-wrong-way | fixed-vane | LP | edge-inward fitted-lately builds-only-fast slot-in rebuilt-lately
gap-too-small-hot | crescent | SZ | free-again-cold face-or-rim-close faces-blued-scored faced-or-wider rebuilt-lately many-close
gap-too-small-hot | gerotor oil-pump | SZ HT | free-again-cold face-or-rim-under faces-blued-scored faces-scored rebuilt-lately
foreign-body | external-gear plates | SZ MT | piece-found gouged teeth-cracked chipped teeth-chipped sudden shaft-twisted
foreign-body | external-gear blocks | NS MT | gouged broke-before face-over faces-scored sudden face-or-total-over
end-clearance-wide | crescent | LH | face-over face-or-total-over falls-hot falls-hot-back-with-revs faces-scored mixed-parts bush-in
tips-wide | gerotor oil-pump | LP LH | tip-over tips-over teeth-rim-scored falls-hot face-in
relief-seat | external-gear oil | LP | seat-worn same-cold-and-hot right-once-shaken plunger-scored-stuck jumps spring-load-in
relief-seat | external-gear plates | LP ER | right-once-shaken jumps plunger-scored-stuck same-cold-and-hot face-over face-or-total-over
relief-spring | gerotor oil-pump | LP | spring-weak-short spring-load-under ceiling same-cold-and-hot spring-rusted rusted
porosity-crack | external-gear oil | LP | porous seeps-port-to-port same-cold-and-hot all-in other-casting-recut face-in bush-in
cover-worn | crescent | LH | cover-over cover-ridge-scored total-over total-over-face-in face-in falls-hot face-or-total-over
drawn-crooked | gerotor front-pump | CR SZ | pulled-home frees-when-slack ears-cracked casting-cracked deck-nicked new-on rebuilt-lately
water-corrosion | vacuum-vane | SZ | rusted stood-wet pitted pitted-or-blued vanes-chipped-stuck
gear-into-crescent | crescent | NS MT | crescent-cut-cracked crescent-or-bore-cut crescent-tip-over tip-over tips-over teeth-chipped chipped glitter rim-over
body-eaten | external-gear plates | LP | bore-cut bore-cut-ridge crescent-or-bore-cut track-over tip-body-over tips-over new-gears-no-gain bush-in
rotation-wrong | external-gear plates | NP SB | against-drive oil-blows-back reversed-or-moved seal-out seal-out-whole
drive-mushroomed | crescent | DR | drive-mushroomed tang-mushroomed engagement-over hub-flats-worn sudden
thick-or-wrong-oil | external-gear plates | NS PR | only-cold other-oil filter-bulged pitted pitted-or-blued face-in
overspeed-overpressure | external-gear blocks | CR SB | relief-turned-up gauge-pegged ears-cracked casting-cracked shaft-twisted drive-mushroomed seal-out
misalignment | crescent | SB NS | drive-work rings-one-side bush-over bushing-scored bushing-worn-through crescent-or-bore-cut seal-out again
`;

const wordsIn = (text = ''): string[] => text.trim().split(' ');

/** Lists forty pumps that failed, each with its true cause. */
export const FAILURES: readonly Failure[] = TOLD.trim()
  .split('\n')
  .map((line): Failure => {
    const [cause = '', of, complaints, signs] = line.split('|');
    const [family = '', build] = wordsIn(of);
    return {
      cause: cause.trim(),
      pump: familyPump(family, build),
      evidence: {
        complaints: wordsIn(complaints) as ComplaintId[],
        signs: new Set(wordsIn(signs)),
        settled: new Map(),
      },
    };
  });
