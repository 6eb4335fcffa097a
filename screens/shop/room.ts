/** The rooms of the shop are loaded together: they are made of the same pieces. */
export { BackupPanel } from './BackupPanel';
export { HeadingScreen } from './HeadingScreen';
export { ImportScreen } from './ImportScreen';
export { InstrumentsScreen } from './InstrumentsScreen';
export { NoticesScreen } from './NoticesScreen';
export { OperationsScreen } from './OperationsScreen';
export { RulesScreen } from './RulesScreen';
export { ShopScreen } from './ShopScreen';
export { StudiesScreen } from './StudiesScreen';
export { StudyScreen } from './StudyScreen';
export { WordsScreen } from './WordsScreen';
