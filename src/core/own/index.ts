export { likeId, OWN_LIMITS, OWN_NAME_MOST, OWN_TABLES, ownId, ownOf, type OwnTable, type OwnThing } from './own';
