import { LARGER_PORT, PORTS_BY_SIZE, rotationOf, type Rotation } from '../pumps/teardown/rotation';
import type { Job } from '../records/job';
import { say } from '../wording/say';

/** Returns the rotation that the larger port names, the shaft gear uppermost; null where both are the same. */
export function rotationByPorts(answer: string): Rotation | null {
  const [left, right] = PORTS_BY_SIZE;
  if (answer === left) return rotationOf('top', 'left');
  return answer === right ? rotationOf('top', 'right') : null;
}

/** Says what rotation an answer names, and that the tag says otherwise; null where it names none, or agrees. */
export function rotationClash(
  check: string,
  answer: string,
  tagged: Job['rotation'],
): string | null {
  const byPorts = check === LARGER_PORT ? rotationByPorts(answer) : null;
  if (!byPorts || tagged === 'unknown' || tagged === byPorts) return null;
  return say('inspect.rotationClash', { tagged });
}

/** Returns an answer with the rotation that it names: `the left one: it turns clockwise`; as it is where it names none. */
export function toldBy(check: string, answer: string): string {
  const byPorts = check === LARGER_PORT ? rotationByPorts(answer) : null;
  return byPorts ? say('inspect.rotationTold', { answer, byPorts }) : answer;
}
