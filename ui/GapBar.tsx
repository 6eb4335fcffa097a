import { View } from 'react-native';
import { Svg } from 'react-native-svg';
import type { Limits } from '@/core/metrology/interval';
import { centre, type Estimate } from '@/core/metrology/estimate';
import type { Extremes } from '@/core/metrology/extremes';
import { rangeText } from '@/core/wording/figures';
import { formatWithUnit, limitsWithUnit, unitName } from '@/core/quantity/format';
import type { LengthKind, ShopUnit } from '@/core/quantity/units';
import { useWidth } from './useWidth';
import { barScale } from '@/core/picture/barScale';
import { across, BAR } from './barScale';
import { Before, Marks, Spread } from './GapBarEvidence';
import { Jaws, Preferred, Scale, Zone } from './GapBarFrame';
import { say } from '@/core/wording/say';

const HEIGHT = 66;

interface Props {
  /** Says to a screen reader which gap it is, and how it stands. */
  readonly of?: { readonly name: string; readonly stands: string } | undefined;
  readonly limits: Limits | null;
  /** A band inside the limits that the builder aims at. */
  readonly preferred?: Limits | null;
  /** What is known of the gap; null before the first reading. */
  readonly known: Extremes | null;
  /** What it was before work on it, hollow beside what it is. */
  readonly before?: Extremes | null;
  /** The gap at which the pump would fall under what its circuits want: a model’s answer, where nothing is published. */
  readonly wanted_mm?: number | null;
  readonly heatShift_mm: number | null;
  readonly unit: ShopUnit;
  readonly kind?: LengthKind;
  /** A line of a list: the jaws and what lies between them, its figures in words beside it. */
  readonly slim?: boolean;
}

/** What of the bar a slim one shows, in px: from the top of the jaws to the hot mark, and little beside them. */
const SLIM = { top: 15, height: 39, side: BAR.margin - 8 };

/**
 * The gap bar: limits as two jaws on one scale, the evidence between them in
 * brass (a bar for a bracket, a dot with whiskers at k = 2 for a value), the
 * hot gap as a fainter mark below.
 */
export function GapBar(props: Props) {
  const {
    limits,
    preferred = null,
    known,
    before = null,
    heatShift_mm,
    unit,
    kind = 'gap',
    slim = false,
    wanted_mm = null,
  } = props;
  const [room, onLayout] = useWidth(slim ? 150 : 360);
  const side = slim ? SLIM.side : 0;
  const width = room + 2 * side;
  const estimates = [known, before].flatMap((r) => (r ? [r.smallest, r.largest] : []));
  const wanted: readonly Estimate[] =
    wanted_mm === null ? [] : [{ kind: 'interval', lo_mm: wanted_mm, hi_mm: wanted_mm }];
  const { from_mm, to_mm } = barScale(limits, [...estimates, ...wanted], heatShift_mm, kind);
  const x = across(width, { from_mm, to_mm });
  const { lower_mm, upper_mm } = limits ?? {};
  const hot = known && heatShift_mm !== null ? centre(known.largest) + heatShift_mm : null;

  return (
    <View
      onLayout={onLayout}
      style={{ height: slim ? SLIM.height : HEIGHT }}
      role="img"
      aria-label={spoken(props)}
    >
      <Svg
        width={room}
        height={slim ? SLIM.height : HEIGHT}
        viewBox={slim ? `${side} ${SLIM.top} ${room} ${SLIM.height}` : `0 0 ${room} ${HEIGHT}`}
      >
        {limits ? (
          <Zone
            width={width}
            from_mm={from_mm}
            to_mm={to_mm}
            lower_mm={lower_mm}
            upper_mm={upper_mm}
          />
        ) : null}
        <Scale width={width} from_mm={from_mm} to_mm={to_mm} unit={unit} kind={kind} slim={slim} />
        {before ? (
          <Before
            {...before}
            known={known}
            x={x}
            to_mm={to_mm}
            unit={unit}
            kind={kind}
            slim={slim}
          />
        ) : null}
        {known ? (
          <Spread {...known} x={x} to_mm={to_mm} unit={unit} kind={kind} slim={slim} />
        ) : null}
        <Jaws
          width={width}
          from_mm={from_mm}
          to_mm={to_mm}
          lower_mm={lower_mm}
          upper_mm={upper_mm}
        />
        {preferred ? (
          <Preferred width={width} from_mm={from_mm} to_mm={to_mm} band={preferred} />
        ) : null}
        <Marks x={x} hot_mm={hot} wanted_mm={wanted_mm} />
      </Svg>
    </View>
  );
}

/** Says a bar: the gap and how it stands, its range and limits, what it was. */
function spoken(props: Props): string {
  const { of, limits, preferred, known, before, unit, kind = 'gap', wanted_mm = null } = props;
  const range = (r: Extremes) => ({ range: rangeText(r, unit, kind), unit: unitName(kind, unit) });
  const within = limitsWithUnit(limits ?? {}, kind, unit);
  return [
    of ? say('ui.gapOf', of) : '',
    known
      ? say(kind === 'gap' ? 'ui.gap' : 'ui.size', { ...range(known), limits: within })
      : say('ui.noReading', { limits: within }),
    before ? say('ui.wasWithUnit', range(before)) : '',
    wanted_mm === null ? '' : say('ui.wanted', { gap: formatWithUnit(wanted_mm, kind, unit) }),
    preferred ? say('ui.preferred', { band: limitsWithUnit(preferred, kind, unit) }) : '',
  ]
    .filter(Boolean)
    .join(', ');
}
