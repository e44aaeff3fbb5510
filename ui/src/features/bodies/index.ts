export { BodiesPanel } from './BodiesPanel';
