export const REWORK = {
  'rework.moreFindings':
    '{count, plural, one {One more finding asks for this work.} other {# more findings ask for this work.}}',
  'rework.figure': '{sum, number}',
  'rework.notReady':
    'Not ready: {count, plural, one {{surfaces} needs work} other {{surfaces} need work}} that this shop does not do.',
  'rework.doneMeasure': 'Work done. Measure again: {checks}.',
  'rework.cellAmount': '{what}, {amount}',
  'rework.inEvery': 'In every plan: {works}.',
  'rework.moreParts': '{part} and {count, plural, one {one more part} other {# more parts}}',
  'rework.price':
    '{time, select, none {} other {{time} of bench time, }}{days, plural, =0 {no waiting} one {one day waiting} other {# days waiting}}{down, select, none {} other {; downtime costs {down}}}{chance, select, none {} other {; {chance}% chance of a comeback}}.',
  'rework.onParts': '{parts}.',
  'rework.inSection': 'Section {section}: {parts}.',
  'rework.sections': 'Sections 1 to {last}.',
  'rework.equalWorks':
    '{which, select, all {{count, plural, =2 {The two} other {All #}}} other {{count}}}{as, select, body { bodies} gears { gear sets} cover { covers} plate { plates} block { bearing blocks} bushing { bushings} bearing { bearings} hub { hubs} shaft { shafts} rotor { rotors} vanes { sets of vanes} ring { rings} slide { slides} plunger { plungers} spring { springs} other { places}}: {what}',
  'rework.aboutLeft':
    '{count, plural, one {One check is too close to call and stays so.} other {# checks are too close to call and stay so.}}',
  'rework.acceptedGap': '{check}: {words}',
  'rework.reuseAccepted':
    '{count, plural, one {Reuse it: the one check without a limit is accepted.} other {Reuse it: all # checks without a limit are accepted.}}',
  'rework.allIn':
    '{count, plural, one {The one check with a limit is in.} other {All # checks with a limit are in.}}',
  'rework.notKnown':
    '{count, plural, one {One other check has no limit here and was not measured: nothing is known of it.} other {# other checks have no limit here and were not measured: nothing is known of them.}}',
  'rework.again': 'Zero and measure again: {checks}. Then decide.',
  'rework.amountIs': '{amount}; anything from {from} to {to} is in.',
  'rework.amountNever': '{amount}: no amount brings it in with the others held.',
  'rework.answer.many':
    '{then, select, rest {{first} and do {count} more jobs, then see to the rest.} unread {{first} and do {count} more jobs, then measure the rest.} again {{first} and do {count} more jobs, then measure again.} come {{first} and do {count} more jobs. All checks then come in.} stay {{first} and do {count} more jobs. All checks stay in.} other {{first} and do {count} more jobs.}}',
  'rework.answer.one':
    '{then, select, rest {{first}, then see to the rest.} unread {{first}, then measure the rest.} again {{first}, then measure again.} come {{first}. All checks then come in.} stay {{first}. All checks stay in.} other {{first}.}}',
  'rework.answer.two':
    '{then, select, rest {{first} and {second}, then see to the rest.} unread {{first} and {second}, then measure the rest.} again {{first} and {second}, then measure again.} come {{first} and {second}. All checks then come in.} stay {{first} and {second}. All checks stay in.} other {{first} and {second}.}}',
  'rework.bound':
    '{work} would have to take {needed}. {by, select, shop {Your shop goes to {most} at most.} other {The sheet leaves less metal than that.}}',
  'rework.blocks': '{check} misses its limit by {short} at best.',
  'rework.brings':
    '{count, plural, one {Brings {check} in.} other {Brings # checks in, {check} first.}}',
  'rework.closer': 'Measure closer: {checks}. Then decide.',
  'rework.clearCold':
    'That leaves {cold} {unit} cold; the sheet has no temperatures for the hot gap.',
  'rework.closed':
    '{checks}: the work closed it. It should be {now} now. Do not assemble: measure it.',
  'rework.clearHot': 'That leaves {cold} {unit} cold, {hot} {unit} hot.',
  'rework.contradicted': 'Two methods disagree on {checks}. Read again, then decide.',
  'rework.cut.block-ground': 'Take {amount} off the block; anything from {from} to {to} is in.',
  'rework.cut.body-ground':
    'Take {amount} off the body’s width; anything from {from} to {to} is in.',
  'rework.cut.bushing-honed':
    'Hone {amount} out, on the diameter; anything from {from} to {to} is in.',
  'rework.cut.deck-faced': 'Take {amount} off the deck; anything from {from} to {to} is in.',
  'rework.cut.gears-ground':
    'Take {amount} off every gear’s width; anything from {from} to {to} is in.',
  'rework.cut.other': 'Take {amount} off; anything from {from} to {to} is in.',
  'rework.cut.pocket-sunk': 'Sink the pocket by {amount}; anything from {from} to {to} is in.',
  'rework.cut.shaft-polished':
    'Polish {amount} off, on the diameter; anything from {from} to {to} is in.',
  'rework.cut.washer-thicker': 'Fit a washer {amount} thicker; anything from {from} to {to} is in.',
  'rework.cut.washer-thinner': 'Fit a washer {amount} thinner; anything from {from} to {to} is in.',
  'rework.done': 'Done: {works}.',
  'rework.doneCost': 'By the work list: {time}, {sum}.',
  'rework.fitPiece': 'fit {label} from the shelf',
  'rework.fitSet': 'Fit {set}.',
  'rework.fitWasher': 'Fit the {thickness} washer.',
  'rework.follows': 'Take the same off the outer face, or the parts above it foul.',
  'rework.cause': 'why it failed: {cause}',
  'rework.found': '{surface}: {what}',
  'rework.honeSteps':
    'Stop at {steps} {unit}. Each time clean the bore, then {on, select, hub {slip the hub on, turn it, rock it} other {slip the journal in, turn it, rock it}}.',
  'rework.honeTo': 'Hone to {aim}; anything from {from} to {to} is in.',
  'rework.inSlot': 'At full extension {left} of the vane stays in its slot.',
  'rework.inSlotFalls':
    'At full extension {left} of the vane stays in its slot: {hours} hours until it falls out at the wear so far.',
  'rework.inSlotHours':
    'At full extension {left} of the vane stays in its slot: {hours} hours to the limit at the wear so far.',
  'rework.exampleOne': '{sum}, example',
  'rework.exampleSum': '{sum}, example prices',
  'rework.isOut': '{check}: {by}.',
  'rework.isOutMore': '{count} checks are out. Worst: {check}, {by}.',
  'rework.keeps':
    '{count, plural, one {Keeps {check} in.} other {Keeps # checks in, {check} first.}}',
  'rework.lookFirst':
    '{stand, select, in {All checks are in. } close {Nothing is out. } other {}}{count, plural, one {Look at one more surface, then decide.} other {Look at # more surfaces, then decide.}}',
  'rework.makeFlatLeast': 'Cut at least {least}, until the wear mark is gone.',
  'rework.makeFlat': 'Cut until the wear mark is gone, about {least}.',
  'rework.makeSmooth': 'Until the nail finds nothing, {most} at most.',
  'rework.measuredOf':
    '{stand, select, in {{measured} of {all} checks measured, all in.} close {{measured} of {all} checks measured, none out.} other {{measured} of {all} checks measured.}}',
  'rework.measureJournal': '{journal} is not measured: measure it first. The bore follows from it.',
  'rework.minutes': '{minutes} min',
  'rework.moreChecks': '{check}, and {count, plural, one {one more} other {# more}}',
  'rework.narrow':
    '{work}: only {width} wide, less than two steps of {step}. Measuring its checks closer widens it.',
  'rework.nextStep': 'Next: {step}.',
  'rework.orderTimes': '{count, plural, one {{order}} other {{order} at # places}}',
  'rework.overAtLeast': 'at least {by} over its limit',
  'rework.overBy': '{by} over its limit, ± {u}',
  'rework.overIt':
    'More than {amount}: {check} {by, select, family {goes under the app’s least value} shop {goes under the shop’s least value} other {goes out}}.',
  'rework.overUnknown': 'over its limit, amount unknown',
  'rework.partWhat': '{part}: {what}',
  'rework.past.after': 'Before {before}, now {now}. {verdict}.',
  'rework.past.all': 'Before {before}, predicted {predicted}, now {now}. {verdict}.',
  'rework.past.before': 'Before {before}. Measure it again.',
  'rework.past.expected': 'Predicted {predicted}. Measure it again.',
  'rework.past.predicted': 'Before {before}, predicted {predicted}. Measure it again.',
  'rework.sum': '{sum} {currency}',
  'rework.risk': 'Main risk: {work}. {risk}',
  'rework.signedBy': 'signed off by {by}',
  'rework.settles.amount': '{check}: how far it is out',
  'rework.settles.open': '{check}: that it runs free',
  'rework.settles.verdict': '{check}: in or out',
  'rework.then': 'Then measure again: {checks}.',
  'rework.tooDeep': '{surface}: more than can be cut away',
  'rework.toDial': '{check}: read it with the dial',
  'rework.toLeaf': '{check}: try {leaf} at “{place}”',
  'rework.toSizes': '{check}: read the sizes',
  'rework.toZero': '{check}: zero, and read it again',
  'rework.unclear':
    'Make sure that {count, plural, one {it runs} other {they run}} free: {checks}.',
  'rework.underAtLeast': 'at least {by} under its limit',
  'rework.underBy': '{by} under its limit, ± {u}',
  'rework.underUnknown': 'under its limit, amount unknown',
  'rework.unseen':
    'Measure first: {checks}. The work would narrow {count, plural, one {it unseen} other {them unseen}}.',
  'rework.underIt':
    'Less than {amount}: {check} {by, select, family {goes under the app’s least value} shop {goes under the shop’s least value} other {is out}}.',
  'rework.unknownOperation': 'No operation is called “{name}”.',
  'rework.unknownSize': 'No dimension is called “{name}”.',
  'rework.unmet': '{why}. No work of this shop fixes that.',
  'rework.unsized': 'Out, amount unknown: {checks}.',
  'rework.untilRead': 'About {amount}: worked out again after measuring {checks}.',
  'rework.waitsFor': 'About {amount}: worked out again with {parts} in hand and measured.',
  'rework.was': '{decided}, {proposed} was suggested',
} as const;
