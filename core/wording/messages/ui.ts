export const UI = {
  'ui.clockAhead': '{when}, by a clock that was ahead',
  'ui.doneOf': '{what}: {done} of {all}',
  'ui.exampleSizes': '{drawing}; drawn from example sizes',
  'ui.fromGearSide': '{model}, viewed from the gear side',
  'ui.gigabytes': '{size} GB',
  'ui.in.in': 'In inches',
  'ui.in.mm': 'In millimetres',
  'ui.in.thou': 'In thou',
  'ui.kilobytes': '{size} kB',
  'ui.megabytes': '{size} MB',
  'ui.preferred': 'preferred {band}',
  'ui.qrCode': 'QR code of {text}',
  'ui.shopUnread':
    'The shop’s settings and instruments cannot be read. The app uses the usual ones; the stored ones are unchanged. {error}',
  'ui.soFar': '{what}: {done} so far',
  'ui.was': 'was {range}',
} as const;
