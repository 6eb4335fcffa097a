import { object } from 'yup';
import { vaneReach } from '../pumps/vaneReach';
import { notBelow, perhaps, positive } from './fields';
import { sayFrom } from '../wording/say';
import { sum } from './sum';

const WORDS = {
  in: '{left} stays in the slot.',
  inHours: '{left} stays in the slot; about {hours} h are left.',
  out: 'Too short: {left} stays in the slot, {least} is the least. Renew the vanes.',
  escapes: 'It leaves its slot: renew the vanes. A loose vane wrecks the pump.',
  reach: 'At its furthest it stands out by {reach}.',
  wear: 'For the hours left enter the length of a new vane and the hours run.',
  noWear: 'So far no wear shows: the hours left are not to be told.',
  brief: '{left} in the slot',
  renewed: 'the vanes are new',
  shorter: 'the vane is {by} shorter',
  diameter: 'Is this a diameter? A radius is half of it.',
  out_: '{reach} out',
  stays: '{left} in',
  leastIn: 'least {least}',
  drawn: 'The vane where it stands out furthest: {reach} out of its slot, {left} in it.',
} as const;

const say = sayFrom(WORDS);

/** No ring is so much larger than its rotor: a vane would have to stand out by half of its radius. */
const MOST_OVER = 1.6;

/** A step of wear. */
const WEAR_mm = 0.5;

