export { AssemblyScreen } from './AssemblyScreen';
