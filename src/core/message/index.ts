export * from './figure';
export * from './message';
