import { heldLimits } from '../assessment/limits';
import type { Characteristic, Term } from '../pumps/family';
import { APP_FLOORS } from '../pumps/floors';
import type { DimensionId } from '../pumps/ids';
import { gapsOf, pumpOf } from '../pumps/registry';
import { normalFrom, type Even } from '../random';
import type { WorkEntry } from '../records/entries/operation';
import { newSizeOf, nominalOf } from '../records/sizesSaid';
import type { Sheet } from '../records/sheet';
import { NEW_SHOP } from '../records/shop';
import type { PlannedOperation } from '../rework/decision/lines';
import type { Hidden } from '../methods/method';

/** A machine comes out so far from what was set, and a hone, in mm: standard deviations. */
const MACHINE_mm = 0.003;
const HONE_mm = 0.001;

/** A gap differs from place to place by so much, in mm. */
const PLACE_mm = 0.002;

/** No pump comes in locked: what runs had so much at least, in mm. */
const LEAST_mm = 0.004;

/** A size that nobody publishes, in mm. */
const SOME_mm = 20;

const sumOf = (terms: readonly Term[], sizes: ReadonlyMap<DimensionId, number>): number =>
  terms.reduce((sum, { dimension, factor }) => sum + factor * (sizes.get(dimension) ?? 0), 0);

/** A pump as it truly is, which nobody sees: its sizes, and the gaps that no size tells. All in mm. */
export class TruePump {
  private readonly sizes = new Map<DimensionId, number>();
  private readonly own = new Map<string, number>();
  /** Gives what each instrument is off by itself, the same at every reading: so many of its own uncertainties. */
  private readonly off = new Map<string, number>();

  /**
   * Makes up a worn pump.
   *
   * @param even draws numbers from 0 to 1
   */
  constructor(
    private readonly sheet: Sheet,
    private readonly tier: string,
    private readonly even: Even,
  ) {
    const pump = pumpOf(sheet);
    for (const c of pump.characteristics) {
      if (c.sum) continue;
      const gap = this.wornGap(c);
      const [first, ...besides] = gapsOf(c);
      if (!first) this.own.set(c.id, gap);
      else {
        this.make(first, gap);
        for (const terms of besides) this.make(terms, gap + 0.01 * (even() - 0.5));
      }
    }
    for (const { id } of pump.dimensions)
      if (!this.sizes.has(id)) this.sizes.set(id, this.near(id));
    for (const i of NEW_SHOP.instruments) this.off.set(i.kind, normalFrom(even));
  }

  /** Returns the true ends of a characteristic: of a sum, what its parts come to. */
  ends(c: Characteristic): readonly [smallest: number, largest: number] {
    const pump = pumpOf(this.sheet);
    if (c.sum) {
      const parts = c.sum.map((id) => this.ends(pump.characteristics.find((o) => o.id === id)!));
      const add = (end: 0 | 1) => parts.reduce((sum, part) => sum + part[end], 0);
      return [add(0), add(1)];
    }
    const gaps = gapsOf(c).map((terms) => sumOf(terms, this.sizes));
    if (gaps.length === 0) return [this.own.get(c.id) ?? 0, this.own.get(c.id) ?? 0];
    return [Math.min(...gaps), Math.max(...gaps)];
  }

  /** Tells whether a characteristic truly keeps its limits, ends included; true where it has none. */
  isIn(c: Characteristic): boolean {
    const limits = heldLimits(this.sheet, this.tier, c.id);
    const [smallest, largest] = this.ends(c);
    return smallest >= (limits?.lower_mm ?? -Infinity) && largest <= (limits?.upper_mm ?? Infinity);
  }

  /** Lists the running clearances that are gone: what turns in them locks. */
  locked(): Characteristic[] {
    return pumpOf(this.sheet).characteristics.filter(
      (c) => c.runs !== undefined && !c.sum && this.ends(c)[0] <= 0,
    );
  }

  /** Shows the pump to hands: leaves feel its gaps, instruments read its sizes off by what they are. */
  hidden(instruments = NEW_SHOP.instruments): Hidden {
    const pump = pumpOf(this.sheet);
    const named = (id: string) => pump.characteristics.find((c) => c.id === id)!;
    const read = (mm: number, kind: string): number => {
      const gauge = instruments.find((i) => i.kind === kind);
      const own = (gauge?.own_mm ?? 0) * (this.off.get(kind) ?? 0);
      const repeat = Math.sqrt(Math.max(0, (gauge?.u_mm ?? 0) ** 2 - (gauge?.own_mm ?? 0) ** 2));
      return Math.max(0, mm + own + repeat * normalFrom(this.even));
    };
    return {
      gap: (id, station) => {
        const c = named(id);
        const all = gapsOf(c);
        const other = station.startsWith('idler') ? 1 : 0;
        const terms = all[Math.min(other, all.length - 1)];
        const at = terms ? sumOf(terms, this.sizes) : (this.own.get(id) ?? 0);
        // The gap of a place is the same whoever looks at it, and differs from the next by a little.
        const place = ((station.length * 7 + station.charCodeAt(0)) % 5) / 5;
        const felt = Math.max(0, at - PLACE_mm * place);
        return [felt, felt];
      },
      size: (id) => {
        const dimension = pump.dimensions.find((d) => d.id === id);
        return read(this.sizes.get(id) ?? 0, dimension?.instrument ?? '');
      },
      swing: (id) => read(this.ends(named(id))[1], 'indicator'),
    };
  }

