/**
 * Returns a circle as a path, in the units of its figure.
 *
 * @param x its middle across
 * @param y its middle down
 * @param r its radius
 * @example
 * ring(10, 5, 2); // 'M8.0 5.0a2.0 2.0 0 1 0 4.0 0a2.0 2.0 0 1 0 -4.0 0Z'
 */
export function ring(x: number, y: number, r: number): string {
  const [left, middle, radius, width] = [x - r, y, r, 2 * r].map((one) => one.toFixed(1));
  const half = (way: string) => `a${radius} ${radius} 0 1 0 ${way}${width} 0`;
  return `M${left} ${middle}${half('')}${half('-')}Z`;
}
