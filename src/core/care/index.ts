export { tableCare, type TableCare } from './table';
