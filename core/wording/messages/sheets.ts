export const SHEETS = {
  'sheets.largestOf': '{size}: largest by work',
  'sheets.max': 'Max, {unit}',
  'sheets.min': 'Min, {unit}',
  'sheets.largestNew': '{size}: largest of a new part',
  'sheets.smallestNew': '{size}: smallest of a new part',
  'sheets.notANumber': '“{text}” is not a number. Type a number.',
  'sheets.smallestOf': '{size}: smallest by work',
  'sheets.wider': 'Wider by, {unit}',
} as const;
