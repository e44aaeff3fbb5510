export { CalendarScreen } from './CalendarScreen';
