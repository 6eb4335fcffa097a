import { addPhoto, removePhoto } from '@/core/commands/job';
import { MOST_PHOTOS, type Job } from '@/core/records/job';
import { say } from '@/core/wording/say';
import { PhotoStrip } from '../shell/PhotoStrip';
import { useCommand } from './useCommand';

/** The photos of a step, a finding or the tag. */
export function Photos({ job, of }: { readonly job: Job; readonly of: string }) {
  const { run, error } = useCommand(job);
  return (
    <PhotoStrip
      owner={job.id}
      shown={job.photos.filter((p) => p.of === of).map(({ id }) => id)}
      room={{
        left: MOST_PHOTOS - job.photos.length,
        full: say('job.mostPhotos', { most: MOST_PHOTOS }),
      }}
      onAdd={(record) => run(addPhoto(record.id, of), [{ kind: 'photo', record }])}
      // The photo itself goes in the same stroke.
      onDrop={(id) => run(removePhoto(id))}
      error={error}
    />
  );
}
