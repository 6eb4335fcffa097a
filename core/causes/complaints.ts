/** Lists what is complained of. */
export const COMPLAINTS = [
  { id: 'SB', words: 'Seal pushed out' },
  { id: 'LK', words: 'Drips oil' },
  { id: 'NP', words: 'No flow' },
  { id: 'LP', words: 'Pressure always low' },
  { id: 'LH', words: 'Pressure low when hot' },
  { id: 'ER', words: 'Pressure jumps' },
  { id: 'HI', words: 'Pressure too high' },
  { id: 'NS', words: 'Noise' },
  { id: 'HT', words: 'Burnt by heat' },
  { id: 'SZ', words: 'Locked or stiff' },
  { id: 'MT', words: 'Metal in the oil' },
  { id: 'PR', words: 'Slow to prime' },
  { id: 'DR', words: 'Drive lost' },
  { id: 'CR', words: 'Cracked or broken' },
] as const;
export type ComplaintId = (typeof COMPLAINTS)[number]['id'];
export const COMPLAINT_IDS: readonly ComplaintId[] = COMPLAINTS.map(({ id }) => id);
