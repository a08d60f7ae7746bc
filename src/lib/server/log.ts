// The log: what happened to requests, never who they were about. No names, no addresses of learners, no bodies.
import pino from 'pino';

export const log = pino({
  base: null,
  timestamp: pino.stdTimeFunctions.isoTime,
  redact: ['body', 'name', 'text', 'learner', '*.body', '*.name', '*.text', '*.learner'],
});
