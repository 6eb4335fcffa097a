import { object } from 'yup';
import { sayFrom } from '../wording/say';
import { choice } from './fields';
import { pairParts } from './rotation.picture';
import { sum } from './sum';
import { capitalTurning, otherWay, TURNINGS, turningWord } from './turning';

const WORDS = {
  name: '{Turning}, seen from the shaft end.',
  other: 'Seen from the cover: {turning}.',
  round:
    'Oil goes round the outside of the gears. The inlet is the larger port; of equal ones the side of the open drain.',
  brief: '{turning}',
  in_: 'in',
  out_: 'out',
  shaftHere: 'the shaft end towards you',
  drawnName:
    'Two gears from the shaft end: the one with the shaft turns {turning}, and the oil goes round the outside from the inlet to the outlet.',
} as const;

const say = sayFrom(WORDS);

/** Tells which way a gear pump turns, from how it lies. */
export const rotationName = sum({
  input: object({
    shaftGear: choice('The gear with the shaft is', ['top', 'bottom']),
    inlet: choice('The inlet is', ['left', 'right']),
  }),
  example: { shaftGear: 'top', inlet: 'left' },
  // Oil goes round the outside of the gears: the upper one carries it over the top, away from the inlet.
  answer: ({ shaftGear, inlet }) => ({
    rotation: (shaftGear === 'top') === (inlet === 'left') ? TURNINGS[0] : TURNINGS[1],
  }),
  page: {
    words: WORDS,
    asks: [
      {
        at: 'shaftGear',
        usual: 'top',
        how: 'The shaft end towards you, the ports left and right.',
        names: { top: 'Uppermost', bottom: 'Below' },
      },
      {
        at: 'inlet',
        usual: 'left',
        how: 'The larger port; of equal ones the side of the open drain.',
        names: { left: 'Left', right: 'Right' },
      },
    ],
    says: (_, { rotation }) => ({
      mark: 'good',
      head: say('name', { Turning: capitalTurning(rotation) }),
      rest: [say('other', { turning: turningWord(otherWay(rotation)) }), say('round')],
    }),
    brief: ({ rotation }) => say('brief', { turning: turningWord(rotation) }),
    weigh: () => null,
    picture: ({ shaftGear, inlet }, { rotation }, _, pens) => ({
      height: 188,
      said: say('drawnName', { turning: turningWord(rotation) }),
      parts: [
        ...pairParts(
          { x: 180, shaftGear, rotation, ports: inlet === 'left' ? [30, 22] : [22, 30] },
          pens,
        ),
        pens.words(say(inlet === 'left' ? 'in_' : 'out_'), 60, 90, 'middle'),
        pens.words(say(inlet === 'left' ? 'out_' : 'in_'), 300, 90, 'middle'),
        pens.words(say('shaftHere'), 180, 182, 'middle', 'muted'),
      ],
    }),
    turned: ({ rotation }) => rotation,
    formula: {
      line: 'uppermost and left: clockwise; one of the two otherwise: the other way',
      symbols: [],
      source:
        'plain geometry: each gear carries oil round the outside, from the inlet to the outlet',
      assumed: [],
    },
    beside: ['rotation.reverse', 'ports.clock'],
  },
  gives: { rotation: ['Rotation, seen from the shaft end'] },
});
