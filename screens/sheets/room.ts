/** The rooms of the sheets are loaded together: they are made of the same pieces. */
export { NewSheetScreen } from './NewSheetScreen';
export { SheetScreen } from './SheetScreen';
export { SheetsScreen } from './SheetsScreen';
