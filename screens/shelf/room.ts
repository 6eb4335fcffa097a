/** The rooms of the shelf are loaded together: they are made of the same pieces. */
export { NewPartScreen } from './NewPartScreen';
export { PairScreen } from './PairScreen';
export { PartScreen } from './PartScreen';
export { ShelfScreen } from './ShelfScreen';
