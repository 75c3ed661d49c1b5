export {
  type Day,
  type DayConflict,
  type DayMark,
  type DayQuestion,
  type DaySpan,
  type DayTask,
  scheduleDay,
} from './day';
export { type DayWork, type Reserve, type StageWork, warmings, type WorkMinutes } from './tasks';
export { type MinutesRange } from './workTime';
