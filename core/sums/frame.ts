import { sayFrom } from '../wording/say';

/** Says what the room says on every page. */
export const FRAME_WORDS = {
  min: 'At least {bound}.',
  max: 'At most {bound}.',
  more: 'More than {bound}.',
  less: 'Less than {bound}.',
  otherUnit: 'Another unit?',
  under: 'under {least}',
  asMany: 'One figure for every place.',
  changed: 'If {what}: {then}',
  limitRange: '{lower} to {upper}',
  limitMost: 'at most {upper}',
  limitLeast: 'at least {lower}',
  warmer: 'the oil is {celsius} hot',
  inside: 'in',
  outside: 'out',
  close: 'too close to call',
  open: 'not to be told',
  missing: 'Next: {field}.',
} as const;

/** Says what stands on every page of the room. */
export const sayFrame = sayFrom(FRAME_WORDS);
