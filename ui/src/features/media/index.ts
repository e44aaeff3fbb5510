export { MediaScreen } from './MediaScreen';
