export { TestsScreen } from './TestsScreen';
