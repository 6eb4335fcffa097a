import { useEffect, useRef } from 'react';

/** What each key does; keys are named as the browser names them, letters in lower case. */
export type Keys = Readonly<Record<string, () => void>>;

interface Options {
  readonly enabled?: boolean;
  /** What the keys answer: they act only while it is in sight and nothing lies over it. */
  readonly on?: React.RefObject<unknown>;
}

/** Fields take the keys themselves, and so does a dialog. */
const TAKES_KEYS = 'input, textarea, select, [contenteditable], [role=dialog]';

/** In these the arrows have a meaning of their own. */
const TAKES_ARROWS =
  '[role=radiogroup], [role=slider], [role=listbox], [role=menu], [role=tablist]';

const isArrow = (key: string): boolean => key.startsWith('arrow');

/** Tells whether an element of the page is in sight, and what lies at its middle is part of it. */
function onShow(element: Element): boolean {
  const { left, right, top, bottom } = element.getBoundingClientRect();
  const [x, y] = [(left + right) / 2, (top + bottom) / 2];
  if (x < 0 || y < 0 || x > window.innerWidth || y > window.innerHeight) return false;
  const there = document.elementFromPoint(x, y);
  return there !== null && element.contains(there);
}

/** Tells whether somebody has scrolled the part of the page in which a key was pressed. */
const isScrolled = (): boolean =>
  [...document.querySelectorAll('[role=main] *')].some((e) => e.scrollTop > 0);

function isFree(event: KeyboardEvent): boolean {
  if (event.ctrlKey || event.metaKey || event.altKey || event.repeat) return false;
  const target = event.target instanceof HTMLElement ? event.target : null;
  if (target?.closest(TAKES_KEYS)) return false;
  return !isArrow(event.key.toLowerCase()) || !(target?.closest(TAKES_ARROWS) || isScrolled());
}

/**
 * A gauge that types sends its characters faster than any hand, in ms from one to the next. A key acts
 * only when so much time went by without another.
 */
const BURST_MS = 100;

/** After a sign that is on no key here, as `0` or a point, a figure goes on for so long, in ms. */
const FIGURE_MS = 400;
const OF_A_FIGURE = /[05-9.,]$/;

/** What a burst has typed so far, and whoever wants to hear of it. */
const burst = { text: '', at: 0, ended: undefined as ReturnType<typeof setTimeout> | undefined };
const hearers = new Set<(text: string) => void>();

/** Key presses that wait for what comes after them; each is called off by its function. */
const waiting = new Set<() => void>();

/** A page that is busy hears of keys late: it has to have been idle for so many short waits together. */
const WAITS = 5;

/** Does something once no other key came for a while in which the page could have heard of one. */
function afterQuiet(act: () => void): void {
  let left = WAITS;
  let timer: ReturnType<typeof setTimeout>;
  const callOff = () => {
    clearTimeout(timer);
    waiting.delete(callOff);
  };
  const wait = () => {
    if (left-- > 0) timer = setTimeout(wait, BURST_MS / WAITS);
    else {
      waiting.delete(callOff);
      act();
    }
  };
  waiting.add(callOff);
  wait();
}

/** Takes a character to the burst that it is part of, where it is part of one. */
function isBurst({ key, timeStamp }: KeyboardEvent): boolean {
  if (key.length > 1 && key !== 'Enter') return false;
  const since = timeStamp - burst.at;
  const going =
    waiting.size > 0 || since < BURST_MS || (OF_A_FIGURE.test(burst.text) && since < FIGURE_MS);
  burst.text = `${going ? burst.text : ''}${key.length === 1 ? key : ''}`;
  burst.at = timeStamp;
  clearTimeout(burst.ended);
  if (going) {
    const { text } = burst;
    burst.ended = setTimeout(() => hearers.forEach((hear) => hear(text)), 2 * BURST_MS);
  }
  return going;
}

let listening = 0;

function watch(event: KeyboardEvent): void {
  const target = event.target instanceof HTMLElement ? event.target : null;
  if (target?.closest(TAKES_KEYS) || !isBurst(event)) return;
  // A burst on a button would press it by its Enter.
  event.preventDefault();
  event.stopPropagation();
  waiting.forEach((callOff) => callOff());
}

/** Listens for bursts as long as anybody wants keys: before anything else hears of a key. */
function listen(): () => void {
  if (listening++ === 0) window.addEventListener('keydown', watch, true);
  return () => {
    if (--listening === 0) window.removeEventListener('keydown', watch, true);
  };
}

/** Hears of a gauge that types while nothing takes its figure; `heard` gets what it typed. */
export function useTypingGauge(heard: (text: string) => void): void {
  const latest = useRef(heard);
  useEffect(() => {
    latest.current = heard;
  });
  useEffect(() => {
    const hear = (text: string) => latest.current(text);
    hearers.add(hear);
    const stop = listen();
    return () => {
      hearers.delete(hear);
      stop();
    };
  }, []);
}

/** Listens to the keyboard, or to a foot pedal that acts as one, while nobody is typing in a field. */
export function useKeys(keys: Keys, { enabled = true, on }: Options = {}): void {
  const latest = useRef({ keys, on });
  useEffect(() => {
    latest.current = { keys, on };
  });
  useEffect(() => {
    if (!enabled) return;
    const stop = listen();
    const press = (event: KeyboardEvent) => {
      const act = latest.current.keys[event.key.toLowerCase()];
      if (!act || !isFree(event)) return;
      const shown = latest.current.on?.current;
      if (shown instanceof Element && !onShow(shown)) return;
      event.preventDefault();
      afterQuiet(() => latest.current.keys[event.key.toLowerCase()]?.());
    };
    window.addEventListener('keydown', press);
    return () => {
      window.removeEventListener('keydown', press);
      stop();
    };
  }, [enabled]);
}

/** Lets Space do what a touch does, on a control that is no button to the browser. */
export const bySpace = (act: () => void): object => ({
  onKeyDown: (event: KeyboardEvent) => {
    if (event.key !== ' ') return;
    event.preventDefault();
    act();
  },
});

/** What Escape closes, the last that opened at the end: it is closed first, and by itself. */
const covers: (() => void)[] = [];

function closeLast(event: KeyboardEvent): void {
  const last = covers.at(-1);
  if (event.key !== 'Escape' || event.defaultPrevented || !last) return;
  event.preventDefault();
  last();
}

/** Closes what covers the screen by Escape, also from a field of it; of what lies over each other the last. */
export function useEscape(close: (() => void) | undefined): void {
  const latest = useRef(close);
  useEffect(() => {
    latest.current = close;
  });
  const open = close !== undefined;
  useEffect(() => {
    if (!open) return;
    const cover = () => latest.current?.();
    if (covers.push(cover) === 1) window.addEventListener('keydown', closeLast);
    return () => {
      covers.splice(covers.indexOf(cover), 1);
      if (covers.length === 0) window.removeEventListener('keydown', closeLast);
    };
  }, [open]);
}
