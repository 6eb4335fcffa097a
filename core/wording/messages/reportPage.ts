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
  'report.did': '{part} {work}',
  'report.didBy': '{part} {work} by {by}',
  'report.doneThen': '{works}: {verdict}',
  'report.closed': 'Not rebuilt: {why}',
  'report.allIn':
    '{work, select, none {{count, plural, one {The one check is in, as it came.} other {All # checks are in, as it came.}}} other {{count, plural, one {The one check is in.} other {All # checks are in.}}}}',
  'report.condemned': 'Condemned by eye and still in: {names}.',
  'report.notSettled': 'Not settled: {name}',
  'report.noWork': 'No work is done on it yet.',
  'report.noneSettled': 'No check is settled yet.',
  'report.andMore': '{names} and {count} more',
  'report.noLimits': 'No limits are published for it: its sizes are recorded.',
  'report.nothingMeasured': 'Nothing is measured yet.',
  'report.stand':
    '{stand, select, out {{count} of {all} checks out: {names}.} close {{count} of {all} checks too close to call: {names}.} other {{count} of {all} checks not settled: {names}.}}',
  'report.tested':
    'Tested at {where}{stand, select, simulated { on a simulated stand} other {}}: {flow}{side, select, more {, {by} more than it came with} less {, {by} less than it came with} same {, as much as it came with} other {}}.',
  'report.inBoth': '{one} ({other})',
  'report.restIn':
    '{other, select, some {{count, plural, one {One more check is in, as it came.} other {# more checks are in, as they came.}}} other {{count, plural, one {The one check is in, as it came.} other {All # checks are in, as they came.}}}}',
  'report.title': 'Pump report {tag}',
} as const;
