// Which errors of the database mean "not now, try again": it is busy, locked, restarting or out of reach. Nothing was saved then.

/** By code (PostgreSQL, Appendix A; Node's errno): what a person is told, and nothing that came from the database. */
const REASONS = new Map<string, string>([
  ['55P03', 'Somebody else is saving the same thing.'],
  ['40P01', 'Somebody else is saving the same thing.'],
  ['40001', 'Somebody else is saving the same thing.'],
  ['0A000', 'The program is being renewed.'],
  ['57014', 'This took too long.'],
  ['25P03', 'This took too long.'],
  ['53300', 'Too many people are using the program at this moment.'],
  ['57P01', 'The database is being restarted.'],
  ['57P02', 'The database is being restarted.'],
  ['57P03', 'The database is being restarted.'],
  ['53100', 'The disk of the server is full.'],
  ['55000', 'The database takes no connections at this moment.'],
  ['08000', 'The database cannot be reached.'],
  ['08003', 'The database cannot be reached.'],
  ['08006', 'The database cannot be reached.'],
  ['ECONNREFUSED', 'The database cannot be reached.'],
  ['ECONNRESET', 'The database cannot be reached.'],
  ['EPIPE', 'The database cannot be reached.'],
  ['ETIMEDOUT', 'The database cannot be reached.'],
]);

/** Errors of the driver and the pool that have no code of their own, by the beginning of their message. */
const SAID: [string, string, string][] = [
  ['Query read timeout', 'query-timeout', 'The database does not answer.'],
  ['timeout expired', 'connect-timeout', 'The database cannot be reached.'],
  ['Connection terminated', 'terminated', 'The database cannot be reached.'],
  ['Client has encountered a connection error', 'terminated', 'The database cannot be reached.'],
];

/** The code of an error, for the log; never its message, which may hold what a person wrote. */
export function codeOf(error: unknown): string {
  if (!(error instanceof Error)) return typeof error;
  if ('code' in error && typeof error.code === 'string') return error.code;
  const message = error.message;
  return SAID.find(([start]) => message.startsWith(start))?.[1] ?? error.name;
}

/** What to tell a person, where the database is not to be had at this moment; null for any other error. */
export function notNow(error: unknown): string | null {
  if (!(error instanceof Error)) return null;
  // all connections of the pool are taken
  if (error.name === 'KnexTimeoutError') return 'Too many people are using the program at this moment.';
  const code = codeOf(error);
  return REASONS.get(code) ?? SAID.find(([, name]) => name === code)?.[2] ?? null;
}

/** Whether the database would not change or delete something that was recorded (PostgreSQL, Appendix A: restrict_violation). */
export const isFrozen = (error: unknown): boolean => codeOf(error) === '23001';
/** Whether something was named that is not there (foreign_key_violation). */
export const isUnknown = (error: unknown): boolean => codeOf(error) === '23503';
