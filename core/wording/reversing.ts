import type { ReverseStep, ReverseStop } from '../workshop/reversing';

/** Says of a work of reversing what is done, and what leaving it out does. */
interface StepWords {
  readonly does: string;
  readonly leftOut: string;
}

/** Says of each work of reversing what is done, and what it does when it is left out. */
export const STEP_WORDS: Readonly<Record<ReverseStep, StepWords>> = {
  'turn-body': {
    does: 'Turn the body end for end, bushings swapped: the large port is the new inlet.',
    leftOut: 'The small port becomes the inlet: the pump starves at its old speed.',
  },
  'measure-old-inlet-wall': {
    does: 'Measure the wall at the old inlet: it is on the pressure side now.',
    leftOut: 'The cut-in of the old inlet is on the pressure side now: tips leak past it.',
  },
  'move-plug': {
    does: 'Move the drain’s plug to the other hole.',
    leftOut: 'The seal blows on the first start: its drain is open to the pressure side.',
  },
  'drill-and-plug': {
    does: 'Drill the drain on the new inlet side, plug and seal the old one.',
    leftOut: 'The seal blows on the first start: its drain is open to the pressure side.',
  },
  'free-shuttle': {
    does: 'See that the shuttle in the drain slides freely.',
    leftOut: 'A stuck shuttle leaves the drain open to the pressure side: the seal blows.',
  },
  'turn-blocks': {
    does: 'Turn blocks or plates: trap grooves and load seals to the new outlet.',
    leftOut: 'No pressure, a howl, and a seized face: the trap groove feeds the wrong side.',
  },
  'turn-relief': {
    does: 'Turn the relief valve: its inlet and outlet ends follow.',
    leftOut: 'The relief bypasses all, or never opens and something bursts.',
  },
  'new-seal': {
    does: 'Fit a seal whose lip is for the other way.',
    leftOut: 'A lip that pumps one way carries oil out of the pump.',
  },
  'prove-drain': {
    does: 'Push a wire through the drain: it comes out on the new inlet side, or in the case.',
    leftOut: 'Nobody knows where the drain goes: the seal blows on the first start.',
  },
  'flip-ring': {
    does: 'Flip the cam ring. Ports and drain stay.',
    leftOut: 'The cartridge moves nothing: its cam carries oil the old way.',
  },
  'half-turn-ring': {
    does: 'Turn the eccentric ring half round. Ports and drain stay.',
    leftOut: 'The pump moves oil the old way: out of the inlet.',
  },
  'turn-rotor': {
    does: 'Turn the rotor over: its slots slope the other way.',
    leftOut: 'Vanes in slots that slope the wrong way jam and break.',
  },
  spin: {
    does: 'Turn it by hand a whole turn.',
    leftOut: 'What binds is found by the drive, not by the hand.',
  },
  'swap-lines': {
    does: 'Swap the hoses and their check valves.',
    leftOut: 'Pressure goes into the suction hose, and its check valve shuts the flow.',
  },
  'swap-air-lines': {
    does: 'Swap the air lines.',
    leftOut: 'The pump draws where it should push: oil and dirt go to the instruments.',
  },
  restamp: {
    does: 'Stamp the new rotation on the tag.',
    leftOut: 'The next one fits it by its old label, and it runs dry.',
  },
  'stamp-top-speed': {
    does: 'Stamp the new top speed on it.',
    leftOut: 'The drive runs it at its old speed: it howls, pits and seizes.',
  },
};

/** Says of each thing that forbids it why. */
export const STOP_WORDS: Readonly<Record<ReverseStop, string>> = {
  sheet: 'Its sheet forbids it.',
  hub: 'A converter hub turns one way only.',
  engine: 'An engine turns one way only.',
  crescent: 'A crescent pump is made for one way.',
  'variable-vane': 'A variable vane pump is made for one way.',
  helical: 'Helical gears would push into the other face.',
  relief: 'Its relief valve cannot be turned.',
  'gerotor-pocket': 'The pocket of its ring is fixed.',
};
