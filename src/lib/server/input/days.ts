// Days and moments that exist: 30 February is none, though it looks like one.
import { ValidateBy } from 'class-validator';

const DAY = /^(\d{4})-(\d\d)-(\d\d)$/;
const MOMENT = /^(\d{4}-\d\d-\d\d)T([01]\d|2[0-3]):[0-5]\d:[0-5]\d(?:\.\d{1,6})?Z$/;

/** Whether a text is a day of the calendar from year 1 on, written 2026-05-31. */
export function isDay(text: unknown): boolean {
  const m = typeof text === 'string' ? DAY.exec(text) : null;
  if (!m || m[1] === '0000') return false;
  const day = new Date(`${m[0]}T00:00:00Z`);
  return !Number.isNaN(day.getTime()) && day.toISOString().startsWith(m[0]);
}

/** Whether a text is a moment in universal time, as a device writes it: 2026-05-31T09:00:00.000Z. */
export function isMoment(text: unknown): boolean {
  const m = typeof text === 'string' ? MOMENT.exec(text) : null;
  return m !== null && isDay(m[1]);
}

export const IsDay = (): PropertyDecorator =>
  ValidateBy({ name: 'isDay', validator: { validate: isDay, defaultMessage: () => 'a day is written 2026-05-31, and has to exist' } });

export const IsMoment = (): PropertyDecorator =>
  ValidateBy({
    name: 'isMoment',
    validator: { validate: isMoment, defaultMessage: () => 'a moment is written 2026-05-31T09:00:00.000Z, and has to exist' },
  });
