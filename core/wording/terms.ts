/** Explains a word of the trade in a sentence or two. */
export interface Term {
  readonly id: TermId;
  readonly name: string;
  /** Matches it as it stands in a sentence; the first of a text is marked. */
  readonly written: RegExp;
  readonly text: string;
}

export const TERM_IDS = [
  'leaf',
  'drags',
  'part-way',
  'clock',
  'straightedge',
  'diametral',
  'stack',
  'tir',
  'end-play',
  'guarded',
  'tier',
  'uncertainty',
] as const;
export type TermId = (typeof TERM_IDS)[number];

/** Lists every word of the trade that explains itself on the screen, in the order in which a newcomer meets them. */
export const TERMS: readonly Term[] = [
  {
    id: 'leaf',
    name: 'Feeler leaf',
    written: /\b(?:[Ff]eeler )?[Ll]ea(?:f|ves)\b/,
    text: 'A strip of steel of a known thickness. If it slides in, the gap is at least that wide; if it will not, the gap is narrower.',
  },
  {
    id: 'drags',
    name: 'Drags',
    written: /\b[Dd]rags?\b/,
    text: 'The leaf goes all the way in with a light, even pull, touching on both sides. The gap is that leaf, within about 5 µm (2 tenths).',
  },
  {
    id: 'part-way',
    name: 'Part way',
    written: /\b[Pp]art way\b/,
    text: 'The leaf goes well in and then stops: the gap is wider than the leaf at the mouth and narrower farther in. A tip in the chamfer of an edge is no gap.',
  },
  {
    id: 'clock',
    name: '12–6',
    written: /\b(?:12–6|3–9|2–8|4–10)\b/,
    text: 'Places round a pump are named as on a clock, 12 at the top of the drawing. Across 12–6 is straight up and down, across 3–9 from side to side.',
  },
  {
    id: 'straightedge',
    name: 'Straightedge',
    written: /\b[Ss]traightedge\b/,
    text: 'A ground bar laid across the pocket from side to side. The gap beneath it, down to the gear, is the end clearance; a leaf that lifts it does not fit.',
  },
  {
    id: 'diametral',
    name: 'Diametral',
    written: /\b[Dd]iametral\b/,
    text: 'The whole gap of a round fit, with one part pushed hard against the far side. With the part in the middle, each side would show half of it.',
  },
  {
    id: 'stack',
    name: 'Total, or stack',
    written: /\b(?:[Tt]otal|[Ss]tack)\b/,
    text: 'What adds up to one clearance: the gap in the body and what the gears have worn into the cover. The limit is for the sum.',
  },
  {
    id: 'tir',
    name: 'TIR',
    written: /\bTIR\b/,
    text: 'Total indicator reading: how far the dial swings from its lowest to its highest in one full turn, not the figure at one place.',
  },
  {
    id: 'end-play',
    name: 'End play',
    written: /\b[Ee]nd play\b/,
    text: 'How far a shaft or a pump can be pushed to and fro along its axis. A thrust washer of another thickness sets it.',
  },
  {
    id: 'guarded',
    name: 'Guarded',
    written: /\b[Gg]uarded\b/,
    text: 'In or out is only said where it is at least 95% sure, the doubt of the measuring counted in. Between them it is too close to call.',
  },
  {
    id: 'tier',
    name: 'Set of limits, or tier',
    written: /\b(?:[Tt]ier|[Ss]et of limits)\b/,
    text: 'A sheet may have several sets of limits: for a new pump, for one in service, for hard duty. A job is judged by the one that it names.',
  },
  {
    id: 'uncertainty',
    name: 'u and ±',
    written: /±|\bu\b/,
    text: 'What a reading may be off. u is one standard uncertainty; the figure after ± is twice that, and holds the true size 19 times in 20.',
  },
];

const BY_ID: ReadonlyMap<TermId, Term> = new Map(TERMS.map((term) => [term.id, term]));

/** Returns a word of the trade by its id. */
export const termOf = (id: TermId): Term => BY_ID.get(id) as Term;

/** Holds a stretch of a text: plain words, or a word of the trade. */
export interface Stretch {
  readonly text: string;
  readonly term: TermId | null;
}

/** Returns a text in stretches, each word of the trade marked where it stands first. */
export function stretchesOf(text: string): Stretch[] {
  const found = TERMS.flatMap(({ id, written }) => {
    const match = written.exec(text);
    return match ? [{ id, from: match.index, to: match.index + match[0].length }] : [];
  }).sort((a, b) => a.from - b.from);
  const stretches: Stretch[] = [];
  let at = 0;
  for (const { id, from, to } of found) {
    // One that lies in another is part of it.
    if (from < at) continue;
    if (from > at) stretches.push({ text: text.slice(at, from), term: null });
    stretches.push({ text: text.slice(from, to), term: id });
    at = to;
  }
  if (at < text.length) stretches.push({ text: text.slice(at), term: null });
  return stretches;
}

/** Lists the words of the trade in a text, in their order. */
export const termsIn = (text: string): TermId[] =>
  stretchesOf(text).flatMap(({ term }) => term ?? []);

/** Returns the trade's half of the glossary, as a table of Markdown. */
export const glossaryTable = (): string =>
  [
    '| term | what it means at the bench |',
    '| --- | --- |',
    ...TERMS.map(({ name, text }) => `| ${name} | ${text} |`),
  ].join('\n');
