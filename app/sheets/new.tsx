export { NewSheetScreen as default } from '@/screens/sheets/NewSheetScreen';
