export const STRIP = {
  'strip.removedBy': 'Removed by: {step}',
  'strip.stepNote': 'Step {number}, {step} {note}',
  'strip.stepOf': 'Step {number} of {all} · {part}',
  'strip.wrong': 'Missing or wrong: {parts}',
} as const;
