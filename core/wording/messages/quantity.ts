export const QUANTITY = {
  'quantity.noDay': 'Write the date as 2026-12-01 or 1.12.2026, or +7 for a week from today.',
  'quantity.countOf': '{count} × {name}',
  'quantity.belowZero': '“{text}” is below zero. Remove the minus sign.',
  'quantity.echo': '{inches} {unit} = {metric} mm',
  'quantity.notAFlow': 'Cannot read “{text}”. Type a number in {unit}, or add {other}.',
  'quantity.notANumber': '“{text}” is not a number. Type e.g. 0.05 or 2-1/2 thou.',
  'quantity.notATemperature': 'Cannot read “{text}”. Type a number in {unit}, or add C or F.',
  'quantity.tooLarge': '{reading} is over {most} m, too large for a pump part. Check the unit.',
  'quantity.tooLong': 'A reading has at most {most} characters.',
  'quantity.tooWide': '{reading} is over {most} mm, too wide for a gap. Check the unit.',
  'quantity.withUnit': '{figure} {unit}',
} as const;
