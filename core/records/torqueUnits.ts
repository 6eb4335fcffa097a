/** Lists the units in which a torque is published, and set on a wrench. */
export const TORQUE_UNITS = ['Nm', 'lbft', 'lbin'] as const;
