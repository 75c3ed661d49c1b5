export { scheduleDay } from './day';
export { type Day, type DayConflict, type DayInput, type DaySpan, type DayTask } from './dayShape';
export { type DayMark } from './dayShape';
export { type Reserve, preheats } from './tasks';
export { type DayPlan, type PotPlacement, type WorkMinutes } from './segments';
export { type MinutesRange } from './workTime';