  /** Carries out an operation, off by what the machine is; returns the amount that it truly took, in mm. */
  work({ offer, amount_mm }: PlannedOperation): number {
    const scatter = offer.operation.fine ? HONE_mm : MACHINE_mm;
    const taken = Math.max(0, amount_mm + scatter * normalFrom(this.even));
    for (const { part, work, moves } of offer.works) {
      if (work === 'exchanged') this.exchange(part, offer);
      for (const { dimension, perMm } of moves) {
        const was = this.sizes.get(dimension) ?? 0;
        if (perMm !== null) this.sizes.set(dimension, was + perMm * taken);
        else if (offer.washer_mm !== null) this.sizes.set(dimension, offer.washer_mm);
      }
      this.cutTrue(part, work);
    }
    this.restore(offer);
    return taken;
  }

  /** Returns the gap that a pump has which wore a while: a third of them are as good as new, some far beyond. */
  private wornGap(c: Characteristic): number {
    const limits = heldLimits(this.sheet, this.tier, c.id);
    const floor = c.runs ? APP_FLOORS[c.runs] : 0;
    if (!limits) return c.runs ? floor + 0.03 : 0;
    const { lower_mm, upper_mm } = limits;
    if (upper_mm === null) return (lower_mm ?? 0) + 0.3 * (this.even() - 0.15);
    const lower = lower_mm ?? floor;
    const worn = this.even() < 0.7 ? 0.25 + 0.55 * this.even() : -0.2 + 1.9 * this.even();
    const gap = lower + worn * (upper_mm - lower);
    return c.trued ? Math.max(0, worn - 0.6) * upper_mm : Math.max(c.runs ? LEAST_mm : 0, gap);
  }

  private near(id: DimensionId): number {
    const drawn = pumpOf(this.sheet).dimensions.find((d) => d.id === id)?.drawn_mm;
    return nominalOf(this.sheet, id) ?? drawn ?? SOME_mm;
  }

  /** Sets the first size of a gap that is free so that the gap is as wide as it should be. */
  private make(terms: readonly Term[], gap: number): void {
    const free = terms.find((t) => !this.sizes.has(t.dimension));
    if (!free) return;
    for (const t of terms) {
      if (t !== free && !this.sizes.has(t.dimension))
        this.sizes.set(t.dimension, this.near(t.dimension));
    }
    const rest = sumOf(
      terms.filter((t) => t !== free),
      this.sizes,
    );
    this.sizes.set(free.dimension, (gap - rest) / free.factor);
  }

  /** Puts a part in that is new, or from the shelf: its sizes lie somewhere in their range. */
  private exchange(part: string, { piece, set }: PlannedOperation['offer']): void {
    for (const d of pumpOf(this.sheet).dimensions) {
      if (d.part !== part) continue;
      const known = piece?.sizes.find((s) => s.dimension === d.id);
      const fresh = newSizeOf(this.sheet, d.id);
      const over = d.width ? (set?.over_mm ?? 0) : 0;
      const now = this.sizes.get(d.id) ?? 0;
      const [from, to] = fresh ? [fresh.least_mm, fresh.most_mm] : [now - 0.013, now + 0.013];
      this.sizes.set(d.id, known?.value_mm ?? from + over + (to - from) * this.even());
    }
  }

  /** Leaves nothing of the wear of a face that was cut true. */
  private cutTrue(part: string, work: WorkEntry['work']): void {
    const { characteristics, dimensions } = pumpOf(this.sheet);
    for (const c of characteristics) {
      if (!c.trued || !(work === 'exchanged' || c.trued.includes(work))) continue;
      const [first] = gapsOf(c);
      const worn = first?.find(({ factor }) => factor > 0)?.dimension;
      const face = first?.find(({ factor }) => factor < 0)?.dimension;
      const isOn = dimensions.find((d) => d.id === worn)?.part === part;
      if (worn && face && isOn) this.sizes.set(worn, this.sizes.get(face) ?? 0);
      else if (
        !first &&
        c.rests?.some((id) =>
          pumpOf(this.sheet).features.some((f) => f.id === id && f.part === part),
        )
      )
        this.own.set(c.id, 0);
    }
  }

  /** Brings in what a new part brings in whatever it was: a bushing that is sized, teeth that are new. */
  private restore({ operation, works }: PlannedOperation['offer']): void {
    const exchanged = works.filter((w) => w.work === 'exchanged').map((w) => w.part);
    const { characteristics, dimensions, features } = pumpOf(this.sheet);
    const partOf = (id: string) => [...dimensions, ...features].find((d) => d.id === id)?.part;
    for (const c of characteristics) {
      const by = [operation.remedy, operation.replaces];
      if (!c.restoredBy?.some((r) => by.includes(r)) || c.trued) continue;
      const rests = [
        ...gapsOf(c)
          .flat()
          .map((t) => t.dimension),
        ...(c.rests ?? []),
      ];
      if (!rests.some((id) => exchanged.some((part) => part === partOf(id)))) continue;
      const limits = heldLimits(this.sheet, this.tier, c.id);
      const least = limits?.lower_mm ?? (c.runs ? APP_FLOORS[c.runs] : 0);
      const middle = (least + (limits?.upper_mm ?? least + 0.03)) / 2;
      const [first] = gapsOf(c);
      const sized = first?.find((t) => exchanged.some((part) => part === partOf(t.dimension)));
      if (!first || !sized) this.own.set(c.id, middle);
      else if (c.runs) {
        const rest = sumOf(
          first.filter((t) => t !== sized),
          this.sizes,
        );
        this.sizes.set(sized.dimension, (middle - rest) / sized.factor);
      }
    }
  }
}
