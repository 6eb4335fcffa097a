import type { MethodId } from '../methods/list';
import type { Characteristic, Station } from '../pumps/family';
import { dimensionsFor } from '../pumps/registry';
import type { Skip } from '../records/entries/skip';

/** Places that were left out, with the reason: what is asked for goes round them. */
export class Skipped {
  private readonly keys: ReadonlySet<string>;

  /** @param all those that count */
  constructor(readonly all: readonly Skip[]) {
    this.keys = new Set(all.map(({ target, way, place }) => `${target} ${way} ${place}`));
  }

  /** Tells whether a place of a characteristic or a size was left out for a way of measuring. */
  has(target: string, way: MethodId, place: string): boolean {
    return this.keys.has(`${target} ${way} ${place}`);
  }

  /** Returns a characteristic without the places for leaves that were left out. */
  without(c: Characteristic): Characteristic {
    if (this.keys.size === 0) return c;
    return { ...c, stations: c.stations.filter(({ id }) => !this.has(c.id, 'leaf', id)) };
  }

  /** Tells whether every place of a size was left out: nobody waits for it. */
  whole(dimension: string, stations: readonly Station[]): boolean {
    return stations.length > 0 && stations.every(({ id }) => this.has(dimension, 'size', id));
  }

  /** Lists what was left out of a characteristic or of the sizes that it comes from. */
  of(c: Characteristic): readonly Skip[] {
    const targets: readonly string[] = [c.id, ...dimensionsFor(c)];
    return this.all.filter(({ target }) => targets.includes(target));
  }
}

export const NOTHING_SKIPPED = new Skipped([]);
