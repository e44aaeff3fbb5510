export { CatalogueScreen } from './CatalogueScreen';
export { CompareScreen } from './CompareScreen';
export { EditScreen } from './EditScreen';
export { ImportScreen } from './ImportScreen';
export { PartScreen } from './PartScreen';
export { MakeScreen } from './MakeScreen';
