import { formatLength, formatRange, formatWithUnit, unitName } from '../quantity/format';
import type { ShopUnit } from '../quantity/units';
import type { HouseRules } from '../records/rules';
import type { BushingWork } from '../rework/decision/bushing';
import { listed, say } from './say';

const SCHOOL: Readonly<Record<HouseRules['bushing'], string>> = {
  free: 'House rule: free-running. It slips on and turns freely; heat closes the gap.',
  snug: 'House rule: snug. No rock; it guides the gear and holds the oil back.',
};

/** Says what a hub does that is too tight, and one that is too loose. */
const FAULTS: readonly string[] = [
  'Too tight: heat closes it, the hub picks up metal and spins the bushing in its bore.',
  'Too loose: the hub rocks, the gear walks into the crescent, and the oil blows the seal.',
];

/** Says to which size a bushing is honed, in which steps, with which check after each. */
export function bushingWords(
  { fit, hub, journal }: BushingWork,
  { bushing }: Pick<HouseRules, 'bushing'>,
  unit: ShopUnit,
): string[] {
  if (!fit) return [say('rework.measureJournal', { journal })];
  const size = unitName('size', unit);
  const [gap, cold] = [unitName('gap', unit), formatRange(fit.least_mm, fit.most_mm, 'gap', unit)];
  return [
    fit.closes ? 'No clearance within the limits leaves room when hot. Check limits and heat.' : '',
    say('rework.honeTo', {
      aim: formatWithUnit(fit.aimBore_mm, 'size', unit),
      from: formatLength(fit.leastBore_mm, 'size', unit),
      to: formatLength(fit.mostBore_mm, 'size', unit),
    }),
    fit.hot
      ? say('rework.clearHot', {
          cold,
          hot: formatRange(fit.hot.least_mm, fit.hot.most_mm, 'gap', unit),
          unit: gap,
        })
      : say('rework.clearCold', { cold, unit: gap }),
    say('rework.honeSteps', {
      steps: listed(fit.steps_mm.map((mm) => formatLength(mm, 'size', unit))),
      unit: size,
      on: hub ? 'hub' : 'journal',
    }),
    ...(hub ? [SCHOOL[bushing], ...FAULTS] : []),
  ].filter(Boolean);
}
