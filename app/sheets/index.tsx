export { SheetsScreen as default } from '@/screens/sheets/SheetsScreen';
