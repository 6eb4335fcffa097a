export const STORAGE = {
  'storage.copy': '{model} (copy)',
  'storage.demoMissing': 'The demo file is missing ({status}).',
  'storage.fontMissing': 'A font is missing ({status}).',
  'storage.foreignPhoto': 'Its photo “{photo}” belongs to something else.',
  'storage.newerBackup':
    'A newer Dial Bench wrote this backup (version {version}; this one reads up to {known}). Update the app first.',
  'storage.noGauge': 'Could not connect to the gauge. Check the cable and try again.',
  'storage.photo': 'photo {id}',
  'storage.photoNone':
    '“{file}” was not added: the file is not a picture this app can open, or it is damaged. Use JPEG or PNG.',
  'storage.photoTooLarge':
    '“{file}” was not added: it has {megapixels} megapixels, and {most} is the most that this app opens. Take it with a smaller setting.',
  'storage.saysItIs': 'The record under this name is “{id}”.',
  'storage.unreadable': 'Could not read “{key}”. {why}',
} as const;
