export { DispatchScreen } from './DispatchScreen';