/** Tells how far a vane reaches, and how long it lasts. */
export const vaneReachOf = sum({
  input: object({
    ringRadius_mm: positive('Ring radius'),
    eccentricity_mm: notBelow('Eccentricity'),
    rotorRadius_mm: positive('Rotor radius'),
    vaneLength_mm: positive('Vane length'),
    newVaneLength_mm: perhaps('New vane length').moreThan(0, 'Must be over zero'),
    hours: perhaps('Hours run', 'h').moreThan(0, 'Must be over zero'),
    leastInSlot_mm: notBelow('Least in the slot'),
    slotOffset_mm: perhaps('Slot beside the middle')
      .min(0, 'Not below zero')
      .test(
        'in the rotor',
        'The slot passes beside the rotor.',
        (offset, { parent }) =>
          offset == null || !(offset >= (parent as { rotorRadius_mm: number }).rotorRadius_mm),
      ),
  }),
  example: {
    ringRadius_mm: 29,
    eccentricity_mm: 4.7,
    rotorRadius_mm: 24,
    vaneLength_mm: 15.5,
    newVaneLength_mm: 16,
    hours: 2000,
    leastInSlot_mm: 5,
  },
  answer: (vane) => vaneReach(vane),
  page: {
    words: WORDS,
    asks: [
      { at: 'vaneLength_mm', how: 'Mic over the shortest vane.' },
      { at: 'ringRadius_mm', how: 'Half of the bore; of an oval ring where it is widest.' },
      { at: 'rotorRadius_mm' },
      {
        at: 'eccentricity_mm',
        usual: 0,
        how: 'Middle of ring to middle of rotor; 0 of an oval ring.',
      },
      { at: 'leastInSlot_mm', how: 'From the maker’s manual.' },
      { at: 'newVaneLength_mm', more: true },
      { at: 'hours', more: true },
      { at: 'slotOffset_mm', more: true, how: 'How far a slot passes the middle of the rotor.' },
    ],
    doubts: ({ ringRadius_mm, eccentricity_mm, rotorRadius_mm }) => {
      const widest = ringRadius_mm + eccentricity_mm;
      if (widest > MOST_OVER * rotorRadius_mm) return [['ringRadius_mm', say('diameter')]];
      return rotorRadius_mm > widest ? [['rotorRadius_mm', say('diameter')]] : [];
    },
    says: (given, { verdict, inSlot_mm, reach_mm, hoursLeft }, f) => {
      const left = f.size(inSlot_mm);
      const heads = {
        in: () =>
          hoursLeft === null
            ? say('in', { left })
            : say('inHours', { left, hours: f.plain(hoursLeft, 0) }),
        out: () => say('out', { left, least: f.size(given.leastInSlot_mm) }),
        escapes: () => say('escapes'),
      };
      return {
        mark: verdict === 'in' ? 'good' : 'bad',
        head: heads[verdict](),
        rest: [
          say('reach', { reach: f.size(reach_mm) }),
          verdict === 'in' && hoursLeft === null
            ? say(given.newVaneLength_mm == null || given.hours == null ? 'wear' : 'noWear')
            : '',
        ].filter(Boolean),
      };
    },
    brief: ({ inSlot_mm }, f) => say('brief', { left: f.size(inSlot_mm) }),
    weigh: ({ inSlot_mm }) => inSlot_mm,
    changes: (given, _, f) => [
      ...(given.newVaneLength_mm == null
        ? []
        : [{ what: say('renewed'), input: { ...given, vaneLength_mm: given.newVaneLength_mm } }]),
      ...(given.vaneLength_mm > WEAR_mm
        ? [
            {
              what: say('shorter', { by: f.size(WEAR_mm) }),
              input: { ...given, vaneLength_mm: given.vaneLength_mm - WEAR_mm },
            },
          ]
        : []),
    ],
    picture: (given, { reach_mm, inSlot_mm, verdict }, f, pens) => {
      const { ringRadius_mm, rotorRadius_mm, eccentricity_mm, vaneLength_mm } = given;
      const [middle, tall] = [{ x: 180, y: 190 }, 176];
      const px = tall / (ringRadius_mm + eccentricity_mm);
      const slot_mm = Math.max(vaneLength_mm - reach_mm, 0) + given.leastInSlot_mm;
      const rotorTop = middle.y - rotorRadius_mm * px;
      const tip = rotorTop - reach_mm * px;
      const least = rotorTop + given.leastInSlot_mm * px;
      const ink = verdict === 'in' ? 'in' : 'out';
      return {
        height: 200,
        said: say('drawn', { left: f.size(Math.max(0, inSlot_mm)), reach: f.size(reach_mm) }),
        parts: [
          pens.circle({ x: middle.x, y: middle.y - eccentricity_mm * px }, ringRadius_mm * px, {
            line: 'ink',
            width: 3,
          }),
          pens.circle(middle, rotorRadius_mm * px, { fill: 'steel', line: 'ink' }),
          pens.rect(174, rotorTop, 12, Math.min(slot_mm * px, middle.y - rotorTop), {
            fill: 'paper',
            line: 'ink',
          }),
          pens.rect(175, tip, 10, vaneLength_mm * px, { fill: 'vane', line: ink, width: 2 }),
          pens.line(
            [
              { x: 150, y: least },
              { x: 210, y: least },
            ],
            { line: 'out', dashed: true },
          ),
          pens.words(say('out_', { reach: f.size(reach_mm) }), 4, 16),
          pens.words(say('stays', { left: f.size(Math.max(0, inSlot_mm)) }), 4, 36, 'start', ink),
          pens.words(
            say('leastIn', { least: f.size(given.leastInSlot_mm) }),
            356,
            16,
            'end',
            'out',
          ),
        ],
      };
    },
    takes: {
      vaneLength_mm: 'vane_length',
      newVaneLength_mm: 'vane_new',
      ringRadius_mm: 'vane_ring',
      rotorRadius_mm: 'vane_rotor',
      eccentricity_mm: 'vane_off',
      leastInSlot_mm: 'vane_least',
      hours: 'hours',
    },
    formula: {
      line: 'reach = √((R + e)² − s²) − √(r² − s²)',
      symbols: [
        ['R, r', 'radius of the ring, and of the rotor'],
        ['e', 'eccentricity'],
        ['s', 'how far the slot passes the middle'],
      ],
      source: 'plain geometry',
      assumed: ['It wears on as it wore so far.'],
    },
  },
  gives: {
    reach_mm: ['Reach', 'mm'],
    inSlot_mm: ['Left in the slot', 'mm'],
    verdict: ['Verdict'],
    hoursLeft: ['Hours left', 'h'],
  },
});
