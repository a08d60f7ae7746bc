import { onMount } from 'svelte';

/** As many as a first screen shows of a long list. */
const NEAR = 10;

/**
 * How many pictures, or rows full of marks, of a page are drawn before it runs. The others are long, nobody sees them yet, and the page draws them itself a
 * moment later. Made while a component is.
 */
export class Near {
  count = $state(NEAR);
  constructor() {
    onMount(() => (this.count = Infinity));
  }
}
