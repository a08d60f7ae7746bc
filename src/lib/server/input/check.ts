// Checks what comes in against a class of rules, and says by field what is wrong.
import 'reflect-metadata';
import { plainToInstance, type ClassConstructor } from 'class-transformer';
import { validate, type ValidationError } from 'class-validator';

/** What is wrong, by the path of the field: "steps.3.text" -> "is empty". */
export type Problems = Record<string, string>;

export type Checked<T> = { ok: true; value: T } | { ok: false; problems: Problems };

function collect(errors: ValidationError[], parent: string, into: Problems): Problems {
  for (const error of errors) {
    const path = parent ? `${parent}.${error.property}` : error.property;
    const first = Object.values(error.constraints ?? {})[0];
    if (first) into[path] = first;
    collect(error.children ?? [], path, into);
  }
  return into;
}

/** Only fields that the class knows pass; anything else is refused by name. */
export async function check<T extends object>(cls: ClassConstructor<T>, input: unknown): Promise<Checked<T>> {
  if (typeof input !== 'object' || input === null || Array.isArray(input))
    return { ok: false, problems: { '': 'an object is expected here' } };
  const value = plainToInstance(cls, input);
  const errors = await validate(value, { whitelist: true, forbidNonWhitelisted: true, forbidUnknownValues: true, stopAtFirstError: true });
  return errors.length === 0 ? { ok: true, value } : { ok: false, problems: collect(errors, '', {}) };
}

/** The body of a request as JSON; null when it is none, or longer than `most` bytes. */
export async function readJson(request: Request, most = 2_000_000): Promise<unknown> {
  const text = await request.text();
  if (text.length > most) return null;
  try {
    return JSON.parse(text) as unknown;
  } catch {
    return null;
  }
}
