/**
 * Both are loaded together, with what a build asks of reversing: what they draw the gears with and reverse a pump by would
 * else come with the first page.
 */
export { rotationName } from './rotationName';
export { rotationReverse } from './rotationReverse';
export { reversalOf } from '../assembly/reversal';
