import { proxy } from 'comlink';
import type { Band, Drawing, SlipFactor } from '../core/flow/answer';
import type { Conditions, PlainPump } from '../core/flow/jobPump';
import { Thread } from './thread';

/** What the thread that draws answers. */
interface Drawer {
  drawBands(
    pump: PlainPump,
    states: readonly Conditions[],
    factor: SlipFactor,
    drawing: Drawing,
    tell: (done: number) => void,
  ): Promise<Band[] | null>;
}

/** Draws what a pump delivers ten thousand times over, in a thread of its own: the page stays free. */
export class RemoteDrawer {
  private readonly thread = new Thread<Drawer>(
    () => new Worker(new URL('../workers/flow.worker', window.location.href)),
  );

  bands(
    { family, geometries, options, known, displacement }: PlainPump,
    states: readonly Conditions[],
    factor: SlipFactor,
    drawing: Drawing,
    signal?: AbortSignal,
  ): Promise<Band[] | null> {
    // What is made ready to be counted has functions in it: it is made anew there.
    const pump = { family, geometries, options, known, displacement };
    return this.thread.ask(
      (remote, heard) => remote.drawBands(pump, states, factor, drawing, proxy(heard)),
      { signal },
    );
  }

  /** Ends the thread; what it was drawing is dropped. */
  close(): void {
    this.thread.close();
  }
}
