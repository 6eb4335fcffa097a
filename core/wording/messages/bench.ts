export const BENCH = {
  'bench.backupOld':
    '{days, plural, one {The last backup is one day old.} other {The last backup is # days old.}}',
  'bench.entriesUnsaved':
    '{entries, plural, one {One entry is in no backup yet.} other {# entries are in no backup yet.}}',
  'bench.checkNumber': 'Check {number}',
  'bench.closed': 'Closed: {why}',
  'bench.decided': '{decided} of {all} checks decided',
  'bench.demoFailed': 'Could not open the demo. {error}',
  'bench.waiting': 'Waiting for the customer',
  'bench.againOn': 'Look at it again {day}',
  'bench.againSince': 'To be looked at again since {day}',
  'bench.dueOn': 'due {day}',
  'bench.foundIn':
    '{place, select, serial {Serial {text}} complaint {Complaint: {text}} finding {{text}} part {Part {text}} cause {Cause: {text}} order {Order: {text}} comeback {Came back: {text}} other {Note: {text}}}',
  'bench.foundCount':
    '{n, plural, =0 {No job says that.} one {One job says that.} other {# jobs say that.}}',
  'bench.stopSearch': 'Stop looking for {name}',
  'bench.turnRound': '{n, plural, one {day in to out} other {days in to out}}',
  'bench.goOn': 'Continue {tag}',
  'bench.jobTitle': 'Job {tag}',
  'bench.jobUnreadable': 'This job cannot be read. Nothing was changed. {error}',
  'bench.limitMax': 'Max, limit {number}',
  'bench.limitMin': 'Min, limit {number}',
  'bench.limitTwice': '{check} already has a limit above.',
  'bench.moreSheets': '{count} more. Type a few letters to find one.',
  'bench.next': 'Next: {check}',
  'bench.noBackup':
    '{days, plural, one {No backup was saved from this browser for a day.} other {No backup was saved from this browser in # days.}}',
  'bench.noMatch': 'No job matches “{text}”. Check the spelling.',
  'bench.noSheet': 'No sheet matches “{text}”. Check the spelling.',
  'bench.opened': 'opened {day}',
  'bench.outMore': '{count} checks are out. Worst: {check}.',
  'bench.outOne': 'Out: {check}.',
  'bench.overdueSince': 'overdue since {day}',
  'bench.source': 'Source: {source}',
  'bench.sourceInvented': 'Source: {source} · invented limits',
  'bench.stagesOf': 'Stages of {tag}',
  'bench.stillToMeasure': '{open} of {all} still to measure.',
  'bench.tagTwice':
    'Tag {tag} is already on a job: {pump}. Use another number, or a scan will find both.',
  'bench.tooClose':
    '{count, plural, one {One check is too close to call.} other {# checks are too close to call.}}',
  'bench.unreadable': 'Could not read the jobs. {error} Reload the page.',
} as const;
