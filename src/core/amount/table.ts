// A table that is looked up by words of a text. An object would answer for "constructor" and "__proto__" too, which are words that may stand in a recipe.

/** @example table({ one: 1 }).get('constructor') // undefined */
// eslint-disable-next-line no-restricted-syntax -- rows are written as an object, and read as a map only
export function table<V>(rows: { readonly [word: string]: V }): ReadonlyMap<string, V> {
  return new Map(Object.entries(rows));
}
