export { ChangeoverScreen } from './ChangeoverScreen';
