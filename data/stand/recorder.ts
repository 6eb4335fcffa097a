import type { Sample } from '../../core/trace/sample';
import { RunKeeper } from '../traces';
import type { StandSetting, StandSource } from './source';

/** Between two writes, in ms: whatever ends the app, no more than this is lost. */
const EVERY_MS = 1000;

/** Without a sample for so long, in ms, a stand is lost: the line may hang without breaking. */
const SILENT_MS = 8000;

/** How a run goes on: on its way, running, ended by whoever started it, lost, never there, without room, or longer than any is. */
export type RunState = 'connecting' | 'running' | 'ended' | 'lost' | 'none' | 'full' | 'long';

/** What a run that is being recorded tells. */
export interface RunListener {
  onSamples(samples: readonly Sample[]): void;
  onState(state: RunState): void;
}

/** Records a run of a stand: what comes is kept every second, whatever happens after. */
export class Recorder {
  private readonly samples: Sample[] = [];
  private readonly keeper: RunKeeper;
  private readonly close: () => void;
  private readonly writes: ReturnType<typeof setInterval>;
  private heard = Date.now();
  private state: RunState = 'connecting';

  constructor(
    job: string,
    run: string,
    source: StandSource,
    setting: StandSetting,
    private readonly listener: RunListener,
  ) {
    this.keeper = new RunKeeper(job, run);
    this.writes = setInterval(() => this.keep(), EVERY_MS);
    this.close = source.connect(
      {
        onReady: () => this.become('running'),
        onSample: (sample) => this.take(sample),
        onLost: () => void this.end(this.samples.length > 0 ? 'lost' : 'none'),
      },
      setting,
    );
  }

  private become(state: RunState): void {
    this.state = state;
    this.listener.onState(state);
  }

  private get isOver(): boolean {
    return this.state !== 'connecting' && this.state !== 'running';
  }

  private take(sample: Sample): void {
    if (this.isOver) return;
    this.heard = Date.now();
    // What comes after what it comes before belongs to no run.
    if (sample.t_s < (this.samples.at(-1)?.t_s ?? 0)) return;
    if (!this.keeper.add(sample)) {
      void this.end('long');
      return;
    }
    this.samples.push(sample);
    this.listener.onSamples(this.samples);
  }

  private keep(): void {
    if (Date.now() - this.heard > SILENT_MS) {
      void this.end(this.samples.length > 0 ? 'lost' : 'none');
      return;
    }
    this.keeper.flush().catch(() => this.end('full'));
  }

  /** Ends the run; resolves once all that came is kept, as far as there is room. */
  async end(as: RunState = 'ended'): Promise<readonly Sample[]> {
    if (!this.isOver) {
      clearInterval(this.writes);
      this.close();
      this.state = as;
      await this.keeper.flush().catch(() => (this.state = 'full'));
      this.listener.onState(this.state);
    }
    return this.samples;
  }
}
