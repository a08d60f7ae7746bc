// The query of an address with one thing in it changed.

/** @param value empty takes it out */
export function withQuery(url: URL, name: string, value: string): string {
  const query = new URLSearchParams(url.searchParams);
  if (value) query.set(name, value);
  else query.delete(name);
  return `?${query}`;
}
