// Ids in addresses are UUIDs; anything else is an address of nothing, and never reaches the database.

const ID = /^[0-9a-f]{8}-[0-9a-f]{4}-[0-9a-f]{4}-[0-9a-f]{4}-[0-9a-f]{12}$/i;

export function isId(text: string): boolean {
  return ID.test(text);
}
