/** Both are loaded together: what they draw the gears with would else come with the first page. */
export { rotationName } from './rotationName';
export { rotationReverse } from './rotationReverse';
