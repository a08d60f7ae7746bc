// The class's day, by the clock of the machine that the server runs on.

const dayOf = (date: Date): string =>
  `${date.getFullYear()}-${String(date.getMonth() + 1).padStart(2, '0')}-${String(date.getDate()).padStart(2, '0')}`;

export const today = (): string => dayOf(new Date());
export const isToday = (day: string): boolean => day === today();

/** The day some days after another, both written 2026-05-31. */
export function dayAfter(day: string, days: number): string {
  const [y, m, d] = day.split('-').map(Number);
  return dayOf(new Date(y, m - 1, d + days));
}

/** The Monday of the week of a day. */
export function mondayOf(day: string): string {
  const [y, m, d] = day.split('-').map(Number);
  return dayAfter(day, -((new Date(y, m - 1, d).getDay() + 6) % 7));
}
