import { boltsOn } from '../pumps/drawing';
import { tried } from '../errors';
import { familyOf } from '../pumps/registry';
import type { BuildStep } from '../pumps/assembly/step';
import type { TorqueEntry } from '../records/entries/torque';
import type { Sheet } from '../records/sheet';
import { crissCross, NM_PER, setShare, type TorqueUnit } from '../workshop/torquePlan';
import type { Answers } from './answers';

/** Describes one stage of drawing bolts up. */
export interface TorqueStage {
  /** The share of the full torque. */
  readonly share: number;
  /** Says what is set on the wrench, in its unit; null where the sheet gives no torque. */
  readonly set: { readonly from: number; readonly to: number | null } | null;
  /** The bolts that were drawn up at this stage. */
  readonly done: ReadonlySet<number>;
}

/** Says how far the bolts of a step are drawn up. */
export interface Torquing {
  readonly bolts: Sheet['fasteners'][number] | null;
  /** Counts them; 1 for all of them where nobody said how many. */
  readonly count: number;
  /** Is true where the pump's own drawing has as many. */
  readonly drawn: boolean;
  /** The order in which they are drawn up, by their numbers on the circle. */
  readonly order: readonly number[];
  readonly stages: readonly TorqueStage[];
  /** The stage and the bolt that come next; null where all are done. */
  readonly next: { readonly stage: number; readonly bolt: number } | null;
  readonly unit: TorqueUnit;
  readonly wrench: TorqueEntry['wrench'];
}

/** Returns a wrench that something can be set on: a bare one where its extension reaches back over the grip. */
const usable = (wrench: TorqueEntry['wrench']): TorqueEntry['wrench'] =>
  wrench && tried(() => setShare(wrench)).ok ? wrench : null;

/** Returns how many bolts the geometry of a sheet says; null where it says none, or has them from an example. */
function boltsSaid({ geometry, examples }: Sheet): number | null {
  const { bolts } = geometry as { readonly bolts?: unknown };
  return typeof bolts === 'number' && !examples.includes('bolts') ? bolts : null;
}

/**
 * Returns what is set on a wrench for a share of a torque.
 *
 * @param torque as it is published
 * @param from its unit
 * @param share of it, 0 to 1
 * @param unit of the wrench
 * @param wrench with an extension; null without one
 * @example
 * setFor(24, 'Nm', 0.5, 'Nm', null); // 12
 * setFor(24, 'Nm', 1, 'Nm', { length_mm: 400, extension_mm: 80, angle_deg: 0 }); // 20
 */
export const setFor = (
  torque: number,
  from: TorqueUnit,
  share: number,
  unit: TorqueUnit,
  wrench: TorqueEntry['wrench'],
): number => ((torque * NM_PER[from]) / NM_PER[unit]) * share * (wrench ? setShare(wrench) : 1);

/** Describes a wrench, and the unit that it is set in. */
export type WrenchSet = Pick<Torquing, 'unit' | 'wrench'>;

/** Returns what is set on a wrench for a share of the torque of some bolts; null where the sheet gives none. */
function setAt(
  bolts: Torquing['bolts'],
  share: number,
  { unit, wrench }: WrenchSet,
): TorqueStage['set'] {
  if (bolts?.torque == null) return null;
  const set = (value: number) => setFor(value, bolts.unit, share, unit, wrench);
  return { from: set(bolts.torque), to: bolts.torqueTo == null ? null : set(bolts.torqueTo) };
}

/** Returns the same bolts as they are drawn up with another wrench. */
export const withWrench = (torquing: Torquing, wrench: WrenchSet): Torquing => ({
  ...torquing,
  ...wrench,
  stages: torquing.stages.map((stage) => ({
    ...stage,
    set: setAt(torquing.bolts, stage.share, wrench),
  })),
});

/**
 * Returns how far the bolts of a step are drawn up, in the pattern that its count asks for.
 *
 * @param sheet with its bolts
 * @param step that draws them up
 * @param answers what was said and done
 * @param since the place in the journal after which a bolt counts as drawn up
 */
export function torquingOf(
  sheet: Sheet,
  step: BuildStep,
  answers: Answers,
  since: number,
): Torquing {
  const bolts = sheet.fasteners.find(({ id }) => id === step.fastener) ?? null;
  const outline = familyOf(sheet.family).outline(sheet.geometry, { view: 'empty' });
  const isFirst = bolts === null || bolts.id === sheet.fasteners[0]?.id;
  const count = bolts?.count ?? (isFirst ? boltsSaid(sheet) : null) ?? 1;
  const order = crissCross(count);
  const entries = answers.torques.filter((t) => t.step === step.id && answers.at(t) > since);
  const last = answers.torques.at(-1);
  const unit = last?.unit ?? bolts?.unit ?? 'Nm';
  const wrench = usable(last?.wrench ?? null);
  const stages = step.stages.map((share, stage): TorqueStage => {
    const of = entries.filter((t) => t.stage === stage).flatMap((t) => t.bolts);
    return {
      share,
      set: setAt(bolts, share, { unit, wrench }),
      done: new Set(of.filter((bolt) => bolt <= count)),
    };
  });
  const stage = stages.findIndex(({ done }) => done.size < count);
  const bolt = order.find((b) => !stages[stage]?.done.has(b));
  return {
    bolts,
    count,
    drawn: isFirst && boltsOn(outline).length === count,
    order,
    stages,
    next: stage < 0 || bolt === undefined ? null : { stage, bolt },
    unit,
    wrench,
  };
}
