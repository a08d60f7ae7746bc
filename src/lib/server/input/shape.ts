// The shape of what comes in: plain values become instances of a class of rules, or a list of what is wrong with them.
import 'reflect-metadata';
import {
  ArrayMaxSize,
  ArrayMinSize,
  getMetadataStorage,
  IsArray,
  IsInstance,
  Matches,
  ValidateBy,
  ValidateIf,
  ValidateNested,
} from 'class-validator';

export type Class<T extends object = object> = new () => T;

/** What is wrong, by the path of the field ("steps.3.text"). A Map, since field names come from outside. */
export type Problems = Map<string, string>;

type Field = { of: () => Class; list: boolean };

/** Fields that hold other objects of rules, by the prototype that declares them. */
const FIELDS = new WeakMap<object, Map<string, Field>>();

function remember(prototype: object, name: string, field: Field): void {
  if (!FIELDS.has(prototype)) FIELDS.set(prototype, new Map());
  FIELDS.get(prototype)!.set(name, field);
}

/** The field holds an object with rules of its own. */
export function Holds(of: () => Class): PropertyDecorator {
  return (prototype, name) => {
    remember(prototype, String(name), { of, list: false });
    IsInstance(Object, { message: 'this is missing' })(prototype, name);
    ValidateNested()(prototype, name);
  };
}

/** The field holds a list of objects with rules of their own. */
export function ListOf(of: () => Class, most: number, tooMany = `at most ${most} are taken here`): PropertyDecorator {
  return (prototype, name) => {
    remember(prototype, String(name), { of, list: true });
    IsArray({ message: 'a list is expected here' })(prototype, name);
    ArrayMaxSize(most, { message: tooMany })(prototype, name);
    ValidateNested({ each: true })(prototype, name);
  };
}

/** A list of texts of at most `longest` characters each. */
export function Texts(most: number, longest: number): PropertyDecorator {
  return (prototype, name) => {
    ArrayMinSize(0)(prototype, name);
    ArrayMaxSize(most, { message: `at most ${most} are taken here` })(prototype, name);
    ValidateBy(
      {
        name: 'texts',
        validator: {
          validate: (one: unknown) => typeof one === 'string' && one.length <= longest,
          defaultMessage: () => `each is a text of at most ${longest} characters`,
        },
      },
      { each: true },
    )(prototype, name);
  };
}

/** The field may be null, but has to be there. */
export function Nullable(): PropertyDecorator {
  return ValidateIf((_, value) => value !== null);
}

/** The field may be absent, or null. */
export function Optional(): PropertyDecorator {
  return ValidateIf((_, value) => value !== null && value !== undefined);
}

/** What the program's own ids of things look like: "table-knife", "half-cup". */
export const Slug = (): PropertyDecorator =>
  Matches(/^[a-z0-9][a-z0-9-]{0,39}$/, { message: 'this is no name of a thing that the program knows' });

/** A text as it may be kept: the database takes neither NUL nor half of a surrogate pair. */
export function cleanText(text: string): string {
  return text.replaceAll('\0', '').toWellFormed();
}

const clean = (value: unknown): unknown =>
  typeof value === 'string'
    ? cleanText(value)
    : Array.isArray(value)
      ? value.map((one: unknown) => (typeof one === 'string' ? cleanText(one) : one))
      : value;

/** Whether a value is an object as JSON has them, and no list. */
export const isPlain = (value: unknown): value is object => typeof value === 'object' && value !== null && !Array.isArray(value);

const KNOWN = new WeakMap<Class, Map<string, Field | null>>();

/** The fields that a class has rules for. */
function fieldsOf(cls: Class): Map<string, Field | null> {
  let known = KNOWN.get(cls);
  if (!known) {
    known = new Map();
    for (const { propertyName } of getMetadataStorage().getTargetValidationMetadatas(cls, '', true, false)) known.set(propertyName, null);
    for (let p: object | null = cls.prototype as object; p && p !== Object.prototype; p = Object.getPrototypeOf(p) as object | null)
      for (const [name, field] of FIELDS.get(p) ?? []) known.set(name, field);
    KNOWN.set(cls, known);
  }
  return known;
}

const at = (path: string, name: string | number) => (path ? `${path}.${name}` : String(name));

/**
 * An instance of a class from a plain value. Fields that the class has no rules for, lists where objects belong and objects where lists belong
 * become problems; texts are cleaned. Says nothing of the values: class-validator does.
 * @returns null where the value is no object at all
 */
export function shaped<T extends object>(cls: Class<T>, value: unknown, path: string, problems: Problems): T | null {
  if (!isPlain(value)) {
    problems.set(path, 'an object is expected here');
    return null;
  }
  const fields = fieldsOf(cls);
  const made = new cls();
  for (const name of Object.keys(value)) {
    const here = at(path, name);
    if (!fields.has(name)) {
      problems.set(here.slice(0, 200), 'nobody knows this field');
      continue;
    }
    const given = (value as { [name]: unknown })[name];
    Object.defineProperty(made, name, {
      value: inField(fields.get(name) ?? null, given, here, problems),
      enumerable: true,
      writable: true,
      configurable: true,
    });
  }
  return made;
}

function inField(field: Field | null, given: unknown, path: string, problems: Problems): unknown {
  if (!field || given === null || given === undefined) return clean(given);
  if (!field.list) return shaped(field.of(), given, path, problems);
  if (Array.isArray(given)) return given.map((one, i) => shaped(field.of(), one, at(path, i), problems));
  problems.set(path, 'a list is expected here');
  return given;
}
