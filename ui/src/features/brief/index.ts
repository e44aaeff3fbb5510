export { BriefScreen } from './BriefScreen';
