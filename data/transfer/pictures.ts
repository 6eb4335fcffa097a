import { photoSchema, type Photo } from '../../core/records/photo';

/** A photo without its picture, which lies beside it as a file of its own. */
export type PhotoHead = Omit<Photo, 'jpeg'>;

export const photoHeadSchema = photoSchema.omit(['jpeg']);

const JPEG = 'data:image/jpeg;base64,';

/** So many bytes become text at once: a call takes only so many arguments. */
const AT_ONCE = 0x8000;

/** Returns a photo without its picture, and the bytes of that. */
export function pictureOf({ jpeg, ...head }: Photo): { head: PhotoHead; bytes: Uint8Array } {
  const text = atob(jpeg.slice(JPEG.length));
  return { head, bytes: Uint8Array.from(text, (char) => char.charCodeAt(0)) };
}

/** Returns a photo with its picture as a data address. */
export function withPicture(head: PhotoHead, bytes: Uint8Array): Photo {
  let text = '';
  for (let at = 0; at < bytes.length; at += AT_ONCE) {
    text += String.fromCharCode(...bytes.subarray(at, at + AT_ONCE));
  }
  return { ...head, jpeg: JPEG + btoa(text) } as Photo;
}
