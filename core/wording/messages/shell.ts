export const SHELL = {
  'shell.appFailed':
    'The app cannot be shown: {error}. Your stored data is unchanged. Try again, or save a backup.',
  'shell.clash': '{field} was changed elsewhere, to {value}.',
  'shell.draft': 'What you typed here {when} was not saved. It is filled in again.',
  'shell.notLoaded': '{error} Reload the page; all records are kept.',
  'shell.pageTitle': '{title} · Dial Bench',
  'shell.partFailed':
    '{what} cannot be shown: {error}. Your stored data is unchanged, and the rest of the app works.',
  'shell.title': '{screen} · {of}',
  'shell.unreadable': '{error} Nothing was changed.',
} as const;
