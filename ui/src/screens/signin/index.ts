export { SignInScreen } from './SignInScreen';
