export { StockScreen } from './StockScreen';
