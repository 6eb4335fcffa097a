export const REPORT = {
  'report.checksNotDone':
    '{count, plural, one {One of the other checks not done} other {# other checks not done}}',
  'report.hot': 'hot {gap}',
  'report.limit': 'limit {limits}',
  'report.limitBy': 'Limit from {source}',
  'report.noSign': 'The PDF cannot print {signs}. Print instead.',
  'report.noSignMore': 'The PDF cannot print {signs} and others. Print instead.',
  'report.pdfFailed': 'Could not make the PDF. {error} Try Print instead.',
  'report.predicted': 'predicted {value}',
  'report.stepsNotRecorded':
    '{count, plural, one {One strip step not recorded} other {# strip steps not recorded}}',
  'report.surfacesNotInspected':
    '{count, plural, one {One surface not inspected} other {# surfaces not inspected}}',
  'report.was': 'was {value}',
} as const;
