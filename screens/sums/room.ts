/** The room of sums is loaded when it is entered; each sum of it when it is opened. */
export { JobSums } from './JobSums';
export { WorkedRows } from './WorkedRows';
export { SumScreen } from './SumScreen';
export { SumsScreen } from './SumsScreen';
