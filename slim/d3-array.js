// What the app uses of d3-array, each function from its own file: the bundler would take the whole package.
export { default as deviation } from 'd3-array/src/deviation.js';
export { default as group } from 'd3-array/src/group.js';
export { default as mean } from 'd3-array/src/mean.js';
export { default as median } from 'd3-array/src/median.js';
export { shuffler } from 'd3-array/src/shuffle.js';
export { default as sum } from 'd3-array/src/sum.js';
export { default as ticks } from 'd3-array/src/ticks.js';
