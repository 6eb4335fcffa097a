export const MEASURE = {
  'measure.isItRight': '{doubt} Is it right?',
  'measure.next': 'Next: {instruction}',
  'measure.noSuchLeaf':
    'The leaf set of this job cannot make {leaf}. Choose the set that was used, or type the leaf of it.',
  'measure.paperContradicts': 'It contradicts {earlier} at this place. Check the paper.',
  'measure.room': 'Aim {room} {unit}: {kept} of the {limit} is kept for cover wear.',
  'measure.tryLeaf': '{instruction} Try {leaf}',
  'measure.tryMicd': '{instruction} Try {leaf} (mic’d {total})',
  'measure.tryTogether': '{instruction} Try {leaf} = {total} together',
  'measure.paperBox': '{check}, {place}: {box}',
  'measure.paperTitle': 'Measuring sheet {tag}',
  'measure.paperTaken':
    '{count, plural, =0 {Nothing was saved.} one {One reading saved, with the paper’s date.} other {# readings saved, with the paper’s date.}}{left, plural, =0 {} one { One box needs another look.} other { # boxes need another look.}}',
  'measure.hotShift': 'Hot: {shift}.',
  'measure.hot': 'Hot: about {gap} {unit} ({shift}).',
  'measure.worst':
    '{count, plural, one {One check with a limit is measured. Worst: {verdict}.} other {# checks with a limit are measured. Worst: {verdict}.}}',
  'measure.allIn':
    '{count, plural, one {One check with a limit: in.} other {# checks with a limit: all in.}}',
} as const;
