// Keeps what is the class's own of a step, a thing or a learner, a photograph or a voice, in the place of the program's; or takes it away again.

/**
 * Something whose photograph or voice is looked at: the address of it, what it is in words, whether there is one.
 * `face`: it is of a learner.
 */
export type OwnOf = { at: string; text: string; has: boolean; face?: boolean };

/**
 * @param at address of the photograph or voice
 * @param what to keep, in its kind; null to take away what is kept
 * @returns null where it is done, else what to tell: nothing was changed then
 */
export async function sendOwn(at: string, what: Blob | null, kind = what?.type ?? ''): Promise<string | null> {
  const answer = await fetch(at, what ? { method: 'PUT', body: what, headers: { 'content-type': kind } } : { method: 'DELETE' }).catch(
    () => null,
  );
  if (!answer) return 'The server does not answer. Nothing was changed: try again.';
  if (answer.ok) return null;
  const said: unknown = await answer.json().catch(() => null);
  return (said as { message?: string } | null)?.message ?? 'It could not be kept. Nothing was changed: try again.';
}
