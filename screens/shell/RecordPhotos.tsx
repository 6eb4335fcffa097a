import { onDemand } from './onDemand';
import type { RecordPhotosProps } from './RecordPhotosView';

/** The photos of a loose part or of a tool: loaded when they are looked at, since two rooms share them. */
export const RecordPhotos = onDemand<RecordPhotosProps>(
  'RecordPhotos',
  async () => (await import('./RecordPhotosView')).RecordPhotos,
);
