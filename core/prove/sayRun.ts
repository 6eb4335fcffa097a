import { bareFlow, flowWithin, pressureBy } from '../quantity/flow';
import { formatTemperature } from '../quantity/temperature';
import type { ShopUnit } from '../quantity/units';
import type { Sample } from '../trace/sample';
import type { Span } from '../trace/steady';
import { paragraph } from '../wording/say';
import type { Cut } from './cut';
import { sayProve } from './say';

const SECONDS_PER_MIN = 60;

/**
 * Writes how long something took, or when in a run it was: `34 s`, `2 min 5 s`.
 *
 * @param t_s in seconds
 * @example
 * timeWords(34.4); // '34 s'
 * timeWords(125); // '2 min 5 s'
 */
export function timeWords(t_s: number): string {
  const whole = Math.round(t_s);
  if (whole < SECONDS_PER_MIN) return sayProve('prove.seconds', { count: whole });
  const [minutes, seconds] = [Math.floor(whole / SECONDS_PER_MIN), whole % SECONDS_PER_MIN];
  return sayProve('prove.minutes', { minutes, seconds });
}

/** Says what a stand reads at a moment: `9.4 l/min, 8 bar, 700 rpm, 92 °C`; a dash for what it does not. */
export const nowWords = (sample: Sample, unit: ShopUnit): string =>
  sayProve('prove.runningNow', {
    flow: sample.flow_lpm === null ? '–' : flowWithin(sample.flow_lpm, 0.1, unit),
    pressure: sample.bar === null ? '–' : pressureBy(sample.bar, 2, unit),
    rpm: sample.rpm === null ? '–' : Math.round(sample.rpm),
    oil: sample.oil_C === null ? '–' : formatTemperature(Math.round(sample.oil_C), unit),
  });

/** Says what a cut comes to: `9.42 ± 0.06 l/min`, from where to where, and how many samples that is. */
export function cutWords(cut: Cut, span: Span, unit: ShopUnit): string {
  const within = Math.max(cut.half95_lpm ?? 0, 0.001 * cut.flow_lpm);
  const flow = flowWithin(cut.flow_lpm, within, unit);
  return paragraph(
    cut.half95_lpm === null
      ? sayProve('prove.steadyAt', { flow })
      : sayProve('prove.steady', { flow, half: bareFlow(cut.half95_lpm, within / 3, unit) }),
    sayProve('prove.cut', {
      from: timeWords(span.from_s),
      to: timeWords(span.to_s),
      count: cut.samples,
      left: cut.left,
    }),
    cut.half95_lpm === null ? sayProve('prove.tooShort') : '',
  );
}
