export const ORDER = {
  'order.all':
    '{waited, plural, =0 {{toOrder, plural, =0 {Nothing is ordered, and nothing has to be.} one {One line is to be ordered; nothing is waited for.} other {# lines are to be ordered; nothing is waited for.}}} one {{toOrder, plural, =0 {One line is waited for.} one {One line is waited for, one more is to be ordered.} other {One line is waited for, # more are to be ordered.}}} other {{toOrder, plural, =0 {{waited} lines are waited for.} one {{waited} lines are waited for, one more is to be ordered.} other {{waited} lines are waited for, # more are to be ordered.}}}}',
  'order.came':
    'Came {day}{isFrom, select, yes {, from {supplier}} other {}}{isNumbered, select, yes {, part number {number}} other {}}.',
  'order.line': '{count} × {name} ({why}). {order}',
  'order.lineOpen': '{count} × {name} ({why})',
  'order.ordered':
    'Ordered {day}{isFrom, select, yes {, from {supplier}} other {}}{isNumbered, select, yes {, part number {number}} other {}}.',
  'order.putIn': '{order} Put in.',
  'order.save': 'Save the order: {name}',
  'order.undo': 'Undo: {order}',
} as const;
