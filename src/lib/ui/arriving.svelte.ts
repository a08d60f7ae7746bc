// Parts of a page that are still on their way when it opens: how many are here, and each as it comes.
import { untrack } from 'svelte';

type Parts<T> = readonly Promise<T | null>[];

/** What has come of a list of promises. A part that failed is null. Made while a component is. */
export class Arriving<T> {
  /** As long as the list; undefined where a part is still on its way. */
  parts = $state.raw<(T | null | undefined)[]>([]);
  readonly here = $derived(this.parts.filter((part) => part !== undefined).length);
  readonly all = $derived(this.here === this.parts.length);
  #list: Parts<T> = [];

  /** @param given the list, as the page has it now */
  constructor(given: () => Parts<T>) {
    this.parts = untrack(given).map(() => undefined);
    $effect.pre(() => {
      const now = given();
      untrack(() => this.#follow(now));
    });
  }

  #follow(list: Parts<T>): void {
    this.#list = list;
    this.parts = list.map(() => undefined);
    list.forEach((part, i) => {
      const put = (come: T | null) => {
        // where another list came meanwhile, nobody waits for this one
        if (this.#list === list) this.parts = this.parts.with(i, come);
      };
      part.then(put, () => put(null));
    });
  }
}
