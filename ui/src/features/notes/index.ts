export { NotesScreen } from './NotesScreen';
