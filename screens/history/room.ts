/** The pages of the shop's past are loaded together. */
export { AtBench } from './AtBench';
export { ComebacksScreen } from './ComebacksScreen';
export { JobHistory } from './JobHistory';
export { SheetHistoryScreen } from './SheetHistory';
