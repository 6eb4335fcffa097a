/** What a search over everything needs is loaded when somebody first looks for something. */
export { foundWords } from '@/core/history/foundWords';
export { askSearch } from '@/data/history/remote';
export { BenchNumbers } from './BenchNumbers';
export { SearchTools } from './SearchTools';
