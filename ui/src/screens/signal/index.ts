export { SignalScreen } from './SignalScreen';
