export { SheetScreen as default } from '@/screens/sheets/SheetScreen';
