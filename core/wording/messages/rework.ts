export const REWORK = {
  'rework.unknownOperation': 'No operation is called “{name}”.',
  'rework.unknownSize': 'No dimension is called “{name}”.',
} as const;
