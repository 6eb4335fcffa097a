export const JOB = {
  'job.boltThread': '{count} × {name} {thread}',
  'job.bolts': '{bolts}: {torque}',
  'job.torque': '{torque} {unit}',
  'job.torqueRange': '{from}–{to} {unit}',
  'job.mostPhotos': 'A job can hold {most} photos. Delete one first.',
  'job.photo': 'Photo {number}',
  'job.sheetChangedFits':
    'The sheet was changed after this job started: {changes}. This job still uses the old sheet.',
  'job.sheetChangedKeeps':
    'The sheet was changed after this job started: {changes}. This job keeps the old sheet: some of its readings do not fit the new one.',
  'job.stageOpen': '{standing}. {open}',
  'job.stageNext': '{standing}, next',
  'job.sumAgain': 'Open this sum again: {said}',
  'job.sumOld': '{by}, before what was read or done since.',
  'job.sumWhen': '{by}.',
  'job.unreadable': '{error} Nothing was changed. Other jobs still work.',
} as const;
