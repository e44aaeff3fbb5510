export { JobsScreen } from './JobsScreen';
