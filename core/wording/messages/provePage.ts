/** Says what Prove says: it is loaded with its page. */
export const PROVE_PAGE = {
  'prove.at.idle': 'Hot idle',
  'prove.at.work': 'Working speed',
  'prove.circuits': 'what its circuits want',
  'prove.flowOnly': '{flow} at {where}.',
  'prove.beside':
    '{flow} at {where}: {side, select, more {{by} more than it came with} less {{by} less than it came with} other {as much as it came with}}.',
  'prove.otherOil': 'It came with that at {then}; now the oil had {now}.',
  'prove.where': '{speed}, {pressure}',
  'prove.whereFree': '{speed} without pressure',
  'prove.sections':
    '{where}, {count, plural, one {section {sections}} other {sections {sections}}} alone',
  'prove.model':
    '{side, select, low {Low by the model: it has {lo} to {hi} for its gaps.} high {High by the model: it has {lo} to {hi} for its gaps.} other {The model said {lo} to {hi}.}}',
  'prove.modelOne':
    '{side, select, low {Low by the model: it has {lo} for its gaps.} high {High by the model: it has {lo} for its gaps.} other {The model said {lo}.}}',
  'prove.lacks':
    '{lacks, select, pressure {The pressure was not read: the model cannot say what it should give.} oil {The temperature of the oil was not read, or no oil is known at it: the model cannot say what it should give.} other {The model cannot say what it should give: sizes of the pump are missing.}}',
  'prove.unmeasured': 'Most of that hangs on gaps that nobody measured.',
  'prove.off': 'It ran at {state}, not as the step has it: what that wants does not hold.',
  'prove.sinceWork': 'Not tested since the last work on it.',
  'prove.least':
    '{verdict, select, in {Enough: at least {flow} is wanted.} out {Too little: at least {flow} is wanted.} other {Too close to call: at least {flow} is wanted.}} {source}',
  'prove.source': 'Source: {source}.',
  'prove.loss': 'From no pressure to {pressure} it loses {flow}, {percent}%.',
  'prove.lossNone':
    'Under pressure it gave no less than without. Check the flow meter, and whether the pressure was there.',
  'prove.most':
    '{verdict, select, in {That is in: it may lose {flow}.} out {That is too much: it may lose {flow}.} other {Too close to call: it may lose {flow}.}} {source}',
  'prove.highWhy':
    'It gives more than these sizes can: check the flow meter, the speed and the displacement on the sheet.',
  'prove.lowWhy':
    'Before it is opened again: is the relief valve shut, the inlet tight and full, the speed true, the oil as hot as the gauge says?',
  'prove.suspect':
    '{gap} alone would explain it with {would}; {from, select, measured {it was measured as {taken}} predicted {after the work it should have {taken}} other {nobody measured it, {taken} was taken}}.',
  'prove.suspectFirst':
    '{from, select, measured {Measure it again first.} predicted {Measure it first: nobody has since the work.} other {Measure it first.}}',
  'prove.leak':
    '{isMeasured, select, yes {Its gaps explain that: by the model {percent}% of what is lost goes through {gap}.} other {Gaps that nobody measured may explain that: by the model {percent}% of what is lost goes through {gap}. Measure it first.}}',
  'prove.suspectNone':
    'No gap of this pump explains it alone. Check the relief valve, the inlet and the meter.',
  'prove.notYet': 'Not tested yet.',
  'prove.not': 'Not tested.',
  'prove.notWhy': 'Not tested: {why}.',
  'prove.checksGood':
    '{count, plural, one {One check without a bench was made: it is good.} other {# checks without a bench were made: all are good.}}',
  'prove.checkWas':
    '{check}: {answer, select, good {found good} bad {not good} later {still to do} other {not tested}}',
  'prove.checkRead': '{said}, {value}',
  'prove.checkDue': '{said}, due {day}',
  'prove.checkRemark': '{said}, {remark}',
  'prove.simulated': 'Simulated stand: for trying out only.',
  'prove.cut':
    '{left, plural, =0 {Cut from {from} to {to} of the run: {count} samples.} one {Cut from {from} to {to} of the run: {count} samples, one more left out as rubbish.} other {Cut from {from} to {to} of the run: {count} samples, # more left out as rubbish.}}',
  'prove.steady': 'Steady: {flow} ± {half}.',
  'prove.steadyAt': 'Steady: {flow}.',
  'prove.tooShort': 'Too short to say how well it is known: take 25 samples at least.',
  'prove.stepName': '{name}: {state}',
  'prove.stepOil': '{state}, {oil}',
  'prove.stepMinutes': '{state}, {minutes} min',
  'prove.stepDrive': '{state} (engine at {rpm} rpm)',
  'prove.next': 'Start: {step}',
  'prove.again': 'Run again: {step}',
  'prove.running': '{step}. {time} so far.',
  'prove.runningNow': '{flow}, {pressure}, {rpm} rpm, {oil}',
  'prove.lost': 'The stand stopped sending after {time}. What came is kept.',
  'prove.long': 'No run is longer than {time}: it ended by itself. It is kept.',
  'prove.noStand': 'The simulated stand needs the app’s server. Start it and try again.',
  'prove.full':
    'There is no more room on this device: the run ended after {time}. What came is kept.',
  'prove.damaged': 'A piece of this run could not be read. The rest is here.',
  'prove.noSteady':
    'Speed and pressure held nowhere for five seconds. Drag the ends to what counts, or run it again.',
  'prove.proposed':
    'Proposed: the longest part in which speed and pressure hold. Drag its ends where you see it otherwise.',
  'prove.chart': 'Flow over the run, {unit}. {said}',
  'prove.removeStep': 'Remove the step: {step}',
  'prove.madeOf': '{made} of {all} made',
  'prove.right': 'Right: {right}',
  'prove.readVacuum': 'Vacuum read, {unit}, where there is one',
  'prove.readPressure': 'Pressure read, {unit}, where there is one',
  'prove.oilUsual':
    '{from, select, sheet {As the sheet says: {oil}} job {As it runs: {oil}} other {As it runs, assumed: {oil}}}',
  'prove.noVacuum': 'That is more than a full vacuum: about 1 bar, 14.7 psi.',
  'prove.csvFirst': ': {cells}, …',
  'prove.csvHolds': '{column} holds',
  'prove.csvUnit': 'Unit of {column}',
  'prove.row': '{step}: before {before}, now {now}, limit {limit}: {verdict}',
  'prove.headStep': 'Step, {unit}',
  'prove.atLeast': '≥ {flow}',
  'prove.atMost': 'loses ≤ {flow}',
  'prove.csvNone': 'No column of flow and of time was found. Choose the columns.',
  'prove.csvFound': '{count} samples over {time}.',
  'prove.csvUnreadable':
    '{file} is no table of samples: its first line should name the columns, as time, flow, pressure, speed, oil.',
  'prove.csvThinned': 'More than ten samples a second: the middle of each tenth is kept.',
  'prove.csvSkipped':
    '{count, plural, one {One line has no time and no flow that can be read: it is left out.} other {# lines have no time and no flow that can be read: they are left out.}}',
  'prove.dueOn': 'Follow up on {day}: {check}.',
  'prove.seconds': '{count} s',
  'prove.minutes': '{seconds, plural, =0 {{minutes} min} other {{minutes} min # s}}',
  'prove.planFrom':
    '{from, select, job {This plan is the job’s own.} sheet {The steps and limits are the sheet’s.} before {It is tested as it was before the teardown.} other {No sheet says how to test it: these steps are made up.}}',
} as const;
