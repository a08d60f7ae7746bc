// Checks what comes in against a class of rules, and says by field what is wrong.
import 'reflect-metadata';
import { validateSync, type ValidationError } from 'class-validator';
import { shaped, type Class, type Problems } from './shape';

export type Checked<T> = { ok: true; value: T } | { ok: false; problems: Problems };

/** Problems told of one document at most: the first ones are enough to put it right. */
const MOST_PROBLEMS = 50;

function collect(errors: ValidationError[], parent: string, into: Problems): Problems {
  for (const error of errors) {
    if (into.size >= MOST_PROBLEMS) break;
    const path = parent ? `${parent}.${error.property}` : error.property;
    const first = Object.values(error.constraints ?? {})[0];
    if (first) into.set(path, first);
    collect(error.children ?? [], path, into);
  }
  return into;
}

/**
 * A value as the class wants it, or what is wrong with it. Only fields that the class knows pass; anything else is refused by name.
 * Total: any value gives an answer.
 */
export function check<T extends object>(cls: Class<T>, input: unknown): Checked<T> {
  const problems: Problems = new Map();
  const value = shaped(cls, input, '', problems);
  if (!value || problems.size > 0) return { ok: false, problems };
  const errors = validateSync(value, { forbidUnknownValues: true, stopAtFirstError: true });
  return errors.length === 0 ? { ok: true, value } : { ok: false, problems: collect(errors, '', problems) };
}

/** The first problem, for where there is room for one. */
export function firstProblem(problems: Problems, otherwise: string): string {
  return problems.values().next().value ?? otherwise;
}
