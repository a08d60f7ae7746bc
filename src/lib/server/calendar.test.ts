// The calendar file against RFC 5545: what a calendar program needs, times without a zone, nobody's child in it.
import { expect, test } from 'vitest';
import { calendarOf } from './calendar';
import type { Listed } from './class-lessons';

const lesson = (more: Partial<Listed>): Listed => ({
  id: '1e550001-0000-4000-8000-000000000001',
  heldOn: '2026-11-27',
  startsAt: '09:30',
  minutes: 75,
  adults: ['Ms Ferrow'],
  waitShown: true,
  place: null,
  revision: 1,
  begun: false,
  ended: false,
  putAway: false,
  recipes: ['Couscous bowl; for six, and a half'],
  learners: ['Wren', 'Odo'],
  recorded: 0,
  ...more,
});

test('each lesson is an event with its times as the class’s clock has them', () => {
  const lines = calendarOf([lesson({})]).split('\r\n');
  // RFC 5545, 3.4, 3.6, 3.3.5 form 1 (local time) and 3.3.11 (escaped commas and semicolons)
  expect(lines[0]).toBe('BEGIN:VCALENDAR');
  expect(lines).toContain('VERSION:2.0');
  expect(lines).toContain('DTSTART:20261127T093000');
  expect(lines).toContain('DTEND:20261127T104500');
  expect(lines).toContain('SUMMARY:Couscous bowl\\; for six\\, and a half');
  expect(lines.filter((l) => l === 'BEGIN:VEVENT').length).toBe(1);
  for (const line of lines) expect(Buffer.byteLength(line)).toBeLessThanOrEqual(75);
});
test('one with no time is of the whole day; no learner is named', () => {
  const text = calendarOf([lesson({ startsAt: null })]);
  expect(text).toContain('DTSTART;VALUE=DATE:20261127');
  expect(text).not.toMatch(/Wren|Odo/);
});
