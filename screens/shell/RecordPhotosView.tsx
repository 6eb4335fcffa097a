import { reasonOf } from '@/core/errors';
import type { ShelfPart } from '@/core/records/part';
import type { Sheet } from '@/core/records/sheet';
import { say } from '@/core/wording/say';
import { now } from '@/data/create';
import { useChange, useShop } from '@/data/hooks';
import { isDone } from './isDone';
import { PhotoStrip } from './PhotoStrip';

export interface RecordPhotosProps {
  readonly kind: 'part' | 'sheet';
  readonly record: Pick<ShelfPart | Sheet, 'id' | 'photos'>;
  /** What they show of it: a tool of a sheet, or the part itself. */
  readonly of: string;
  /** So many photos the record may have in all. */
  readonly most: number;
}

/** The photos of something that a loose part or a sheet has. */
export function RecordPhotos({ kind, record: { id: owner, photos }, of, most }: RecordPhotosProps) {
  const { person } = useShop();
  const { apply, error } = useChange(kind, owner);
  return (
    <PhotoStrip
      owner={owner}
      // Whatever is said of a photo of a part, it shows the part.
      shown={photos.flatMap((photo) => (kind === 'part' || photo.of === of ? [photo.id] : []))}
      room={{ left: most - photos.length, full: say('records.mostPhotos', { most }) }}
      onAdd={(record) => {
        const shown = { id: record.id, at: now(), by: person, of };
        return isDone(
          apply((r) => ({ ...r, photos: [...r.photos, shown] }), [{ kind: 'photo', record }]),
        );
      }}
      onDrop={(id) =>
        isDone(apply((r) => ({ ...r, photos: r.photos.filter((photo) => photo.id !== id) })))
      }
      error={error ? reasonOf(error) : null}
    />
  );
}
