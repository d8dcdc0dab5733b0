import ICAL from 'ical.js';
import { describe, expect, it } from 'vitest';
import { EMPTY_LOOK } from '../brief';
import { EMPTY_SITTER } from '../people';
import { profileOf } from '../../../tests/support/people';
import { writeAppointment, type Appointment } from './appointment';

const appointment: Appointment = {
  id: 'sitting-7',
  startsAt: '2026-12-03T14:30:00.000Z',
  sitter: { ...EMPTY_SITTER, id: 'runa', name: 'Runa Halvik', addressAs: 'Runa', profile: profileOf() },
  looks: [{ ...EMPTY_LOOK, id: 'look-1' }],
  title: 'Centenary yearbook; part 1, the boathouse',
  place: 'Boathouse, north door',
  minutes: 45,
  comes: '',
};
const now = new Date('2026-11-30T08:00:00.000Z');
const eventOf = (text: string) =>
  new ICAL.Component(ICAL.parse(text) as unknown[]).getFirstSubcomponent('vevent')!;

describe('the appointment for a calendar', () => {
  const text = writeAppointment(appointment, now);

  it('says when, how long, what and where', () => {
    const event = new ICAL.Event(eventOf(text));
    expect(event.uid).toBe('sitting-7@gilvo');
    expect(event.startDate.toJSDate().toISOString()).toBe(appointment.startsAt);
    expect(event.endDate.toJSDate().toISOString()).toBe('2026-12-03T15:15:00.000Z');
    expect(event.summary).toBe(appointment.title);
    expect(event.location).toBe(appointment.place);
    expect(event.description).toContain('What to bring');
    expect(event.description).toContain('about 45 minutes');
  });

  it('reminds three days, a day and two hours before', () => {
    const before = eventOf(text)
      .getAllSubcomponents('valarm')
      .map((alarm) => (alarm.getFirstPropertyValue('trigger') as ICAL.Duration).toSeconds() / 3600);
    expect(before).toEqual([-72, -24, -2]);
  });

  // RFC 5545, 3.1: lines end with CR LF and are no longer than 75 octets
  it('is folded as the standard says, and says no place where there is none', () => {
    const lines = text.split('\r\n');
    expect(lines.at(-1)).toBe('');
    for (const line of lines) expect(new TextEncoder().encode(line).length).toBeLessThanOrEqual(75);
    expect(text.replaceAll('\r\n', '')).not.toMatch(/[\r\n]/);
    expect(writeAppointment({ ...appointment, place: ' ' }, now)).not.toContain('LOCATION');
  });

  it('refuses what is no moment', () => {
    expect(() => writeAppointment({ ...appointment, startsAt: 'tomorrow' }, now)).toThrow(
      /startsAt tomorrow/,
    );
  });
});
