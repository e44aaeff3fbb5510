export { JoinScreen } from './JoinScreen';
export { MeScreen } from './MeScreen';
export { PeopleScreen } from './PeopleScreen';
