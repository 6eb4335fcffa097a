/** The room of sums is loaded when it is entered; each sum of it when it is opened. */
export { SumScreen } from './SumScreen';
export { SumsScreen } from './SumsScreen';
