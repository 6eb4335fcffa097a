export const READING = {
  'reading.dialRadius': 'dial radius {radius}',
  'reading.entered': 'entered {text}',
  'reading.leverAt': 'lever at {degrees}°',
  'reading.marked': '{felt}, marked {leaves}',
  'reading.partAt': 'part at {temperature}',
  'reading.readsHigh': 'reads {offset} high; readings are corrected',
  'reading.readsLow': 'reads {offset} low; readings are corrected',
  'reading.withDetail': '{figure} {detail}',
  'reading.zeroOff': 'zero off by {offset}',
} as const;
