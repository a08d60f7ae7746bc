// A picture's movement, fetched when somebody asks how the step is done, and let go when another step comes.
import { movementAt, type Movement } from '$lib/moving';
import { MediaQuery } from 'svelte/reactivity';

/** Made while a component is. */
export class ShownMovement {
  readonly #still = new MediaQuery('(prefers-reduced-motion: reduce)', false);
  #asked = $state.raw<{ of: string; moving: Movement | null } | null>(null);
  readonly #now = $derived.by(() => (this.#asked?.of === this.from() ? this.#asked : null));
  /** What moves now; null while the picture is still. */
  readonly moving = $derived(this.#now?.moving ?? null);
  /** It was asked for and could not be had. */
  readonly failed = $derived(this.#now !== null && this.#now.moving === null);

  /** @param from address of the movement: another one is another step */
  constructor(private from: () => string) {}

  /** Three moments in the place of a loop, for whoever wants no movement. */
  get strip(): string[] | null {
    return this.moving && this.#still.current ? this.moving.strip : null;
  }

  async toggle(): Promise<void> {
    const of = this.from();
    this.#asked = this.moving ? null : { of, moving: await movementAt(of) };
  }
}
