/**
 * Returns an angle in radians.
 *
 * @param angle_deg in degrees
 * @example
 * radians(180).toFixed(4); // '3.1416'
 */
export const radians = (angle_deg: number): number => (angle_deg * Math.PI) / 180;

/**
 * Returns an angle in degrees.
 *
 * @param angle in radians
 * @example
 * degrees(Math.PI); // 180
 */
export const degrees = (angle: number): number => (angle * 180) / Math.PI;
