export { HouseScreen } from './HouseScreen';
