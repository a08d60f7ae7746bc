// What the linter refuses everywhere: an object that words from outside may be the keys of. Such an object also answers to "constructor" and
// "__proto__", and one that is written to by them changes all objects of the process. A Map, or core's `table`, does neither.

/** Selectors of the syntax tree, each with what it finds. */
export const OPEN_OBJECTS = [
  ['TSTypeReference[typeName.name="Record"] > TSTypeParameterInstantiation > TSStringKeyword:first-child', 'Record<string, …>'],
  ['TSIndexSignature', 'an index signature'],
  ['CallExpression[callee.object.name="Object"][callee.property.name=/^(fromEntries|groupBy)$/]', 'Object.fromEntries'],
  ['BinaryExpression[operator="in"][left.type!="Literal"]', '“in” with a name that is worked out'],
].map(([selector, what]) => ({ selector, message: `${what}: words from outside may be its keys. Use a Map.` }));
