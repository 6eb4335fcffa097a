export const ORDER = {
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
