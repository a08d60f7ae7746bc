// Single keys work where nothing is being typed.

/** Whether the event comes from a place where letters are text, or from an open dialog. */
export function isTyping(event: KeyboardEvent): boolean {
  const target = event.target as HTMLElement | null;
  if (!target || event.isComposing) return true;
  if (target.closest('[role="dialog"]')) return true;
  return target.isContentEditable || /^(?:INPUT|TEXTAREA|SELECT)$/.test(target.tagName);
}

/** For a field that opens by the person's own act: what is typed next goes there. */
export function takeFocus(field: HTMLElement): void {
  field.focus();
}
