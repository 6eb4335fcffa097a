/** Says what the pages of the shop's past say: it is loaded with them. */
export const HISTORY_PAGE = {
  'history.none': 'Nothing measured by this shop yet.',
  'history.noneDemo': 'Nothing measured on the demo’s pumps yet.',
  'history.noneOut': 'No pump of this model has gone out with this measured yet.',
  'history.noOther': 'No other pump of this model was measured yet.',
  'history.count': '{n, plural, one {One pump measured.} other {# pumps measured.}}',
  'history.wider':
    '{n, plural, one {Wider than the one before it.} other {Wider than {of} of our {n}.}}',
  'history.tighter':
    '{n, plural, one {Tighter than the one before it.} other {Tighter than {of} of our {n}.}}',
  'history.larger':
    '{n, plural, one {Larger than the one before it.} other {Larger than {of} of our {n}.}}',
  'history.smaller':
    '{n, plural, one {Smaller than the one before it.} other {Smaller than {of} of our {n}.}}',
  'history.same': '{n, plural, one {The same as the one before it.} other {The same as our {n}.}}',
  'history.when': '{when, select, came {{name}, as it came in.} other {{name}, as it went out.}}',
  'history.spread': 'Median {median}; nine in ten lie between {from} and {to}.',
  'history.few':
    '{n, plural, one {It was {from}. One says little: five at least are needed.} other {From {from} to {to}. So few say little: five at least are needed.}}',
  'history.end':
    '{end, select, smallest {Each pump counts by its closest place, one measured by leaves by the middle of what they prove.} other {Each pump counts by its widest place, one measured by leaves by the middle of what they prove.}}',
  'history.onlyOver':
    '{n, plural, one {One pump was measured: it is only known to be over {from}.} other {# pumps were measured: they are only known to be over {from} or wider.}}',
  'history.over':
    '{n, plural, one {One more is only known to be over {from}: it is in none of these figures.} other {# more are only known to be over {from} or wider: they are in none of these figures.}}',
  'history.hollow':
    '{n, plural, one {Hollow: came back within a year (one).} other {Hollow: came back within a year ({n}).}}',
  'history.own': 'this one {length}',
  'history.ownGone': 'this one now {length}',
  'history.dots':
    '{name}: a dot for each of {n, plural, one {one pump} other {# pumps}}, from {from} to {to}.',
  'history.trend': 'In the order in which they came, {from} to {to}, with the limits of the chart.',
  'history.steady': 'Steady: no pump beyond the dashed lines, and no run to one side.',
  'history.runNow':
    '{side, select, above {The last {n} all lie over the middle: since {month} they {as, select, size {come larger} other {come wider}}.} other {The last {n} all lie under the middle: since {month} they {as, select, size {come smaller} other {come tighter}}.}}',
  'history.runThen':
    '{side, select, above {From {month} to {until} {n} in a row lay over the middle.} other {From {month} to {until} {n} in a row lay under the middle.}}',
  'history.beyond':
    '{more, plural, =0 {Beyond the dashed lines, by more than pumps differ: {tags}.} one {Beyond the dashed lines, by more than pumps differ: {tags}, and one before them.} other {Beyond the dashed lines, by more than pumps differ: {tags}, and # before them.}}',
  'history.fewTrend': 'Eight pumps at least are needed to see whether they drift.',
  'history.make':
    '{back, plural, =0 {Median {median} in {n, plural, one {one pump} other {# pumps}}; none came back.} other {Median {median} in {n, plural, one {one pump} other {# pumps}}; {back} came back.}}',
  'history.makeDiffers':
    '{side, select, above {They run {by} {as, select, size {larger than} other {wider than}} the others, which is hardly chance.} other {They run {by} {as, select, size {smaller than} other {tighter than}} the others, which is hardly chance.}}',
  'history.makeSame': 'What they differ from the others by may be chance.',
  'history.makeFew': 'Too few to compare: five of each are needed.',
  'history.noMake':
    'Of no pump that went out with this measured is it known whose spare went in. The maker is asked for where a part is exchanged.',
  'history.noPart': 'This check is of several parts at once: it is not told by the maker of one.',
  'history.support':
    'No limit is published. The {n} that went out and have not come back would support {limit} as a working limit ({from} to {to}). It is the shop’s own, not a maker’s.',
  'history.supportFew':
    '{n, plural, =0 {No limit is published, and no pump has gone out with this measured and held: nothing supports one of our own.} one {No limit is published, and one pump that held is too few for one of our own: five at least.} other {No limit is published, and {n} pumps that held are too few for one of our own: five at least.}}',
  'history.wear':
    '{from, select, own {It wore {rate} in 1000 {unit} since this pump’s visit before.} visits {It wears {rate} in 1000 {unit}, by {n} pumps that came twice.} other {It wears {rate} in 1000 {unit}, by the count of {n} pumps when they came.}}',
  'history.wearBand': 'Between {from} and {to} with 95%.',
  'history.left': 'At that rate it takes about {left} {unit} more to its limit of {limit}.',
  'history.leftNone': 'It is at its limit of {limit} already, or over it.',
  'history.outcome':
    '{over, plural, =0 {None went out over the limit.} one {One went out over the limit; {overBack, plural, =0 {it did not come back} other {it came back}}.} other {# went out over the limit; {overBack, plural, =0 {none of them} other {# of them}} came back.}}',
  'history.outcomeIn':
    '{within, plural, =0 {None went out at it or under.} one {One went out at it or under; {withinBack, plural, =0 {it did not come back} other {it came back}}.} other {# went out at it or under; {withinBack, plural, =0 {none of them} other {# of them}} came back.}}',
  'history.visitOut': '{day}, went out {out}',
  'history.visitIn': '{day}',
  'history.used': '{count} {unit}',
  'history.reading': 'Reading the shop’s jobs: {done} of {of}.',
  'history.line': 'Median {median}; nine in ten {from} to {to}.',
  'history.drift': 'Drifts of late.',
  'history.noUsed': 'Of no pump that was measured did anybody say how many {unit} it had run.',
  'history.otherUnit':
    '{n, plural, one {One more counts in another unit than {unit}: it is not drawn.} other {# more count in another unit than {unit}: they are not drawn.}}',
  'history.scatter':
    '{name} over what the pumps had run, {n, plural, one {one dot} other {# dots}}.',
  'history.demo': 'Only pumps of the demo are counted here.',
  'history.runByThen': 'Run by then, {unit}',
  'history.cameBack': 'It came back on {day}.',
  'history.cameBackUsed': 'It came back on {day} at {used} {unit}.',
  'history.complaint': 'Complaint: {complaint}',
  'history.itWas': 'In the end it was: {words}',
  'history.unknown': 'Nobody has said yet what it was.',
  'history.notADay':
    'Write the date as 2026-12-01 or 1.12.2026, or +7 for a week from today. {text} is none.',
  'history.noDay': 'Say on which day it came back.',
  'history.beforeOut': 'That is before it went out, on {day}.',
  'history.later': 'That day is still to come.',
  'history.notACount': '{text} is no count. Write a number, or leave it empty.',
  'history.suggested': 'On the second visit it was: {words}',
  'history.secondVisit': 'Visit {number}: {tag}',
  'history.wasHere':
    '{n, plural, one {This pump was here before.} other {This pump was here # times before.}}',
  'history.hereOut': '{tag} went out on {day}: {work}',
  'history.hereIn': '{tag} was opened on {day}: {work}',
  'history.noWork': 'no work was noted on it.',
  'history.backAll':
    '{out, plural, =0 {No pump has gone out yet.} one {One pump went out; {back, plural, =0 {it has not come back.} other {it came back.}}} other {{back, plural, =0 {None of {out} that went out came back.} one {One of {out} that went out came back within a year.} other {{back} of {out} that went out came back within a year.}}}}',
  'history.backBand': 'That is {percent}%; by chance it may be {from} to {to}%.',
  'history.backFew': 'Fewer than twenty went out: nothing is concluded from that.',
  'history.backGroup': '{back} of {out}, {percent}%',
  'history.noCause': 'Not known yet',
  'history.bushing': '{school, select, free {Hub turns freely} other {Hub snug in its bushing}}',
  'history.hand':
    '{n, plural, one {{name}: {s} from one place read again.} other {{name}: {s} from # places read again.}}',
  'history.handMore': 'More than the study’s {s}, which is hardly chance: study it again.',
  'history.handSame': 'The study has {s}: what differs from that may be chance.',
  'history.handBeyond':
    '{n, plural, one {One pair of readings differs by more than the study leaves to chance.} other {# pairs of readings differ by more than the study leaves to chance.}}',
  'history.handFew': 'Too few to conclude: five at least.',
  'history.handNone':
    'No place was read twice with this instrument on any pump yet. Read one again now and then: it shows whether the study still holds.',
  'history.handChart':
    'Pairs of readings of {name}, {n} of them, with the limit that the study sets.',
  'history.title': '{model}: our own',
} as const;
