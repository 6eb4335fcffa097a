import type { TestSource } from '../../core/records/testing';
import type { Sample } from '../../core/trace/sample';

/** How a stand is to run, so that a simulated one runs like the pump. */
export interface StandSetting {
  /** What the pump moves in a turn, in cm³, and what it loses at this step, in l/min. */
  readonly cc: number;
  readonly slip: number;
  readonly rpm: number;
  readonly bar: number;
  /** Makes one run of a simulated stand differ from the next. */
  readonly seed: string;
}

/** What a stand tells whoever listens. */
export interface StandListener {
  onSample(sample: Sample): void;
  onReady(): void;
  /** The line broke, or there is no stand. */
  onLost(): void;
}

/** Where samples come from while a pump runs on a stand. */
export interface StandSource {
  readonly id: TestSource;
  readonly name: string;
  readonly available: boolean;
  /** Opens the line; returns what closes it again. */
  connect(listener: StandListener, setting: StandSetting): () => void;
}
