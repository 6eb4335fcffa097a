import { reasonOf } from '@/core/errors';
import { useState, type ReactNode } from 'react';
import { Image, Pressable, StyleSheet, View } from 'react-native';
import type { Photo } from '@/core/records/photo';
import { paragraph, say } from '@/core/wording/say';
import { useRecord } from '@/data/hooks';
import { choosePictures, photoOf } from '@/data/photos';
import { Button } from '@/ui/Button';
import { Confirm } from '@/ui/Confirm';
import { Notice } from '@/ui/Notice';
import { TOUCH, usePalette } from '@/ui/theme';
import { Words } from '@/ui/Words';
import { layout } from '@/ui/layout';

const THUMB = 72;

interface Props {
  /** Id of the record that the photos belong to. */
  readonly owner: string;
  /** Ids of the photos that are shown here. */
  readonly shown: readonly string[];
  /** How many more may be added, and the word for when there is no more room. */
  readonly room: { readonly left: number; readonly full: string };
  /** Keeps a new photo; resolves to whether it is in storage. */
  readonly onAdd: (photo: Photo) => Promise<boolean>;
  readonly onDrop: (id: string) => Promise<boolean>;
  readonly error: string | null;
}

/** The photos of something, and two ways to add one. */
export function PhotoStrip({ owner, shown, room, onAdd, onDrop, error }: Props) {
  const [failed, setFailed] = useState<string | null>(null);
  const [busy, setBusy] = useState(false);

  const add = async (camera: boolean) => {
    setFailed(null);
    try {
      const files = await choosePictures(camera);
      setBusy(files.length > 0);
      const refused: string[] = [];
      for (const [i, file] of files.entries()) {
        if (i >= room.left) {
          refused.push(room.full);
          break;
        }
        try {
          if (!(await onAdd(await photoOf(file, owner)))) break;
        } catch (problem) {
          // One file that is no picture does not hold the others up.
          refused.push(reasonOf(problem));
        }
      }
      if (refused.length > 0) setFailed(paragraph(...refused));
    } finally {
      setBusy(false);
    }
  };
  return (
    <View style={layout.stack}>
      <PhotosShown ids={shown} onDrop={onDrop}>
        <Button
          mode="outlined"
          icon="camera-outline"
          loading={busy}
          disabled={busy}
          onPress={() => void add(true)}
        >
          Photo
        </Button>
        <Button mode="text" icon="image-outline" disabled={busy} onPress={() => void add(false)}>
          From a file
        </Button>
      </PhotosShown>
      {failed || error ? <Notice kind="error">{failed ?? error ?? ''}</Notice> : null}
    </View>
  );
}

interface ShownProps {
  readonly ids: readonly string[];
  /** Takes a photo away; left out where they are only looked at. */
  readonly onDrop?: (id: string) => Promise<boolean>;
  /** What stands beside them. */
  readonly children?: ReactNode;
}

/** Photos as small ones in a row; one that is touched is shown large beneath. */
export function PhotosShown({ ids, onDrop, children }: ShownProps) {
  const [open, setOpen] = useState<string | null>(null);
  const drop = async (id: string) => {
    if (await onDrop?.(id)) setOpen(null);
  };
  return (
    <View style={layout.stack}>
      <View style={styles.row}>
        {ids.map((id, i) => (
          <Thumb
            key={id}
            id={id}
            name={say('job.photo', { number: i + 1 })}
            onPress={() => setOpen(open === id ? null : id)}
          />
        ))}
        {children}
      </View>
      {open ? <Large id={open} {...(onDrop ? { onDrop: () => drop(open) } : {})} /> : null}
    </View>
  );
}

interface ThumbProps {
  readonly id: string;
  readonly name: string;
  readonly onPress: () => void;
}

function Thumb({ id, name, onPress }: ThumbProps) {
  const palette = usePalette();
  const { data, isPending } = useRecord('photo', id);
  return (
    <Pressable
      role="button"
      aria-label={name}
      onPress={onPress}
      style={[styles.thumb, { borderColor: palette.line, backgroundColor: palette.paper }]}
    >
      {data ? (
        <Image source={{ uri: data.jpeg }} style={styles.thumb} aria-hidden />
      ) : (
        <Words size="note" tone="muted">
          {isPending ? '…' : 'lost'}
        </Words>
      )}
    </Pressable>
  );
}

function Large({ id, onDrop }: { readonly id: string; readonly onDrop?: () => Promise<void> }) {
  const { data } = useRecord('photo', id);
  return (
    <View style={layout.stack}>
      {data ? (
        <Image
          source={{ uri: data.jpeg }}
          aria-label="The photo, large"
          style={{ width: '100%', aspectRatio: data.width / data.height, maxHeight: 600 }}
          resizeMode="contain"
        />
      ) : null}
      {onDrop ? (
        <Confirm
          ask="Delete this photo"
          warn="The photo will be deleted permanently."
          sure="Delete the photo"
          onSure={onDrop}
        />
      ) : null}
    </View>
  );
}

const styles = StyleSheet.create({
  row: { flexDirection: 'row', flexWrap: 'wrap', gap: 8, alignItems: 'center', minHeight: TOUCH },
  thumb: {
    width: THUMB,
    height: THUMB,
    borderRadius: 6,
    borderWidth: 1,
    overflow: 'hidden',
    alignItems: 'center',
    justifyContent: 'center',
  },
});
