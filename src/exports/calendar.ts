import { type Day } from '../core/schedule';
import { type Words } from '../words/words';
import { MINUTE_MS } from '../core/quantity';

/** Escapes a text value. Source: RFC 5545, 3.3.11. */
function escaped(text: string): string {
  return text.replaceAll('\\', '\\\\').replaceAll(';', '\\;').replaceAll(',', '\\,').replaceAll(/\r?\n/g, '\\n');
}

/** UTC form of a moment, e.g. "20261128T143000Z". */
function utc(ms: number): string {
  return new Date(Math.round(ms / 1000) * 1000).toISOString().replaceAll(/[-:]|\.\d{3}/g, '');
}

const encoder = new TextEncoder();

/** Folds a content line at 75 octets, never within a character. Source: RFC 5545, 3.1. */
function folded(line: string): string {
  const out: string[] = [];
  let current = '';
  let size = 0;
  for (const character of line) {
    const bytes = encoder.encode(character).length;
    if (size + bytes > 75) {
      out.push(current);
      current = ' ';
      size = 1;
    }
    current += character;
    size += bytes;
  }
  out.push(current);
  return out.join('\r\n');
}

/** Minutes before an event at which its alarm sounds. */
const ALARM_MIN = 5;

interface CalendarEvent {
  readonly uid: string;
  readonly fromMs: number;
  readonly toMs: number;
  readonly summary: string;
  readonly description: string;
}

function eventLines(event: CalendarEvent, stampMs: number): string[] {
  return [
    'BEGIN:VEVENT',
    `UID:${event.uid}`,
    `DTSTAMP:${utc(stampMs)}`,
    `DTSTART:${utc(event.fromMs)}`,
    `DTEND:${utc(Math.max(event.toMs, event.fromMs + MINUTE_MS))}`,
    `SUMMARY:${escaped(event.summary)}`,
    `DESCRIPTION:${escaped(event.description)}`,
    'BEGIN:VALARM',
    'ACTION:DISPLAY',
    `DESCRIPTION:${escaped(event.summary)}`,
    `TRIGGER:-PT${String(ALARM_MIN)}M`,
    'END:VALARM',
    'END:VEVENT',
  ];
}

const MARK_MIN = 5;

/**
 * The day as an iCalendar file (RFC 5545): every task and check as an event with an alarm five minutes before, in UTC,
 * so that it is right in any zone and across clock changes. `id` makes the events' ids; the same id twice updates them.
 * `stampMs` is when the file is made.
 */
export function calendarFile(day: Day, title: string, id: string, stampMs: number, words: Words): string {
  const tasks = day.tasks.map((t): CalendarEvent => ({
    uid: `${t.id}.${id}@even-ember`,
    fromMs: t.fromMs,
    toMs: t.toMs,
    summary: `${title}: ${words.say(t.label)}`,
    description: words.text(t.handsMinutes > 0 ? 'calendar.hands' : 'calendar.byItself', {
      hands: { as: 'minutes', value: t.handsMinutes },
      range: { as: 'minutes', ...t.rangeMin },
    }),
  }));
  const marks = day.marks
    .filter((m) => m.kind !== 'oven')
    .map((m, i): CalendarEvent => ({
      uid: `mark-${String(i)}.${id}@even-ember`,
      fromMs: m.atMs,
      toMs: m.atMs + MARK_MIN * MINUTE_MS,
      summary: `${title}: ${m.kind === 'add' ? words.text('calendar.in', { what: m.label }) : words.say(m.label)}`,
      description: words.say(m.why),
    }));
  return `${[
    'BEGIN:VCALENDAR',
    'VERSION:2.0',
    'PRODID:-//Even Ember//Braise//EN',
    'CALSCALE:GREGORIAN',
    'METHOD:PUBLISH',
    `X-WR-CALNAME:${escaped(title)}`,
    ...[...tasks, ...marks].sort((a, b) => a.fromMs - b.fromMs).flatMap((e) => eventLines(e, stampMs)),
    'END:VCALENDAR',
  ]
    .map(folded)
    .join('\r\n')}\r\n`;
}
