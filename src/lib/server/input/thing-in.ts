// A tool or a place as addresses hold it, for its photograph.
import { toolById } from '$core';
import { error } from '@sveltejs/kit';
import { thingOf } from '../photos';

/** @throws 404 where it names no tool that is known, and no place as a kitchen can have one */
export function thingIn(url: URL): string {
  const [, kind, name = ''] = /^(tool|place):([^\p{Cc}]{1,80})$/u.exec(url.searchParams.get('thing') ?? '') ?? [];
  const there = kind === 'tool' ? toolById(name) !== undefined : kind === 'place' && name.trim() !== '' && name.length <= 60;
  if (!there) error(404, 'There is no such tool or place.');
  return thingOf(kind as 'tool' | 'place', name);
}
