import { PHOTO_SCHEMA, PHOTO_SIDE, type Photo } from '../core/records/photo';
import { load } from './opened';
import { newId } from './create';
import { say } from '../core/wording/say';

/** More than this is not opened: a phone's browser would run out of memory in the middle of it. */
export const MOST_MEGAPIXELS = 50;

const QUALITY = 0.82;

/** A file that cannot become a photo here, and why; nothing was kept of it. */
export class PhotoError extends Error {
  override readonly name = 'PhotoError';
}

/**
 * Returns how large a picture is, as the browser's own decoder says before it draws it: the figures may
 * stand behind megabytes of what the camera wrote about itself.
 *
 * @throws PhotoError where it is no picture that can be opened here
 */
function sizeOf(file: File): Promise<{ width: number; height: number }> {
  const picture = new Image();
  const url = URL.createObjectURL(file);
  return new Promise<{ width: number; height: number }>((resolve, reject) => {
    picture.onload = () => resolve({ width: picture.naturalWidth, height: picture.naturalHeight });
    picture.onerror = () => reject(new PhotoError(say('storage.photoNone', { file: file.name })));
    picture.src = url;
  }).finally(() => URL.revokeObjectURL(url));
}

/** @throws PhotoError where it is no picture, or one too large to be opened */
async function measured(file: File): Promise<void> {
  const { width, height } = await sizeOf(file);
  const megapixels = (width * height) / 1e6;
  if (megapixels > MOST_MEGAPIXELS) {
    throw new PhotoError(
      say('storage.photoTooLarge', {
        file: file.name,
        megapixels: Math.round(megapixels),
        most: MOST_MEGAPIXELS,
      }),
    );
  }
}

async function asText(blob: Blob): Promise<string> {
  return new Promise((resolve, reject) => {
    const reader = new FileReader();
    reader.onload = () => resolve(reader.result as string);
    reader.onerror = () => reject(reader.error as DOMException);
    reader.readAsDataURL(blob);
  });
}

/**
 * Makes a photo as it is kept: upright, at most 1600 pixels on its longer side, as
 * JPEG. Scaled by the browser itself, away from the thread that answers taps.
 *
 * @param side the longest side that it may have, in pixels
 * @throws PhotoError where the file is no picture, is too large, or is of a
 *   kind that this browser cannot open
 */
export async function photoOf(file: File, job: string, side = PHOTO_SIDE): Promise<Photo> {
  await measured(file);
  let upright: ImageBitmap;
  try {
    upright = await createImageBitmap(file, { imageOrientation: 'from-image' });
  } catch {
    throw new PhotoError(say('storage.photoNone', { file: file.name }));
  }
  const scale = Math.min(1, side / Math.max(upright.width, upright.height));
  const width = Math.max(1, Math.round(upright.width * scale));
  const height = Math.max(1, Math.round(upright.height * scale));
  const scaled = await createImageBitmap(upright, {
    resizeWidth: width,
    resizeHeight: height,
    resizeQuality: 'high',
  });
  upright.close();
  const canvas = new OffscreenCanvas(width, height);
  const drawing = canvas.getContext('2d');
  // JPEG has no clear: what is see-through is paper.
  if (drawing) drawing.fillStyle = '#fff';
  drawing?.fillRect(0, 0, width, height);
  drawing?.drawImage(scaled, 0, 0);
  scaled.close();
  const jpeg = await asText(await canvas.convertToBlob({ type: 'image/jpeg', quality: QUALITY }));
  return { schema: PHOTO_SCHEMA, id: newId(), revision: 0, job, width, height, jpeg };
}

/** Returns those of some photos that can be read. */
export async function loadPhotos(ids: readonly string[]): Promise<Photo[]> {
  const all = await Promise.all(ids.map((id) => load('photo', id).catch(() => null)));
  return all.filter((photo) => photo !== null);
}

/** Lets a person choose pictures, or take one where the device has a camera. */
export function choosePictures(camera: boolean): Promise<File[]> {
  return new Promise((resolve) => {
    const input = document.createElement('input');
    input.type = 'file';
    input.accept = 'image/*';
    input.multiple = !camera;
    if (camera) input.setAttribute('capture', 'environment');
    input.addEventListener('cancel', () => resolve([]));
    input.addEventListener('change', () => resolve([...(input.files ?? [])]));
    input.click();
  });
}
