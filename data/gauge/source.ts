import type { Source } from '../../core/schema/fields';

/** A reading as a gauge sent it: text as it stands on its display, with its unit where it names one. */
export interface GaugeReading {
  readonly text: string;
}

/** How a gauge's line stands. */
export type GaugeState = 'connecting' | 'ready' | 'lost';

/** What a source tells whoever listens. */
export interface GaugeListener {
  onReading(reading: GaugeReading): void;
  onState(state: GaugeState, why?: string): void;
}

/**
 * Where readings come from without being typed on the pad. A cable that types
 * like a keyboard needs no connection: its signs arrive in the field.
 */
export interface ReadingSource {
  readonly id: Source;
  readonly name: string;
  /** What to know before it is chosen. */
  readonly about: string;
  readonly available: boolean;
  /**
   * Opens the line; the size expected next helps a simulated gauge to be near it.
   *
   * @returns what closes the line again
   */
  connect(listener: GaugeListener, expected_mm: number | null): () => void;
}
