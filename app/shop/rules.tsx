export { RulesScreen as default } from '@/screens/shop/RulesScreen';
