import { array, object, string, type InferType } from 'yup';
import { say } from '../core/wording/say';

const group = object({
  /** Packages with their versions that share one text. */
  names: array(string().required()).required(),
  license: string().defined(),
  text: string().defined(),
}).required();

export type NoticeGroup = InferType<typeof group>;

/** Reads the notices that the build wrote of what it ships. */
export async function loadNotices(): Promise<NoticeGroup[]> {
  const response = await fetch('/notices.json');
  if (!response.ok) throw new Error(say('shop.noNotices', { status: response.status }));
  return array(group)
    .required()
    .validate(await response.json());
}
