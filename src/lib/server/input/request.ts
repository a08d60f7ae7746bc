// What a request carries: a form or JSON, read so that nothing sent can be a failure of ours.
import { error, json } from '@sveltejs/kit';
import { check, type Checked } from './check';
import { cleanText, type Class, type Problems } from './shape';

/** The text fields of a form; files are passed over. An unknown field reads as an empty text. */
export async function readForm(request: Request): Promise<(name: string) => string> {
  return (await readFields(request)).field;
}

/** The same, with fields of which there are several, such as boxes that are ticked. */
export async function readFields(request: Request): Promise<{ field: (name: string) => string; fields: (name: string) => string[] }> {
  const form = await request.formData().catch(() => error(400, 'The form did not arrive whole; nothing was changed.'));
  const fields = (name: string) => form.getAll(name).flatMap((value) => (typeof value === 'string' ? [cleanText(value)] : []));
  return { field: (name) => fields(name)[0] ?? '', fields };
}

/** The longest JSON that is read, in bytes: 600 steps take some 700,000. */
const MOST_BYTES = 2_000_000;

/** A refusal with what is wrong, by field. Names of fields go out only; nothing looks them up here. */
// eslint-disable-next-line no-restricted-syntax -- as JSON
const refused = (problems: Problems) => json({ problems: Object.fromEntries(problems) }, { status: 422 });

/**
 * The body of a request as a class wants it; else the answer that refuses it. Only JSON is taken, whatever is in it: a form of another site
 * can send no JSON without asking first.
 */
export async function readJson<T extends object>(
  request: Request,
  cls: Class<T>,
  most = MOST_BYTES,
): Promise<{ value: T } | { refusal: Response }> {
  const type = request.headers.get('content-type')?.split(';')[0]?.trim().toLowerCase();
  if (type !== 'application/json') return { refusal: json({ message: 'JSON is expected here.' }, { status: 415 }) };
  const text = await request.text().catch(() => null);
  if (text === null) return { refusal: json({ message: 'This did not arrive whole.' }, { status: 400 }) };
  if (text.length > most) return { refusal: json({ message: 'This is too much at once.' }, { status: 413 }) };
  const checked: Checked<T> = check(cls, parsed(text));
  return checked.ok ? { value: checked.value } : { refusal: refused(checked.problems) };
}

/** JSON as a value; null where it is none. */
export function parsed(text: string): unknown {
  try {
    return JSON.parse(text);
  } catch {
    return null;
  }
}
