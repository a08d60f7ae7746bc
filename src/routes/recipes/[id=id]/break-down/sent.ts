// What Break down is sent, unpacked.
import { unpack } from '$lib/packed';
import type { Long } from './+page.server';
import type { PageData } from './$types';

/** @throws Error where what is long is nothing that was packed */
export function sentOf(data: PageData) {
  const { draft, ...long } = unpack(data.long) as Long;
  return { ...data, ...long, mastered: new Set(data.mastered), draft: { ...draft, routines: new Map(draft.routines) } };
}
export type Sent = ReturnType<typeof sentOf>;
