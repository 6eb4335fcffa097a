import { reasonOf } from '@/core/errors';
import { MOST_PART_PHOTOS, type ShelfPart } from '@/core/records/part';
import { say } from '@/core/wording/say';
import { now } from '@/data/create';
import { useChange, useShop } from '@/data/hooks';
import { isDone } from '../shell/isDone';
import { PhotoStrip } from '../shell/PhotoStrip';

/** The photos of a loose part. */
export function PartPhotos({ part }: { readonly part: ShelfPart }) {
  const { person } = useShop();
  const { apply, error } = useChange('part', part.id);
  return (
    <PhotoStrip
      owner={part.id}
      shown={part.photos.map(({ id }) => id)}
      room={{
        left: MOST_PART_PHOTOS - part.photos.length,
        full: say('records.mostPhotos', { most: MOST_PART_PHOTOS }),
      }}
      onAdd={(record) => {
        const shown = { id: record.id, at: now(), by: person, of: 'part' };
        return isDone(
          apply((p) => ({ ...p, photos: [...p.photos, shown] }), [{ kind: 'photo', record }]),
        );
      }}
      onDrop={(id) =>
        isDone(apply((p) => ({ ...p, photos: p.photos.filter((photo) => photo.id !== id) })))
      }
      error={error ? reasonOf(error) : null}
    />
  );
}
