/** Says what Decide says: it is loaded with it. */
export const REWORK_PAGE = {
  'rework.toolCheck':
    '{tool, select, none {} other {Tool: {tool}. }}{check, select, none {} other {Check: {check}}}',
  'rework.stepOf': 'Step {number} of {all}.',
  'rework.stepsDone': '{count, plural, one {One step is done.} other {# steps are done.}}',
  'rework.tickedLast': 'Done: {step}. It was the last step.',
  'rework.tickedThen': 'Done: {step}. Next: {next}.',
  'rework.undone': 'Undone: {step}.',
  'rework.planNumber': 'Plan {number}',
  'rework.plans': '{count, plural, one {One plan} other {# plans}}, and a new pump',
  'rework.usePlan': 'Use this plan: {plan}',
  'rework.checksStay': '{count, plural, one {One check stays in.} other {# checks stay in.}}',
  'rework.gapStands': '{range} {unit}: {words}',
  'rework.partsDone':
    '{count, plural, one {Work was done on one part.} other {Work was done on # parts.}}',
  'rework.partsStay':
    '{count, plural, one {One part stays as it is.} other {# parts stay as they are.}}',
  'rework.partsUnknown':
    '{count, plural, one {One part is not decided yet.} other {# parts are not decided yet.}}',
  'rework.sumOf': '{of}: {sum}.',
  'rework.chooseAll': 'Choose all {count}',
  'rework.unlimited':
    '{count, plural, one {One measured check has no published limit} other {# measured checks have no published limit}}',
  'rework.unlimitedAccepted':
    '{accepted, plural, =0 {accept as it is, with a reason} other {{accepted} of {all} accepted as they are}}',
  'rework.withdrawOf': 'Withdraw the acceptance of {check}',
  'rework.amount': 'Removed, {unit}',
  'rework.amountOf': 'Amount: {work}',
  'rework.amountRange': '{from} to {to} is in; {amount} was planned.',
  'rework.boundOf': '{work}: the shop’s bound, {unit}',
  'rework.costsNow': 'All counted: {sum}.',
  'rework.newReckoned':
    'New parts: {spread} either side of nominal, the app’s figure. The sheet can say what they measure.',
  'rework.otherOperations': 'Other operations ({count})',
  'rework.otherPlans': 'Other plans ({count})',
  'rework.undoStep': 'Undo: {step}',
  'rework.washers': 'Thicknesses, {unit}',
  'rework.widerBy': '{over} over standard',
  'rework.widthOnShelf': '{label}, on the shelf',
  'rework.wider': 'It moves {more}% more in a turn.',
} as const;
