export const LOOK = {
  'look.allExpected': 'All {count} as expected',
  'look.allSound': 'All {count} surfaces sound',
  'look.depth': 'Depth, if measured ({unit})',
  'look.spring': 'Look along {surface}. Any defect? ({defects})',
  'look.draw': 'Wipe {surface}. Draw a fingernail across. Any defect? ({defects})',
  'look.expected': 'Expected: “{answer}”. Record what you found; the report shows both.',
  'look.marked': '{surface}, marked on the drawing',
  'look.otherChecks': 'Other checks · {number} of {all}',
  'look.progress': '{part} · {seen} of {all} inspected',
  'look.record': 'Record “{answer}”',
  'look.restSound': '{part}: all {count} sound',
  'look.scrap':
    '{surface} is scrap, and it holds the pump. You can close the job now, or measure the rest anyway.',
  'look.strikeOut': 'Strike out {finding}',
  'look.suggested': 'Suggested: {action}.',
  'look.toList': '{surface}: all surfaces',
} as const;
