export { PowerScreen } from './PowerScreen';
