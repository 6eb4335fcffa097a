import type { Verdict } from '../metrology/verdict';

/** The verdicts in words. */
export const VERDICT_WORD: Readonly<Record<Verdict, string>> = {
  in: 'In',
  out: 'Out',
  close: 'Too close to call',
  open: 'Open',
};

/** The same where there is room for one word. */
export const VERDICT_SHORT: Readonly<Record<Verdict, string>> = {
  ...VERDICT_WORD,
  close: 'Too close',
};
