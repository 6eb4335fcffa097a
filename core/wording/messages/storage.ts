export const STORAGE = {
  'storage.copy': '{model} (copy)',
  'storage.demoMissing': 'The demo file is missing ({status}).',
  'storage.fontMissing': 'A font is missing ({status}).',
  'storage.foreignPhoto': 'Its photo “{photo}” belongs to another job.',
  'storage.newerBackup':
    'A newer Dial Bench wrote this backup (version {version}; this one reads up to {known}). Update the app first.',
  'storage.noGauge': 'Could not connect to the gauge: {error}. Check the cable and try again.',
  'storage.photo': 'photo {id}',
  'storage.photoRefused': '“{file}” was not added: {why}',
  'storage.saysItIs': 'The record under this name is “{id}”.',
  'storage.tooManyPixels':
    'it has {megapixels} megapixels, and {most} is the most that this app opens. Take it with a smaller setting.',
  'storage.unreadable': 'Could not read “{key}”: {error}',
  'storage.was': 'was {value}',
} as const;
