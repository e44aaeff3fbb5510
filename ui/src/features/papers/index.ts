export { PapersScreen } from './PapersScreen';
