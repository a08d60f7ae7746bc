// A step's key as addresses hold it: of its photograph, its voice.
import { error } from '@sveltejs/kit';

export function stepOf(url: URL): string {
  const key = url.searchParams.get('step') ?? '';
  if (!/^[\w.-]{1,120}$/.test(key)) error(404, 'There is no such step.');
  return key;
}
