/** Halvings of a search: more than a double has bits. */
const HALVINGS = 200;

/**
 * Returns where what holds on one side and not on the other changes, to the last bit, on the side where it holds.
 *
 * @param holds tells whether it holds at x; changes once
 * @param from where it holds
 * @param to where it does not
 * @example
 * lastThatHolds((x) => x * x <= 2, 0, 2); // 1.414214
 * @see bisection, of numerical textbooks
 */
export function lastThatHolds(holds: (x: number) => boolean, from: number, to: number): number {
  let [inside, outside] = [from, to];
  for (let i = 0; i < HALVINGS; i++) {
    const middle = (inside + outside) / 2;
    if (middle === inside || middle === outside) break;
    if (holds(middle)) inside = middle;
    else outside = middle;
  }
  return inside;
}
