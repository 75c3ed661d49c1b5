export { dietaryReport, type DietaryReport } from './dietary';
