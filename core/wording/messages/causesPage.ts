/** Says what the page says that asks why a pump failed. */
export const CAUSES_PAGE = {
  'cause.leftBehind': 'Likeliest: {cause}. It left this behind: {result}.',
  'cause.likeliest': 'Likeliest: {cause}.',
  'cause.nearest': 'Not settled. Nearest: {cause}.',
  'cause.nothing':
    '{said, select, said {Nothing that was found points to a cause yet: look, measure and ask.} other {Nothing points to a cause yet. Say what is complained of, look and measure: that tells.}}',
  'cause.proven': 'Proven: {causes}.',
  'cause.provenFrom': 'Proven: {causes}. It may have come from this: {source}.',
  'cause.several': 'Not settled: {count} causes come into question. Make the quickest check first.',
  'cause.few': 'Not settled: too little was found yet. {count} causes come into question.',
  'cause.fits': 'It gives what is complained of: {complaints}.',
  'cause.noBuild': '{pump} is not built as “{build}”.',
  'cause.shownAt': '{what}: {places}.',
  'cause.unexplained': 'That does not explain what is complained of: {complaints}.',
  'page.answered': '{count, plural, one {# question} other {# questions}}',
  'page.asked':
    '{of, select, customer {Ask the customer} bench {On the bench} other {While it runs}}',
  'page.counted':
    'As it came in, by what was found, measured and asked. What nobody looked at counts neither way.',
  'page.counts':
    '{speaking, plural, =0 {nothing speaks for it} one {# thing speaks for it} other {# things speak for it}}{against, plural, =0 {} one {, # against it} other {, # against it}}',
  'page.leftBehind': 'It left this behind: {result}.',
  'page.moreQuestions': '{count, plural, one {# more question} other {# more questions}}',
  'page.onMachine': 'On the machine: {change}',
  'page.others':
    '{count, plural, one {# cause that such a pump can have} other {# causes that such a pump can have}}',
  'page.saidBy': '{person} says: {said}',
} as const;
