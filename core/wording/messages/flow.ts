export const FLOW = {
  'flow.movesNothing': 'With these sizes the pump moves nothing. Check them.',
  'flow.noSuchGap': 'This pump has no gap “{id}”.',
  'flow.notAGap': 'A gap cannot be below 0, nor its smallest place above its largest.',
  'flow.notOfKind': 'Not a field of {kind}',
  'flow.temperature': 'Temperature must be −30 to {most} °C: viscosity is not known beyond.',
  'flow.thickens': 'Viscosity at 100 °C must not be above that at 40 °C. Swap them.',
} as const;
