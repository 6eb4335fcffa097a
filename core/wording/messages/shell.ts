export const SHELL = {
  'shell.appFailed':
    'The app cannot be shown. Your stored data is unchanged. Try again, or save a backup.',
  'shell.clash': '{field} was changed elsewhere, to {value}.',
  'shell.demoHere':
    'It is here with {jobs, plural, one {# job} other {# jobs}}, {sheets, plural, one {# sheet} other {# sheets}} and {parts, plural, one {# part} other {# parts}}, beside your own.',
  'shell.demoKeep':
    '{count, plural, one {Keep the one I worked on, take the rest} other {Keep the # I worked on, take the rest}}',
  'shell.demoOwn':
    '{why, select, measured {{name}: {entries, plural, one {one entry} other {# entries}} of yours} used {{name}: parts of yours on the shelf are of this pump} unreadable {{name}: cannot be read} other {{name}: edited}}',
  'shell.demoTake':
    '{count, plural, one {Take its one record away} other {Take its # records away}}',
  'shell.demoTakeAll':
    '{count, plural, one {Take its one record away} other {Take all # away, mine as well}}',
  'shell.draft': 'What you typed here {when} was not saved. It is filled in again.',
  'shell.fileFailed': 'Could not make the file. {error}',
  'shell.notLoaded': 'This part of the app did not load. Reload the page; all records are kept.',
  'shell.pageTitle': '{title} · Dial Bench',
  'shell.partFailed':
    '{what} cannot be shown. Your stored data is unchanged, and the rest of the app works.',
  'shell.title': '{screen} · {of}',
  'shell.updated':
    'Dial Bench is version {version} now. Everything that was stored is there as before.',
  'shell.unreadable': '{error} Nothing was changed.',
} as const;
