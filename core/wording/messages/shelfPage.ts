/** Says what the rooms of the shelf say: it is loaded with them. */
export const SHELF_PAGE = {
  'shelf.keepsIt': '{doubt} Save again to keep {text}.',
  'shelf.pairOf': 'Pair up: {model}',
  'shelf.about': '{parts} · {model}',
  'shelf.doubtField': 'u, {unit}',
  'shelf.jobsMore':
    '{count, plural, one {And # more job: open it and tap Parts on the shelf under Decide.} other {And # more jobs: open one and tap Parts on the shelf under Decide.}}',
  'shelf.makeKeep': 'Keep the note on {make}',
  'shelf.makeNote': 'What you have seen of {make}',
  'shelf.leftOver': '{count, plural, one {# part is left over.} other {# parts are left over.}}',
  'shelf.lockPair': 'Lock {pair}',
  'shelf.modelOption':
    '{model}: {bodies, plural, one {# body} other {# bodies}}, {sets, plural, one {# gear set} other {# gear sets}}',
  'shelf.startPair': 'Build {pair}',
  'shelf.unlockPair': 'Unlock {pair}',
  'shelf.noMatch': 'No part matches “{text}”.',
  'shelf.noSuchLabel': '{label} is not on the shelf for this pump.',
  'shelf.inPump':
    '{label} is in the pump of {tag}. Put back on the shelf, it comes out of that pump: the exchange there is undone, and what was read before it counts again.',
  'shelf.putBack': '{label} is on the shelf again.',
  'shelf.pairedWith': '{body} + {gears}',
  'shelf.partTitle': 'Part {label}',
  'shelf.scrapSure': '{label} will be marked as scrap. It stays in the records.',
  'shelf.sizeDoubt': '{name}, u, {unit}',
  'shelf.sizeField': '{name}, {unit}',
} as const;
