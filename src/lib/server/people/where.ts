// Where somebody goes on to: a page of this program, and no other.
export const wayOn = (to: string | null): string => (to && /^\/(?![/\\])[\w/?=&.%:-]*$/.test(to) ? to : '/');
