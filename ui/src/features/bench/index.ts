export { BenchScreen } from './BenchScreen';
