/** Says what the report says: it is loaded with it. */
export const REPORT_PAGE = {
  'report.built': '{done} of {count} steps of the build done, by {who}, last on {day}.',
  'report.buildStep': '{step} {said}',
  'report.putOff': 'Put off.',
  'report.notOnPump': 'Not on this pump.',
  'report.notFree': 'It did not turn freely.',
  'report.inQuestion': 'Why it failed is not settled. In question: {causes}.',
  'report.itWas': 'Tight or catching: it was {cause}.',
  'report.visit': 'visit {number}, the one before as {tag}',
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
  'report.toSign':
    '{as, select, rebuilder {{did, select, both {Rebuilt and tested by} rebuilt {Rebuilt by} tested {Tested by} other {Examined by}}} other {Received by}}',
  'report.toApprove': 'Approved by, on which day',
  'report.signedBy': '{as} {name}, {day}',
  'report.signedBefore': 'Signed before the last change to this job.',
  'report.nextLook': '{by, select, used {Next look due at {at}.} other {Next look due on {at}.}}',
  'report.nextLookEither': 'Next look due at {used}, or on {day} if that comes first.',
  'report.plannedBy':
    '{state, select, done {{amount, select, some {{what}, {by}: done} other {{what}: done}}} other {{amount, select, some {{what}, {by}} other {{what}}}}}',
  'report.noPlan': 'No plan is chosen yet.',
  'report.price':
    '{time, select, open {It costs {sum}.} other {{sum, select, none {{days, plural, =0 {It is ready the same day.} one {It takes one day.} other {It takes # days.}}} other {{days, plural, =0 {It costs {sum} and is ready the same day.} one {It costs {sum} and takes one day.} other {It costs {sum} and takes # days.}}}}}}',
  'report.noQuote': 'No price is given yet.',
  'report.quoteStands':
    '{state, select, asked {Asked on {day}.} approved {Approved by {name} on {day}.} other {Declined by {name} on {day}.}}',
  'report.staysOut':
    '{count, plural, one {{names} stays out of its limits, and wears on.} other {{names} stay out of their limits, and wear on.}}',
  'report.gives':
    '{sure, select, little {At hot idle it gives {flow}, if the gaps that nobody measured are as they should be.} other {At hot idle it gives {flow}.}}',
  'report.staysIn': '{names}: condemned by eye, and stays in.',
  'report.comesBack': 'What made it fail stays, and brings it back: {cause}.',
  'report.nothingOut': 'Nothing is known to be out of its limits.',
  'report.nothingKnown': 'Nothing is measured yet: nobody can say what becomes of it.',
  'report.quoteTitle': 'Quote {tag}',
  'report.pumpSaid': 'The pump, open: {pump}',
  'report.chartSaid': 'The flow of the test over its time, {where}',
  'report.photo': 'Photo {number} of the report',
  'report.signField': 'Field to sign in with a finger, a pen or the mouse',
  'report.signHow': 'Draw in the field, or sign with the name alone.',
  'report.signName': 'Enter who signs.',
  'report.hasSigned': 'signed by {name}',
  'report.signAgain': 'signed by {name} before the last change: sign again',
  'report.notSigned': 'not signed',
  'report.photosChosen': '{count} of {all} chosen',
  'report.mostPhotos': 'At most {most} photos go on a report.',
  'report.noCount': 'Enter a number of 0 or more, not “{text}”.',
  'report.atUsed': 'At ({unit})',
  'report.noPrice': 'Enter the price as a number of 0 or more, not “{text}”.',
  'report.noDays': 'Enter the days as a number from 0 to 400, not “{text}”.',
  'report.priceFrom': 'The price and the days are what the work list comes to.',
  'report.whoAnswered': 'Enter who answered.',
  'report.title': 'Pump report {tag}',
} as const;
