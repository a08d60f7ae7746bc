// Work for a page that comes part by part: one after the other, so that one page does not take all threads, each part sent as it is done.

/** What is sent later: where the page goes elsewhere meanwhile, nobody hears that it failed, and nothing falls over. */
export function later<T>(part: Promise<T>): Promise<T> {
  part.catch(() => undefined);
  return part;
}

/** @returns a promise for each part; one that fails takes none of the others with it */
export function inTurn<T, R>(parts: readonly T[], work: (part: T) => Promise<R>): Promise<R>[] {
  let turn: Promise<unknown> = Promise.resolve();
  return parts.map((part) => {
    const one = turn.then(() => work(part));
    turn = one.catch(() => undefined);
    return one;
  });
}
