/** Says what the report says: it is loaded with it. */
export const REPORT_PAGE = {
  'report.built': '{done} of {count} steps of the build done, by {who}, last on {day}.',
  'report.buildStep': '{step} {said}',
  'report.putOff': 'Put off.',
  'report.notOnPump': 'Not on this pump.',
  'report.notFree': 'It did not turn freely.',
  'report.inQuestion': 'Why it failed is not settled. In question: {causes}.',
  'report.itWas': 'Tight or catching: it was {cause}.',
  'report.asItCame': 'As it came in: {evidence}',
  'report.cause':
    '{how, select, proven {Proven by its check, {by}: {cause}} other {By the word of {by}: {cause}}}',
  'report.change': 'To change too: {words}',
  'report.drawnUp': 'Drawn up by stages: {bolts}.',
  'report.zeroCount':
    '{state, select, overdue {{count} with zero overdue} other {{count} never zeroed}}',
  'report.stands':
    '{all, plural, =0 {No check has a limit.} other {{out, plural, =0 {{close, plural, =0 {{open, plural, =0 {{all, plural, one {The one check is in.} other {All # checks are in.}}} other {# of {all} checks are not measured; none is out so far.}}} other {Nothing is out. # of {all} checks are too close to call.}}} one {One of {all} checks is out.} other {# of {all} checks are out.}}}}',
  'report.measuredAll':
    '{which, select, all {All checks with a limit were measured.} other {{measured} of {all} checks with a limit were measured.}}',
  'report.noReading': 'No reading: {checks}.',
  'report.fromTo': '{from} to {to}',
  'report.houseRules': 'House rules of this job: {rules}.',
  'report.howToRead':
    '“±” is twice the standard uncertainty; a range such as {example} is what the leaves prove. Limits apply at {reference}.',
  'report.limitsFrom': '{limits}: {source}',
  'report.notLookedAt': 'Not inspected: {surfaces}',
  'report.notMeasured': 'Not measured: {place}',
  'report.oil': 'oil {temperature}',
  'report.partTemperature': 'Part at {part}; sizes are corrected to {reference}.',
  'report.pumpAt': 'pump at {pump} rpm (engine {engine} rpm × {ratio})',
  'report.readings':
    '{count, plural, one {{who}, {instrument}: # reading} other {{who}, {instrument}: # readings}}',
  'report.serial': 'serial {serial}',
  'report.sheetChanged':
    'Judged by the limits this job started with. The sheet was changed since: {changes}.',
  'report.sound': '{sound} of {all} surfaces sound',
  'report.struck': '{what} ({why})',
  'report.struckBy': '{what} ({why}, {who})',
  'report.title': 'Pump report {tag}',
} as const;
