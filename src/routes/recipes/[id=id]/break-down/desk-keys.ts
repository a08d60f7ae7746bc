// The keys of Break down.
import { isTyping } from '$lib/ui/keys';
import type { Desk } from './desk.svelte';

/** What stands on the sheet of keys. */
export const KEYS: [string, string][] = [
  ['↑ ↓', 'from step to step'],
  ['Enter', 'change the words; Enter again to keep them, Esc to leave them'],
  ['Alt + ↑ ↓', 'move the step'],
  ['A', 'add a step behind'],
  ['S', 'split into smaller steps'],
  ['J', 'join with the next step'],
  ['D', 'put a copy behind it'],
  ['Delete', 'delete the step'],
  ['/', 'find words; Enter goes to the next step that has them'],
  ['Ctrl + Z', 'undo, without end, also after the page was loaded again; Ctrl + Shift + Z redo'],
  ['?', 'this sheet'],
];

/** What a key does; undefined where it is none of ours. */
function actOf(desk: Desk, event: KeyboardEvent): (() => void) | undefined {
  const { editor } = desk;
  const key = event.key.length === 1 ? event.key.toLowerCase() : event.key;
  if (event.ctrlKey || event.metaKey) {
    if (key === 'y' || (key === 'z' && event.shiftKey)) return () => editor.redo();
    return key === 'z' ? () => desk.undo() : undefined;
  }
  if (key === '/') return () => desk.find();
  const step = editor.current;
  const target = event.target as HTMLElement;
  if (!step || !(target.id?.startsWith('step-') || target === document.body)) return undefined;
  if (event.altKey) {
    if (key !== 'ArrowUp' && key !== 'ArrowDown') return undefined;
    return () => {
      editor.move(step.key, key === 'ArrowUp' ? -1 : 1);
      void desk.focusRow(step.key);
    };
  }
  return new Map<string, () => void>([
    ['ArrowUp', () => desk.go(-1)],
    ['ArrowDown', () => desk.go(1)],
    ['Enter', () => desk.edit(step)],
    ['a', () => desk.startAdding(step.key)],
    ['s', () => desk.split(step.key)],
    ['d', () => desk.duplicate(step.key)],
    ['j', () => editor.join(step.key)],
    ['Delete', () => desk.remove(step.key)],
    ['Backspace', () => desk.remove(step.key)],
  ]).get(key);
}

/** Takes a key up, unless somebody is typing. */
export function onKey(desk: Desk, event: KeyboardEvent): void {
  const act = isTyping(event) ? undefined : actOf(desk, event);
  if (!act) return;
  event.preventDefault();
  act();
}
