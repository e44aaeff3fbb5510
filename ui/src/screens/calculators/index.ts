export { CalculatorsScreen } from './CalculatorsScreen';
