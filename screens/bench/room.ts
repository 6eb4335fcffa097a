/** What the bench loads when it is asked for: the forms that a job begins with, and what an empty bench says. */
export { MeasureNowScreen } from './MeasureNowScreen';
export { NewJobScreen } from './NewJobScreen';
export { Welcome } from './Welcome';
