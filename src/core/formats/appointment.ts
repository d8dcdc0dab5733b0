import ICAL from 'ical.js';
import { preparationSheet, type SheetSource } from '../brief';

// the library counts the space that a folded line begins with as nothing; the standard counts it
ICAL.foldLength = 74;

/** An appointment as a calendar knows it. */
export interface Appointment extends SheetSource {
  /** The same for the same sitting, so that a newer file takes the place of an older one. */
  id: string;
  /** When it begins, as in ISO 8601. */
  startsAt: string;
}

/** When a calendar reminds, and of what (from the trade: stretched for a few days, clothes ready, fed). */
const REMINDERS = [
  { before: '-P3D', words: 'Pictures in three days: stretch a little every day, drink water, sleep well.' },
  { before: '-P1D', words: 'Pictures tomorrow: lay out what you will wear, and empty its pockets.' },
  { before: '-PT2H', words: 'Pictures in two hours: eat something, and bring what is on the list.' },
] as const;

function reminder({ before, words }: (typeof REMINDERS)[number]): ICAL.Component {
  const alarm = new ICAL.Component('valarm');
  alarm.updatePropertyWithValue('action', 'DISPLAY');
  alarm.updatePropertyWithValue('description', words);
  alarm.updatePropertyWithValue('trigger', ICAL.Duration.fromString(before));
  return alarm;
}

/** What the client reads before the day, as plain lines. */
function described(source: SheetSource): string {
  return preparationSheet(source)
    .map(({ title, lines }) => [title, ...lines.map((line) => `- ${line}`)].join('\n'))
    .join('\n\n');
}

/**
 * The appointment with its preparation and reminders, as an iCalendar file (RFC 5545).
 * @param writtenAt now
 * @throws RangeError where the beginning is no moment.
 */
export function writeAppointment(appointment: Appointment, writtenAt: Date): string {
  const { id, startsAt, minutes, title, place } = appointment;
  const begins = new Date(startsAt);
  if (Number.isNaN(begins.getTime()))
    throw new RangeError(`startsAt ${startsAt} must be a moment as in ISO 8601`);
  const event = new ICAL.Component('vevent');
  event.updatePropertyWithValue('uid', `${id}@gilvo`);
  event.updatePropertyWithValue('dtstamp', ICAL.Time.fromJSDate(writtenAt, true));
  event.updatePropertyWithValue('dtstart', ICAL.Time.fromJSDate(begins, true));
  event.updatePropertyWithValue('duration', ICAL.Duration.fromSeconds(Math.round(minutes) * 60));
  event.updatePropertyWithValue('summary', title);
  if (place.trim() !== '') event.updatePropertyWithValue('location', place);
  event.updatePropertyWithValue('description', described(appointment));
  for (const row of REMINDERS) event.addSubcomponent(reminder(row));
  const calendar = new ICAL.Component('vcalendar');
  calendar.updatePropertyWithValue('version', '2.0');
  calendar.updatePropertyWithValue('prodid', '-//Gilvo//Appointment//EN');
  calendar.addSubcomponent(event);
  return `${calendar.toString()}\r\n`;
}
