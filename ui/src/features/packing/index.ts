export { PackingScreen } from './PackingScreen';
