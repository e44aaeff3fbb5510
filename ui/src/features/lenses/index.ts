export { LensesScreen } from './LensesScreen';
